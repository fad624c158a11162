<?php

declare(strict_types=1);

namespace App\Models\Plan;

/** The parts of a segment's form. */
enum SegmentFieldset
{
    case First;
    case Light;
    case Late;

    /** @return list<string> names of its fields, to open it where one is wrong */
    public function names(): array
    {
        return array_map(static fn (SegmentField $field): string => $field->name, SegmentField::of($this));
    }
}
