<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Http\Requests\Plan\SegmentRequest;
use App\Models\Brief\Job;
use App\Tables\CsvTable;
use App\Tables\Unread;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Sabre\VObject\TimeZoneUtil;

/** A day from elsewhere: an iCalendar file (RFC 5545) or a CSV table becomes segments, all of it or nothing. */
final class PlanImport
{
    private const MOST = 300;

    private const LONGEST_MINUTES = 1440;

    private const LONGEST_NAME = 120;

    /** What starts this soon after midnight still belongs to the day before. */
    private const NIGHT_SECONDS = 6 * 3600;

    /**
     * @throws ValidationException naming the line or event that is wrong
     */
    public function read(Job $job, string $text): ImportedPlan
    {
        $day = JobDay::of($job);
        if (preg_match('//u', $text) !== 1) {
            throw $this->refusal('It must be text in UTF-8.');
        }
        $isCalendar = str_starts_with(ltrim($text, "\xEF\xBB\xBF \r\n"), 'BEGIN:VCALENDAR');
        $table = $isCalendar ? null : CsvTable::read($text, PlanColumns::ALSO);
        $rows = $table === null ? $this->calendar($text, $job, $day) : $this->table($table, $day);
        if ($rows === [] || count($rows) > self::MOST) {
            throw $this->refusal(
                $rows === []
                    ? 'Nothing in it belongs to this day.'
                    : count($rows).' segments are too many at once: '.self::MOST.' at most.',
            );
        }
        DB::transaction(static function () use ($job, $rows): void {
            foreach ($rows as $row) {
                $job->segments()->create([
                    'day' => $row['day'],
                    'title' => $row['title'],
                    'start_clock' => $row['start'],
                    'minutes' => $row['minutes'],
                    'lane' => $row['lanes'][0] ?? 'lead',
                    'also_lanes' => array_slice($row['lanes'], 1) ?: null,
                    'priority' => $row['priority'] ?? 'should',
                    'place_id' => $job->placeNamed($row['place'])?->id,
                    'calendar_rest' => $row['rest'] ?? null,
                ]);
            }
        });

        $unread = $table === null ? '' : Unread::says($table, PlanColumns::KNOWN);
        $shots = array_filter($table?->named() ?? [], static fn (array $named): bool => ($named['shot'] ?? '') !== '');

        return new ImportedPlan(count($rows), $unread, count($shots));
    }

    /** @return list<array{day: int, rest: string|null, title: string, start: string, minutes: int, place: string, lanes: list<string>}> */
    private function calendar(string $text, Job $job, LocalDay $day): array
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
        foreach ($calendar->select('VEVENT') as $event) {
            if (
                ! $event instanceof VEvent ||
                ! ($event->DTSTART ?? null) instanceof DateTime ||
                ! $event->DTSTART->hasTime() ||
                (string) ($event->STATUS ?? '') === 'CANCELLED'
            ) {
                continue;
            }
            $title = trim((string) ($event->SUMMARY ?? ''));
            $where = "event “{$title}”";
            try {
                [$start, $end] = $this->span($event->DTSTART, $event, $calendar, $day);
            } catch (InvalidDataException|\InvalidArgumentException) {
                throw $this->refusal("{$where}: its time or its time zone cannot be read.");
            }
            if ($start < $day->startsAt() || $start >= JobDay::of($job, JobDay::count($job) - 1)->endsAt() + self::NIGHT_SECONDS) {
                continue;
            }
            $number = max(0, intdiv($start - self::NIGHT_SECONDS - $day->startsAt(), 86400));
            $of = JobDay::of($job, $number);
            $rows[] =
                ['day' => $number, 'rest' => CalendarRest::of($event)] +
                $this->row(
                    $where,
                    $title,
                    $of->clockOf($start)->text(),
                    intdiv($end - $start, 60),
                    trim((string) ($event->LOCATION ?? '')),
                    ['lead'],
                    $of,
                );
        }

