<?php

declare(strict_types=1);

namespace App\Http\Requests\Day;

use App\Desks\Day\DayShare;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whom a link to the day is for. */
final class DayShareRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(DayShare::class)]];
    }

    public function kind(): DayShare
    {
        return DayShare::from((string) $this->string('kind'));
    }
}
