<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Brief\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Stops\Restack;
use NorthSatchel\Time\ClockTime;

/** From where and when one sets out on a day with several jobs, and which of them are put off. */
final class SeveralJobsRequest extends FormRequest
{
    private const SET_OUT = '07:00';

    protected function prepareForValidation(): void
    {
        if (is_string($this->input('from'))) {
            $this->merge(['from' => ClockTime::asTyped($this->input('from'))]);
        }
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $must = $this->is('*/restack') ? 'required' : 'nullable';

        return [
            'from' => ['nullable', new ClockRule()],
            'home' => ['nullable', 'integer', 'exists:places,id'],
            'jobs' => [$must, 'array', 'max:'.Restack::MOST_JOBS],
            'jobs.*' => ['integer', Rule::exists(Job::class, 'id')],
            'dates' => [$must, 'array', 'max:'.Restack::MOST_DAYS],
            'dates.*' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'jobs.required' => 'Choose the jobs that are put off.',
            'jobs.max' => 'Six jobs at most.',
            'dates.*.date_format' => 'This must be a day of the calendar.',
            'dates.required' => 'Choose at least one day.',
        ];
    }

    /** In minutes since midnight. */
    public function setsOutAt(): int
    {
        return ClockTime::of($this->filled('from') ? (string) $this->input('from') : self::SET_OUT)->minutes;
    }

    /** The place from where one sets out. */
    public function home(): ?int
    {
        return $this->filled('home') ? $this->integer('home') : null;
    }

    /** @return list<string> */
    public function dates(): array
    {
        return array_values(array_unique(array_filter(array_map(strval(...), (array) $this->input('dates')))));
    }
}
