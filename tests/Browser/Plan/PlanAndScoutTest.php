<?php

declare(strict_types=1);

namespace Tests\Browser\Plan;

use Tests\Browser\BrowserTestCase;

/** A day laid out from a template as a newcomer would, a picture measured in, a shot dragged, a calendar taken in, a sheet printed. */
final class PlanAndScoutTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->signIn();
    }

    public function test_a_wedding_is_planned_from_a_template_and_the_margin_computes(): void
    {
        $this->visit('/jobs/new');
        foreach (
            [
                'f-name' => 'Sanna and Olle',
                'f-date' => '06/19/2027',
                'f-covered_from' => '11:00',
                'f-covered_to' => '23:30',
                'f-place_name' => 'Linden court',
                'f-latitude' => '59.84',
                'f-longitude' => '17.63',
            ] as $id => $text
        ) {
            self::$browser->type($id, $text);
        }
        $this->press('Start the job');
        $this->see('Sanna and Olle');
        self::$browser->script('[...document.querySelectorAll(".strap-holes a")].find((a) => a.textContent.includes("Plan")).click()');
        $this->see('Lay the day out from a template');
        self::$browser->type('t-first', '13:30');
        self::$browser->type('t-second', '18:00');
        $this->press('Lay it out');
        // Each of these follows from a computation: the chain, the meal, the light.
        $this->see('Portraits of the two', 'one chain with only', 'has no meal for');
        self::$browser->script('[...document.querySelectorAll(".strap-holes a")].find((a) => a.textContent.includes("Scout")).click()');
        $this->see('Portraits of the two has no spot yet.');
        self::$browser->type('s-name', 'Under the lindens');
        self::$browser->type('s-facing', '40');
        $this->press('Add the spot');
        $this->see('Under the lindens', 'What stands around');
        $this->assertNoComplaints();
    }

    public function test_the_focus_stays_where_the_work_goes_on(): void
    {
        $this->visit('/jobs/1/plan');
        $label = 'return document.activeElement.getAttribute("aria-label") || document.activeElement.textContent.trim()';
        $times = 'return document.querySelector("#work").textContent.includes("09:50")';
        $later = 'document.querySelector("button[aria-label=\'Emrik gets ready 5 minutes later\']")';
        $this->assertTrue((bool) self::$browser->script("const b = {$later}; b.focus(); b.click(); return b !== undefined"));
        self::$browser->until(static fn (): bool => (bool) self::$browser->script($times), 'It did not start later.');
        self::$browser->until(
            static fn (): bool => str_starts_with((string) self::$browser->script($label), 'Emrik gets ready 5 minutes later'),
            'The focus went away.',
        );
        $this->assertNoComplaints();
    }

    public function test_a_tree_is_measured_by_three_taps_and_put_on_the_drawing(): void
    {
        $this->visit('/jobs/1/scout');
        $this->press('Jetty towards the birch');
        $this->see('How high is it, and where does it stand?');
        self::$browser->until(
            static fn (): bool => (bool) self::$browser->script('return document.querySelector("[data-taps] img").complete'),
            'The picture did not load.',
        );
        self::$browser->script('const i = document.querySelector("[data-taps] img"), b = i.getBoundingClientRect();
            [[.6056, .5470], [.6056, .1944], [.5723, .5470]].forEach(([x, y]) => i.dispatchEvent(new MouseEvent("click",
                {bubbles: true, clientX: b.left + x * b.width, clientY: b.top + y * b.height})))');
        $this->press('Measure');
        $this->see('It stands');
        $said = self::$browser->text();
        $this->assertSame(1, preg_match('/It stands ([\d.]+) m away at (\d+)° and is ([\d.]+) m high/', $said, $found));
        // The stand-in phone drew a tree 12 m high, 34 m away.
        $this->assertEqualsWithDelta(34, (float) $found[1], 3.0);
        $this->assertEqualsWithDelta(12, (float) $found[3], 1.1);
        self::$browser->type('m-name', 'Birch');
        $this->press('Keep it as a thing');
        $this->see('Birch stands on the drawing.');
        $this->assertNoComplaints();
    }

    public function test_a_shot_is_dragged_before_another(): void
    {
        $this->visit('/jobs/1/plan?open=3');
        $order = 'return [...document.querySelectorAll("[data-shots=\"3\"] [data-shot]")].map((l) => l.dataset.shot)';
        $before = self::$browser->script($order);
        $this->assertCount(3, $before);
        self::$browser->size(1280, 3000);
        self::$browser->drag("#shot-{$before[2]}", "#shot-{$before[0]}");
        self::$browser->until(
            static fn (): bool => self::$browser->script($order) === [$before[2], $before[0], $before[1]],
            'The shot did not move.',
        );
        // Onto a segment whose shots are folded: it opens, and takes the shot.
        $next = (int) self::$browser->script('return document.querySelector("#segment-3 + li").id.replace("segment-", "")');
        self::$browser->drag("#shot-{$before[1]}", "#segment-{$next} summary", 60);
        self::$browser->until(
            static fn (): bool => self::$browser->script(
                "return document.querySelector('[data-shots=\"{$next}\"] #shot-{$before[1]}') !== null",
            ) === true && count((array) self::$browser->script($order)) === 2,
            'The shot did not go into the next segment.',
        );
        self::$browser->size(1280, 800);
        $this->assertNoComplaints();
    }

    public function test_what_cannot_be_kept_goes_back_to_where_it_was(): void
    {
        $this->visit('/jobs/1/plan?open=3');
        $order = 'return [...document.querySelectorAll("[data-shots=\"3\"] [data-shot]")].map((l) => l.dataset.shot)';
        $before = (array) self::$browser->script($order);
        $this->assertGreaterThan(1, count($before));
        self::$browser->script(
            'document.addEventListener("htmx:configRequest", ({ detail }) => { detail.path = "/nowhere"; detail.verb = "post"; }, { once: true });'.
                'document.addEventListener("htmx:responseError", () => { document.body.dataset.refused = "yes"; }, { once: true })',
        );
        self::$browser->size(1280, 3000);
        self::$browser->drag("#shot-{$before[1]}", "#shot-{$before[0]}");
        self::$browser->size(1280, 800);
        self::$browser->until(
            static fn (): bool => self::$browser->script('return document.body.dataset.refused') === 'yes',
            'Nothing was asked.',
        );
        self::$browser->until(static fn (): bool => self::$browser->script($order) === $before, 'It did not go back.');
        $this->assertCount(2, self::$browser->complaints(), 'of the address that is not there, and no other');
    }

    public function test_a_calendar_file_comes_in_and_a_sheet_fits_its_paper(): void
    {
        $file = sys_get_temp_dir().'/coordinator-'.getmypid().'.ics';
        $table = (string) self::$browser->script('return fetch("/jobs/1/table/coordinator").then((answer) => answer.text())');
        $date = str_replace('-', '', explode(',', explode("\r\n", $table)[1])[0]);
        file_put_contents(
            $file,
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\n".
                "DTSTART;TZID=Europe/Stockholm:{$date}T220000\r\nDURATION:PT25M\r\nSUMMARY:Sparklers by the boathouse\r\n".
                "END:VEVENT\r\nEND:VCALENDAR\r\n",
        );
        $this->visit('/jobs/1/plan');
        self::$browser->script('document.getElementById("i-file").closest("details").open = true');
        self::$browser->attach('i-file', $file);
        $this->press('Take them');
        $this->see('One segment is added.', 'Sparklers by the boathouse');
        unlink($file);
        $this->visit('/jobs/1/sheets/coordinator');
        $this->see('Who is where, and when?', 'Sparklers by the boathouse');
        foreach (['A4' => [210, 297], 'Letter' => [216, 279]] as $paper => [$width, $height]) {
            $pdf = self::$browser->pdf($width, $height);
            $this->assertStringStartsWith('%PDF', $pdf);
            $this->assertSame(1, preg_match_all('~/Type\s*/Page\b~', $pdf), "one page of {$paper} for the coordinator");
        }
        $this->assertNoComplaints();
    }

    public function test_the_order_of_three_houses_is_taken(): void
    {
        $this->visit('/');
        $this->press('3 jobs: which first?');
        $this->see('Which job first?', 'Another order leaves the most slack.');
        $this->press('Go in this order');
        $this->see('The day goes in this order now.', 'The order of the day is the one with the most slack.');
        $this->press('Undo');
        $this->visit('/');
        $this->press('3 jobs: which first?');
        $this->see('Another order leaves the most slack.');
        $this->assertNoComplaints();
    }
}
