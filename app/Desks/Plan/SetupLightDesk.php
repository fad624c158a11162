<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Lights\LightsJudge;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\Verdicts;

/** What stands where around the subject of each setup. */
final readonly class SetupLightDesk
{
    public function __construct(private ElementsDesk $elements) {}

    public function of(Job $job): StudioRecord
    {
        return $this->elements->of($job);
    }

    /**
     * @return list<SetupLight>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function lights(StudioRecord $record): array
    {
        return LightsText::read((string) $record->lights);
    }

    /** @return list<SetupLight> of a job in which the light of a setup is written and can be read; else none */
    public function written(Job $job): array
    {
        try {
            return BriefDesk::has($job, 'lights') ? self::lights($this->of($job)) : [];
        } catch (ImpossibleValue) {
            return [];
        }
    }

    /** @throws ImpossibleValue naming the field, and the line of it */
    public static function judge(StudioRecord $record): LightsJudge
    {
        return new LightsJudge(self::lights($record), ElementsDesk::list($record), LightsText::read((string) $record->measured, 'measured'));
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(StudioRecord $record): void
    {
        self::judge($record);
        $record->save();
    }

    /** Of a job in which the light of a setup is written; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'lights')) {
            return new Verdicts();
        }
        try {
            return self::judge($this->of($job))->verdicts();
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
