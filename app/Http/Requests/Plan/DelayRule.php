<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Contracts\Validation\ValidationRule;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Span;

/** A delay as people type it, up to half a day. */
final class DelayRule implements ValidationRule
{
    public const LONGEST = 720;

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            $minutes = Span::ofHours(is_scalar($value) ? (string) $value : '');
            if ($minutes < 1 || $minutes > self::LONGEST) {
                $fail('Between a minute and twelve hours, please.');
            }
        } catch (ImpossibleValue $e) {
            $fail("It {$e->must}.");
        }
    }
}
