<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use App\Http\Requests\Brief\ReadsWhere;
use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Sky\GeoPoint;

/** Where a place of a job is. */
final class PlaceRequest extends FormRequest
{
    use ReadsWhere;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['where' => ['required', 'string', 'max:500', $this->isOnePlace(...)]];
    }

    public function point(): GeoPoint
    {
        return $this->pointTyped() ?? throw new \LogicException('The rules let nothing else through.');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'A town, coordinates, or a link from a map.'];
    }
}
