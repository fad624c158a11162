<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\RunDesk;
use App\Desks\Copies\CopiesDesk;
use App\Desks\Copies\GridRow;
use App\Models\Cards\RunKind;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Copies\Audit\AuditJudge;

/** Reads back what was last verified too long ago; for the timer of the machine. */
final class VerifyAgain extends Command
{
    protected $signature = 'satchel:verify-again {--all : everything, however lately it was read}';

    protected $description = 'Verify copies again whose last verification is older than the rule allows';

    public function handle(CopiesDesk $copies, RunDesk $runs): int
    {
        $started = 0;
        foreach (BriefDesk::all() as $job) {
            $grid = array_values(
                array_filter(
                    $copies->grid($job),
                    static fn (GridRow $row): bool => $row->state !== 'formatted' && $row->isSealed && $row->verified > 0,
                ),
            );
            $isStale = array_filter(AuditJudge::of($copies->audit($job)), static fn ($v): bool => $v->code === 'audit.stale') !== [];
            if ($grid === [] || (! $isStale && ! $this->option('all'))) {
                continue;
            }
            try {
                $runs->start(
                    $job,
                    RunKind::Verify,
                    array_map(static fn (GridRow $row): int => $row->card->id, $grid),
                    array_values($copies->ours()->map(static fn ($d): int => $d->id)->all()),
                );
                $this->line("{$job->name}: ".count($grid).' card loads are read back.');
                $started++;
            } catch (ValidationException $e) {
                $this->warn("{$job->name}: {$e->getMessage()}");
            }
        }
        $this->line($started === 0 ? 'Nothing is due.' : 'The queue does the rest.');

        return self::SUCCESS;
    }
}
