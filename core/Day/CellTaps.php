<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** Charged cells put into bodies, by their taps; one that takes back takes the last one before it. */
final class CellTaps
{
    /**
     * @param  list<Tap>  $taps  in the order of their times
     * @return array<int, list<float>> by body, when it got each fresh cell, Unix seconds
     */
    public static function of(array $taps): array
    {
        $cells = [];
        foreach ($taps as $tap) {
            $body = $tap->subject();
            if ($tap->kind === TapKind::NewCell) {
                $cells[$body][] = $tap->at;
            } elseif ($tap->kind === TapKind::OldCell && isset($cells[$body])) {
                array_pop($cells[$body]);
            }
        }

        return array_filter($cells);
    }
}
