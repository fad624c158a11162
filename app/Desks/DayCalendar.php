<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Job;
use NorthSatchel\Plan\LocalDay;
use NorthSatchel\Plan\Sheet\Sheet;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VAlarm;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Component\VTimeZone;

/** A sheet as an iCalendar object (RFC 5545). */
final class DayCalendar
{
    private const ZONE_REACH_S = 400 * 86400;

    public static function of(Job $job, Sheet $sheet, LocalDay $day): string
    {
        $calendar = new VCalendar(['PRODID' => '-//North Satchel//EN', 'X-WR-CALNAME' => $job->name]);
        self::addZone($calendar, $day);
        foreach ($sheet->rows as $row) {
            /** @var VEvent $event */
            $event = $calendar->add('VEVENT', [
                'UID' => "segment-{$row->id}-{$sheet->audience->value}@north-satchel",
                'DTSTAMP' => new \DateTimeImmutable('@'.$job->getAttribute('updated_at')->getTimestamp()),
                'DTSTART' => (new \DateTimeImmutable('@'.$row->startsAt))->setTimezone($day->timezone),
                'DTEND' => (new \DateTimeImmutable('@'.$row->endsAt))->setTimezone($day->timezone),
                'SUMMARY' => $row->title,
            ]);
            if ($row->place !== null) {
                $event->add('LOCATION', $row->place);
            }
            if ($row->shots !== []) {
                $event->add('DESCRIPTION', implode("\n", array_map(static fn ($shot): string => "{$shot->at} {$shot->what}", $row->shots)));
            }
            if ($row->leaveAt !== null && $sheet->audience->isPhotographer()) {
                /** @var VAlarm $alarm */
                $alarm = $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => "Leave for {$row->title}"]);
                $alarm->add('TRIGGER', (new \DateTimeImmutable('@'.$row->leaveAt))->setTimezone(new \DateTimeZone('UTC')), ['VALUE' => 'DATE-TIME']);
            }
        }

        return $calendar->serialize();
    }

    /** The zone's changes around the day, so that no reader needs to know the zone by its name. */
    private static function addZone(VCalendar $calendar, LocalDay $day): void
    {
        /** @var VTimeZone $zone */
        $zone = $calendar->add('VTIMEZONE', ['TZID' => $day->timezone->getName()]);
        $transitions = $day->timezone->getTransitions($day->startsAt() - self::ZONE_REACH_S, $day->startsAt() + self::ZONE_REACH_S) ?: [];
        $before = $transitions[0]['offset'] ?? 0;
        foreach ($transitions as $transition) {
            /** @var Component $part */
            $part = $zone->add($transition['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate('Ymd\THis', $transition['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($transition['offset']),
            ]);
            $part->add('TZNAME', $transition['abbr']);
            $before = $transition['offset'];
        }
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds), 60) % 60);
    }
}
