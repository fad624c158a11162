<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A screen in one size and look: nothing scrolls sideways, contrast, names; on a phone every control is 44 pixels high. */
trait LooksAtScreens
{
    /**
     * In one look and the sizes of a desk and of a phone, without another load between them.
     *
     * @param  list<array{int, int}>  $sizes
     */
    protected function look(string $page, string $look, array $sizes = [[1280, 800], [390, 844]]): void
    {
        self::$browser->size(...$sizes[0]);
        self::$browser->driver->manage()->addCookie(['name' => 'look', 'value' => $look, 'path' => '/']);
        $this->visit($page);
        self::$browser->script((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        foreach ($sizes as $i => [$width, $height]) {
            self::$browser->size($width, $height);
            $this->isSound($page, $width, $look, $i === ($look === 'dim' ? count($sizes) - 1 : 0));
        }
    }

    /**
     * Reference: axe-core's WCAG 2.2 A and AA rules, run in the page: paper on the desk, the dim look on the phone it is made for. What is
     * there and what it is called is the same in every size; only what does not fit is looked for in all.
     */
    private function isSound(string $page, int $width, string $look, bool $axe): void
    {
        // A sheet for print is black on white in every look.
        $this->assertSame(
            $look === 'dim' && ! str_contains($page, '/sheet') && ! str_contains($page, '/permit') && ! str_contains($page, '/boards/'),
            self::$browser->script('return document.documentElement.classList.contains("dim")'),
        );
        $this->assertLessThanOrEqual(
            $width,
            self::$browser->script('return document.documentElement.scrollWidth'),
            "nothing scrolls sideways: {$page}, {$width}, {$look}",
        );
        $this->assertNoComplaints();
        if (! $axe) {
            return;
        }
        // Names and structure are those of the same page on paper; the colours are not.
        $rules = $look === 'dim' ? '["color-contrast"]' : '["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]';
        $found = self::$browser->driver->executeAsyncScript(
            "const done = arguments[0]; axe.run(document, {runOnly: {$rules}}).then((r) => ".
                'done(r.violations.map((v) => v.id + ": " + v.nodes.map((n) => n.target.join(" ") + " — " + (n.any[0] || n.all[0] || '.
                '{message: ""}).message).slice(0, 4).join(" | "))));',
        );
        $this->assertSame([], $found, "{$page}, {$width}, {$look}");
    }

    /** Reference: 44 by 44 CSS pixels, WCAG 2.2, 2.5.5 (enhanced); a tick counts with the words that belong to it. */
    protected function touch(string $page): void
    {
        $this->visit($page);
        $this->assertSame([], self::$browser->script((string) file_get_contents(__DIR__.'/House/touch.js')), $page);
    }
}
