<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desks\BriefDesk;
use App\Desks\StandInDesk;
use App\Devices\StandIn\Fault;
use App\Models\Job;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

final class Simulate extends Command
{
    protected $signature = 'satchel:simulate
        {what : shoot or test}
        {--job= : id of the job; the next one without}
        {--frames=24 : frames a body}
        {--seed=1 : the same seed, the same day}
        {--fault=* : CARD:missing, CARD:cut-short or CARD:flipped-byte, each strikes another frame}';

    protected $description = 'Shoots with the stand-in cameras: the planned day, or a test frame with every body';

    public function handle(StandInDesk $desk): int
    {
        $job = BriefDesk::open((int) ($this->option('job') ?? Job::query()->orderBy('date')->value('id')));
        if ($this->argument('what') === 'test') {
            $desk->fireTestFrames($job);
            $this->line('Every body has fired at the same moment.');

            return self::SUCCESS;
        }
        if ($this->argument('what') !== 'shoot') {
            $this->error('what must be shoot or test');

            return 2;
        }
        $faults = [];
        foreach ((array) $this->option('fault') as $given) {
            [$card, $fault] = [...explode(':', (string) $given, 2), ''];
            $faults[] = [$card, Fault::tryFrom($fault) ?? throw new \InvalidArgumentException("--fault must be CARD:missing, CARD:cut-short or CARD:flipped-byte, not {$given}")];
        }
        try {
            $this->line($desk->shootDay($job, (int) $this->option('frames'), (int) $this->option('seed'), $faults).' frames are taken.');
        } catch (ValidationException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
