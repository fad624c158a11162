<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/**
 * What an event of a calendar from elsewhere says beyond what a plan understands: its id, who is invited, notes, alarms of its own,
 * words that only its maker knows. It is kept as it came, and goes out again to whoever made the plan.
 */
final class CalendarRest
{
    /** What a plan holds itself, or must say anew. */
    private const UNDERSTOOD = ['DTSTART', 'DTEND', 'DURATION', 'SUMMARY', 'LOCATION', 'DTSTAMP'];

    private const OURS = '@north-satchel';

    private const LONGEST = 20_000;

    /** @return string|null an event of what is left, as text; null where nothing is, or where it went out from here */
    public static function of(VEvent $event): ?string
    {
        if (str_ends_with((string) ($event->UID ?? ''), self::OURS)) {
            return null;
        }
        $rest = clone $event;
        foreach (self::UNDERSTOOD as $name) {
            $rest->remove($name);
        }
        $text = $rest->children() === [] ? '' : $rest->serialize();

        return $text === '' || strlen($text) > self::LONGEST ? null : $text;
    }

    /** Puts what was left of an event back into the one that goes out; its notes come after ours. */
    public static function into(VEvent $event, ?string $rest): void
    {
        try {
            $calendar = $rest === null ? null : Reader::read("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n{$rest}END:VCALENDAR\r\n");
        } catch (ParseException) {
            // It was read once; what came in with a bundle may be anything.
            return;
        }
        $kept = $calendar instanceof VCalendar ? $calendar->select('VEVENT')[0] ?? null : null;
        foreach ($kept instanceof Component ? $kept->children() : [] as $part) {
            if ($part instanceof Property && $part->name === 'UID') {
                $event->remove('UID');
            }
            if ($part instanceof Property && $part->name === 'DESCRIPTION' && isset($event->DESCRIPTION)) {
                $event->DESCRIPTION->setValue($event->DESCRIPTION->getValue()."\n\n".$part->getValue());
            } else {
                $event->add(clone $part);
            }
        }
    }
}
