<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Brief\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Two who must not see each other. */
final class SeparationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $job = $this->route('job');

        return [
            'first' => ['required', 'string', 'max:80'],
            'second' => ['required', 'string', 'max:80', 'different:first'],
            'until' => ['nullable', 'integer', Rule::exists('segments', 'id')->where('job_id', $job instanceof Job ? $job->id : $job)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'different' => 'Two different people.'];
    }
}
