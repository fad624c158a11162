<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cards;

use App\Desks\Cards\RunDesk;
use App\Models\Brief\Job;
use App\Models\Cards\RunState;
use NorthSatchel\Copies\Pace;

/** The last run of a job, as its panel shows it. */
final class RunView
{
    /** @return array<string, mixed>|null */
    public static function of(Job $job, string $url): ?array
    {
        $desk = app(RunDesk::class);
        $run = $desk->last($job);
        if ($run === null) {
            return null;
        }
        $isActive = $desk->active($job) !== null;
        $pace = Pace::of($run->bytes_done, $run->bytes_total, max(0.001, ($run->told_at ?? 0) - ($run->started_at ?? 0)));

        return [
            'url' => $url,
            'title' => $run->kind->title(),
            'state' => $desk->isSilent($run) ? 'stopped without a word; start it again, it goes on where it was' : $run->state->value,
            'isActive' => $isActive,
            'isPausing' => $isActive && $run->pause_asked,
            'isPaused' => $run->state === RunState::Paused,
            'job' => $job->id,
            'percent' => round($pace->share * 100, 1),
            'pace' => $pace->text(),
            'doing' => trim($run->phase.' '.$run->doing),
            'report' => $run->report ?? [],
        ];
    }
}
