<?php

declare(strict_types=1);

/* Makes docs/screenshots again, from the demo data, in a program of its own. */

require dirname(__DIR__).'/vendor/autoload.php';

use Database\Demo\Demo;
use Tests\Support\Chromium;
use Tests\Support\RunningSatchel;

$to = dirname(__DIR__).'/docs/screenshots';
is_dir($to) || mkdir($to, 0777, true);
$satchel = RunningSatchel::start();
$browser = Chromium::open();

$take = static function (string $name, string $path, int $width = 1280, int $height = 800, ?Closure $before = null) use (
    $browser,
    $satchel,
    $to,
): void {
    $browser->size($width, $height);
    $browser->visit($satchel->url.$path);
    if ($before !== null) {
        $before($browser);
    }
    $browser->settle();
    $browser->driver->takeScreenshot("{$to}/{$name}.png");
    echo "{$name}.png\n";
};

try {
    $browser->visit($satchel->url.'/sign-in');
    $browser->type('f-email', Demo::EMAIL);
    $browser->type('f-password', Demo::PASSWORD);
    $browser->press('Sign in');
    $browser->see('Sign out');
    $take('days', '/', before: static fn (Chromium $b) => $b->press('3 jobs: which first?'));
    $take('brief', '/jobs/1/brief');
    $take('scout', '/jobs/1/scout');
    $take('what-if', '/jobs/1/what-if?segment=5&late=60');
    $take('plan', '/jobs/1/plan');
    $take('plan-phone', '/jobs/1/plan', 390, 844);
    $browser->visit($satchel->url.'/jobs/1/day/phones');
    $browser->type('f-play_clock', '09:52');
    $browser->type('f-speed', '1');
    $browser->press('Play');
    $browser->see('Start Details and getting ready');
    $take('day-phone', '/jobs/1/day', 390, 844, static function (Chromium $b): void {
        $b->press('Start Details and getting ready');
        $b->script('document.querySelector(".day-shot").click()');
        $b->see('✓ ');
    });
    $browser->size(1280, 800);
    $browser->visit($satchel->url.'/jobs/1/day/phones');
    $browser->press('Back to the real clock');
    $browser->see('The real clock goes again.');
    $take('cover', '/jobs/7/cover');
    $take('sending', '/jobs/7/sending');
    $take('elements', '/jobs/8/elements', before: static function (Chromium $b): void {
        foreach ([0, 0, 1, 2, 4] as $at) {
            $b->script("document.querySelectorAll('form[data-tap=kept] button')[{$at}].click()");
            usleep(900_000);
        }
        $b->see('1 of 2, 1 tried');
    });
    $take('setups', '/jobs/8/setups?setup=Birch+ground,+hard+key&beside=White+table');
    $browser->visit($satchel->url.'/jobs/8/session');
    $browser->press('Let the stand-in capture program write');
    $browser->see('The stand-in wrote');
    $satchel->artisan('satchel:watch', '--for=4');
    $take('session', '/jobs/8/session');
    $take('people', '/jobs/1/people');
    $take('kit', '/jobs/1/kit');
    $take('light', '/jobs/1/light?ev=15&under=2&f=2.8&depth=1.2');
    $take('pack-phone', '/jobs/1/pack', 390, 844);
    $browser->size(1280, 800);
    $browser->visit($satchel->url.'/jobs/1/cards');
    $browser->script('document.querySelector("[data-key=n]").click()');
    $browser->see('Body B writes raw to one card');
    $take('cards-check', '/jobs/1/cards');
    foreach (
        [
            'Set Body B to mirror and fire again',
            'Set the clock of Body C and fire again',
            'Take S06 out of Body C',
            'Put S07 into slot 2 of Body C',
            'Fire test frames with every body',
            'Shoot the planned day',
            'Seal all shot cards',
            'Compare all pairs',
        ] as $step
    ) {
        $browser->press($step);
    }
    $browser->see('Twin check done');
    $browser->visit($satchel->url.'/jobs/1/copies');
    $browser->press('Copy and verify');
    $browser->see('Every shot card is on enough devices.');
    $take('copies', '/jobs/1/copies');
    $browser->visit($satchel->url.'/jobs/1/cards');
    $browser->press('Look at frames of S02 1:1');
    $browser->see('Is it sharp, pixel for pixel?');
    $browser->press('All is well');
    $browser->see('noted as looked at');
    $browser->press('May I format S02?');
    $browser->see('S02 may be formatted.');
    $take('permit', '/jobs/1/cards/2/permit');
} finally {
    $browser->quit();
    $satchel->stop();
}
