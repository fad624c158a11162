<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Boards\BoardCode;
use NorthSatchel\Plan\Boards\ProductText;
use NorthSatchel\Time\ClockTime;

/** How stand-in cameras shoot a catalogue: the board of each product, then its frames. */
final class ProductMoments
{
    private const APART_S = 20;

    private const BETWEEN_S = 150;

    /** @return list<ShotMoment> none where no products are listed */
    public static function of(Job $job): array
    {
        try {
            $record = StudioRecord::query()->where('job_id', $job->id)->first();
            $products = ProductText::read((string) $record?->products);
        } catch (ImpossibleValue) {
            return [];
        }
        if ($record === null) {
            return [];
        }
        $at = JobDay::of($job)->instantOf(ClockTime::of($job->covered_from));
        $moments = [];
        foreach ($products as $product) {
            $moments[] = new ShotMoment($at, "Board {$product->number}", BoardCode::of($record->boardKey(), $product->number));
            for ($i = 0; $i < $product->wanted; $i++) {
                $moments[] = new ShotMoment($at += self::APART_S, $product->name);
            }
            $at += self::BETWEEN_S;
        }

        return $moments;
    }
}
