<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Place;
use App\Models\Segment;
use Illuminate\Foundation\Http\FormRequest;

/** A segment of the day. */
final class SegmentRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'start_clock' => ['required', new ClockRule],
            'minutes' => ['required', 'integer', 'between:1,1440'],
            'priority' => ['required', 'in:must,should,nice'],
            'lane' => ['required', 'in:lead,second'],
            'place_name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'minutes.integer' => 'This must be a whole number of minutes.',
            'minutes.between' => 'A segment lasts from 1 to 1440 minutes.',
        ];
    }

    /** @return array<string, mixed> what is stored; a place that is not known yet is made, without coordinates */
    public function fields(Job $job): array
    {
        $name = trim((string) $this->input('place_name'));
        $place = $name === '' ? null : Place::query()->firstOrCreate(['name' => $name], ['timezone' => $job->place->timezone]);

        return [
            'title' => (string) $this->input('title'),
            'start_clock' => (string) $this->input('start_clock'),
            'minutes' => $this->integer('minutes'),
            'priority' => (string) $this->input('priority'),
            'lane' => (string) $this->input('lane'),
            'place_id' => $place?->id,
            'is_outdoor' => $this->boolean('is_outdoor'),
            'is_anchor' => $this->boolean('is_anchor'),
        ];
    }
}
