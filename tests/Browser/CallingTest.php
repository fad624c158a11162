<?php

declare(strict_types=1);

namespace Tests\Browser;

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
        self::$phone->see('The two with Torleif and Majken');

        self::$satchel->stopServer();
        self::$phone->press('Torleif is found');
        self::$phone->press('Majken is found');
        self::$phone->see('2 taps wait for the server.');
        self::$browser->script('document.querySelector("form[data-tap=shot] button").click()');
        self::$browser->see('One tap waits for the server.');
        self::$satchel->startServer();
        self::$phone->notSee('taps wait for the server.');
        self::$browser->notSee('One tap waits for the server.');

        $this->see('Tuva with brothers and sisters', 'Who can go');
        self::$phone->see('Tuva with brothers and sisters');
        $left = (string) self::$browser->script('return document.querySelector("main").textContent.match(/(\\d+) left/)[1]');
        $this->assertSame('22', $left, 'one of 23 is shot, the other only put off');
        $this->visit('/jobs/1/call/sheet');
        $this->see('Whom do I call', 'The two with Gunvor and Henning');
        $this->assertSame(0, self::$browser->script('return [...document.querySelectorAll("td b")].filter((b) => b.textContent === "The two with Torleif and Majken").length'));
    }
}
