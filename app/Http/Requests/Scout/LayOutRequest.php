<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Scout\Ground\GroundKind;

/** A usual ground, to begin with. */
final class LayOutRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(GroundKind::class)], 'anew' => ['nullable', 'boolean']];
    }

    public function kind(): GroundKind
    {
        return GroundKind::from((string) $this->validated('kind'));
    }
}
