<?php

declare(strict_types=1);

namespace Tests\Browser\Wrap;

use Tests\Browser\BrowserTestCase;

/** An event from an empty page: its ground, who stands where, what is sent when, who plays; and pictures on the editor's desk. */
final class EventTest extends BrowserTestCase
{
    /** The one that is planned from nothing. */
    private static int $job;

    /** @param  array<string, string>  $fields  by id */
    private static function fill(array $fields): void
    {
        foreach ($fields as $id => $value) {
            self::$browser->script(sprintf(
                'const f = document.getElementById(%s); f.value = %s; f.dispatchEvent(new Event("change", { bubbles: true }));',
                json_encode($id),
                json_encode($value),
            ));
        }
    }

    public function test_1_a_match_is_planned_from_nothing(): void
    {
        $this->signIn();
        $this->visit('/jobs/new');
        self::fill([
            'f-kind' => 'event', 'f-name' => 'Valley league, last round', 'f-client' => 'Valley League',
            'f-date' => date('Y-m-d', time() + 20 * 86400),
            'f-covered_from' => '12:00', 'f-covered_to' => '18:00', 'f-place_name' => 'Lower ground', 'f-where' => '62.41, 17.31',
            'f-temperature_c' => '8',
        ]);
        $this->press('Start the job');
        $this->see('Valley league, last round');
        preg_match('#/jobs/(\d+)#', self::$browser->driver->getCurrentURL(), $found);
        self::$job = $job = (int) $found[1];

        $this->visit("/jobs/{$job}/ground");
        self::fill(['f-kind' => 'pitch']);
        $this->press('Lay it out');
        $this->see('It is laid out', 'What each post gives', 'Near left corner');
        self::fill(['f-bearing_deg' => '20', 'f-ways' => 'Near left corner to High, 9']);
        $this->press('Keep it');
        $this->see('The ground is kept.', 'Up is 20°');

        $this->visit("/jobs/{$job}/plan");
        self::$browser->script('document.querySelectorAll("details").forEach((d) => { d.open = true; })');
        self::fill(['t-template' => 'match-day', 't-first' => '14:00', 't-second' => '15:45']);
        $this->press('Lay it out');
        $this->see('14:00');
        $this->visit("/jobs/{$job}/cover");
        $this->see('No segment is marked as a period.');
        self::$browser->script('[...document.querySelectorAll("[name=\"segments[]\"]")].slice(2, 5).forEach((box) => box.click())');
        $this->press('These are periods');
        $this->see('Nobody of these periods has a lens on the list.');

        $this->visit("/jobs/{$job}/kit/propose");
        $this->press('Take this kit');
        $this->visit("/jobs/{$job}/cover");
        $this->see('the most that is possible is', 'What more would bring');
        self::$browser->script('document.querySelector(".chosen-post").value = "High"');
        $this->press('Keep and judge');
        $this->see('Worth and posts are kept.', 'as chosen');
        $this->assertNoComplaints();

        $this->visit("/jobs/{$job}/sending");
        self::fill([
            'f-rate_mb_s' => '1,5', 'f-pictures' => "Line-up x 2, by 14:00, from 13:30\nFirst goal, by 15:30, from 14:10, 8 MB, worth 5",
            'f-gaps' => "Before, 13:45 to 13:55\nHalf time, 14:48 to 15:00",
        ]);
        $this->press('Keep and work it out');
        $this->see('3 of 3 in time, proven', 'All that is wanted early is there in time.');

        $this->visit("/jobs/{$job}/roster");
        self::fill(['f-players' => "No\tName\tPos\n7\tAda Berg\tforward\n9\tBo Cederlund\tback", 'f-line_up' => '7', 'f-codes' => '']);
        $this->press('Keep it');
        $this->see('Every number is one person.');
        self::$browser->type('f-try', 'p7 turns, p9 watches');
        $this->see('Ada Berg (7) turns', "Bo Cederlund is not in today's line-up.");
        $this->assertNoComplaints();
    }

    /** Frames of the stand-ins, captioned, into the folder that stands for the editor. */
    public function test_2_pictures_go_to_the_editor_with_their_captions(): void
    {
        $this->signIn();
        self::$satchel->artisan('satchel:simulate', 'shoot', '--frames=4');
        $this->visit('/jobs/1/cards');
        self::$browser->script('[...document.querySelectorAll("form")].find((f) => /cards\/seal$/.test(f.action)).submit()');
        $this->visit('/jobs/1/wrap');
        $this->see('Who, what, where, when?');
        self::$browser->until(static function (): bool {
            self::$browser->script('location.reload()');
            usleep(500_000);

            return (bool) self::$browser->script('return document.querySelectorAll("table tbody tr").length > 2');
        }, 'No frame is indexed.');
        $name = (string) self::$browser->script('return document.querySelector("tbody th").textContent.trim()');
        self::fill(['f-captions' => "{$name} The two at the boat"]);
        $this->press('Keep them');
        $this->see('The two at the boat.');

        $folder = self::$satchel->folder.'/editor';
        mkdir($folder);
        $data = new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite');
        $data->prepare('INSERT INTO allowed_roots (path) VALUES (?)')->execute([realpath($folder)]);
        $this->visit('/jobs/1/send');
        self::fill(['f-path' => $folder, 'f-creator' => 'Tyra']);
        $this->press('Keep it');
        $this->see("The editor's desk is kept.");
        self::$browser->script('[...document.querySelectorAll("[name=\"frames[]\"]")].forEach((box) => box.click())');
        self::fill(['f-due_clock' => '23:50']);
        $this->press('Into the queue');
        $this->see('are in the queue.', 'wait to be sent.');
        self::$satchel->artisan('queue:work', '--queue=sending', '--stop-when-empty');
        $this->visit('/jobs/1/send');
        $this->see("Everything in the queue went to the editor's desk.", 'there, read back at', 'MB/s, as last measured');
        $there = glob("{$folder}/*.jpg") ?: [];
        $this->assertGreaterThan(4, count($there));
        $this->assertSame([], glob("{$folder}/.*.part") ?: []);
        $said = (string) shell_exec('exiftool -s3 -charset iptc=utf8 -IPTC:Caption-Abstract '.implode(' ', array_map(escapeshellarg(...), $there)));
        $this->assertStringContainsString('The two at the boat. Tuva and Emrik, lakeside wedding', $said);
        $this->assertNoComplaints();
    }

