<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Priority;

/** Made-up gear and days for the tests. */
trait GearHelp
{
    /** @param  array<string, int|float|string|bool>  $specs */
    private static function gear(int $id, string $label, GearKind $kind, array $specs = [], ?int $grams = null): Gear
    {
        return new Gear($id, $label, $kind, $specs, $grams);
    }

    private static function body(int $id, string $label, float $crop = 1.0, int $grams = 700): Gear
    {
        return self::gear(
            $id,
            $label,
            GearKind::Body,
            [
                'mount' => 'OV',
                'crop_factor' => $crop,
                'cell_type' => 'OV-16',
                'raw_mb' => 50.0,
                'jpeg_mb' => 10.0,
                'frames_per_charge' => 600,
                'standby_hours_per_charge' => 40.0,
            ],
            $grams,
        );
    }

    private static function lens(int $id, string $label, int $from, int $to, float $stop, int $grams = 700): Gear
    {
        return self::gear(
            $id,
            $label,
            GearKind::Lens,
            ['mount' => 'OV', 'focal_min_mm' => $from, 'focal_max_mm' => $to, 'widest_stop' => $stop],
            $grams,
        );
    }

    /** @return list<Gear> */
    private static function cells(int $firstId, int $count): array
    {
        return array_map(
            static fn (int $i): Gear => self::gear(
                $firstId + $i,
                'Cell '.($i + 1),
                GearKind::Cell,
                ['cell_type' => 'OV-16', 'cell_wh' => 16.0],
                75,
            ),
            range(0, $count - 1),
        );
    }

    /** @return list<Gear> */
    private static function cards(int $firstId, int $count, float $gb = 128.0): array
    {
        return array_map(
            static fn (int $i): Gear => self::gear($firstId + $i, 'Card '.($i + 1), GearKind::Card, ['capacity_gb' => $gb], 3),
            range(0, $count - 1),
        );
    }

    /**
     * @param  list<array{string, string, int, int|null}>  $shots  what, priority, frames, focal length
     * @param  list<string>  $lanes
     */
    private static function stretch(
        int $id,
        string $title,
        int $hour,
        int $minutes,
        array $shots,
        array $lanes = ['lead'],
        ?float $ev = 7.0,
        int $place = 1,
        string $priority = 'must',
    ): PlannedStretch {
        $from = 1_900_000_000 + $hour * 3600;

        return new PlannedStretch(
            $id,
            $title,
            $lanes,
            $from,
            $from + 60 * $minutes,
            sprintf('%02d:00', $hour),
            $place,
            Priority::from($priority),
            $ev,
            array_map(static fn (array $s): PlannedShot => new PlannedShot($s[0], Priority::from($s[1]), $s[2], $s[3]), $shots),
        );
    }
}
