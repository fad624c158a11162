<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** Places, days, times of day and instants among the fields. */
trait ReadsMoments
{
    /**
     * Minutes since midnight of a clock time.
     *
     * @throws Refusal
     */
    public function clock(string $name): int
    {
        try {
            return ClockTime::of($this->text($name, 'must be a time as HH:MM, hours 00 to 47'))->minutes;
        } catch (ImpossibleValue $e) {
            throw Refusal::of($this->path.$name, $e->must);
        }
    }

    /**
     * Null where it is absent.
     *
     * @throws Refusal
     */
    public function clockIfGiven(string $name): ?int
    {
        return $this->has($name) ? $this->clock($name) : null;
    }

    /**
     * Seconds since midnight of a clock time with its seconds.
     *
     * @throws Refusal
     */
    public function clockWithSeconds(string $name): int
    {
        $must = 'must be a time as HH:MM:SS, hours 00 to 47';
        $text = $this->text($name, $must);
        if (preg_match('/^(\d\d:\d\d):([0-5]\d)$/D', $text, $parts) !== 1) {
            throw Refusal::of($this->path.$name, $must);
        }
        try {
            return ClockTime::of($parts[1])->minutes * 60 + (int) $parts[2];
        } catch (ImpossibleValue) {
            throw Refusal::of($this->path.$name, $must);
        }
    }

    /** @throws Refusal */
    public function place(): GeoPoint
    {
        return GeoPoint::of(
            latitudeDeg: $this->number('latitude_deg', min: -90, max: 90),
            longitudeDeg: $this->number('longitude_deg', min: -180, max: 180),
        );
    }

    /** @throws Refusal */
    public function day(): LocalDay
    {
        return LocalDay::of($this->text('date', 'must be a day as YYYY-MM-DD'), $this->text('timezone', 'must be an IANA time zone'));
    }

    /**
     * Unix seconds of an ISO 8601 instant with offset; fractions of a second are kept.
     *
     * @throws Refusal
     */
    public function instant(string $name): float
    {
        $must = 'must be an ISO 8601 instant with an offset, such as 2030-06-01T12:00:00+02:00';
        $text = $this->text($name, $must);
        $parts = [];
        $pattern = '/^(\d{4})-(\d{2})-(\d{2})T([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d)(\.\d{1,9})?)?(Z|[+-](?:[01]\d|2[0-3]):?[0-5]\d)$/D';
        if (preg_match($pattern, $text, $parts) !== 1 || ! checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])) {
            throw Refusal::of($this->path.$name, $must);
        }
        $seconds = (new \DateTimeImmutable(
            sprintf(
                '%s-%s-%sT%s:%s:%s%s',
                $parts[1],
                $parts[2],
                $parts[3],
                $parts[4],
                $parts[5],
                $parts[6] === '' ? '00' : $parts[6],
                $parts[8],
            ),
        ))->getTimestamp();

        return $seconds + (float) ('0'.($parts[7] === '' ? '.0' : $parts[7]));
    }
}
