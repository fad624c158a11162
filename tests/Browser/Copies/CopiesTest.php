<?php

declare(strict_types=1);

namespace Tests\Browser\Copies;

use PHPUnit\Framework\Attributes\Depends;
use Tests\Browser\BrowserTestCase;

/** After the day: all copies in one bag, one route, a clock that was off, a copy that rots; each found and mended. */
final class CopiesTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        self::$browser->size(1280, 800);
        $this->signIn();
    }

    public function test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere(): void
    {
        $this->visit('/jobs/1/cards');
        self::$browser->script('document.querySelector("[data-key=n]").click()');
        $this->see('Body B writes raw to one card');
        foreach (
            [
                'Set Body B to mirror and fire again',
                'Take S06 out of Body C',
                'Put S07 into slot 2 of Body C',
                'Fire test frames with every body',
                'Shoot the planned day',
                'Seal all shot cards',
                'Compare all pairs',
            ] as $step
        ) {
            $this->press($step);
        }
        $this->see('Twin check done');
        $this->visit('/jobs/1/copies');
        $this->press('Copy and verify');
        $this->see(
            'Every shot card is on enough devices.',
            'One theft would take everything.',
            'card loads are short of 3-2-1',
            'The bag is stolen',
        );
        $this->press('Copy to Home office');
        $this->see('Home office verified');
        self::$browser->notSee('One theft would take everything.');
        self::$browser->notSee('are short of 3-2-1');
        $this->see('were copied by one routine alone');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_2_a_clock_that_was_off_is_set_from_two_frames_of_one_moment(): void
    {
        $this->visit('/jobs/1/frames');
        $this->see('In what order did it happen?', 'Body C: clock as it was');
        $bodies = 'return [...document.querySelectorAll(".contact-sheet li")].map((li) => li.innerText.match(/Body [ABC]/)[0]).join(",")';
        $before = self::$browser->script($bodies);
        // All bodies fired their first test frame at the same moment.
        $choose =
            'const of = (name, which) => [...document.querySelectorAll(".contact-sheet li")].find((li) => '.
                'li.innerText.includes(name)).querySelector(`input[name=${which}]`).click(); of("OSTV0412", "first"); of("OSTV3313", '.
                '"second");';
        self::$browser->script($choose);
        $this->press('These two are one moment');
        $this->see('Body C: its clock was 23 min 40 s behind', 'corrected in the index, not in the files.', 'corrected here');
        $this->assertNotSame($before, self::$browser->script($bodies), 'the frames stand in another order');
        $loaded = 'const i = document.querySelector(".contact-sheet img"); return i.complete && i.naturalWidth === 240';
        self::$browser->until(fn (): bool => (bool) self::$browser->script($loaded), 'The preview did not come.');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_3_what_rots_is_found_and_made_anew_from_another_copy(): void
    {
        $bags = glob(self::$satchel->folder.'/standins/drives/drive-fir/*S01*/data/DCIM/*/*.DNG') ?: [];
        $this->assertNotSame([], $bags);
        $bytes = (string) file_get_contents($bags[0]);
        $bytes[200] = chr(ord($bytes[200]) ^ 2);
        file_put_contents($bags[0], $bytes);
        $this->visit('/jobs/1/copies');
        $this->press('Only verify again');
        $this->see('A copy of S01 did not verify.', 'Repair it from another copy');
        $this->press('Repair it from another copy');
        $this->see('the damaged one stays as it is');
        self::$browser->notSee('A copy of S01 did not verify.');
        $this->assertSame($bytes, file_get_contents($bags[0]));
        $this->assertNoComplaints();
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_4_the_rule_is_changed_on_a_phone(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/copies');
        self::$browser->script('[...document.querySelectorAll("details.slab")].forEach((d) => { d.open = true; })');
        self::$browser->type('f-copies', '9');
        $this->press('Keep the rule');
        $this->see('This must lie between 1 and 8.');
        $this->assertSame('9', self::$browser->script('return document.getElementById("f-copies").value'), 'what was typed is kept');
        self::$browser->type('f-copies', '4');
        $this->press('Keep the rule');
        $this->see('The rule is kept, for all jobs.');
        self::$browser->script('document.getElementById("margin-open").click()');
        $this->see('are short of 4-2-1');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_5_after_a_copy_the_database_lies_beside_the_bags_whole(): void
    {
        foreach (['drive-fir', 'drive-birch'] as $drive) {
            $files = glob(self::$satchel->folder."/standins/drives/{$drive}/satchel-data/satchel-*.sqlite") ?: [];
            $this->assertNotSame([], $files, $drive);
            $db = new \PDO('sqlite:'.$files[0]);
            $this->assertSame('ok', $db->query('PRAGMA integrity_check')->fetchColumn());
            $this->assertSame('Tuva and Emrik, lakeside wedding', $db->query('select name from jobs where id = 1')->fetchColumn());
            $this->assertGreaterThan(
                0,
                (int) $db->query("select count(*) from copy_events where kind = 'verified'")->fetchColumn(),
                'with what it tells of the bags beside it',
            );
            $this->assertSame('0600', substr(sprintf('%o', fileperms($files[0])), -4));
        }
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_6_a_drive_is_handed_over_on_a_phone_and_comes_back(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/copies');
        self::$browser->script('[...document.querySelectorAll("details.slab")].forEach((d) => { d.open = true; })');
        $this->press('Hand Drive Fir over');
        $this->see('This is needed.');
        $id = (string) self::$browser->script(
            'return document.querySelector("[aria-label=\'Hand Drive Fir over\']").closest("form").querySelector("[name=who]").id.slice(4)',
        );
        self::$browser->type("who-{$id}", 'Ola, runner');
        self::$browser->script("document.getElementById('due-{$id}').value = '".date('Y-m-d', time() + 2 * 86400)."'");
        $this->press('Hand Drive Fir over');
        $this->see(
            'Drive Fir is with Ola, runner: ticket 1 says what is on it. It also holds copies of your whole database',
            'Drive Fir, with Ola, runner',
        );
        $this->press('Ticket 1');
        $this->see('Who has the drive, and what is on it?', '_S01_fill');
        $this->press('Back to the copies');
        $this->press('Drive Fir came back');
        $this->see('Drive Fir is back: verify it before it counts.');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_all_copies_in_one_bag_are_found_and_one_is_sent_elsewhere')]
    public function test_7_a_job_goes_out_as_a_bundle_and_comes_in_again(): void
    {
        $this->visit('/jobs/1/brief');
        $this->see('Take the whole job out as a bundle');
        $file = self::$satchel->folder.'/job.zip';
        $bytes = self::$browser->script(
            'const r = new XMLHttpRequest(); r.open("GET", "/jobs/1/bundle", false); r.overrideMimeType("text/plain; '.
                'charset=x-user-defined"); r.send(); return btoa([...r.responseText].map((c) => String.fromCharCode(c.charCodeAt(0) & '.
                '255)).join(""))',
        );
        file_put_contents($file, (string) base64_decode((string) $bytes, true));
        $this->visit('/jobs/new');
        self::$browser->attach('f-bundle', $file);
        $this->press('Bring it in');
        $this->see('The job is brought in.', 'What is the job, and what must not be missed?');
        $url = self::$browser->driver->getCurrentURL();
        $this->assertMatchesRegularExpression('#/jobs/([2-9]|\d\d+)/brief$#', $url, 'the address is that of the job that came in');
        self::$browser->visit($url);
        $this->see('What is the job, and what must not be missed?', 'Tuva and Emrik, lakeside wedding');
        $this->assertNoComplaints();
    }
}
