<?php

declare(strict_types=1);

namespace Tests\Browser\House;

use PHPUnit\Framework\Attributes\Depends;
use Tests\Browser\BrowserTestCase;

/** The demo wedding from its brief to the formatted card, as its photographer would go through it. */
final class WholeJobTest extends BrowserTestCase
{
    public function test_1_sign_in_and_see_what_is_urgent(): void
    {
        $this->visit('/jobs/1/plan');
        $this->see('Sign in');
        $this->signIn();
        $this->see(
            'Tuva and Emrik, lakeside wedding',
            '4 days to go',
            'Drinks by the stove starts before Room while it is empty has ended.',
            'Rowing club awards evening',
        );
    }

    #[Depends('test_1_sign_in_and_see_what_is_urgent')]
    public function test_2_the_brief_is_read_and_edited_and_a_job_started(): void
    {
        $this->press('Tuva and Emrik, lakeside wedding');
        $this->see('What is the job, and what must not be missed?', 'Sun at Granvik Boathouse');
        self::$browser->type('f-latitude', '95');
        $this->press('Keep the brief');
        $this->see('A latitude lies between -90 and 90');
        self::$browser->type('f-latitude', '63.182');
        self::$browser->type('f-restrictions', 'No flash in the chapel.');
        $this->press('Keep the brief');
        $this->see('The brief is kept.');

        $this->visit('/jobs/new');
        self::$browser->type('f-name', 'Harbour regatta');
        self::$browser->type('f-covered_from', '10:00');
        self::$browser->type('f-covered_to', '17:00');
        self::$browser->script('document.getElementById("f-date").value = "2031-05-17"');
        self::$browser->type('f-place_name', 'South pier');
        $this->press('Start the job');
        $this->see('Will the day hold?', 'The day has no segments yet.');
    }

