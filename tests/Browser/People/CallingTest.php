<?php

declare(strict_types=1);

namespace Tests\Browser\People;

use Tests\Browser\BrowserTestCase;
use Tests\Support\Chromium;

/** The photographer and the caller at once, each with a browser, the server away in between. */
final class CallingTest extends BrowserTestCase
{
    private static Chromium $phone;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$phone = Chromium::open();
        self::$phone->size(390, 844);
    }

    public static function tearDownAfterClass(): void
    {
        self::$phone->quit();
        parent::tearDownAfterClass();
    }

    public function test_two_work_through_a_list_and_nothing_tapped_is_lost(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/people');
        $this->see('Who stands when?');
        $this->press('Make a link for the caller');
        $this->see('This link is shown this once');
        $link = (string) self::$browser->script('return document.querySelector(".note a[href*=\"/call/\"]").getAttribute("href")');
        self::$phone->visit(self::$satchel->url.(string) parse_url($link, PHP_URL_PATH));
        self::$phone->see('The two with Gunvor and Henning');
        $this->visit('/jobs/1/call');
        $this->see('The two with Gunvor and Henning', '2 still to be found');

        self::$phone->press('Gunvor is found');
        $this->see('1 still to be found');
        // Henning is missing: the group is put off, and the next one comes.
        $this->press('Later');
        $this->see('The two with Torleif and Majken');
        self::$browser->until(
            fn (): bool => self::$browser->script('return document.querySelector("h1").textContent.trim()') ===
                'The two with Torleif and Majken',
            'The photographer does not see the next group as the one to shoot.',
        );
        // It stood there as the next one before: the page has come when its people can be found.
        $isCalled =
            'return [...document.querySelectorAll("button")].some((b) => (b.getAttribute("aria-label") || b.textContent).trim() === '.
                '"Torleif is found")';
        self::$phone->until(fn (): bool => (bool) self::$phone->script($isCalled), 'The phone does not call the next group.');

        self::$satchel->stopServer();
        self::$phone->press('Torleif is found');
        self::$phone->press('Majken is found');
        self::$phone->see('2 taps wait for the server.');
        self::$browser->script('document.querySelector("form[data-tap=shot] button").click()');
        self::$browser->see('One tap waits for the server.');
        self::$satchel->startServer();
        self::$phone->notSee('taps wait for the server.');
        self::$browser->notSee('One tap waits for the server.');

        $this->see('Tuva with Ingrid', 'Who can go');
        self::$phone->see('Tuva with Ingrid');
        $left = 'return document.querySelector("main").textContent.match(/(\\d+) left/)[1]';
        self::$browser->until(fn (): bool => self::$browser->script($left) === '22', 'Of 23 one is shot, the other only put off.');
        $this->visit('/jobs/1/call/sheet');
        $this->see('Whom do I call', 'The two with Gunvor and Henning');
        $this->assertSame(
            0,
            self::$browser->script(
                'return [...document.querySelectorAll("td b")].filter((b) => b.textContent === "The two with Torleif and Majken").length',
            ),
        );
        // The browser complained while the server was away; that is over.
        self::$browser->complaints();
    }

    public function test_the_couple_sends_the_form_from_a_phone_and_it_is_accepted(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/people');
        $this->press('Make a link for the couple');
        $this->see('This link is shown this once');
        $link = (string) self::$browser->script('return document.querySelector(".note a[href*=\"/form/\"]").getAttribute("href")');
        self::$phone->visit(self::$satchel->url.(string) parse_url($link, PHP_URL_PATH));
        self::$phone->see('Which groups do you want?');
        self::$phone->type('f-groups', 'The rowers: Jonas, Kaj');
        self::$phone->type('f-people', 'Ida, aunt of Tuva, elderly');
        self::$phone->press('Send');
        self::$phone->see('Thank you. Your photographer reads it');
        $this->visit('/jobs/1/people');
        $this->see('From the couple', 'The rowers: Jonas, Kaj');
        $this->press('Accept The rowers: Jonas, Kaj');
        $this->see('Accepted.');
        $this->press('Decline Ida, aunt of Tuva, elderly');
        $this->see('Declined; nothing is changed.');
        $this->assertSame(
            1,
            self::$browser->script(
                'return [...document.querySelectorAll("main h2")].filter((h) => h.textContent.startsWith("The rowers")).length',
            ),
        );
    }

    public function test_a_group_is_dragged_to_the_front_and_the_chart_follows(): void
    {
        $this->signIn();
        $this->visit('/jobs/1/people');
        $first = 'return document.querySelector("[data-group] h2").textContent.trim().split(/\s{2,}/)[0]';
        $chart = 'return [...document.querySelectorAll("rect.stand-in")].map((bar) => bar.getAttribute("x")).join()';
        [$was, $drawn] = [self::$browser->script($first), self::$browser->script($chart)];
        self::$browser->size(1280, 6000);
        self::$browser->drag('[data-group]:nth-child(16)', '[data-group]:first-child');
        self::$browser->size(1280, 800);
        self::$browser->until(static fn (): bool => self::$browser->script($first) !== $was, 'The group did not move.');
        $this->assertNotSame($drawn, self::$browser->script($chart), 'the chart is drawn anew');
        $this->press('Take the order Least waiting, computed');
        $this->see('The groups are in that order.');
        // The search goes on in the background, and on a busy machine may find a better one than was there to take: then that is taken.
        $heading = 'return document.querySelector("[data-code=\'people.order\'] h3").textContent';
        $said = static fn (): string => (string) self::$browser->script($heading);
        for ($more = 0; $more < 5 && ! str_starts_with($said(), 'No other order'); $more++) {
            $this->visit('/jobs/1/people');
            $this->press('Take the order Least waiting, computed');
            $this->see('The groups are in that order.');
        }
        $this->assertStringStartsWith('No other order spares much waiting', $said());
        $this->visit('/jobs/1/people');
        $this->press('Place The two with Kerstin and Roald');
        $this->see('Who stands where, and how sharp?', 'from the left: ');
        $this->assertNoComplaints();
    }
}
