<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\RunDesk;
use App\Desks\Cards\SealDesk;
use App\Desks\Cards\StandInDesk;
use App\Desks\Cards\StruckCard;
use App\Desks\Copies\CopiesDesk;
use App\Devices\Devices;
use App\Devices\StandIn\Fault;
use App\Devices\StandIn\StandInDrive;
use App\Models\Brief\Job;
use App\Models\Cards\RunKind;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\SaveMode;

final class Simulate extends Command
{
    protected $signature = 'satchel:simulate
        {what : shoot, test, copy, camera or drive}
        {--job= : id of the job; the next one without}
        {--frames=24 : frames a body}
        {--seed=1 : the same seed, the same day}
        {--fault=* : CARD:missing, CARD:cut-short or CARD:flipped-byte, each strikes another frame}
        {--body= : camera: the label of a body}
        {--mode= : camera: mirror, overflow or split}
        {--clock= : camera: seconds its clock is ahead}
        {--number= : camera: the next frame number, 1 to 9999}
        {--drive= : drive: the name of a stand-in drive}
        {--size= : drive: its size in MB; it fills up beyond}
        {--gone-after= : drive: pulled out once so many MB were written}';

    protected $description = 'Moves the stand-ins: shoots the planned day, fires test frames, seals and copies, changes a camera '.
        'or a drive';

    public function handle(StandInDesk $desk): int
    {
        $job = BriefDesk::open((int) ($this->option('job') ?? Job::query()->orderBy('date')->value('id')));
        switch ($this->argument('what')) {
            case 'test':
                $desk->fireTestFrames($job);
                $this->line('Every body has fired at the same moment.');

                return self::SUCCESS;
            case 'camera':
                return $this->changeCamera();
            case 'drive':
                return $this->changeDrive();
            case 'copy':
                return $this->copy($job);
            case 'shoot':
                return $this->shoot($job, $desk);
            default:
                $this->error('what must be shoot, test, copy, camera or drive');

                return 2;
        }
    }

    /** What the buttons do after the day, one after the other: seal, compare, copy. The queue must be running. */
    private function copy(Job $job): int
    {
        $cards = app(CardsDesk::class)
            ->cards($job)
            ->filter(static fn (Card $c): bool => $c->folder !== null && ! app(CardsDesk::class)->lifeOf($c)->isFree());
        foreach ($cards as $card) {
            app(SealDesk::class)->seal($card);
        }
        foreach ([RunKind::Twin, RunKind::Copy] as $kind) {
            app()->forgetScopedInstances();
            $run = app(RunDesk::class)->start(
                BriefDesk::open($job->id),
                $kind,
                array_values($cards->pluck('id')->all()),
                $kind->wantsDestinations() ? array_values(app(CopiesDesk::class)->ours()->pluck('id')->all()) : [],
            );
            while ($run->refresh()->state->isUnderWay()) {
                usleep(200_000);
            }
            $this->line("{$kind->value}: {$run->state->value}");
        }

        return self::SUCCESS;
    }

    private function shoot(Job $job, StandInDesk $desk): int
    {
        $faults = [];
        foreach ((array) $this->option('fault') as $given) {
            [$card, $fault] = [...explode(':', (string) $given, 2), ''];
            $faults[] = new StruckCard(
                $card,
                Fault::tryFrom($fault) ??
                throw new \InvalidArgumentException("--fault must be CARD:missing, CARD:cut-short or CARD:flipped-byte, not {$given}"),
            );
        }
        try {
            $this->line($desk->shootDay($job, (int) $this->option('frames'), (int) $this->option('seed'), $faults).' frames are taken.');
        } catch (ValidationException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function changeCamera(): int
    {
        $body = Body::query()->whereRelation('item', 'label', (string) $this->option('body'))->first();
        $mode = $this->option('mode') === null ? null : SaveMode::tryFrom((string) $this->option('mode'));
        if ($body === null || ($this->option('mode') !== null && $mode === null)) {
            $this->error($body === null ? '--body must be the label of a body on the shelf' : '--mode must be mirror, overflow or split');

            return 2;
        }
        $camera = Devices::camera($body);
        $camera->set(
            $camera->settings()->with(
                ...array_filter(
                    [
                        'mode' => $mode,
                        'clockErrorS' => $this->option('clock') === null ? null : (int) $this->option('clock'),
                        'nextNumber' => $this->option('number') === null ? null : max(1, min(9999, (int) $this->option('number'))),
                    ],
                    static fn (mixed $change): bool => $change !== null,
                ),
            ),
        );
        $this->line("{$this->option('body')} is set.");

        return self::SUCCESS;
    }

    private function changeDrive(): int
    {
        $drive = Destination::query()->where('name', (string) $this->option('drive'))->first();
        if ($drive === null || ! Devices::isStandIn($drive->folder)) {
            $this->error('--drive must be the name of a stand-in drive');

            return 2;
        }
        StandInDrive::make(
            $drive->folder,
            (int) ($this->option('size') ?? 4000),
            $this->option('gone-after') === null ? null : (float) $this->option('gone-after'),
        );
        $this->line("{$drive->name} is set.");

        return self::SUCCESS;
    }
}
