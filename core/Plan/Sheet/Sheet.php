<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sheet;

use NorthSatchel\Plan\Audience;

/**
 * What one audience may read of the day. A photographer sees the own lane with its shots; coordinator and
 * client see all lanes without shots. An item hidden from an audience is left out whole, for the owner too
 * where he prints that audience's sheet.
 */
final readonly class Sheet
{
    /** @param  list<SheetRow>  $rows in the order of time */
    private function __construct(public Audience $audience, public array $rows) {}

    /** @param  list<SheetRow>  $rows */
    public static function for(Audience $audience, array $rows): self
    {
        $seen = [];
        foreach ($rows as $row) {
            $isOthers = $audience->isPhotographer() && ! $row->isOf($audience->value);
            if ($isOthers || in_array($audience, $row->hiddenFrom, true)) {
                continue;
            }
            $seen[] = $row->with($audience->isPhotographer() ? self::shotsFor($audience, $row->shots) : []);
        }
        usort($seen, static fn (SheetRow $a, SheetRow $b): int => [$a->startsAt, $a->id] <=> [$b->startsAt, $b->id]);

        return new self($audience, $seen);
    }

    /**
     * @param  list<SheetShot>  $shots
     * @return list<SheetShot>
     */
    private static function shotsFor(Audience $audience, array $shots): array
    {
        return array_values(array_filter($shots, static fn (SheetShot $s): bool => ! in_array($audience, $s->hiddenFrom, true)));
    }
}
