<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use NorthSatchel\Copies\Session\SessionCopy;
use NorthSatchel\Copies\Session\SessionFile;
use NorthSatchel\Copies\Session\SessionJudge;
use NorthSatchel\Copies\Session\Settling;
use NorthSatchel\Picture\PictureState;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;
use Tests\Support\TempFolder;

/** A folder that a capture program writes into, and the two routes out of it. */
final class SessionTest extends TestCase
{
    use TempFolder;

    private const NOW = 100_000;

    /**
     * @param  list<SessionFile>  $files
     * @return array<string, Verdict> by code
     */
    private static function judged(
        array $files,
        ?int $lookedAt = self::NOW,
        ?string $problem = null,
        bool $isOne = false,
        bool $isWatched = true,
    ): array {
        $found = [];
        foreach ((new SessionJudge($files, 600, $lookedAt, $problem, $isOne, $isWatched, self::NOW))->verdicts() as $verdict) {
            $found[$verdict->code] = $verdict;
        }

        return $found;
    }

    private static function file(string $name, ?int $whole, ?int $automatic, ?int $byHand, bool $isGone = false): SessionFile
    {
        return new SessionFile($name, 10, self::NOW - 2000, $whole, $automatic, $byHand, $isGone);
    }

    public function test_a_file_is_whole_once_it_stands_still(): void
    {
        $settling = new Settling();
        $this->assertSame(0.0, $settling->still('a', 10, 5, 100.0));
        $this->assertSame(1.5, $settling->still('a', 10, 5, 101.5));
        $this->assertSame(0.0, $settling->still('a', 11, 5, 102.0), 'longer');
        $this->assertSame(0.0, $settling->still('a', 11, 6, 103.0), 'as long, written again');
        $this->assertSame(2.0, $settling->still('a', 11, 6, 105.0));
        $settling->forget('a');
        $this->assertSame(0.0, $settling->still('a', 11, 6, 106.0));
        $this->assertLessThan(Settling::enoughS(null), Settling::enoughS(PictureState::Intact));
        [$cut, $unknown] = [Settling::enoughS(PictureState::Damaged), Settling::enoughS(PictureState::Unknown)];
        $this->assertLessThan($cut, $unknown, 'cut short: it may go on after a pause');
    }

    public function test_a_file_is_brought_read_back_and_never_over_another(): void
    {
        $from = $this->folder('session');
        $to = $this->folder('drive');
        file_put_contents("{$from}/a.jpg", 'first');
        $copy = new SessionCopy(LocalVolume::at($from), LocalVolume::at($to), 'session-x');
        $still = static fn (): bool => true;
        $hash = $copy->bring('a.jpg', $still);
        $this->assertSame(bin2hex(sodium_crypto_generichash('first', '', 64)), $hash, 'BLAKE2b-512, as b2sum says it');
        $this->assertStringEqualsFile("{$to}/session-x/a.jpg", 'first');
        $this->assertSame($hash, $copy->bring('a.jpg', $still), 'once more: it is there already');
        file_put_contents("{$from}/a.jpg", 'second');
        $copy->bring('a.jpg', $still);
        $this->assertStringEqualsFile("{$to}/session-x/a.jpg", 'first', 'never over another');
        $this->assertStringEqualsFile("{$to}/session-x/a (2).jpg", 'second');
        file_put_contents("{$from}/b", 'half');
        $this->assertNull($copy->bring('b', static fn (): bool => false), 'it changed while it was read');
        $this->assertFileDoesNotExist("{$to}/session-x/b");
        $this->assertStringEqualsFile("{$from}/b", 'half');
        $copy->bring('b', $still);
        $this->assertStringEqualsFile("{$to}/session-x/b", 'half');
        $this->assertSame(['.', '..', 'a (2).jpg', 'a.jpg', 'b'], scandir("{$to}/session-x"));
    }

    public function test_both_drives_or_it_is_told(): void
    {
        $both = self::file('a', self::NOW - 900, self::NOW - 899, self::NOW - 500);
        $this->assertSame(['session.both'], array_keys(self::judged([$both])));
        $this->assertStringContainsString('may go to the office now, with its ticket', self::judged([$both])['session.both']->because);
        $late = self::judged([$both, self::file('b', self::NOW - 700, self::NOW - 699, null)]);
        $this->assertSame(['session.alone'], array_keys($late));
        $this->assertSame(['files' => 1, 'oldest_s' => 700], $late['session.alone']->figures);
        $this->assertStringContainsString('1 not copied by hand', $late['session.alone']->because);
        $route = self::judged([self::file('b', self::NOW - 700, null, self::NOW - 100)]);
        $this->assertStringContainsString('1 not on the automatic drive', $route['session.alone']->because, 'the routine that is set up wrongly');
        $limit = self::judged([$both, self::file('b', self::NOW - 600, self::NOW, null)]);
        $this->assertSame(['session.waiting'], array_keys($limit), 'at the limit, not over it');
        $grows = self::judged([$both, self::file('c', null, null, null)]);
        $this->assertSame(['session.growing'], array_keys($grows), 'what grows is on neither: not every file is on both');
        $this->assertSame(['session.gone', 'session.both'], array_keys(self::judged([self::file('a', 1, 2, 3, true)])));
        $this->assertSame(['session.empty'], array_keys(self::judged([])));
    }

    public function test_no_claim_while_nobody_looks_or_one_medium_takes_both(): void
    {
        $both = self::file('a', self::NOW - 900, self::NOW - 899, self::NOW - 500);
        $this->assertSame(['session.unwatched'], array_keys(self::judged([$both], self::NOW - 16)));
        $this->assertSame(['session.both'], array_keys(self::judged([$both], self::NOW - 15)));
        $this->assertSame(['session.unwatched'], array_keys(self::judged([$both], null)));
        $this->assertSame(['session.trouble'], array_keys(self::judged([$both], problem: 'The drive is away.')));
        $this->assertSame(['session.one-medium'], array_keys(self::judged([$both], isOne: true)));
        $this->assertSame(['session.off'], array_keys(self::judged([$both], isWatched: false)));
        $this->assertArrayHasKey('session.unwatched', self::judged([], null));
    }
}
