<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Scout\Ground\GroundZone;

/** What zones are worth in each period, and who was chosen for which post; fields by number, for names may hold anything. */
final class CoverRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'worth' => ['array', 'max:100'],
            'worth.*' => ['array', 'max:60'],
            'worth.*.*' => ['nullable', 'integer', 'between:0,'.GroundZone::MOST_WORTH],
            'hand' => ['array', 'max:100'],
            'hand.*' => ['array', 'max:20'],
            'hand.*.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['integer' => 'Worth is a whole number.', 'between' => 'From 0 to '.GroundZone::MOST_WORTH.'.'];
    }

    /**
     * @param  list<GroundZone>  $zones  in the order of the fields
     * @return array<int, array<string, int>> by segment and zone, where it differs from the usual
     */
    public function worth(array $zones): array
    {
        $worth = [];
        foreach ($this->validated('worth') ?? [] as $segment => $row) {
            foreach ($zones as $number => $zone) {
                $value = $row[$number] ?? null;
                if ($value !== null && (int) $value !== $zone->worth) {
                    $worth[(int) $segment][$zone->name] = (int) $value;
                }
            }
        }

        return $worth;
    }

    /** @return array<int, array<string, string|null>> by segment and photographer */
    public function hand(): array
    {
        return $this->validated('hand') ?? [];
    }
}
