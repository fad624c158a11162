<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Check\FrameToLookAt;
use NorthSatchel\Cards\Check\FrameToSample;
use NorthSatchel\Cards\Check\LookSample;
use PHPUnit\Framework\TestCase;

final class LookSampleTest extends TestCase
{
    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $differing
     * @return list<FrameToSample>
     */
    private static function frames(array $sizes, array $differing = []): array
    {
        return array_map(
            static fn (int $bytes, int $i): FrameToSample => new FrameToSample(
                id: 100 + $i,
                name: "F{$i}",
                bytes: $bytes,
                isDiffering: in_array($i, $differing, true),
            ),
            $sizes,
            array_keys($sizes),
        );
    }

    public function test_what_differs_what_is_small_and_what_spans_the_day(): void
    {
        $sizes = array_fill(0, 100, 1000);
        $sizes[40] = 500;
        $sizes[41] = 790;
        $sample = LookSample::of(self::frames($sizes, [7]));
        $this->assertCount(9, $sample);
        $why = array_column($sample, 'why', 'id');
        $this->assertSame('differs between the two cards', $why[107]);
        $this->assertSame('50 % smaller than those around it: less detail', $why[140]);
        $this->assertSame('21 % smaller than those around it: less detail', $why[141]);
        $this->assertSame(['the first', 'the last'], [$why[100], $why[199]]);
        $ids = array_keys($why);
        $sorted = $ids;
        sort($sorted);
        $this->assertSame($sorted, $ids, 'in the order of time');
        $even = array_values(array_diff($ids, [107, 140, 141]));
        $gaps = array_map(static fn (int $a, int $b): int => $b - $a, array_slice($even, 0, -1), array_slice($even, 1));
        $this->assertLessThan(45, max($gaps), 'no half of the day is left out');
    }

    public function test_few_frames_are_all_looked_at_and_many_bad_ones_do_not_crowd_out_the_rest(): void
    {
        $this->assertSame([], LookSample::of([]));
        $this->assertCount(1, LookSample::of(self::frames([5])));
        $this->assertCount(4, LookSample::of(self::frames([5, 5, 5, 5])));
        $this->assertCount(9, LookSample::of(self::frames(array_fill(0, 30, 100), range(0, 29))));
        $mixed = LookSample::of(self::frames(array_map(static fn (int $i): int => $i % 3 === 0 ? 100 : 1000, range(0, 59))));
        $this->assertCount(4, array_filter($mixed, static fn (FrameToLookAt $f): bool => str_contains($f->why, 'less detail')));
        // A scene that is plain throughout is small without being soft.
        $this->assertSame(
            [],
            array_filter(
                LookSample::of(self::frames([...array_fill(0, 30, 1000), ...array_fill(0, 30, 400)])),
                static fn (FrameToLookAt $f): bool => str_contains($f->why, 'less detail') && $f->id > 135,
            ),
        );
    }
}
