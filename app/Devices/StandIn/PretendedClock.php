<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;

/** The clock of the demo, set to another hour and faster where somebody plays the day. Real clocks are never touched. */
final readonly class PretendedClock
{
    public const FASTEST = 240;

    private function __construct(private float $from, private float $since, public int $speed) {}

    /** @param  float  $from  Unix seconds at which it begins */
    public static function set(float $from, int $speed): void
    {
        self::write(json_encode(['from' => $from, 'since' => microtime(true), 'speed' => max(1, min(self::FASTEST, $speed))], JSON_THROW_ON_ERROR));
    }

    public static function stop(): void
    {
        self::write('');
    }

    /** Null where the real clock goes. */
    public static function running(): ?self
    {
        $text = config('satchel.demo') ? (string) @file_get_contents(self::file()) : '';
        $given = $text === '' ? null : json_decode($text, true);

        return is_array($given) ? new self((float) $given['from'], (float) $given['since'], (int) $given['speed']) : null;
    }

    /** Unix seconds. */
    public function now(): float
    {
        return $this->from + (microtime(true) - $this->since) * $this->speed;
    }

    /**
     * What a page needs to go along with it: seconds ahead of the real clock, and how fast.
     *
     * @return array{ahead: float, speed: int}
     */
    public function ofPages(): array
    {
        return ['ahead' => round($this->now() - microtime(true), 3), 'speed' => $this->speed];
    }

    public function forPages(): string
    {
        return json_encode($this->ofPages(), JSON_THROW_ON_ERROR);
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     */
    public function during(\Closure $do): mixed
    {
        // Of the real time that it is given, for making one anew would ask for the time again.
        Carbon::setTestNow(fn (CarbonInterface $real): CarbonInterface => $real->setTimestamp((int) $this->now()));
        try {
            return $do();
        } finally {
            Carbon::setTestNow();
        }
    }

    private static function write(string $text): void
    {
        file_put_contents(self::file(), $text);
    }

    private static function file(): string
    {
        return config('satchel.standins').'/pretended-clock';
    }
}
