<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Demo\Demo;
use PHPUnit\Framework\TestCase;
use Tests\Support\Chromium;
use Tests\Support\RunningSatchel;

/** The running program and a browser before it. */
abstract class BrowserTestCase extends TestCase
{
    protected static RunningSatchel $satchel;

    protected static Chromium $browser;

    public static function setUpBeforeClass(): void
    {
        self::$satchel = RunningSatchel::start();
        self::$browser = Chromium::open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$browser->quit();
        self::$satchel->stop();
    }

    protected function signIn(): void
    {
        self::$browser->visit(self::$satchel->url.'/sign-in');
        if (str_contains(self::$browser->text(), 'Password')) {
            self::$browser->type('f-email', Demo::EMAIL);
            self::$browser->type('f-password', Demo::PASSWORD);
            self::$browser->press('Sign in');
            self::$browser->see('Sign out');
            $this->visit('/');
        }
        self::$browser->see('What is coming, and what is urgent?');
    }

    protected function visit(string $path): void
    {
        self::$browser->visit(self::$satchel->url.$path);
    }

    protected function see(string ...$texts): void
    {
        foreach ($texts as $text) {
            self::$browser->see($text);
            $this->addToAssertionCount(1);
        }
    }

    protected function press(string $name): void
    {
        self::$browser->press($name);
    }

    protected function assertNoComplaints(): void
    {
        $this->assertSame([], self::$browser->complaints());
    }
}
