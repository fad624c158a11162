<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Drawing\Point;

/** What was tapped on a test picture, as shares of its width and height. */
final class MeasureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $share = ['nullable', 'numeric', 'between:0,1'];

        return [
            'foot_x' => ['required', ...$share],
            'foot_y' => ['required', ...$share],
            'top_x' => ['required', ...$share],
            'top_y' => ['required', ...$share],
            'edge_x' => $share,
            'edge_y' => $share,
            'eye_m' => ['required', 'numeric', 'between:0.1,10'],
            'distance_m' => ['nullable', 'numeric', 'gt:0', 'max:20000'],
            'name' => ['required_if:keep,thing,zone', 'nullable', 'string', 'max:60'],
            'post' => ['required_if:keep,zone', 'nullable', 'string', 'max:60'],
            'keep' => ['required', 'in:no,thing,skyline,zone'],
        ];
    }

    /** A tap of those that were given, as shares of the picture's width and height. */
    public function point(string $tap): ?Point
    {
        $given = $this->validated();

        return isset($given["{$tap}_x"], $given["{$tap}_y"]) ? new Point((float) $given["{$tap}_x"], (float) $given["{$tap}_y"]) : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'foot_x.required' => 'Tap the foot of the thing in the picture.',
            'top_x.required' => 'Tap its top.',
            'numeric' => 'This must be a number.',
            'gt' => 'This must be above 0.',
            'name.required_if' => 'Name the thing.',
            'post.required_if' => 'From which post was it taken?',
            'between' => 'The camera is held between 0.1 and 10 m up.',
        ];
    }
}
