<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\Sheet\Sheet;
use NorthSatchel\Time\LocalDay;
use Sabre\VObject\Component\VAlarm;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Component\VTimeZone;

/** A sheet as an iCalendar object (RFC 5545). */
final class DayCalendar
{
    private const ZONE_REACH_S = 500 * 86400;

    public static function of(Job $job, Sheet $sheet, LocalDay $day): string
    {
        $calendar = new VCalendar(['PRODID' => '-//North Satchel//EN', 'X-WR-CALNAME' => self::plain($job->name)]);
        self::addZone($calendar, $day);
        // What is only between the one who planned and their calendar goes to nobody else.
        $rests = $sheet->audience === Audience::Lead ? $job->segments->pluck('calendar_rest', 'id')->all() : [];
        foreach ($sheet->rows as $row) {
            /** @var VEvent $event */
            $event = $calendar->add('VEVENT', [
                'UID' => "segment-{$row->id}-{$sheet->audience->value}@north-satchel",
                'DTSTAMP' => new \DateTimeImmutable('@'.$job->getAttribute('updated_at')->getTimestamp()),
                'DTSTART' => (new \DateTimeImmutable('@'.$row->startsAt))->setTimezone($day->timezone),
                'DTEND' => (new \DateTimeImmutable('@'.$row->endsAt))->setTimezone($day->timezone),
                'SUMMARY' => self::plain($row->title),
            ]);
            if ($row->place !== null) {
                $event->add('LOCATION', self::plain($row->place));
            }
            if ($row->shots !== []) {
                $event->add(
                    'DESCRIPTION',
                    self::plain(implode("\n", array_map(static fn ($shot): string => "{$shot->at} {$shot->what}", $row->shots))),
                );
            }
            if ($row->leaveAt !== null && $sheet->audience->isPhotographer()) {
                /** @var VAlarm $alarm */
                $alarm = $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => self::plain("Leave for {$row->title}")]);
                $alarm->add('TRIGGER', (new \DateTimeImmutable('@'.$row->leaveAt))->setTimezone(new \DateTimeZone('UTC')), [
                    'VALUE' => 'DATE-TIME',
                ]);
            }
            CalendarRest::into($event, $rests[$row->id] ?? null);
        }

        return $calendar->serialize();
    }

    /**
     * The zone's changes around the day, each with the offsets before and after it, so that no reader needs to know the zone by its name.
     */
    private static function addZone(VCalendar $calendar, LocalDay $day): void
    {
        /** @var VTimeZone $zone */
        $zone = $calendar->add('VTIMEZONE', ['TZID' => $day->timezone->getName()]);
        $transitions = $day->timezone->getTransitions($day->startsAt() - self::ZONE_REACH_S, $day->startsAt() + self::ZONE_REACH_S) ?: [];
        // The first is no change, but what held when the stretch began.
        $first = array_shift($transitions);
        $offset = $first['offset'] ?? 0;
        if ($transitions === []) {
            self::addObservance($calendar, $zone, 'STANDARD', '19700101T000000', $offset, $offset, $first['abbr'] ?? 'UTC');
        }
        foreach ($transitions as $transition) {
            // The moment of the change as the clock on the wall showed it until then (RFC 5545, 3.6.5).
            self::addObservance(
                $calendar,
                $zone,
                $transition['isdst'] ? 'DAYLIGHT' : 'STANDARD',
                gmdate('Ymd\THis', $transition['ts'] + $offset),
                $offset,
                $transition['offset'],
                $transition['abbr'],
            );
            $offset = $transition['offset'];
        }
    }

    private static function addObservance(
        VCalendar $calendar,
        VTimeZone $zone,
        string $kind,
        string $onset,
        int $before,
        int $after,
        string $name,
    ): void {
        $part = $calendar->createComponent(
            $kind,
            ['DTSTART' => $onset, 'TZOFFSETFROM' => self::offset($before), 'TZOFFSETTO' => self::offset($after), 'TZNAME' => $name],
            false,
        );
        $zone->add($part);
    }

    /** Texts hold no control characters but the end of a line (RFC 5545, 3.1). */
    private static function plain(string $text): string
    {
        return (string) preg_replace('/[\x00-\x09\x0B-\x1F\x7F]+/', ' ', $text);
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds), 60) % 60);
    }
}
