<?php

declare(strict_types=1);

namespace Tests\Browser\Day;

use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\LaneNow;
use NorthSatchel\Day\LiveEvent;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\Priority;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Chromium;

/** The day on two phones, the server away for most of it; and the phone's rules against the core's. */
final class DayTest extends BrowserTestCase
{
    private const HISTORIES = 3000;

    private const A_BATCH = 250;

    private const BACK_S = 60.0;

    private static Chromium $second;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$second = Chromium::open(390, 844);
    }

    public static function tearDownAfterClass(): void
    {
        self::$second->quit();
        parent::tearDownAfterClass();
    }

    /** @return list<Tap> a history of a few segments and shots, with ids and times that collide */
    private static function history(Randomizer $random): array
    {
        $kinds = TapKind::ofTheDay();
        $taps = [];
        for ($i = $random->getInt(0, 14); $i > 0; $i--) {
            $kind = $kinds[$random->getInt(0, count($kinds) - 1)];
            $segment = $random->getInt(1, 5);
            $on = match ($kind) {
                TapKind::Undone => ['of' => 'tap-'.$random->getInt(0, 9)],
                TapKind::Ticked, TapKind::Unticked => ['shot' => $random->getInt(70, 73)],
                TapKind::Longer => ['segment' => $segment, 'minutes' => 5],
                TapKind::Noted => ['segment' => $segment, 'words' => 'a'],
                TapKind::Rearranged => ['segment' => $segment, 'late' => 10, 'way' => 'most'],
                TapKind::Delayed => ['day' => 0, 'minutes' => 30],
                TapKind::Sheltered => ['segment' => $segment, 'spot' => 3],
                default => ['segment' => $segment],
            };
            $taps[] = new Tap('tap-'.$random->getInt(0, 9), $kind, (float) (1000 + 60 * $random->getInt(0, 60)), $on);
        }

        return $taps;
    }

    /** @return list<Segment> four that are planned; a fifth is tapped and is not there */
    private static function lane(): array
    {
        return array_map(
            static fn (int $id): Segment => new Segment(
                $id, "S{$id}", 'lead', 600 * $id, 10, Priority::Should, wants: new Wants(setupMinutes: $id % 2),
            ),
            [1, 2, 3, 4],
        );
    }

    /** @return array<string, mixed> */
    private static function byTheCore(array $taps): array
    {
        $log = new DayLog($taps, 3000.0, [1, 2, 3, 4], [70, 71, 72]);
        $now = new LaneNow(self::lane(), $log, [2 => 3, 3 => 4], 3000);
        $states = [];
        foreach ([1, 2, 3, 4] as $id) {
            $states["s{$id}"] = $log->states->of((string) $id)->value;
        }

        return [
            'states' => $states,
            'running' => $log->states->running(),
            'ticked' => $log->ticked,
            'longer' => array_sum($log->longer),
            'counted' => array_map(static fn (LiveEvent $e): string => $e->id, $log->log->counted),
            'ignored' => array_map(static fn ($t): string => "{$t->id} {$t->why}", $log->log->ignored),
            'lane' => [$now->minutesLeft, $now->minutesLate, $now->lateAtNext, array_map(static fn (Segment $s): int => $s->id, $now->waiting)],
        ];
    }

    public function test_1_the_phone_s_rules_are_the_core_s(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/day');
        self::$browser->script('const s = document.createElement("script"); s.src = "/build/rules.js"; document.head.append(s)');
        self::$browser->until(
            static fn (): bool => (bool) self::$browser->script('return typeof satchel?.laneNow === "function"'),
            'The rules did not load.',
        );
        $lane = array_map(
            static fn (Segment $s): array => [
                'id' => $s->id,
                'starts' => $s->startsAt,
                'minutes' => $s->minutes,
                'setup' => $s->wants->setupMinutes,
                'way' => [2 => 3, 3 => 4][$s->id] ?? 0,
            ],
            self::lane(),
        );
        $script = 'const lane = '.json_encode($lane).'; return JSON.stringify(%s.map((taps) => {
            const log = satchel.dayLog(taps, 3000, [1, 2, 3, 4], [70, 71, 72]);
            const now = satchel.laneNow(lane, log, 3000);
            return {
                states: Object.fromEntries(Object.entries(log.states).map(([id, s]) => ["s" + id, s])),
                running: log.running === null ? null : String(log.running),
                ticked: log.ticked,
                longer: Object.values(log.longer).reduce((a, b) => a + b, 0),
                counted: log.counted.map((t) => t.id),
                ignored: log.ignored.map((t) => t.id + " " + t.why),
                lane: [now.left, now.late, now.lateAtNext, now.waiting.map((s) => s.id)],
            };
        }))';
        $random = new Randomizer(new Mt19937(8));
        for ($done = 0; $done < self::HISTORIES; $done += self::A_BATCH) {
            $histories = array_map(static fn (): array => self::history($random), range(1, self::A_BATCH));
            $asked = array_map(
                static fn (array $taps): array => array_map(
                    static fn (Tap $t): array => ['id' => $t->id, 'kind' => $t->kind->value, 'at' => $t->at, 'on' => $t->on],
                    $taps,
                ),
                $histories,
            );
            $said = json_decode((string) self::$browser->script(sprintf($script, json_encode($asked))), true);
            $this->assertSame(array_map(self::byTheCore(...), $histories), $said);
        }
        $this->assertNoComplaints();
    }

    private static function reload(Chromium $phone): void
    {
        $phone->driver->navigate()->refresh();
        $isOpen = 'return document.querySelector("#day h1, #day h2") !== null';
        $phone->until(static fn (): bool => (bool) $phone->script($isOpen), 'The page did not open.');
    }

    /** The first exchange after a while has much to do: a plan that changed, and the answers that may be asked of it. */
    private static function isBack(Chromium $phone): void
    {
        $phone->script('window.dispatchEvent(new Event("online"))');
        for ($end = microtime(true) + self::BACK_S; microtime(true) < $end && ! str_contains($phone->text(), 'with the server');) {
            usleep(200_000);
        }
        $phone->see('with the server');
    }

    private static function isKept(Chromium $phone): void
    {
        $phone->until(
            static fn (): bool => str_starts_with(
                (string) $phone->script('return document.getElementById("day-kept").textContent'),
                'Kept on this phone',
            ),
            'The page is not kept.',
        );
    }

    public function test_2_two_phones_work_through_a_morning_without_the_server(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/day/phones');
        self::$browser->type('f-play_clock', '10:00');
        self::$browser->type('f-speed', '1');
        $this->press('Play');
        $this->see('30 min late at Details and getting ready');
        $this->visit('/jobs/1/day/phones');
        $this->press('Make a link');
        $this->see('Send this address');
        $link = (string) self::$browser->script('return document.querySelector(".note a").getAttribute("href")');
        self::$second->visit(self::$satchel->url.(string) parse_url($link, PHP_URL_PATH));
        self::$second->see('Emrik gets ready');
        self::$second->notSee('Details and getting ready');
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/day');
        self::isKept(self::$browser);
        self::isKept(self::$second);

        self::$satchel->stopServer();
        $this->press('Start Details and getting ready');
        $this->see('Now, since 10:00', '30 min late', 'no server: 1 tap waits');
        self::$second->press('Start Emrik gets ready');
        self::$second->see('Now, since 10:0', 'no server: 1 tap waits');
        self::reload(self::$browser);
        $this->see('Now, since 10:00', 'no server: 1 tap waits');
        $first = (string) self::$browser->script('return document.querySelector(".day-shot b").textContent');
        self::$browser->script('document.querySelector(".day-shot").click()');
        $this->see("✓ {$first}");
        // Twice five minutes more, one of them taken back.
        $this->press('Details and getting ready takes 5 min more');
        $this->press('Details and getting ready takes 5 min more');
        $this->press('Take back: longer');
        $this->see('35 min late');
        $this->press('Skip First look on the jetty');
        $this->press('Take back: skipped');
        self::reload(self::$browser);
        $this->see('35 min late', "✓ {$first}", 'no server: 7 taps wait');
        $from = (string) self::$browser->script('return document.querySelector(".day-next .text-faint").textContent');
        $this->press('Take this: what it comes to');
        self::$browser->until(
            static fn (): bool => (string) self::$browser->script('return document.querySelector(".day-next .text-faint").textContent') !== $from,
            'The way out was not taken.',
        );
        $then = (string) self::$browser->script('return document.querySelector(".day-next .text-faint").textContent');

        self::$satchel->startServer();
        self::isBack(self::$browser);
        self::isBack(self::$second);
        self::reload(self::$browser);
        $this->see($then, "✓ {$first}");
        // The second photographer's tap has come, and is on the lead's phone too.
        $this->press('second');
        $this->see('Emrik gets ready', 'Now, since 10:0');
        $this->press('lead');
        $this->visit('/jobs/1/plan');
        self::$browser->size(1280, 800);
        $this->see(trim(str_replace('Next, at', '', $then)));
        self::$browser->complaints();
    }

    /** An event: everything outdoors comes two hours later and into the dark, with the server gone; the plan and its sheet follow. */
    public function test_4_the_weather_moves_an_event_into_the_night_without_the_server(): void
    {
        $data = new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite');
        $data->exec(
            'UPDATE segments SET is_outdoor = 1 WHERE job_id = 2 AND title IN '.
                '("Opening", "Programme, audience and details", "End and applause")',
        );
        self::$browser->size(1280, 800);
        $this->visit('/jobs/2/day/phones');
        self::$browser->type('f-play_clock', '18:00');
        self::$browser->type('f-speed', '1');
        $this->press('Play');
        $this->see('Portraits behind the stage');
        self::isKept(self::$browser);
        self::$satchel->stopServer();
        self::$browser->script('document.querySelector("#day details").open = true');
        $this->press('All that is outdoors 2 h later');
        $this->see('20:30 Opening', '21:00 Programme, audience and details');
        self::reload(self::$browser);
        $this->see('20:30 Opening', 'no server: 1 tap waits');
        $this->press('Skip Portraits behind the stage');
        $this->press('Skip Meal');
        $this->see('Next, at 20:30', 'below the horizon');
        self::reload(self::$browser);
        $this->see('Next, at 20:30', 'no server: 3 taps wait');
        self::$satchel->startServer();
        self::isBack(self::$browser);
        $this->visit('/jobs/2/sheets/lead');
        $this->see('20:30', '23:15');
        self::$browser->complaints();
    }

    public function test_3_a_link_that_is_revoked_opens_nothing_and_what_was_tapped_stays(): void
    {
        self::$browser->size(1280, 800);
        // Without a net meanwhile: it would hear that the real clock goes again, and nothing of that plan runs at this hour.
        self::$second->script('window.goesOut = window.fetch; window.fetch = () => Promise.reject(new TypeError("no net"))');
        $this->visit('/jobs/1/day/phones');
        $this->press('Back to the real clock');
        $this->see('The real clock goes again.');
        $this->press('Revoke the link for the second photographer');
        $this->see('That link opens nothing any more.');
        self::$second->press('Done: Emrik gets ready');
        self::$second->script('window.fetch = window.goesOut');
        self::$second->see('This link opens nothing any more. What was tapped stays on this phone.');
        // The plan is no longer theirs to open; the tap stays where it was made.
        self::$second->driver->navigate()->refresh();
        self::$second->see('404');
        $kept = 'return Object.keys(localStorage).filter((k) => k.endsWith(" queue")).map((k) => JSON.parse(localStorage[k]).length)';
        $this->assertSame([1], self::$second->script($kept));
        self::$second->complaints();
        self::$browser->complaints();
    }

    /** One file, opened from the disk with no server; its taps come back as text. */
    public function test_5_the_day_as_a_file(): void
    {
        self::$browser->size(1280, 800);
        $this->visit('/jobs/1/day/phones');
        $get = 'const x = new XMLHttpRequest(); x.open("GET", "/jobs/1/day/file", false); x.send(); return x.responseText';
        $file = self::$satchel->folder.'/day.html';
        file_put_contents($file, (string) self::$browser->script($get));
        self::$second->complaints();
        self::$second->visit("file://{$file}");
        self::$second->see('a file: 0 taps are in it');
        self::$second->press('Start Details and getting ready');
        self::$second->see('a file: one tap is in it', 'Now, since');
        self::reload(self::$second);
        self::$second->see('a file: one tap is in it', 'Now, since');
        $text = (string) self::$second->script('return document.getElementById("day-taps").value');
        $this->assertSame([], self::$second->complaints());
        self::$browser->script('document.getElementById("f-taps").value = '.json_encode($text));
        $this->press('Take them in');
        $this->see('One tap is taken.');
        self::$browser->script('document.getElementById("f-taps").value = "taps"');
        $this->press('Take them in');
        $this->see('This is not the text that the file gives');
        self::$browser->complaints();
    }

    /** Whoever opens the page in the afternoon does not tap through the morning. */
    /** Groups called, a person missing, and a fresh cell, with the server gone; a cell that the server knows is taken back without it. */
    public function test_7_groups_and_cells_without_the_server(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/home');
        $thing = (string) self::$browser->script('return document.querySelector("#f-item option:checked").textContent');
        self::$browser->type('f-place', 'Garden wall');
        $this->press('Note it');
        $this->see("{$thing} at Garden wall");
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/day');
        self::isKept(self::$browser);
        $open = static fn (string $id): mixed => self::$browser->script("document.getElementById('{$id}').open = true");
        $open('day-cards');
        $button = 'document.querySelector("#day-cards [aria-label$=\"a new cell\"]")';
        $cell = (string) self::$browser->script("return {$button}.getAttribute('aria-label')");
        $beside = static fn (): int => (int) self::$browser->script(
            'return document.getElementById("day-cards").textContent.match(/; (\\d+) charged beside it/)[1]',
        );
        $spares = $beside();
        $this->assertGreaterThan(0, $spares);
        $this->press($cell);
        self::isBack(self::$browser);
        self::reload(self::$browser);
        $open('day-cards');
        $this->assertSame($spares - 1, $beside(), 'the server has it');

        self::$satchel->stopServer();
        $this->press(str_replace('a new cell', 'no new cell', $cell));
        $this->assertSame($spares, $beside(), 'and it is taken back without the server');
        $this->see('One thing still stands somewhere', 'Garden wall', "{$thing}, there since ");
        $this->press("{$thing} is fetched");
        $this->assertStringNotContainsString('still stands somewhere', self::$browser->text());
        $open('day-groups');
        $first = static fn (): string => (string) self::$browser->script('return document.querySelector("#day-groups h3").textContent');
        $group = $first();
        $this->see('Not there yet: ');
        self::$browser->script('[...document.querySelectorAll("#day-groups [aria-pressed=false]")].pop().click()');
        $this->assertStringContainsString('✓ ', (string) self::$browser->script('return document.getElementById("day-groups").textContent'));
        $this->press("{$group}: shot");
        $this->assertMatchesRegularExpression(
            '/Not there when theirs was taken: .+ \('.preg_quote($group, '/').'\)/',
            (string) self::$browser->script('return document.getElementById("day-release").textContent'),
        );
        $second = $first();
        $this->assertNotSame($group, $second);
        $this->press("{$second}: later");
        $this->assertNotSame($second, $first());
        $open('day-gear');
        $broke = (string) self::$browser->script('return document.querySelector("#day-gear button").getAttribute("aria-label")');
        $this->press($broke);
        $this->see('Gone: '.str_replace(' broke', '', $broke));
        $this->press(str_replace(' broke', ' works again', $broke));
        $this->press('Note: Ask their name');
        $put = (string) self::$browser->script('return document.querySelector(".day-next h2").textContent');
        $this->press("Put off {$put}");
        $this->see('Put off until there is a gap', "Start {$put}");
        self::reload(self::$browser);
        $this->see('Ask their name', 'no server: 9 taps wait', "Start {$put}");

        self::$satchel->startServer();
        self::isBack(self::$browser);
        $this->visit('/jobs/1/call');
        $data = new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite');
        $kinds = $data->query("SELECT kind FROM device_events WHERE kind IN ('found', 'shot', 'later', 'new-cell', 'old-cell') ORDER BY made_at");
        $this->assertSame(['new-cell', 'old-cell', 'found', 'shot', 'later'], $kinds->fetchAll(\PDO::FETCH_COLUMN));
        self::$browser->size(1280, 800);
        self::$browser->complaints();
    }

    public function test_6_what_is_gone_by_is_done_in_one_press(): void
    {
        $this->signIn();
        $this->visit('/jobs/3/day/phones');
        self::$browser->type('f-play_clock', '17:05');
        self::$browser->type('f-speed', '1');
        $this->press('Play');
        $this->see('2 segments are over by the plan', 'late at Build the set');
        $this->press('All before Test frames into the computer is done');
        $this->see('Next, at 17:10');
        self::$browser->notSee('segments are over by the plan');
        self::isBack(self::$browser);
        self::reload(self::$browser);
        $this->see('Next, at 17:10');
        $this->visit('/jobs/3/day/phones');
        $this->press('Back to the real clock');
        $this->see('The real clock goes again.');
        // Whoever signs out leaves no plan behind.
        $kept = 'return Object.keys(localStorage).filter((k) => k.startsWith("satchel-day ") && ! k.endsWith(" queue")).length';
        $this->assertGreaterThan(0, self::$browser->script($kept));
        $this->press('Sign out');
        $this->see('Password');
        $this->assertSame(0, self::$browser->script($kept));
        $this->assertNoComplaints();
    }

    /** A slow net shows the page that is kept: it goes by the clock of its day all the same. */
    public function test_8_a_kept_page_goes_along_with_the_clock_of_the_day(): void
    {
        $this->signIn();
        file_put_contents(self::$satchel->folder.'/standins/pretended-clock', '');
        $this->visit('/jobs/3/day');
        self::isBack(self::$browser);
        $this->see('Nothing is lost until 10:00 on ');
        $day = (new \DateTimeImmutable('today', new \DateTimeZone('Europe/Stockholm')))->modify('+27 days 10:10');
        $played = ['from' => $day->getTimestamp(), 'since' => microtime(true), 'speed' => 1];
        file_put_contents(self::$satchel->folder.'/standins/pretended-clock', json_encode($played));
        self::$browser->script('window.dispatchEvent(new Event("online"))');
        $this->see('10 min late at');
        file_put_contents(self::$satchel->folder.'/standins/pretended-clock', '');
        self::$browser->script('window.dispatchEvent(new Event("online"))');
        self::$browser->notSee('10 min late at');
        self::$browser->complaints();
    }
}
