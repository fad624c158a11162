<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use NorthSatchel\Time\LocalDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Node;
use Sabre\VObject\Reader;
use Tests\App\TestCase;

/** What goes out: each audience reads what it may, and nothing else. */
final class SheetsTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        // The second job of the demo, with nothing planned yet.
        Segment::query()->where('job_id', 2)->forceDelete();
    }

    private function out(string $kind, string $audience): string
    {
        return (string) $this->get("/jobs/{$this->job->id}/{$kind}/{$audience}")
            ->assertOk()
            ->getContent();
    }

    private function segment(string $title): Segment
    {
        return Segment::query()->where('title', $title)->firstOrFail();
    }

    /** @return array<string, array{string}> */
    public static function audiences(): array
    {
        return ['lead' => ['lead'], 'second' => ['second'], 'coordinator' => ['coordinator'], 'client' => ['client']];
    }

    /** Everything that is hidden from an audience is looked for in all that goes out to it. */
    #[DataProvider('audiences')]
    public function test_no_secret_stands_on_a_sheet_of_those_who_must_not_read_it(string $audience): void
    {
        Segment::query()->update(['hidden_from' => null]);
        ShotLine::query()->update(['hidden_from' => null]);
        $this->segment('Dinner and speeches')->update(['title' => 'SECRET-SEGMENT', 'hidden_from' => [$audience]]);
        $second = $this->segment('Ceremony, reactions');
        $second->update(['title' => 'SECRET-REACTIONS', 'hidden_from' => [$audience]]);
        foreach (['Ceremony', 'Guests arrive'] as $title) {
            $this->segment($title)
                ->shotLines()
                ->firstOrFail()
                ->update(['what' => 'SECRET-SHOT', 'hidden_from' => [$audience]]);
        }
        foreach (['sheets', 'calendar', 'table'] as $kind) {
            $this->assertStringNotContainsString('SECRET', $this->out($kind, $audience), "{$kind} of the {$audience}");
        }
        $others = array_diff(['lead', 'second', 'coordinator', 'client'], [$audience]);
        foreach ($others as $other) {
            $this->assertStringContainsString('SECRET', $this->out('sheets', $other), "the {$other} may read it");
        }
    }

    public function test_a_confidential_brief_stays_off_the_sheets_of_others(): void
    {
        $this->job->update(['is_confidential' => true, 'must_haves' => 'THE-EMBARGO', 'restrictions' => 'THE-BACK-DOOR']);
        foreach (['coordinator', 'client'] as $audience) {
            foreach (['sheets', 'calendar', 'table'] as $kind) {
                $out = $this->out($kind, $audience);
                $this->assertStringNotContainsString('THE-EMBARGO', $out);
                $this->assertStringNotContainsString('THE-BACK-DOOR', $out);
            }
        }
        $this->assertStringContainsString('THE-EMBARGO', $this->out('sheets', 'lead'));
    }

    public function test_each_audience_has_its_own_sheet(): void
    {
        $lead = $this->out('sheets', 'lead');
        $this->assertStringContainsString('Lakeside portraits', $lead);
        $this->assertStringContainsString('The boat with the lanterns', $lead);
        $this->assertStringNotContainsString('Guests arrive', $lead);
        $coordinator = $this->out('sheets', 'coordinator');
        $this->assertStringContainsString('Guests arrive', $coordinator);
        $this->assertStringNotContainsString('The boat with the lanterns', $coordinator);
        $this->assertStringNotContainsString('Surprise', $this->out('sheets', 'client'));
        $this->get("/jobs/{$this->job->id}/sheets/lead?paper=letter")->assertSee('class="paper-letter"', false);
        $this->get("/jobs/{$this->job->id}/sheets/press")->assertNotFound();
    }

    /** Reference: sabre/vobject's validator (RFC 5545). */
    public function test_the_calendar_is_valid_and_holds_the_day(): void
    {
        $text = $this->out('calendar', 'lead');
        $calendar = Reader::read($text);
        $this->assertInstanceOf(VCalendar::class, $calendar);
        $this->assertSame([], array_map(static fn (array $w): string => $w['message'], $calendar->validate(Node::PROFILE_CALDAV & 0)));
        $events = $calendar->select('VEVENT');
        $this->assertCount(Segment::query()->where('job_id', 1)->where('lane', 'lead')->count(), $events);
        $ceremony = array_values(array_filter($events, static fn ($e): bool => (string) $e->SUMMARY === 'Ceremony'))[0];
        $day = LocalDay::of($this->job->date, 'Europe/Stockholm');
        $this->assertSame($this->segment('Ceremony')->start_clock, $day->face($ceremony->DTSTART->getDateTime()->getTimestamp()));
        $this->assertSame('Europe/Stockholm', (string) $ceremony->DTSTART['TZID']);
        $this->assertSame('Sundnes Chapel', (string) $ceremony->LOCATION);
        $this->assertStringContainsString('Vows and rings', (string) $ceremony->DESCRIPTION);
        $this->assertCount(1, $calendar->select('VTIMEZONE'));
        // Each change of the zone with the offsets on either side, as PHP's own time zone data has them.
        $this->assertStringContainsString("BEGIN:STANDARD\r\n", $text);
        $this->assertSame(0, preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $text));
        $zone = new \DateTimeZone((string) $calendar->select('VTIMEZONE')[0]->TZID);
        $parts = [...$calendar->select('VTIMEZONE')[0]->select('STANDARD'), ...$calendar->select('VTIMEZONE')[0]->select('DAYLIGHT')];
        $this->assertGreaterThanOrEqual(4, count($parts));
        foreach ($parts as $part) {
            $this->assertNotSame((string) $part->TZOFFSETFROM, (string) $part->TZOFFSETTO);
            $at = new \DateTimeImmutable((string) $part->DTSTART.(string) $part->TZOFFSETFROM);
            $this->assertSame((string) $part->TZOFFSETTO, $at->setTimezone($zone)->format('O'));
            $this->assertSame((string) $part->TZOFFSETFROM, $at->modify('-1 second')->setTimezone($zone)->format('O'));
            $this->assertSame($part->name === 'DAYLIGHT', (bool) $at->setTimezone($zone)->format('I'));
        }
        $this->assertNotSame([], array_filter($events, static fn ($e): bool => isset($e->VALARM)), 'an alarm at the time to leave');
    }

    public function test_the_table_is_csv_and_no_cell_is_a_formula(): void
    {
        $this->segment('Ceremony')->update(['title' => '=HYPERLINK("x"), "quoted"']);
        $rows = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            array_filter(explode("\r\n", $this->out('table', 'coordinator'))),
        );
        $this->assertSame(['date', 'start', 'end', 'minutes', 'segment'], array_slice($rows[0], 0, 5));
        $titles = array_column($rows, 4);
        $this->assertContains('\'=HYPERLINK("x"), "quoted"', $titles);
        foreach ($rows as $row) {
            $this->assertCount(11, $row);
        }
    }

    private function import(string $text, string $name = 'plan.ics', int $job = 2): \Illuminate\Testing\TestResponse
    {
        return $this->post("/jobs/{$job}/import", ['file' => \Illuminate\Http\UploadedFile::fake()->createWithContent($name, $text)]);
    }

    public function test_what_goes_out_comes_in_again(): void
    {
        Job::query()
            ->whereKey(2)
            ->update(['date' => $this->job->date]);
        foreach (['calendar' => 'lead', 'table' => 'coordinator'] as $kind => $audience) {
            Segment::query()->where('job_id', 2)->forceDelete();
            $lanes = $audience === 'lead' ? ['lead'] : ['lead', 'second'];
            $this->import($this->out($kind, $audience))->assertSessionHasNoErrors();
            $wanted = Segment::query()->where('job_id', 1)->whereIn('lane', $lanes)->orderBy('start_clock')->orderBy('title')->get();
            $got = Segment::query()->where('job_id', 2)->orderBy('start_clock')->orderBy('title')->get();
            foreach (['title', 'start_clock', 'minutes', 'place_id'] as $field) {
                $this->assertSame($wanted->pluck($field)->all(), $got->pluck($field)->all(), "{$field} by {$kind}");
            }
        }
        $this->assertSame(['lead', 'second'], Segment::query()->where('job_id', 2)->distinct()->orderBy('lane')->pluck('lane')->all());
    }

    public function test_a_start_after_midnight_comes_back_on_the_same_night(): void
    {
        Job::query()
            ->whereKey(2)
            ->update(['date' => $this->job->date]);
        $this->segment('Ceremony')->update(['start_clock' => '24:40']);
        $this->import($this->out('calendar', 'lead'))->assertSessionHasNoErrors();
        $this->assertSame('24:40', Segment::query()->where('job_id', 2)->where('title', 'Ceremony')->firstOrFail()->start_clock);
    }

    private static function event(string ...$lines): string
    {
        return implode("\r\n", [
            'BEGIN:VCALENDAR',
            'VERSION:2.0',
            'BEGIN:VEVENT',
            'UID:1',
            ...$lines,
            'SUMMARY:Toast',
            'END:VEVENT',
            'END:VCALENDAR',
            '',
        ]);
    }

    /** What is not understood is kept, and goes out again to the one who planned; to nobody else. */
    public function test_what_a_calendar_says_beyond_a_plan_goes_out_again(): void
    {
        $date = Job::query()->findOrFail(2)->date;
        $on = str_replace('-', '', $date);
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:ring-7@elsewhere.example\r\nDTSTAMP:20260101T000000Z\r\n".
            "DTSTART:{$on}T120000Z\r\nDURATION:PT25M\r\nSUMMARY:Rings by the well\r\nDESCRIPTION:Bring the box\r\nCATEGORIES:FAMILY\r\n".
            "ATTENDEE;CN=Maj;ROLE=CHAIR:mailto:maj@elsewhere.example\r\nX-DRUM;X-HOW=slow:7\r\nBEGIN:VALARM\r\nACTION:AUDIO\r\n".
            "TRIGGER:-PT9M\r\nEND:VALARM\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->import($text)->assertSessionHasNoErrors();
        $event = static fn (string $out): ?\Sabre\VObject\Component => array_values(
            array_filter(Reader::read($out)->select('VEVENT'), static fn ($e): bool => (string) $e->SUMMARY === 'Rings by the well'),
        )[0] ?? null;
        $back = $event((string) $this->get('/jobs/2/calendar/lead')->assertOk()->getContent());
        $this->assertNotNull($back);
        $this->assertSame('ring-7@elsewhere.example', (string) $back->UID);
        $this->assertStringContainsString('Bring the box', (string) $back->DESCRIPTION);
        $this->assertSame('FAMILY', (string) $back->CATEGORIES);
        $this->assertSame(['Maj', 'mailto:maj@elsewhere.example'], [(string) $back->ATTENDEE['CN'], (string) $back->ATTENDEE]);
        $this->assertSame(['slow', '7'], [(string) $back->{'X-DRUM'}['X-HOW'], (string) $back->{'X-DRUM'}]);
        $this->assertContains('-PT9M', array_map(static fn ($a): string => (string) $a->TRIGGER, $back->select('VALARM')));
        foreach (['second', 'client', 'coordinator'] as $audience) {
            $this->assertStringNotContainsString('elsewhere.example', (string) $this->get("/jobs/2/calendar/{$audience}")->getContent());
        }
        // What went out from here comes in again without a second alarm or note.
        $this->import($this->out('calendar', 'lead'), job: 2);
        $this->assertSame(1, \App\Models\Plan\Segment::query()->whereNotNull('calendar_rest')->count());
    }

    public function test_a_calendar_event_may_give_its_duration_and_one_that_is_cancelled_stays_out(): void
    {
        $start = 'DTSTART:'.str_replace('-', '', (string) Job::query()->findOrFail(2)->date).'T183000';
        $this->import(self::event($start, 'DURATION:PT1H15M'))->assertSessionHasNoErrors();
        $this->assertSame(
            [['18:30', 75]],
            Segment::query()->where('job_id', 2)->get()->map(static fn (Segment $s): array => [$s->start_clock, $s->minutes])->all(),
        );
        $this->import(self::event($start, 'DURATION:PT1H15M', 'STATUS:CANCELLED'))->assertSessionHasErrors('file');
    }

    #[TestWith(["Start;Ends;What;Where;Photographer\n9.30;10.15;Keys, and a coat;Yard;Second\n"])]
    #[TestWith(["from\tduration\tactivity\tlocation\twho\n9:30 am\t45 min\tKeys, and a coat\tYard\t2nd\n"])]
    #[TestWith(["start,minutes,segment,place,photographer\n09:30,45,\"Keys, and a coat\",Yard,second photographer\n"])]
    public function test_a_table_is_read_as_another_program_wrote_it(string $text): void
    {
        $this->import($text, 'plan.csv')->assertSessionHasNoErrors();
        $segment = Segment::query()->where('job_id', 2)->with('place')->sole();
        $this->assertSame(
            ['09:30', 45, 'Keys, and a coat', 'Yard', 'second'],
            [$segment->start_clock, $segment->minutes, $segment->title, $segment->place?->name, $segment->lane],
        );
    }

    /** @param  list<string>  $lanes */
    #[TestWith(['lead and second', ['lead', 'second']])]
    #[TestWith(['"Second, Lead"', ['second', 'lead']])]
    #[TestWith(['1st + 2nd photographer', ['lead', 'second']])]
    #[TestWith(['both', ['lead', 'second']])]
    #[TestWith(['assistant', ['assistant']])]
    public function test_several_photographers_and_a_priority_stand_in_a_table(string $who, array $lanes): void
    {
        $this->import("start,minutes,segment,who,Priority,Weather,Outfit\n09:30,45,Keys,{$who},Must,fine,blue\n10:30,15,Bags,,,,\n")
            ->assertSessionHas('said', '2 segments are added. Not read: the columns weather, outfit.');
        [$keys, $bags] = Segment::query()->where('job_id', 2)->orderBy('start_clock')->get()->all();
        $this->assertSame([$lanes, 'must'], [$keys->lanes(), $keys->priority]);
        $this->assertSame([['lead'], 'should'], [$bags->lanes(), $bags->priority]);
        $out = (string) $this->get('/jobs/2/table/lead')->getContent();
        Segment::query()->where('job_id', 2)->delete();
        if (in_array('lead', $lanes, true)) {
            $this->import($out)->assertSessionHasNoErrors();
            $this->assertSame($lanes, Segment::query()->where('title', 'Keys')->sole()->lanes(), 'out and in again');
        }
    }

    public function test_an_apostrophe_that_belongs_to_a_name_stays(): void
    {
        $this->import("start,minutes,segment,place\n10:00,20,'t Veer,'t Hof\n11:00,20,'=1+1,'-x\n")->assertSessionHasNoErrors();
        $segments = Segment::query()->where('job_id', 2)->orderBy('start_clock')->with('place')->get();
        $this->assertSame(["'t Veer", '=1+1'], $segments->pluck('title')->all());
        $this->assertSame(["'t Hof", '-x'], $segments->pluck('place.name')->all());
    }

    /** @return array<string, array{string, string}> */
    public static function brokenFiles(): array
    {
        return [
            'a calendar cut short' => ["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nSUMMARY:Vows\r\n", 'no calendar that can be read'],
            'a calendar of another day' => [
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:19990101T120000Z\r\nSUMMARY:Old\r\n".
                    "END:VEVENT\r\nEND:VCALENDAR\r\n",
                'Nothing in it belongs to this day',
            ],
            'no columns' => ["Vows,15:00\n", 'start is missing'],
            'a time that is none' => ["start,minutes,segment\n10:00,20,Good\n25x,20,Bad\n", 'Line 3: the start must be a time'],
            'no length' => ["start,minutes,segment\n10:00,20,Good\n11:00,-5,Bad\n", 'Line 3: its length'],
            'a photographer who is none' => ["start,minutes,segment,photographer\n10:00,20,Good,Bert\n", 'Line 2: the photographer must be'],
            'a priority that is none' => ["start,minutes,segment,priority\n10:00,20,Good,urgent\n", 'Line 2: the priority must be'],
            'no name' => ["start,minutes,segment\n10:00,20,\n", 'Line 2: it has no name'],
            'odd bytes' => ["start,minutes,segment\n10:00,20,\xFF\n", 'UTF-8'],
            'a time that cannot be read' => [self::event('DTSTART:2026banana'), 'its time or its time zone cannot be read'],
            'a time zone nobody knows' => [
                self::event('DTSTART;TZID=Nowhere/Atall:20261201T120000'),
                'its time or its time zone cannot be read',
            ],
            'an event without a length' => [self::event('DTSTART:@DAY@T120000'), 'its length must be'],
            'a name too long' => ["start,minutes,segment\n10:00,20,".str_repeat('a', 121)."\n", 'at most 120 characters'],
            'far too many' => ["start,minutes,segment\n".str_repeat("10:00,20,Again\n", 500), '500 segments are too many'],
        ];
    }

    #[DataProvider('brokenFiles')]
    public function test_a_broken_file_gets_a_clear_answer_and_nothing_is_half_imported(string $text, string $said): void
    {
        $text = str_replace('@DAY@', str_replace('-', '', (string) Job::query()->findOrFail(2)->date), $text);
        $this->from('/jobs/2/plan')->import($text)->assertSessionHasErrors('file');
        $this->assertStringContainsString($said, (string) session('errors')?->first('file'));
        $this->assertSame(0, Segment::query()->where('job_id', 2)->count());
        $this->post('/jobs/2/import', [])->assertSessionHasErrors('file');
    }

    public function test_who_may_not_read_is_chosen_in_the_plan(): void
    {
        $segment = $this->segment('Ceremony');
        $this->post("/segments/{$segment->id}/secrecy", ['hidden_from' => ['client', 'coordinator']])->assertSessionHasNoErrors();
        $this->assertSame(['client', 'coordinator'], $segment->refresh()->hidden_from);
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('hidden from client, coordinator');
        $this->post("/segments/{$segment->id}/secrecy", ['hidden_from' => ['press']])->assertSessionHasErrors();
        $this->post("/segments/{$segment->id}/secrecy", [])->assertSessionHasNoErrors();
        $this->assertSame([], $segment->refresh()->hidden_from);
        $line = $segment->shotLines()->firstOrFail();
        $this->post("/shots/{$line->id}/secrecy", ['hidden_from' => ['second']])->assertSessionHasNoErrors();
        $this->assertSame(['second'], $line->refresh()->hidden_from);
    }

    public function test_a_pasted_list_is_placed_or_refused_whole(): void
    {
        $segment = $this->segment('Guests arrive');
        $before = $segment->shotLines()->count();
        $text = "1. Rings close, 5 min, 12 frames, 85 mm, must\n\n- The old bell; nice\n• Grandmother at the gate, with her dog\n";
        $this->post("/segments/{$segment->id}/shots/paste", ['lines' => $text])->assertSessionHasNoErrors();
        $lines = $segment->shotLines()->get()->slice($before)->values();
        $this->assertSame(['Rings close', 'The old bell', 'Grandmother at the gate, with her dog'], $lines->pluck('what')->all());
        $this->assertSame([5, 12, 85, 'must'], [$lines[0]->minutes, $lines[0]->frames, $lines[0]->focal_mm, $lines[0]->priority]);
        $this->assertSame(['nice', 'should'], [$lines[1]->priority, $lines[2]->priority]);
        $this->post("/segments/{$segment->id}/shots/paste", ['lines' => str_repeat("one more\n", 1001)])->assertSessionHasErrors('lines');
        $this->post("/segments/{$segment->id}/shots/paste", ['lines' => "  \n "])->assertSessionHasErrors('lines');
        $this->assertSame($before + 3, $segment->shotLines()->count());
    }
}
