<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Sending\SendGap;
use NorthSatchel\Plan\Sending\SendPicture;
use NorthSatchel\Plan\Sending\SendPlan;
use NorthSatchel\Plan\Sending\SendSearch;
use NorthSatchel\Plan\Sending\SentPart;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Glpsol;

/** What is sent in which gap: by hand, second by second over all choices, and against glpsol as an integer program. */
final class SendSearchTest extends TestCase
{
    private static function picture(string $id, int $seconds, int $ready, int $due, float $worth = 1.0): SendPicture
    {
        return new SendPicture($id, 1000 * $seconds, 1000 * $ready, 1000 * $due, $worth);
    }

    /** @return list<string> parts in words */
    private static function words(SendPlan $plan): array
    {
        return array_map(static fn (SentPart $p): string => "{$p->id} {$p->gap} ".$p->fromMs / 1000 .' '.$p->toMs / 1000, $plan->parts);
    }

    /**
     * @param  list<SendGap>  $gaps
     * @param  list<SendPicture>  $pictures
     */
    private function assertCanBe(SendPlan $plan, array $gaps, array $pictures): void
    {
        $gapOf = array_column($gaps, null, 'id');
        $of = array_column($pictures, null, 'id');
        $sent = $ends = [];
        $at = PHP_INT_MIN;
        foreach ($plan->parts as $part) {
            $this->assertGreaterThanOrEqual($at, $part->fromMs, 'one at a time');
            $this->assertGreaterThan($part->fromMs, $part->toMs);
            $this->assertGreaterThanOrEqual(max($gapOf[$part->gap]->fromMs, $of[$part->id]->readyMs), $part->fromMs);
            $this->assertLessThanOrEqual($gapOf[$part->gap]->toMs, $part->toMs);
            $sent[$part->id] = ($sent[$part->id] ?? 0) + $part->toMs - $part->fromMs;
            $ends[$part->id] = $at = $part->toMs;
        }
        foreach ($pictures as $picture) {
            $isSent = ($sent[$picture->id] ?? 0) === $picture->lengthMs;
            $this->assertLessThanOrEqual($picture->lengthMs, $sent[$picture->id] ?? 0);
            $this->assertSame($isSent, ! in_array($picture->id, $plan->left, true));
            $this->assertSame($isSent && $ends[$picture->id] <= $picture->dueMs, in_array($picture->id, $plan->inTime, true));
        }
    }

    /** 8 MB at 2 MB/s and half a second are 4.5 s; 10 MB at 3 MB/s are 3.3333… s, rounded up to the millisecond. */
    public function test_lengths(): void
    {
        $this->assertSame(4500, SendPicture::lengthMs(8, 2, 0.5));
        $this->assertSame(3334, SendPicture::lengthMs(10, 3, 0));
        $this->assertSame(100, SendPicture::lengthMs(0.3, 3, 0), 'three tenths through three is not a whisker more than one tenth');
    }

    public function test_a_picture_goes_on_in_the_next_gap_and_what_is_due_first_goes_first(): void
    {
        $gaps = [new SendGap('late', 100_000, 110_000), new SendGap('early', 0, 10_000)];
        $plan = SendSearch::best($gaps, [self::picture('dress', 14, 0, 104), self::picture('room', 4, 2, 8)]);
        $this->assertSame([1.0, 2.0, true, []], [$plan->worth, $plan->of, $plan->isOptimal, $plan->left], 'not both by 104: 18 s in 14');
        $later = SendSearch::best($gaps, [self::picture('dress', 14, 0, 108), self::picture('room', 4, 2, 8)]);
        $this->assertSame(['dress early 0 2', 'room early 2 6', 'dress early 6 10', 'dress late 100 108'], self::words($later));
        $this->assertSame(['dress', 'room'], $later->inTime);
        $dearer = SendSearch::best($gaps, [self::picture('dress', 14, 0, 104, 2.0), self::picture('room', 4, 2, 8)]);
        $this->assertSame([['dress'], 2.0], [$dearer->inTime, $dearer->worth]);
    }

    public function test_what_is_not_wholly_sent_is_left_with_what_went(): void
    {
        $plan = SendSearch::best([new SendGap('a', 0, 5_000)], [self::picture('big', 9, 0, 100), self::picture('small', 2, 0, 1)]);
        $this->assertSame(['small a 0 2', 'big a 2 5'], self::words($plan), 'the shorter rest first, so that one is whole');
        $this->assertSame([[], ['big']], [$plan->inTime, $plan->left]);
        $none = SendSearch::best([], [self::picture('p', 1, 0, 10)]);
        $this->assertSame([[], [], ['p']], [$none->parts, $none->inTime, $none->left]);
        $this->assertSame([[], true], [SendSearch::best([new SendGap('a', 0, 1)], [])->parts, SendSearch::best([], [])->isOptimal]);
    }

    public function test_gaps_that_cannot_be_are_refused(): void
    {
        $touching = SendSearch::best([new SendGap('b', 5000, 6000), new SendGap('a', 0, 5000)], [self::picture('p', 6, 0, 6)]);
        $this->assertSame(['p a 0 5', 'p b 5 6'], self::words($touching));
        foreach ([[new SendGap('a', 5, 5)], [new SendGap('a', 0, 10), new SendGap('b', 9, 12)]] as $gaps) {
            try {
                SendSearch::best($gaps, []);
                $this->fail('Such gaps cannot be.');
            } catch (ImpossibleValue $e) {
                $this->assertSame('gaps', $e->field);
            }
        }
    }

