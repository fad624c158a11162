<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Cards\Run;
use NorthSatchel\Copies\CopyPhase;
use NorthSatchel\Copies\Progress;
use NorthSatchel\Volume\Names;

/** Writes the progress of a run down, a few times a second, and hears when somebody asks for a pause. */
final class RunProgress implements Progress
{
    private const EVERY_S = 0.25;

    private float $toldAt = 0.0;

    private int $before = 0;

    private int $now = 0;

    public function __construct(private readonly Run $run) {}

    public function at(CopyPhase $phase, int $bytesDone, int $bytesTotal, string $file): void
    {
        $this->now = $bytesDone;
        $this->tell($phase->value, $file);
    }

    public function add(int $bytes, string $file): void
    {
        $this->now += $bytes;
        $this->tell('verifying', $file);
    }

    /** Progress of work that is counted in files: a share of the whole. */
    public function share(float $share, string $file): void
    {
        $this->now = (int) ($share * $this->run->bytes_total);
        $this->tell('comparing', $file);
    }

    public function nextCard(): void
    {
        $this->before += $this->now;
        $this->now = 0;
    }

    /** @throws RunPaused */
    private function tell(string $phase, string $file): void
    {
        if (microtime(true) - $this->toldAt < self::EVERY_S) {
            return;
        }
        $this->toldAt = microtime(true);
        if (Run::query()->whereKey($this->run->id)->value('pause_asked')) {
            throw new RunPaused;
        }
        $this->run->update([
            'phase' => $phase,
            'doing' => Names::printable(basename($file)),
            'bytes_done' => min($this->before + $this->now, $this->run->bytes_total),
            'told_at' => $this->toldAt,
        ]);
    }
}
