<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Owner\FrameShares;
use NorthSatchel\Cards\Owner\JobHours;
use NorthSatchel\Cards\Owner\Share;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whose frames are these? Times in whole numbers; job 1 from 100 to 200, job 2 from 300 to 400 unless said otherwise. */
final class FrameSharesTest extends TestCase
{
    /**
     * @return array<string, array{list<JobHours>, array{int, int}, int|null, list<list<int>>}> jobs, first and last frame, loaded for,
     * shares
     */
    public static function loads(): array
    {
        $a = new JobHours(1, 100, 200, [7]);
        $b = new JobHours(2, 300, 400, [7]);

        return [
            'within one' => [[$a, $b], [120, 180], 1, [[1, 120, 180]]],
            'shot for the second, loaded for the first' => [[$a, $b], [310, 390], 1, [[2, 310, 390]]],
            'over both: half the gap to each' => [[$a, $b], [150, 350], 1, [[1, 150, 250], [2, 251, 350]]],
            'before the first' => [[$a, $b], [10, 50], 2, [[1, 10, 50]]],
            'after the last' => [[$a, $b], [500, 600], null, [[2, 500, 600]]],
            'overlapping hours: who packed the body' => [[$a, new JobHours(2, 150, 400, [8])], [160, 190], 2, [[1, 160, 190]]],
            'overlapping, both packed it: for whom it was loaded' => [
                [$a, new JobHours(2, 150, 400, [7])],
                [160, 300],
                1,
                [[1, 160, 200], [2, 201, 300]],
            ],
            'overlapping, nobody packed it: who began last' => [
                [new JobHours(1, 100, 200, []), new JobHours(2, 150, 400, [])],
                [160, 190],
                null,
                [[2, 160, 190]],
            ],
            'three houses' => [[$a, $b, new JobHours(3, 500, 600, [7])], [150, 550], 1, [[1, 150, 250], [2, 251, 450], [3, 451, 550]]],
            'no job at all' => [[], [1, 2], null, []],
            'the day before, as test frames are: for whom it was loaded' => [[$a, $b], [-90_000, -86_000], 2, [[2, -90_000, -86_000]]],
            'the day before, loaded for nobody: the nearest' => [[$a, $b], [-90_000, -86_000], null, [[1, -90_000, -86_000]]],
            'long after, and then beside' => [[$a], [11_000, 11_010], 9, [[1, 11_000, 11_000], [9, 11_001, 11_010]]],
            'one frame' => [[$a, $b], [400, 400], null, [[2, 400, 400]]],
        ];
    }

    /**
     * @param  list<JobHours>  $jobs
     * @param  array{int, int}  $span
     * @param  list<list<int>>  $shares
     */
    #[DataProvider('loads')]
    public function test_frames_belong_to_the_job_in_whose_hours_they_were_taken(
        array $jobs,
        array $span,
        ?int $loadedFor,
        array $shares,
    ): void {
        $rows = static fn (array $list): array => array_map(static fn (Share $s): array => [$s->jobId, $s->from, $s->to], $list);
        $this->assertSame($shares, $rows(FrameShares::of($jobs, 7, $span[0], $span[1], $loadedFor)));
        $this->assertSame($shares, $rows(FrameShares::of(array_reverse($jobs), 7, $span[0], $span[1], $loadedFor)));
    }

    public function test_a_person_may_say_otherwise_of_a_stretch_or_of_all(): void
    {
        $shares = [new Share(1, 100, 250), new Share(2, 251, 400)];
        $this->assertEquals(
            [new Share(1, 100, 199), new Share(3, 200, 299), new Share(2, 300, 400)],
            FrameShares::claimed($shares, new Share(3, 200, 299)),
        );
        $this->assertEquals([new Share(2, 100, 400)], FrameShares::claimed($shares, new Share(2, 100, 400)));
        $this->assertSame($shares, FrameShares::claimed($shares, new Share(3, 500, 400)));
    }
}