    /**
     * @return array{list<SendGap>, list<SendPicture>}
     */
    private static function random(int $seed, int $pictures, int $gaps, int $longest, int $worth): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $open = $list = [];
        $at = 0;
        for ($i = 0; $i < $gaps; $i++) {
            $at += $random->getInt(0, $longest);
            $open[] = new SendGap("g{$i}", 1000 * $at, 1000 * ($at += $random->getInt(1, $longest)));
        }
        for ($i = 0; $i < $pictures; $i++) {
            $ready = $random->getInt(0, $at);
            $list[] = self::picture("p{$i}", $random->getInt(1, $longest), $ready, $ready + $random->getInt(1, 3 * $longest),
                (float) $random->getInt(0, $worth));
        }

        return [$open, $list];
    }

    /** Every choice, sent second by second, what is due first first: is all of it there in time? */
    public function test_small_ones_second_by_second_over_all_choices(): void
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            [$gaps, $pictures] = self::random($seed, 7, 3, 9, 4);
            $best = 0.0;
            for ($mask = 0; $mask < 128; $mask++) {
                $some = array_filter($pictures, static fn (int $i): bool => (($mask >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY);
                if (self::isInTime($gaps, $some)) {
                    $best = max($best, array_sum(array_column($some, 'worth')));
                }
            }
            $plan = SendSearch::best($gaps, $pictures);
            $this->assertSame($best, $plan->worth, "seed {$seed}");
            $this->assertTrue($plan->isOptimal);
            $this->assertCanBe($plan, $gaps, $pictures);
        }
    }

    /**
     * @param  list<SendGap>  $gaps
     * @param  array<int, SendPicture>  $some
     */
    private static function isInTime(array $gaps, array $some): bool
    {
        $left = array_map(static fn (SendPicture $p): int => intdiv($p->lengthMs, 1000), $some);
        foreach ($gaps as $gap) {
            for ($ms = $gap->fromMs; $ms < $gap->toMs; $ms += 1000) {
                $can = array_filter($some, static fn (SendPicture $p, int $i): bool => $left[$i] > 0 && $p->readyMs <= $ms, ARRAY_FILTER_USE_BOTH);
                uasort($can, static fn (SendPicture $a, SendPicture $b): int => $a->dueMs <=> $b->dueMs);
                $next = array_key_first($can);
                if ($next !== null) {
                    $left[$next]--;
                    if ($some[$next]->dueMs < $ms + 1000) {
                        return false;
                    }
                }
            }
        }

        return array_sum($left) === 0;
    }

    /** GNU Linear Programming Kit's glpsol on amounts sent between all moments at which something changes. */
    public function test_two_dozen_against_glpsol(): void
    {
        for ($seed = 301; $seed <= 312; $seed++) {
            [$gaps, $pictures] = self::random($seed, 24, 5, 40, 9);
            $plan = SendSearch::best($gaps, $pictures);
            $this->assertTrue($plan->isOptimal);
            $this->assertSame(self::glpsol($gaps, $pictures), (int) $plan->worth, "seed {$seed}");
            $this->assertCanBe($plan, $gaps, $pictures);
        }
    }

    /**
     * @param  list<SendGap>  $gaps
     * @param  list<SendPicture>  $pictures
     */
    private static function glpsol(array $gaps, array $pictures): ?int
    {
        $moments = array_unique([
            ...array_column($gaps, 'fromMs'), ...array_column($gaps, 'toMs'),
            ...array_column($pictures, 'readyMs'), ...array_column($pictures, 'dueMs'),
        ]);
        sort($moments);
        $objective = $sent = $room = [];
        for ($m = 1; $m < count($moments); $m++) {
            [$from, $to] = [$moments[$m - 1], $moments[$m]];
            foreach ($gaps as $gap) {
                foreach ($from >= $gap->fromMs && $to <= $gap->toMs ? $pictures : [] as $j => $picture) {
                    if ($from >= $picture->readyMs && $to <= $picture->dueMs) {
                        $sent[$j][] = "y{$j}_{$m}";
                        $room[$m][] = "y{$j}_{$m}";
                    }
                }
            }
        }
        $text = '';
        foreach ($room as $m => $all) {
            $text .= " room{$m}: ".implode(' + ', $all).' <= '.($moments[$m] - $moments[$m - 1])."\n";
        }
        foreach ($pictures as $j => $picture) {
            $objective[] = "+ {$picture->worth} x{$j}";
            $text .= " whole{$j}: {$picture->lengthMs} x{$j}".(isset($sent[$j]) ? ' - '.implode(' - ', $sent[$j]) : '')." <= 0\n";
        }

        return Glpsol::best("Maximize\n z: ".implode(' ', $objective)."\nSubject To\n{$text}Binary\n ".
            implode("\n ", array_map(static fn (int $j): string => "x{$j}", array_keys($pictures)))."\nEnd\n");
    }
}
