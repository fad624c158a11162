<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Bundle\BundleValue as V;
use App\Http\Controllers\Copies\FolderController;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Time\Lane;

/** What every value of a bundle's kit, cards and copies may be: the same bounds that the forms have. */
final class BundleGearRules
{
    private const FAR_S = 8_000_000_000;

    private const LARGE = 100_000_000;

    /** @return array<string, BundleValue> by column */
    public static function of(string $table): array
    {
        $words = BundleRules::words(...);
        $lane = V::oneOf($words(Lane::class));

        return match ($table) {
            'items' => [
                'kind' => V::oneOf($words(GearKind::class)),
                'label' => V::name(80),
                'description' => V::text(300),
                'focal_min_mm' => V::whole(1, 5000),
                'focal_max_mm' => V::whole(1, 5000),
                'cell_type' => V::text(40),
                'specs' => V::anything(10_000),
                'weight_g' => V::whole(0, 200_000),
                'lead_days' => V::whole(0, 3650),
                'ownership' => V::oneOf($words(Ownership::class)),
                'from_whom' => V::text(120),
                'due_on' => V::day(),
                'bought_on' => V::day(),
                'returned_on' => V::day(),
            ],
            'bodies' => [
                'serial' => V::name(80),
                'raw_mb' => V::number(0, 2000)->needed(),
                'jpeg_mb' => V::number(0, 500)->needed(),
                'frames_per_charge' => V::whole(1, 100_000)->needed(),
                'standby_hours_per_charge' => V::number(0.01, 10_000)->needed(),
                'crop_factor' => V::number(0.1, 10)->needed(),
                'planned_mode' => V::oneOf($words(SaveMode::class)),
            ],
            'cards' => ['capacity_gb' => V::number(0.001, 100_000)->needed()],
            'packing' => ['lane' => $lane],
            'card_events' => [
                'event_id' => V::text(60),
                'slot' => V::whole(0, 9),
                'kind' => V::oneOf($words(CardEventKind::class)),
                'data' => V::anything(4_000_000),
                'at' => V::moment(),
            ],
            'clock_offsets' => ['offset_s' => V::whole(-self::LARGE, self::LARGE)->needed(), 'how' => V::name(80), 'at' => V::moment()],
            'frames' => [
                'fill' => V::whole(1, 1_000_000)->needed(),
                'path' => V::name(1024),
                'kind' => V::text(10),
                'bytes' => V::whole(0, PHP_INT_MAX >> 8)->needed(),
                'modified_at' => V::whole(-self::FAR_S, self::FAR_S)->needed(),
                'hash' => V::read(
                    'must be a hash',
                    128,
                    static fn (string $v): bool => ctype_xdigit($v) ?: throw \NorthSatchel\ImpossibleValue::of('hash', 'must be one'),
                ),
                'taken_at' => V::whole(-self::FAR_S, self::FAR_S),
                'body_serial' => V::text(80),
                'lens' => V::text(120),
                'shutter_s' => V::number(0, 1e6),
                'f_number' => V::number(0, 1000),
                'iso' => V::whole(0, 100_000_000),
                'seal' => V::whole(1, 1_000_000)->needed(),
            ],
            'frame_claims' => [
                'fill' => V::whole(1, 1_000_000)->needed(),
                'from_taken' => V::whole(-self::FAR_S, self::FAR_S),
                'to_taken' => V::whole(-self::FAR_S, self::FAR_S),
                'words' => V::text(300),
                'at' => V::moment(),
            ],
            'destinations' => [
                'name' => V::name(60),
                'kept' => V::oneOf(array_keys(FolderController::KEPT)),
                'device_kind' => V::oneOf(Destination::KINDS),
                'mb_per_s' => V::number(0.001, 100_000)->needed(),
                'route' => V::name(60),
            ],
            'copy_events' => [
                'fill' => V::whole(1, 1_000_000)->needed(),
                'kind' => V::oneOf($words(CopyState::class)),
                'bag' => V::name(300),
                'device' => V::text(300),
                'data' => V::anything(100_000),
                'at' => V::moment(),
            ],
            default => throw new \OutOfBoundsException("No rules for {$table}."),
        };
    }
}
