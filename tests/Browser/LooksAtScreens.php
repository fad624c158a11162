<?php

declare(strict_types=1);

namespace Tests\Browser;

/**
 * A screen in its sizes and looks: nothing scrolls sideways, contrast, names; on a phone every control is 44 by 44 CSS pixels (WCAG 2.2,
 * 2.5.5, enhanced; a tick counts with the words that belong to it).
 */
trait LooksAtScreens
{
    /** On paper on a desk and in the dim look on a phone, without another load between them. */
    protected function look(string $page): void
    {
        self::$browser->size(1280, 800);
        $this->visit($page);
        self::$browser->script((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $this->assertFits($page, 1280);
        $this->assertSound("{$page}, desk");
        self::$browser->size(390, 844);
        $this->assertFits($page, 390);
        if (! self::isForPaper($page)) {
            self::$browser->script('document.documentElement.classList.add("dim")');
        }
        $this->assertSound("{$page}, phone");
        if (! self::isForPaper($page)) {
            $this->assertSame([], self::$browser->script((string) file_get_contents(__DIR__.'/House/touch.js')), $page);
        }
        $this->assertNoComplaints();
    }

    /** A sheet for print is black on white in every look, and nobody's thumb is on it. */
    private static function isForPaper(string $page): bool
    {
        return preg_match('#/sheet|/permit|/labels|/boards/#', $page) === 1;
    }

    private function assertFits(string $page, int $width): void
    {
        $this->assertLessThanOrEqual(
            $width,
            self::$browser->script('return document.documentElement.scrollWidth'),
            "nothing scrolls sideways: {$page}, {$width}",
        );
    }

    /** Reference: axe-core's WCAG 2.2 A and AA rules, run in the page. */
    private function assertSound(string $page): void
    {
        $found = self::$browser->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {resultTypes: ["violations"], runOnly: '.
                '["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]}).then((r) => done(r.violations.map((v) => v.id + ": " + '.
                'v.nodes.map((n) => n.target.join(" ") + " — " + (n.any[0] || n.all[0] || {message: ""}).message).slice(0, 4).join(" | "))));',
        );
        $this->assertSame([], $found, $page);
    }
}
