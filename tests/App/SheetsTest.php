<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Job;
use App\Models\Segment;
use App\Models\ShotLine;
use NorthSatchel\Plan\LocalDay;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Node;
use Sabre\VObject\Reader;

/** What goes out: each audience reads what it may, and nothing else. */
final class SheetsTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    private function out(string $kind, string $audience): string
    {
        return (string) $this->get("/jobs/{$this->job->id}/{$kind}/{$audience}")->assertOk()->getContent();
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
            $this->segment($title)->shotLines()->firstOrFail()->update(['what' => 'SECRET-SHOT', 'hidden_from' => [$audience]]);
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
        $this->assertCount(Segment::query()->where('lane', 'lead')->count(), $events);
        $ceremony = array_values(array_filter($events, static fn ($e): bool => (string) $e->SUMMARY === 'Ceremony'))[0];
        $day = LocalDay::of($this->job->date, 'Europe/Stockholm');
        $this->assertSame($this->segment('Ceremony')->start_clock, $day->face($ceremony->DTSTART->getDateTime()->getTimestamp()));
        $this->assertSame('Europe/Stockholm', (string) $ceremony->DTSTART['TZID']);
        $this->assertSame('Sundnes Chapel', (string) $ceremony->LOCATION);
        $this->assertStringContainsString('Vows and rings', (string) $ceremony->DESCRIPTION);
        $this->assertCount(1, $calendar->select('VTIMEZONE'));
        $this->assertNotSame([], array_filter($events, static fn ($e): bool => isset($e->VALARM)), 'an alarm at the time to leave');
    }

    public function test_the_table_is_csv_and_no_cell_is_a_formula(): void
    {
        $this->segment('Ceremony')->update(['title' => '=HYPERLINK("x"), "quoted"']);
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), array_filter(explode("\r\n", $this->out('table', 'coordinator'))));
        $this->assertSame(['start', 'end', 'minutes', 'segment'], array_slice($rows[0], 0, 4));
        $titles = array_column($rows, 3);
        $this->assertContains('\'=HYPERLINK("x"), "quoted"', $titles);
        foreach ($rows as $row) {
            $this->assertCount(9, $row);
        }
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
        $this->post("/segments/{$segment->id}/shots/paste", ['lines' => str_repeat("one more\n", 201)])->assertSessionHasErrors('lines');
        $this->post("/segments/{$segment->id}/shots/paste", ['lines' => "  \n "])->assertSessionHasErrors('lines');
        $this->assertSame($before + 3, $segment->shotLines()->count());
    }
}
