<?php

declare(strict_types=1);

namespace App\Http\Requests\Brief;

use App\Desks\Brief\Gazetteer;
use App\Desks\Brief\Town;
use Closure;
use NorthSatchel\Sky\Coordinates;
use NorthSatchel\Sky\GeoPoint;

/** A field in which people say where something is: a town, coordinates, or a link from a map. */
trait ReadsWhere
{
    /** Null where nothing was typed, or it is not one place. */
    private function pointTyped(): ?GeoPoint
    {
        $words = $this->typed('where');

        return $words === '' ? null : Coordinates::read($words) ?? app(Gazetteer::class)->one($words)?->point();
    }

    private function isOnePlace(string $attribute, mixed $value, Closure $fail): void
    {
        if ($this->pointTyped() !== null) {
            return;
        }
        $gazetteer = app(Gazetteer::class);
        $towns = $gazetteer->find($this->typed('where'));
        $others = $towns === [] ? $gazetteer->called($this->typed('where')) : [];
        $fail(
            match (true) {
                $towns !== [] => 'Which of them: '.Town::told($towns).'? Write it with its region or country.',
                $others !== [] => 'None of that name is known there. Known are '.Town::told($others).
                    ': write the one that is meant, a larger town nearby, or a link from a map.',
                default => 'No town of that name is known here, and it holds no coordinates. Try a larger town nearby, or a link from a map.',
            },
        );
    }

    /** Which town was taken, in a sentence; empty where none was typed. */
    public function townTaken(): string
    {
        $words = $this->typed('where');
        $town = $words === '' || Coordinates::read($words) !== null ? null : app(Gazetteer::class)->one($words);

        return $town === null ? '' : " It lies at {$town->words()}.";
    }

    /** What was typed into a field; nothing where it is no text. */
    private function typed(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) ? $typed : '';
    }
}