        return $rows;
    }

    /**
     * RFC 5545, 3.6.1: an event ends at DTEND, or after DURATION, or else when it starts.
     *
     * @return array{int, int} Unix seconds
     *
     * @throws InvalidDataException|\InvalidArgumentException
     */
    private function span(DateTime $begins, VEvent $event, VCalendar $calendar, LocalDay $day): array
    {
        foreach ([$begins, ...$event->select('DTEND')] as $moment) {
            if (isset($moment['TZID'])) {
                TimeZoneUtil::getTimeZone((string) $moment['TZID'], $calendar, true);
            }
        }
        $start = $begins->getDateTime($day->timezone);
        $end = match (true) {
            isset($event->DTEND) => $event->DTEND->getDateTime($day->timezone),
            isset($event->DURATION) => $start->add($event->DURATION->getDateInterval()),
            default => $start,
        };

        return [$start->getTimestamp(), $end->getTimestamp()];
    }

    /** @return list<array{day: int, priority: string, title: string, start: string, minutes: int, place: string, lanes: list<string>}> */
    private function table(CsvTable $table, LocalDay $day): array
    {
        foreach (['start', 'minutes', 'segment'] as $needed) {
            if (! $table->has($needed) && ! ($needed === 'minutes' && $table->has('end'))) {
                throw $this->refusal("Its first line must name the columns start, minutes and segment: {$needed} is missing.");
            }
        }
        $rows = [];
        foreach ($table->named() as $line => $named) {
            if (implode('', $named) === '' || ($named['shot'] ?? '') !== '') {
                continue;
            }
            $number = $this->dayNumber("line {$line}", $named['date'] ?? '', $day);
            $priority = PlanColumns::priority($named['priority'] ?? '')
                ?? throw $this->refusal("line {$line}: the priority must be must, should or nice.");
            $rows[] =
                ['day' => $number, 'priority' => $priority] +
                $this->row(
                    "line {$line}",
                    $named['segment'],
                    $start = ClockTime::asTyped($named['start']),
                    PlanColumns::minutes($named['minutes'] ?? '', $start, $named['end'] ?? ''),
                    $named['place'] ?? '',
                    PlanColumns::lanes($named['photographer'] ?? '')
                        ?? throw $this->refusal("line {$line}: the photographer must be lead, second or assistant, or several of them."),
                    LocalDay::of(
                        (new \DateTimeImmutable($day->date))->modify("+{$number} days")->format('Y-m-d'),
                        $day->timezone->getName(),
                    ),
                );
        }

        return $rows;
    }

    /** Which day of the job a date is; none given is the first. */
    private function dayNumber(string $where, string $date, LocalDay $day): int
    {
        if ($date === '') {
            return 0;
        }
        $at = \DateTimeImmutable::createFromFormat('!Y-m-d', $date);
        $days = $at === false ? -1 : (int) (new \DateTimeImmutable($day->date))->diff($at)->format('%r%a');
        if ($days < 0 || $days > SegmentRequest::LAST_DAY) {
            throw $this->refusal("{$where}: the date must be a day from {$day->date} on, two weeks at most, as YYYY-MM-DD.");
        }

        return $days;
    }

    /**
     * @param  list<string>  $lanes
     * @return array{title: string, start: string, minutes: int, place: string, lanes: list<string>}
     */
    private function row(string $where, string $title, string $start, int $minutes, string $place, array $lanes, LocalDay $day): array
    {
        try {
            $day->instantOf(ClockTime::of($start));
        } catch (ImpossibleValue $e) {
            throw $this->refusal("{$where}: the start {$e->must}.");
        }
        if ($title === '' || $minutes < 1 || $minutes > self::LONGEST_MINUTES) {
            throw $this->refusal(
                "{$where}: ".($title === '' ? 'it has no name.' : 'its length must be from 1 to '.self::LONGEST_MINUTES.' minutes.'),
            );
        }

        if (max(mb_strlen($title), mb_strlen($place)) > self::LONGEST_NAME) {
            throw $this->refusal("{$where}: a name has at most ".self::LONGEST_NAME.' characters.');
        }

        return ['title' => $title, 'start' => $start, 'minutes' => $minutes, 'place' => $place, 'lanes' => $lanes];
    }

    private function refusal(string $why): ValidationException
    {
        return ValidationException::withMessages(['file' => ucfirst($why).' Nothing was added.']);
    }
}
