<?php

declare(strict_types=1);

namespace App\Http\Requests\Day;

use App\Devices\StandIn\PretendedClock;
use Illuminate\Foundation\Http\FormRequest;

/** From when a day of the demo is played, and how fast. */
final class PlayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'play_clock' => ['required', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/'],
            'speed' => ['required', 'integer', 'between:1,'.PretendedClock::FASTEST],
        ];
    }
}
