<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;

/** A time of the plan: HH:MM, hours 00 to 47. */
final class ClockRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            ClockTime::of(is_string($value) ? $value : '');
        } catch (ImpossibleValue) {
            $fail('This must be a time as 17:05; after midnight count on, 25:30 is half past one.');
        }
    }
}
