<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\CountedNeed;
use NorthSatchel\Kit\LosableThing;
use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\SaveMode;

/** What the kit must hold. */
final class KitTopics
{
    /** @return array<string, int|float|null> */
    public static function cardBudget(\stdClass $input): array
    {
        $in = new Fields($input, ['frames', 'raw_mb', 'jpeg_mb', 'save_mode', 'slot_gb', 'reserve']);
        [$first, $second] = $in->numbers('slot_gb', length: 2, min: 0);
        $budget = CardBudget::of(
            frames: $in->whole('frames', min: 0),
            rawMb: $in->number('raw_mb', min: 0),
            jpegMb: $in->number('jpeg_mb', min: 0),
            mode: $in->oneOf('save_mode', SaveMode::class),
            slotGb: [$first, $second],
            reserve: $in->number('reserve', min: 0, below: 1, default: 0),
        );

        return ['frames_per_set' => $budget->framesPerSet, 'card_sets' => $budget->cardSets, 'gb_total' => $budget->gbTotal];
    }

    /** @return array<string, mixed> */
    public static function loseOne(\stdClass $input): array
    {
        $in = new Fields($input, ['items', 'needs', 'losses']);
        $things = $needs = [];
        foreach ($in->objects('items', ['id', 'gives', 'requires']) as $f) {
            $things[$f->newId($things)] = new LosableThing($f->texts('gives', isOptional: false), $f->texts('requires'));
        }
        foreach ($in->objects('needs', ['id', 'capability', 'count']) as $f) {
            $needs[$f->newId($needs)] = new CountedNeed($f->text('capability'), $f->wholeIfGiven('count', 1) ?? 1);
        }
        $losses = $in->wholeIfGiven('losses', 1, 2) ?? 1;
        $lose = new LoseOne($things, $needs);

        return ['met' => $lose->met, 'unmet' => $lose->unmet, 'breaks' => $lose->breaks($losses)];
    }

    /** @return array<string, int|float> */
    public static function batteryBudget(\stdClass $input): array
    {
        $in = new Fields($input, ['frames', 'frames_per_charge', 'hours_standby', 'standby_hours_per_charge', 'temperature_c', 'reserve']);
        $budget = BatteryBudget::of(
            frames: $in->whole('frames', min: 0),
            framesPerCharge: $in->number('frames_per_charge', above: 0),
            hoursStandby: $in->number('hours_standby', min: 0),
            standbyHoursPerCharge: $in->number('standby_hours_per_charge', above: 0),
            temperatureC: $in->number('temperature_c', min: -273.15, max: 1000),
            reserve: $in->number('reserve', min: 0, below: 1, default: 0),
        );

        return ['charges' => $budget->charges, 'derate' => $budget->derate];
    }
}
