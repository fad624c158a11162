<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Desks\People\TypedGroup;
use App\Http\Requests\Plan\SegmentRequest;
use App\Models\People\FormalGroup;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Priority;

/** A group of the family. */
final class GroupRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $group = $this->route('group');
        $jobId = $group instanceof FormalGroup ? $group->job_id : $this->route('job');

        return [
            'after' => ['nullable', 'integer', Rule::exists('formal_groups', 'id')->where('job_id', $jobId)],
            'title' => ['required', 'string', 'max:120'],
            'people' => ['required', 'string', 'max:4000'],
            'priority' => ['required', Rule::enum(Priority::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.'];
    }

    public function group(): TypedGroup
    {
        $given = $this->validated();

        return new TypedGroup(
            (string) $given['title'],
            SegmentRequest::names((string) $given['people']),
            (string) $given['priority'],
            isset($given['after']) ? (int) $given['after'] : null,
        );
    }
}
