<?php

declare(strict_types=1);

namespace Tests\Browser\Wrap;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\LooksAtScreens;

/** The pages of events and of studio work, in both sizes and both looks. */
final class StudioScreensTest extends BrowserTestCase
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
    public static function pages(): array
    {
        $all = [
            '/jobs/7/ground', '/jobs/7/cover', '/jobs/7/sending', '/jobs/7/arrive', '/jobs/7/roster', '/jobs/7/send', '/jobs/7/wrap',
            '/jobs/8/elements', '/jobs/8/setups?beside=White+table', '/jobs/8/arrive?like=lights', '/jobs/3/looks', '/jobs/4/rooms',
            '/jobs/8/crew', '/jobs/8/crew/sheet', '/jobs/3/boards', '/jobs/3/boards/print', '/jobs/8/station', '/jobs/8/session',
            '/jobs/8/picks', '/jobs/8/plan',
        ];

        return array_combine($all, array_map(static fn (string $page): array => [$page], $all));
    }

    #[DataProvider('pages')]
    public function test_screen(string $page): void
    {
        $this->look($page);
    }
}
