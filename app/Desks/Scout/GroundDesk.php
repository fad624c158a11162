<?php

declare(strict_types=1);

namespace App\Desks\Scout;

use App\Models\Brief\Place;
use App\Models\Scout\GroundRecord;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundKind;

/** The grounds of places, remembered for the next job there. */
final class GroundDesk
{
    public function of(int $placeId): ?GroundRecord
    {
        return GroundRecord::query()->where('place_id', $placeId)->first();
    }

    /** As it is stored; what was stored could be read when it was. */
    public static function read(GroundRecord $record): Ground
    {
        return Ground::read(
            $record->kind,
            $record->length_m,
            $record->width_m,
            $record->bearing_deg,
            (string) $record->zones,
            (string) $record->posts,
            (string) $record->ways,
            (string) $record->outline,
        );
    }

    /**
     * A usual one, to begin with; where there is one it goes, if that is meant.
     *
     * @throws ValidationException where there is one, and nobody said that it may go
     */
    public function layOut(Place $place, GroundKind $kind, bool $isAnew): void
    {
        if (! $isAnew && $this->of($place->id) !== null) {
            throw ValidationException::withMessages([
                'kind' => 'A ground is laid out here already: tick that it is laid out anew. Nothing was changed.',
            ]);
        }
        GroundRecord::query()->updateOrCreate(['place_id' => $place->id], [
            'kind' => $kind,
            'length_m' => $kind->lengthM(),
            'width_m' => $kind->widthM(),
            'bearing_deg' => 0.0,
            'zones' => $kind->zones(),
            'posts' => $kind->posts(),
            'ways' => '',
            'outline' => '',
        ]);
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(GroundRecord $record): void
    {
        self::read($record);
        $record->save();
    }
}
