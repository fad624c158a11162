<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The spot that a segment goes to: one of the places of its job. */
final class SegmentSpotRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $segment = $this->route('segment');
        $job = $segment instanceof Segment ? $segment->job_id : 0;
        $places = Segment::query()->where('job_id', $job)->whereNotNull('place_id')->pluck('place_id');
        $places->push(Job::query()->findOrFail($job)->place_id);

        return ['spot' => ['required', 'integer', Rule::exists('spots', 'id')->whereIn('place_id', $places->unique()->values()->all())]];
    }
}
