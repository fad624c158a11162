<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

use NorthSatchel\ImpossibleValue;

/** A calendar day in one time zone, and the way from its clock to instants and back. */
final readonly class LocalDay
{
    private function __construct(public string $date, public \DateTimeZone $timezone) {}

    /** @throws ImpossibleValue for a date that is not in the calendar or a zone that is not known */
    public static function of(string $date, string $timezone): self
    {
        $parts = [];
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $date, $parts) !== 1
            || ! checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])) {
            throw ImpossibleValue::of('date', 'must be a day of the calendar as YYYY-MM-DD');
        }

        return new self($date, self::zone($timezone));
    }

    /** Looked up once: the list of all zones is made anew each time it is asked for. */
    private static function zone(string $name): \DateTimeZone
    {
        /** @var array<string, \DateTimeZone> $known */
        static $known = [];
        if (! isset($known[$name]) && ! in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw ImpossibleValue::of('timezone', 'must be an IANA time zone such as Europe/Helsinki');
        }

        return $known[$name] ??= new \DateTimeZone($name);
    }

    public function startsAt(): int
    {
        return (new \DateTimeImmutable($this->date.' 00:00', $this->timezone))->getTimestamp();
    }

    /** The first second of the next day. */
    public function endsAt(): int
    {
        return (new \DateTimeImmutable($this->date.' 00:00 +1 day', $this->timezone))->getTimestamp();
    }

    /**
     * The instant of a clock time; hours from 24 on are the next day's.
     *
     * @throws ImpossibleValue when the clocks skip that time on that day
     */
    public function instantOf(ClockTime $clock): int
    {
        $at = (new \DateTimeImmutable($this->date.' 00:00', $this->timezone))
            ->modify(sprintf('+%d days', intdiv($clock->minutes, 1440)))
            ->setTime(intdiv($clock->minutes % 1440, 60), $clock->minutes % 60);
        if ($at->format('H:i') !== $clock->onTheFace()) {
            throw ImpossibleValue::of('clock', "must exist: the clocks go forward that night and {$clock->onTheFace()} is skipped");
        }

        return $at->getTimestamp();
    }

    /**
     * The plan's time for an instant of this day or the next, the way back from instantOf().
     *
     * @throws ImpossibleValue for an instant of another day
     */
    public function clockOf(int $unix): ClockTime
    {
        $at = (new \DateTimeImmutable('@'.$unix))->setTimezone($this->timezone);
        $days = (int) (new \DateTimeImmutable($this->date))->diff(new \DateTimeImmutable($at->format('Y-m-d')))->format('%r%a');

        return ClockTime::ofMinutes($days * 1440 + (int) $at->format('G') * 60 + (int) $at->format('i'));
    }

    /** What the clock on the wall shows, as 17:05. */
    public function face(int $unix): string
    {
        return (new \DateTimeImmutable('@'.$unix))->setTimezone($this->timezone)->format('H:i');
    }

    /** ISO 8601 with this zone's offset. */
    public function iso(int $unix): string
    {
        return (new \DateTimeImmutable('@'.$unix))->setTimezone($this->timezone)->format(DATE_ATOM);
    }
}
