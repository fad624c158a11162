<?php

declare(strict_types=1);

namespace Tests\Browser\House;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\LooksAtScreens;

/** Every screen in both sizes and both looks: contrast, names, no sideways scrolling, controls for a thumb, keys. */
final class ScreensTest extends BrowserTestCase
{
    use LooksAtScreens;

    private static bool $isIn = false;

    protected function setUp(): void
    {
        self::$browser->size(1280, 800);
        if (! self::$isIn) {
            $this->signIn();
            self::$isIn = true;
        }
    }

    /** @return array<string, array{string}> */
    public static function screens(): array
    {
        $all = [];
        foreach (
            [
                '/',
                '/jobs/1/brief',
                '/jobs/1/scout',
                '/jobs/1/plan',
                '/jobs/1/kit',
                '/jobs/1/kit/propose',
                '/jobs/1/tests',
                '/jobs/1/light',
                '/jobs/1/pack',
                '/jobs/1/home',
                '/jobs/1/people',
                '/jobs/1/call',
                '/jobs/1/cards',
                '/jobs/1/copies',
                '/jobs/1/frames',
                '/shelf',
                '/shelf/labels',
                '/folders',
                '/find?q=lake',
                '/jobs/1/what-if?segment=5&late=60',
                '/jobs/1/rehearse',
                '/jobs/1/sheets/lead',
                '/jobs/1/sheets/client',
                '/jobs/1/plan?open=3&edit=shot-7',
                '/jobs/new',
                '/groups/6/stand?rows=2',
                '/jobs/1/teams?teams=Cubs%2C+4%2C+heights+150+140+152+138&sets=2',
                '/jobs/1/cards/1/look',
                '/jobs/1/cards/1/permit',
                '/jobs/1/tests/sheet',
            ] as $page
        ) {
            $all[$page] = [$page];
        }

        return $all;
    }

    #[DataProvider('screens')]
    public function test_screen(string $page): void
    {
        $this->look($page);
    }

    public function test_the_look_that_was_chosen_is_kept_and_sheets_stay_white(): void
    {
        $isDim = 'return document.documentElement.classList.contains("dim")';
        self::$browser->driver->manage()->addCookie(['name' => 'look', 'value' => 'dim', 'path' => '/']);
        foreach (['/' => true, '/jobs/1/call' => true, '/jobs/1/sheets/lead' => false, '/jobs/1/cards/1/permit' => false] as $page => $dim) {
            $this->visit($page);
            $this->assertSame($dim, self::$browser->script($isDim), $page);
        }
        self::$browser->driver->manage()->addCookie(['name' => 'look', 'value' => 'paper', 'path' => '/']);
        $this->visit('/');
        $this->assertFalse(self::$browser->script($isDim));
    }

    public function test_the_phases_and_the_keys_list_answer_to_single_keys(): void
    {
        $this->visit('/jobs/1/brief');
        self::$browser->key('3');
        self::$browser->see('Will the day hold?');
        self::$browser->key('5');
        self::$browser->see('What if one thing breaks?');
        self::$browser->key('?');
        $this->assertTrue(self::$browser->script('return document.getElementById("keys").open'));
        $this->press('Close');
        self::$browser->key('j');
        self::$browser->see('What is coming, and what is urgent?');
    }

    public function test_on_the_phone_the_margin_is_a_bar_that_opens(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/plan');
        $list = 'return getComputedStyle(document.querySelector(".margin-list")).display';
        $this->assertSame('none', self::$browser->script($list));
        self::$browser->script('document.getElementById("margin-open").click()');
        $this->assertSame('block', self::$browser->script($list));
    }

    public function test_calling_a_group_is_on_the_first_screen_of_a_phone(): void
    {
        self::$browser->size(390, 844);
        $this->visit('/jobs/1/call');
        $this->assertLessThan(
            844,
            self::$browser->script('return document.querySelector("main form button").getBoundingClientRect().bottom'),
        );
    }
}
