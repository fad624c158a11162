<?php

declare(strict_types=1);

namespace Tests\Browser\Kit;

use PHPUnit\Framework\Attributes\Depends;
use Tests\Browser\BrowserTestCase;

/** The demo's kit: what breaks, what comes along, packed on a phone with one tap a thing and from the keyboard, and brought home. */
final class KitTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        self::$browser->size(1280, 800);
        $this->signIn();
    }

    public function test_1_what_breaks_is_mended_with_one_press_each(): void
    {
        $this->visit('/jobs/1/kit');
        $this->see(
            'What if one thing breaks?',
            'If Zoom 24–70 fails',
            'If Trigger 1 fails',
            'If Reader, two slots fails',
            '180 mm is missing',
        );
        foreach (['Wide 16–35' => 'Zoom 24–70', 'Trigger 2' => 'Trigger 1', 'Reader, one slot' => 'Reader, two slots'] as $mend => $lost) {
            $this->press("Put {$mend} in");
            self::$browser->notSee("If {$lost} fails");
        }
        $this->press('Put Zoom 70–200 in');
        self::$browser->notSee('180 mm is missing');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_what_breaks_is_mended_with_one_press_each')]
    public function test_2_the_kit_is_proposed_from_the_plan_and_taken(): void
    {
        $this->visit('/jobs/1/kit/propose');
        $this->see('What should come along?', 'Spare: 180 mm', 'Proven: no lighter choice from this shelf holds the plan');
        self::$browser->script('document.getElementById("f-school").value = "abroad"');
        $this->press('Work it out');
        $this->see('Musts only, and spares of cells and cards alone');
        $this->visit('/jobs/1/kit/propose');
        $this->press('Take this kit');
        $this->see('things are on the list now');
        $this->visit('/jobs/1/kit');
        $this->assertSame(0, self::$browser->script('return document.querySelectorAll(".loss-table .is-must").length'));
        $this->see('pairs break a must together');
        $this->assertNoComplaints();
    }

    #[Depends('test_2_the_kit_is_proposed_from_the_plan_and_taken')]
    public function test_3_things_are_packed_on_a_phone_with_one_tap_and_from_the_keyboard(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/pack');
        $this->see('What goes where?', 'Roller case', '0 of ');
        $pressed = 'return document.querySelectorAll("form[data-tap=unpack]").length';
        $tap = fn (string $label): bool => (bool) self::$browser->script(
            'const b = [...document.querySelectorAll("form[data-tap=pack] button")].find((e) => e.querySelector("b").textContent === "'.
                $label.
                '"); if (b) { b.click(); } return !! b;',
        );
        foreach (['Body A', 'Body B', 'Prime 50'] as $n => $label) {
            $this->assertTrue($tap($label), $label);
            self::$browser->until(fn (): bool => self::$browser->script($pressed) === $n + 1, "{$label} was not ticked.");
        }
        $this->see('2 of ');
        self::$browser->script(
            '[...document.querySelectorAll("form[data-tap=pack] button")].find((e) => e.querySelector("b").textContent === "Body '.
                'C").focus()',
        );
        self::$browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ENTER);
        self::$browser->until(fn (): bool => self::$browser->script($pressed) === 4, 'The keyboard did not tick.');
        self::$browser->type('f-scan', 'Trigger 1');
        $this->press('Tick it');
        $this->see('Trigger 1 is in.');
        self::$browser->type('f-scan', 'Trigger 1');
        $this->press('Tick it');
        $this->see('Trigger 1 is in already: scanned twice.');
        $this->assertSame('Trigger 1', self::$browser->script('return document.getElementById("f-scan").value'), 'what was typed is kept');
        $this->assertGreaterThan(
            3,
            self::$browser->script('return document.querySelectorAll(".bag .place.in, .bag .place.part").length'),
            'the drawing shows what is in',
        );
        $this->see('The night before', 'At the door');
        $this->assertNoComplaints();
    }

    #[Depends('test_3_things_are_packed_on_a_phone_with_one_tap_and_from_the_keyboard')]
    public function test_4_a_test_fails_and_the_dials_are_compared(): void
    {
        $this->visit('/jobs/1/tests');
        $this->see('Is there still time to order another?', 'Trigger 1', 'too late to order');
        $this->press('Trigger 1 fails');
        $this->see('Trigger 1 failed its test.', 'Too late to order');
        $this->press('Trigger 1 works');
        self::$browser->notSee('Trigger 1 failed its test.');
        $this->see('Body A is as planned.');
        $this->assertNoComplaints();
    }

    #[Depends('test_3_things_are_packed_on_a_phone_with_one_tap_and_from_the_keyboard')]
    public function test_5_what_is_put_down_is_fetched_and_counted(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/home');
        self::$browser->script('[...document.querySelectorAll("#f-item option")].find((o) => o.textContent === "Flash 2").selected = true');
        self::$browser->type('f-place', 'Granvik Boathouse');
        self::$browser->type('f-heightCm', '205');
        $this->press('Note it');
        $this->see('Flash 2 at Granvik Boathouse since', 'height 205 cm');
        self::$browser->script('document.querySelector("input[id^=heightCm-]").value = "190"');
        $this->press('Does it stand as it did?');
        $this->see('Flash 2 was moved.');
        self::$browser->script('document.querySelector("form[data-tap=fetched] button").click()');
        self::$browser->notSee('Flash 2 at Granvik Boathouse since');
        self::$browser->script('document.querySelector("form[data-tap=home] button").click()');
        $this->see('1 of ');
        self::$browser->script('document.getElementById("margin-open").click()');
        $this->see('things are not home.');
        $this->assertNoComplaints();
    }

    public function test_6_the_flash_breaks_the_sync_speed_and_the_ways_out_are_shown(): void
    {
        $this->visit('/jobs/1/light');
        foreach (['ev' => '15', 'under' => '2', 'f' => '2.8'] as $field => $value) {
            self::$browser->type("f-{$field}", $value);
        }
        $this->press('Work it out');
        $this->see('This breaks the sync speed by', 'A smaller stop', 'High-speed sync', 'Panning and freezing');
        $this->assertSame('2.8', self::$browser->script('return document.getElementById("f-f").value'));
        $this->assertNoComplaints();
    }
}