    /** The match that was planned from nothing: cards go into a body, it is shot, captioned by codes, and sent to the last picture. */
    public function test_3_the_match_is_shot_and_sent_to_the_last_picture(): void
    {
        $this->signIn();
        $job = self::$job;
        $data = new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite');
        foreach (['M1', 'M2'] as $label) {
            $this->visit('/shelf?kind=card');
            self::fill(['f-label' => $label, 'f-capacity_gb' => '64']);
            $this->press('Put it on the shelf');
            $this->see("{$label} is on the shelf.");
            $this->visit("/jobs/{$job}/kit");
            self::$browser->script('const o = [...document.querySelectorAll("[name=item] option")].find((e) => e.text.endsWith("· '.$label.'"));'.
                'o.parentNode.value = o.value; o.closest("form").requestSubmit();');
            // Taken, it is offered no more; before that its name stands there too.
            $gone = 'return document.readyState === "complete" && document.querySelector("[name=item]") !== null && '.
                '! [...document.querySelectorAll("[name=item] option")].some((e) => e.text.endsWith("· '.$label.'"))';
            self::$browser->until(static fn (): bool => self::$browser->script($gone) === true, "{$label} is not in the bag.");
            mkdir($folder = self::$satchel->folder.'/standins/cards/'.$label, 0777, true);
            $data->prepare('UPDATE cards SET folder = ? WHERE item_id = (SELECT id FROM items WHERE label = ?)')
                ->execute([realpath($folder), $label]);
        }
        $this->visit("/jobs/{$job}/cards");
        foreach (['M1', 'M2'] as $label) {
            $this->press("Put in {$label}");
            $left = sprintf('return [...document.querySelectorAll("button")].some((b) => b.textContent.trim() === "Put in %s")', $label);
            self::$browser->until(static fn (): bool => self::$browser->script($left) === false, "{$label} is not in the body.");
            $this->visit("/jobs/{$job}/cards");
        }
        self::$satchel->artisan('satchel:simulate', 'shoot', "--job={$job}", '--frames=6');
        self::$browser->script('[...document.querySelectorAll("form")].find((f) => /cards\/seal$/.test(f.action)).submit()');
        $this->see('files, ');
        $this->visit("/jobs/{$job}/wrap");
        self::$browser->until(static function (): bool {
            self::$browser->script('location.reload()');
            usleep(500_000);

            return (bool) self::$browser->script('return document.querySelectorAll("table tbody tr").length > 2');
        }, 'No frame is indexed.');
        $names = (array) self::$browser->script('return [...document.querySelectorAll("tbody th")].map((e) => e.textContent.trim())');
        self::fill(['f-captions' => "{$names[0]} p7 leads them out\n{$names[1]}: p9 watches"]);
        $this->press('Keep them');
        $this->see('Ada Berg (7) leads them out.', "Bo Cederlund is not in today's line-up.");

        mkdir($folder = self::$satchel->folder.'/picture-desk');
        $data->prepare('INSERT INTO allowed_roots (path) VALUES (?)')->execute([realpath($folder)]);
        $this->visit("/jobs/{$job}/send");
        self::fill(['f-path' => $folder, 'f-creator' => 'Tyra']);
        $this->press('Keep it');
        $this->see("The editor's desk is kept.");
        self::$browser->script('[...document.querySelectorAll("[name=\"frames[]\"]")].forEach((box) => box.click())');
        $this->press('Into the queue');
        $this->see('are in the queue.');
        self::$satchel->artisan('queue:work', '--queue=sending', '--stop-when-empty');
        $this->visit("/jobs/{$job}/send");
        $this->see('1 picture did not go through.', "Bo Cederlund is not in today's line-up");
        // A late change of the line-up: nine plays after all, and the last picture goes.
        $this->visit("/jobs/{$job}/roster");
        self::fill(['f-line_up' => '7 9']);
        $this->press('Keep it');
        $this->see('The roster is kept.');
        $this->visit("/jobs/{$job}/send");
        $this->press('Send what waits');
        self::$satchel->artisan('queue:work', '--queue=sending', '--stop-when-empty');
        $this->visit("/jobs/{$job}/send");
        $this->see("Everything in the queue went to the editor's desk.");
        $there = glob("{$folder}/*.jpg") ?: [];
        $this->assertCount(count($names), $there, 'each once, to the last');
        $said = (string) shell_exec('exiftool -s3 -charset iptc=utf8 -IPTC:Keywords '.implode(' ', array_map(escapeshellarg(...), $there)));
        $this->assertStringContainsString('Ada Berg', $said);
        $this->assertStringContainsString('Bo Cederlund', $said);
        $this->assertNoComplaints();
    }
}
