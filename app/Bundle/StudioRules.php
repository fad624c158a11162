<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Bundle\BundleValue as V;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\People\Crew\CrewText;
use NorthSatchel\People\Crew\FloorPlan;
use NorthSatchel\Plan\Boards\ProductText;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Setups\ElementText;

/** What may stand in the lists of a studio job. */
final class StudioRules
{
    /** @return array<string, V> by column */
    public static function columns(): array
    {
        return [
            'elements' => V::read('must be elements as they are typed', 12_000, ElementText::read(...)),
            'changes' => V::text(6000),
            'change_minutes' => V::whole(0, 600)->needed(),
            'begins_clock' => V::clock(),
            'lights' => V::read('must be the light of setups as it is typed', 12_000, LightsText::read(...)),
            'floor' => V::read('must be a floor plan as it is typed', 4000, FloorPlan::read(...)),
            'looks' => V::read('must be looks as they are typed', 12_000, LooksText::read(...)),
            'look_minutes' => V::whole(1, 1440)->needed(),
            'look_hands' => V::whole(1, 9)->needed(),
            'rooms' => V::read('must be rooms as they are typed', 8000, RoomText::read(...)),
            'crew' => V::read('must be a call sheet as it is typed', 12_000, CrewText::read(...)),
            'hospital' => V::text(200),
            'parking' => V::text(200),
            'call_note' => V::text(2000),
            'products' => V::read('must be products as they are typed', 20_000, ProductText::read(...)),
            'board_key' => V::whole(1, 999_999_999),
            'measured' => V::read('must be the light of setups as it is typed', 12_000, LightsText::read(...)),
        ];
    }
}
