<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** One number has one value: what several pages show of one thing is read from all of them. */
final class OneNumberTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function days(): array
    {
        return ['June' => ['2027-06-16 11:00'], 'October' => ['2027-10-06 11:00'], 'before the clocks change' => ['2027-03-24 11:00']];
    }

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2027-06-16 11:00');
        $this->demo();
    }

    private function page(string $path): string
    {
        return html_entity_decode(trim((string) preg_replace('/\s+/u', ' ', strip_tags((string) $this->get($path)->assertOk()->getContent()))));
    }

    /** @return string what the first bracket holds */
    private function said(string $path, string $pattern): string
    {
        $page = $this->page($path);
        $this->assertSame(1, preg_match($pattern, $page, $found), "{$path}: {$pattern}");

        return $found[1];
    }

    /** The demo is told for a day four days on: what is said of its light is asked of that season. */
    #[DataProvider('days')]
    public function test_light_and_dials_of_a_segment(string $now): void
    {
        Carbon::setTestNow($now);
        Segment::query()->where('job_id', 1)->firstOrFail()->job->update(['date' => Carbon::parse($now)->addDays(4)->format('Y-m-d')]);
        foreach (['First look on the jetty', 'Lakeside portraits', 'Emrik gets ready', 'Details and getting ready'] as $title) {
            $segment = Segment::query()->where('job_id', 1)->where('title', $title)->firstOrFail();
            $words = preg_quote($title, '/');
            $dials = $this->said('/jobs/1/scout', "/Start {$words} at (f\\/[\\d.]+, 1\\/\\d+ s, ISO \\d+)/u");
            $ev = $this->said('/jobs/1/scout', "/Start {$words} at .*?a face has about EV ([\\d.]+)/u");
            // The sheet of the dials, the desk of flash and exposure, and the table of spots.
            $this->assertSame($ev, $this->said('/jobs/1/tests/sheet', "/{$words} [a-z ]+ ([\\d.]+) f\\//u"), $title);
            $this->assertStringContainsString("{$ev} {$dials}", $this->page('/jobs/1/tests/sheet'), $title);
            $this->get("/jobs/1/light?segment={$segment->id}")->assertSee("placeholder=\"{$ev} forecast\"", false);
            $spot = Spot::query()->findOrFail($segment->spot_id);
            if ($segment->is_outdoor) {
                $this->assertSame($ev, $this->said("/jobs/1/scout?for={$segment->id}", '/'.preg_quote($spot->name, '/').' EV ([\d.]+),/u'), $title);
            }
        }
    }

    public function test_the_light_of_the_groups_where_they_are_called(): void
    {
        $segment = Segment::query()->where('title', 'Family groups')->firstOrFail();
        foreach ([false, true] as $isOutdoor) {
            $segment->update(['is_outdoor' => $isOutdoor]);
            $ev = $this->said('/jobs/1/tests/sheet', '/Family groups [a-z ]+ ([\d.]+) f\//u');
            $this->assertStringContainsString("At EV {$ev} and f/", $this->page('/groups/1/stand'));
        }
    }

    public function test_minutes_of_the_groups(): void
    {
        $minutes = $this->said('/jobs/1/people', '/The groups take (\d+) min/');
        $this->assertSame($minutes, $this->said('/jobs/1/people', '/Give it (\d+) min/'), 'the remedy gives just as much');
        $segment = Segment::query()->where('title', 'Family groups')->firstOrFail();
        $this->post("/segments/{$segment->id}/length", ['minutes' => $minutes])->assertSessionHasNoErrors();
        $this->get('/jobs/1/people')->assertDontSee('data-code="people.too-long"', false);
        $this->assertStringContainsString("{$minutes} min", $this->said('/jobs/1/plan', '/Family groups must? ?(.{0,80})/u'));
    }

    public function test_frames_on_plan_kit_and_phone(): void
    {
        $segment = Segment::query()->where('title', 'Lakeside portraits')->firstOrFail();
        $frames = $this->said('/jobs/1/plan', '/Lakeside portraits should .*?(\d+) frames/u');
        $this->assertSame((int) $frames, (int) $segment->shotLines->sum('frames'));
        $kit = $this->said('/jobs/1/kit', '/Frames: (Body A \d+, Body B \d+, Body C \d+)/');
        preg_match_all('/\d+/', $kit, $bodies);
        // What the bodies take together is what the plan's segments take, those of the second photographer among them.
        $planned = 0;
        foreach (Segment::query()->where('job_id', 1)->get() as $one) {
            preg_match('/'.preg_quote($one->title, '/').' (?:must|should|nice) .*?(?:about )?(\d+) frames/u', $this->page('/jobs/1/plan'), $found);
            $planned += (int) $found[1] * count(array_unique([$one->lane, ...$one->also_lanes ?? []]));
        }
        $this->assertEqualsWithDelta($planned, array_sum(array_map(intval(...), $bodies[0])), 3.0, 'each body rounds its share');
    }

    public function test_charges_on_list_and_proposal(): void
    {
        $needs = $this->said('/jobs/1/kit', '/(\d+) for Body A, \d+ for Body B, \d+ for Body C; at/');
        $propose = $this->page('/jobs/1/kit/propose');
        $this->assertStringContainsString("{$needs} for Body A", $propose);
        $this->assertSame(
            $this->said('/jobs/1/kit', '/a charge holds (\d+) %/'),
            $this->said('/jobs/1/kit/propose', '/a charge holds (\d+) %/'),
        );
    }

    /** After midnight people type 25:30, and a clock shows 01:30: so does every page, but in the fields themselves. */
    public function test_after_midnight_every_page_shows_what_a_clock_shows(): void
    {
        $pages = ['/', '/jobs/1/brief', '/jobs/1/scout', '/jobs/1/plan', '/jobs/1/plan?rules=1', '/jobs/1/what-if?segment=7&late=30'];
        $more = 'rehearse sheets/lead sheets/coordinator people call kit kit/propose tests tests/sheet pack home';
        foreach (explode(' ', $more) as $page) {
            $pages[] = "/jobs/1/{$page}";
        }
        $found = [];
        foreach ([...$pages, '/jobs/1/cards', '/jobs/1/copies', '/find?q=dance'] as $page) {
            $text = str_replace('after midnight: 25:30', '', $this->page($page));
            preg_match_all('/.{0,40}\b(?:2[4-9]|[34]\d):[0-5]\d\b/u', $text, $late);
            $found = [...$found, ...array_map(static fn (string $said): string => "{$page}: {$said}", $late[0])];
        }
        $this->assertSame([], $found);
        $this->assertStringContainsString('at 01:30', $this->said('/jobs/1/home', '/(The plan leaves [^.]+)/u'));
    }
}
