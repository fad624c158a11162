<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Job;
use App\Models\Place;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Plan\LocalDay;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/** A day from elsewhere: an iCalendar file (RFC 5545) or a CSV table becomes segments, all of it or nothing. */
final class PlanImport
{
    private const MOST = 300;

    private const LONGEST_MINUTES = 1440;

    /**
     * @return int how many segments were added
     *
     * @throws ValidationException naming the line or event that is wrong
     */
    public function read(Job $job, string $text): int
    {
        $day = PlanDesk::localDay($job);
        $isCalendar = str_starts_with(ltrim($text, "\xEF\xBB\xBF \r\n"), 'BEGIN:VCALENDAR');
        $rows = $isCalendar ? $this->calendar($text, $day) : $this->table($text, $day);
        if ($rows === [] || count($rows) > self::MOST) {
            throw $this->refusal($rows === [] ? 'Nothing in it belongs to this day.' : count($rows).' segments are too many at once: '.self::MOST.' at most.');
        }
        DB::transaction(static function () use ($job, $rows): void {
            foreach ($rows as $row) {
                $place = $row['place'] === '' ? null : Place::query()->firstOrCreate(['name' => $row['place']], ['timezone' => $job->place->timezone]);
                $job->segments()->create([
                    'title' => $row['title'], 'start_clock' => $row['start'], 'minutes' => $row['minutes'], 'lane' => $row['lane'], 'priority' => 'should', 'place_id' => $place?->id,
                ]);
            }
        });

        return count($rows);
    }

    /** @return list<array{title: string, start: string, minutes: int, place: string, lane: string}> */
    private function calendar(string $text, LocalDay $day): array
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException $e) {
            throw $this->refusal('It is no calendar that can be read: '.lcfirst($e->getMessage()));
        }
        if (! $calendar instanceof VCalendar) {
            throw $this->refusal('It is no calendar.');
        }
        $rows = [];
        foreach ($calendar->getComponents() as $event) {
            if ($event->name !== 'VEVENT' || ! isset($event->DTSTART) || ! $event->DTSTART->hasTime()) {
                continue;
            }
            $start = $event->DTSTART->getDateTime($day->timezone)->getTimestamp();
            $end = isset($event->DTEND) ? $event->DTEND->getDateTime($day->timezone)->getTimestamp() : $start + 1800;
            if ($start < $day->startsAt() || $start >= $day->endsAt() + 6 * 3600) {
                continue;
            }
            $title = trim((string) ($event->SUMMARY ?? ''));
            $clock = (int) $day->face($start) * 60 + (int) substr($day->face($start), 3) + ($start >= $day->endsAt() ? 1440 : 0);
            $rows[] = $this->row("event “{$title}”", $title, ClockTime::ofMinutes($clock)->text(), intdiv($end - $start, 60), trim((string) ($event->LOCATION ?? '')), 'lead', $day);
        }

        return $rows;
    }

    /** @return list<array{title: string, start: string, minutes: int, place: string, lane: string}> */
    private function table(string $text, LocalDay $day): array
    {
        if (preg_match('//u', $text) !== 1) {
            throw $this->refusal('It must be a table in UTF-8.');
        }
        $handle = fopen('php://temp', 'w+');
        if ($handle === false) {
            throw $this->refusal('It could not be read.');
        }
        fwrite($handle, ltrim($text, "\xEF\xBB\xBF"));
        rewind($handle);
        $head = array_map(static fn (?string $name): string => mb_strtolower(trim((string) $name)), fgetcsv($handle, escape: '') ?: []);
        foreach (['start', 'minutes', 'segment'] as $needed) {
            if (! in_array($needed, $head, true)) {
                throw $this->refusal("Its first line must name the columns start, minutes and segment: {$needed} is missing.");
            }
        }
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($handle, escape: '')) !== false; $line++) {
            $named = [];
            foreach ($head as $index => $name) {
                $named[$name] = trim((string) ($cells[$index] ?? ''));
            }
            if (implode('', $named) === '' || ($named['shot'] ?? '') !== '') {
                continue;
            }
            $rows[] = $this->row("line {$line}", ltrim($named['segment'], "'"), $named['start'], ctype_digit($named['minutes']) ? (int) $named['minutes'] : 0,
                $named['place'] ?? '', ($named['photographer'] ?? '') === 'second' ? 'second' : 'lead', $day);
        }

        return $rows;
    }

    /** @return array{title: string, start: string, minutes: int, place: string, lane: string} */
    private function row(string $where, string $title, string $start, int $minutes, string $place, string $lane, LocalDay $day): array
    {
        try {
            $day->instantOf(ClockTime::of($start));
        } catch (ImpossibleValue $e) {
            throw $this->refusal("{$where}: the start {$e->must}.");
        }
        if ($title === '' || $minutes < 1 || $minutes > self::LONGEST_MINUTES) {
            throw $this->refusal("{$where}: ".($title === '' ? 'it has no name.' : 'its length must be from 1 to '.self::LONGEST_MINUTES.' minutes.'));
        }

        return ['title' => mb_substr($title, 0, 120), 'start' => $start, 'minutes' => $minutes, 'place' => mb_substr($place, 0, 120), 'lane' => $lane];
    }

    private function refusal(string $why): ValidationException
    {
        return ValidationException::withMessages(['file' => ucfirst($why).' Nothing was added.']);
    }
}