    #[Depends('test_2_the_brief_is_read_and_edited_and_a_job_started')]
    public function test_3_the_plan_is_judged_mended_and_changed_without_a_full_load(): void
    {
        $this->visit('/jobs/1/plan');
        self::$browser->script('window.sameDocument = true');
        $this->see('The sun is down before Lakeside portraits ends.', 'How long is the way from', 'sunset');
        $stillOverlapping = 'Drinks by the stove starts before Room while it is empty has ended.';
        $this->see($stillOverlapping);
        self::$browser->until(
            fn (): bool => (bool) self::$browser->script(
                'const a = [...document.querySelectorAll("[data-code=\'plan.overlap\'] .button")][0]; if (a) { a.click(); } return !! a;',
            ),
            'The overlap has no remedy.',
        );
        self::$browser->notSee($stillOverlapping);

        self::$browser->type('segment-new-title', 'Breather by the lake');
        self::$browser->type('segment-new-start', '12:15');
        self::$browser->type('segment-new-minutes', '20');
        $this->press('Add the segment');
        $this->see('Breather by the lake', '12:15 – 12:35');
        $this->press('Breather by the lake 5 minutes later');
        $this->see('12:20 – 12:40');

        $this->press('Edit Breather by the lake');
        $form = self::$browser->script('return document.querySelector("[name=_form][value^=segment-]:not([value=segment-new])").value');
        self::$browser->type("{$form}-minutes", '0');
        $this->press('Keep');
        $this->see('A segment lasts from 1 to 1440 minutes.');
        self::$browser->type("{$form}-minutes", '25');
        $this->press('Keep');
        $this->see('12:20 – 12:45');

        $id = substr((string) $form, strlen('segment-'));
        self::$browser->script("document.querySelector('#segment-{$id} details').open = true");
        $this->press('Add a shot to Breather by the lake');
        self::$browser->type("shot-new-{$id}-what", 'Hands around a cup');
        self::$browser->script("document.querySelector('#shot-new-{$id}-what').form.requestSubmit()");
        $this->see('Hands around a cup');

        $this->press('Remove Breather by the lake');
        $this->see('Breather by the lake is off the plan.');
        $this->press('Undo');
        $this->see('Breather by the lake is back.', 'Hands around a cup');
        $this->assertTrue(self::$browser->script('return window.sameDocument === true'), 'the page was never loaded anew');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_sign_in_and_see_what_is_urgent')]
    public function test_2b_the_slider_moves_sun_and_shadow(): void
    {
        $this->visit('/jobs/1/scout');
        $this->see('Where will the light be?', 'The shadow of Spruce');
        $sun = 'const s = document.querySelector("#spot circle.sun"); return s ? s.getAttribute("cx") : null';
        $before = self::$browser->script($sun);
        self::$browser->script(
            'const r = document.getElementById("minute"); r.value = Number(r.value) + 90; r.dispatchEvent(new Event("input", {bubbles: '.
                'true})); r.dispatchEvent(new Event("change", {bubbles: true}))',
        );
        self::$browser->until(fn (): bool => self::$browser->script($sun) !== $before, 'The sun did not move.');
        $this->assertLessThan((float) $before, (float) self::$browser->script($sun), 'to the west');
        $this->assertNoComplaints();
    }

    #[Depends('test_3_the_plan_is_judged_mended_and_changed_without_a_full_load')]
    public function test_3b_what_if_we_are_late_is_answered_applied_and_undone(): void
    {
        $this->visit('/jobs/1/plan');
        $this->press('What if we run late?');
        $this->see('What gives if we run late?', "Today's plan");
        self::$browser->script(
            '[...document.querySelectorAll("#f-segment option")].find((o) => o.textContent.includes("Family groups")).selected = true',
        );
        self::$browser->type('f-late', '60');
        $this->press('Work it out');
        $this->see('Family groups moves into Dinner and speeches, 20 min of it.');
        $this->press('Make this the plan');
        $this->see('The re-plan is the plan now.');
        $this->assertSame(
            0,
            self::$browser->script(
                'return [...document.querySelectorAll("main h2")].filter((h) => h.textContent.includes("Family groups")).length',
            ),
        );
        $this->press('Undo');
        $this->see('It is as it was before.', 'Family groups');
        $this->visit('/jobs/1/rehearse');
        $this->see('How likely is the day to hold?', '3000 simulated days');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_sign_in_and_see_what_is_urgent')]
    public function test_4_the_bag_is_filled_from_the_plan_and_ticked(): void
    {
        $this->visit('/jobs/1/kit');
        $this->see('180 mm is missing', 'OV-16 cells fall');
        $this->press('Put Zoom 70–200 in');
        self::$browser->notSee('180 mm is missing');
        $this->visit('/jobs/1/pack');
        $before = (int) self::$browser->script('return document.querySelectorAll("form[data-tap=pack]").length');
        self::$browser->script('document.querySelector("form[data-tap=pack] button").click()');
        $this->see("1 of {$before} things are in.");
        $this->visit('/jobs/1/kit');
        $this->see($before - 1 .' items are not packed yet.');
        $this->assertNoComplaints();
    }

    #[Depends('test_4_the_bag_is_filled_from_the_plan_and_ticked')]
    public function test_4b_a_tick_made_while_the_server_is_away_is_sent_when_it_is_back(): void
    {
        $this->visit('/jobs/1/pack');
        self::$satchel->stopServer();
        self::$browser->script('document.querySelectorAll("form[data-tap=pack] button")[0].click()');
        self::$browser->until(fn (): bool => str_contains(self::$browser->text(), 'One tap waits for the server.'), 'The tap is not kept.');
        self::$satchel->startServer();
        self::$browser->script('window.dispatchEvent(new Event("online"))');
        self::$browser->notSee('One tap waits for the server.');
        $this->see('2 of');
        self::$browser->complaints();
    }

    #[Depends('test_1_sign_in_and_see_what_is_urgent')]
    public function test_5_the_camera_check_finds_the_faults_and_they_are_mended(): void
    {
        $this->visit('/jobs/1/cards');
        self::$browser->script('document.querySelector("[data-key=n]").click()');
        $this->see(
            'Body B writes raw to one card and jpeg to the other.',
            'The clock of Body C is 23 min 40 s behind.',
            'Body C carries frames that are safe nowhere else.',
            'Body A is ready.',
        );
        $this->press('Set Body B to mirror and fire again');
        self::$browser->notSee('Body B writes raw to one card');
        $this->press('Set the clock of Body C and fire again');
        self::$browser->notSee('The clock of Body C');
        // The old card goes out, a ready one in: body, out, in.
        $this->press('Take S06 out of Body C');
        $this->see('A card was changed since the bodies were read.');
        $this->press('Put S07 into slot 2 of Body C');
        $this->see('in slot 2 of Body C');
        $this->press('Fire test frames with every body');
        $this->see('Body A is ready.', 'Body B is ready.', 'Body C is ready.');
        $this->assertNoComplaints();
    }

    #[Depends('test_5_the_camera_check_finds_the_faults_and_they_are_mended')]
    public function test_6_the_stand_in_cameras_shoot_the_day(): void
    {
        self::$browser->type('f-frames', '8');
        $this->press('Shoot the planned day');
        $this->see('frames are taken.');
        $files = glob(self::$satchel->folder.'/standins/cards/S0[1-5]/DCIM/100*/*.DNG') ?: [];
        $this->assertGreaterThan(24, count($files), 'real files in real folders');
        $out = [];
        exec('exiftool -s3 -Model -SerialNumber '.escapeshellarg($files[0]).' 2>&1', $out);
        $this->assertSame(['Ostervik M4', 'OV40117'], $out);
    }

    #[Depends('test_6_the_stand_in_cameras_shoot_the_day')]
    public function test_7_sealed_compared_copied_and_formatted(): void
    {
        $this->press('Seal all shot cards');
        $this->see('cards are sealed.');
        $this->press('May I format S01?');
        $this->see('S01 has not been compared with its twin.', 'S01 holds frames that are not safe yet.');
        $this->press('Compare all pairs');
        $this->see('Twin check done', 'S01 and S02: repairable', 'damaged on the second (it is cut short)');

        $this->visit('/jobs/1/copies');
        $this->see('S01 is not safe yet.', 'not there');
        $this->press('Copy and verify');
        $this->see('Copy and read back');
        $this->see('Every shot card is on enough devices.');
        // The last copy may be noted while the page is being made: the cells follow at the next look.
        self::$browser->until(
            static fn (): bool => (int) self::$browser->script('return document.querySelectorAll("td[data-state=verified]").length') >= 14,
            'Not every card is verified on two drives.',
        );
        $this->addToAssertionCount(1);

        $this->visit('/jobs/1/cards');
        $this->press('May I format S02?');
        $this->see('Nobody has looked at S02 at 1:1.');
        $this->press('Look at frames 1:1');
        $this->see('Is it sharp, pixel for pixel?', 'differs between the two cards');
        $this->press('All is well');
        $this->see('frames of S02 are noted as looked at.');
        $this->press('May I format S02?');
        $this->see('S02 may be formatted.', '2 healed from the twin');
        // What no name, size or time tells: the permit is void, and granted again once the new content lies on both drives.
        $this->press('Where all of S02 lies');
        $this->see('May S02 be formatted?', 'Yes.', 'Drive Fir', 'Every file, and where its content lies');
        $this->assertNoComplaints();
        $this->visit('/jobs/1/cards');
        $this->press('Change a picture behind its back');
        $this->see('is another picture now, of the same name, size and time.');
        $this->press('Format S02');
        $this->see('The permit is void', 'What was copied is of what was sealed.');
        $this->see('S02 does not hold what was sealed.');
        $this->press('Seal S02');
        $this->see('S02 has not been compared with its twin.');
        $this->press('Compare S02 with its twin');
        $this->see('Twin check done');
        $this->press('May I format S02?');
        $this->see('S02 holds frames that are not safe yet.');
        // Its twin changed with it, which the copy finds.
        $this->visit('/jobs/1/copies');
        $this->press('Copy and verify');
        $this->see('seal it again, and it is copied into a new bag');
        $this->visit('/jobs/1/cards');
        $this->press('Look at frames of S02 1:1');
        $this->press('All is well');
        $this->press('May I format S02?');
        $this->see('S02 may be formatted.');
        $this->press('Format S02');
        $this->see('S02 is empty and ready; the format is in its log.');
        $this->assertDirectoryDoesNotExist(self::$satchel->folder.'/standins/cards/S02/DCIM');
        $this->assertNoComplaints();

        $out = [];
        exec(
            'cd '.
                self::$satchel->folder.
                '/standins/drives/drive-fir/*_S01_fill1 && b2sum --strict --quiet -c manifest-blake2b512.txt 2>&1',
            $out,
            $exit,
        );
        $this->assertSame(0, $exit, implode("\n", $out));
    }
}
