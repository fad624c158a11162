<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Brief\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How the groups are called: in which segment, and whether everybody stands by. */
final class SettingsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $job = $this->route('job');

        return [
            'formals_segment_id' => ['nullable', 'integer', Rule::exists('segments', 'id')->where('job_id', $job instanceof Job ? $job->id : $job)],
        ];
    }
}
