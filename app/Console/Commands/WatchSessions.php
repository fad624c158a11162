<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desks\Copies\SessionWatch;
use App\Desks\Wrap\BoardsDesk;
use App\Devices\AllowedRoots;
use App\Models\Copies\SessionFolder;
use Illuminate\Console\Command;

/** Looks at every session folder that is to be watched, twice a second, until it is told to stop. */
final class WatchSessions extends Command
{
    private const EVERY_MICROSECONDS = 500_000;

    private const ASK_EVERY_S = 2.0;

    protected $signature = 'satchel:watch {--for= : seconds; until it is stopped where nothing is said}';

    protected $description = 'Copy what capture programs write into session folders, as soon as it is whole';

    public function handle(): int
    {
        $end = $this->option('for') === null ? null : microtime(true) + (float) $this->option('for');
        $watches = [];
        $asked = 0.0;
        while ($end === null || microtime(true) < $end) {
            if (microtime(true) - $asked > self::ASK_EVERY_S) {
                $asked = microtime(true);
                app()->forgetScopedInstances();
                app()->forgetInstance(AllowedRoots::class);
                $watches = self::watches($watches);
            }
            foreach ($watches as [, $watch, $job]) {
                if ($watch->look(microtime(true)) > 0) {
                    BoardsDesk::readSoon($job);
                }
            }
            usleep(self::EVERY_MICROSECONDS);
        }

        return self::SUCCESS;
    }

    /**
     * @param  array<int, array{string, SessionWatch, int}>  $had  by folder: what it was told, its watch, and its job
     * @return array<int, array{string, SessionWatch, int}>
     */
    private static function watches(array $had): array
    {
        $watches = [];
        foreach (SessionFolder::query()->with(['automatic', 'byHand'])->where('is_watched', true)->get() as $folder) {
            $told = "{$folder->folder} {$folder->automatic_id} {$folder->by_hand_id}";
            $watches[$folder->id] = ($had[$folder->id][0] ?? null) === $told
                ? $had[$folder->id]
                : [$told, new SessionWatch($folder), $folder->job_id];
        }

        return $watches;
    }
}
