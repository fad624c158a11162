<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Bag;
use NorthSatchel\Kit\BagBody;
use NorthSatchel\Kit\BagJudge;
use NorthSatchel\Kit\BagLens;
use NorthSatchel\Kit\ReachRuler;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\WantedReach;
use NorthSatchel\Severity;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;

final class BagJudgeTest extends TestCase
{
    /**
     * @param  list<BagLens>  $lenses
     * @param  list<BagLens>  $shelf
     * @param  list<float>  $cards
     * @param  array<string, int>  $cells
     * @param  array<string, int>  $frames
     * @param  list<WantedReach>  $reaches
     * @param  list<string>  $unpacked
     */
    private function judge(
        array $lenses = [],
        array $shelf = [],
        array $cards = [64.0, 64.0, 64.0, 64.0],
        array $cells = ['K' => 9],
        array $frames = ['lead' => 1000],
        array $reaches = [],
        array $unpacked = [],
        int $items = 5,
    ): Verdicts {
        $body = static fn (string $label): BagBody => new BagBody($label, 'lead', 40.0, 10.0, 500, 20.0, 'K', SaveMode::Mirror);

        return BagJudge::of(
            new Bag([$body('One'), $body('Two')], $lenses, $shelf, $cells, $cards, $frames, $reaches, $unpacked, $items, 10.0, 20.0),
        );
    }

    private function only(Verdicts $verdicts, string $code): Verdict
    {
        foreach ($verdicts as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }
        $this->fail("No {$code}.");
    }

    public function test_a_lanes_frames_are_shared_by_its_bodies_and_each_needs_a_pair(): void
    {
        $verdict = $this->only($this->judge(), 'kit.cards');
        $this->assertSame(2, $verdict->figures['pairs_needed']);
        $this->assertStringContainsString('One: 500 frames × 50 MB', $verdict->because);
    }

    public function test_missing_cards_are_counted_and_asked_from_the_shelf(): void
    {
        // 64 GB less a tenth hold 1152 frames of 50 MB; 5000 frames a body need five pairs each
        $verdict = $this->only($this->judge(frames: ['lead' => 10000]), 'kit.cards-short');
        $this->assertSame(10, $verdict->figures['pairs_needed']);
        $this->assertSame(['kind' => 'card', 'count' => 16], $verdict->remedy?->on);
        $this->assertSame(Severity::Fix, $verdict->severity);
    }

    public function test_cells_follow_frames_hours_and_reserve(): void
    {
        // each body: 500 ÷ 500 + 10 ÷ 20 = 1.5, over 0.85 is 1.76, so two charges
        $verdict = $this->only($this->judge(cells: ['K' => 3]), 'kit.cells-short');
        $this->assertSame(4, $verdict->figures['cells_needed']);
        $this->assertSame(1, $verdict->remedy?->on['count']);
        $this->assertTrue($this->judge(cells: ['K' => 4])->has('kit.cells'));
        $this->assertTrue($this->judge(cells: ['other' => 4])->has('kit.cells-short'), 'a cell of another type does not help');
    }

    public function test_a_focal_length_that_nobody_there_carries_is_found_with_the_lens_of_the_shelf(): void
    {
        $zoom = new BagLens(7, 'Zoom 24–70', 'lead', 24, 70);
        $tele = new BagLens(9, 'Zoom 70–200', 'lead', 70, 200);
        $verdict = $this->only(
            $this->judge(lenses: [$zoom], shelf: [$tele], reaches: [new WantedReach('Rings', 'lead', 180)]),
            'kit.reach-gap',
        );
        $this->assertSame(['item' => 9, 'lane' => 'lead'], $verdict->remedy?->on);
        $this->assertStringContainsString('Zoom 24–70', $verdict->because);
    }

    public function test_a_lens_with_the_other_photographer_does_not_count(): void
    {
        $tele = new BagLens(9, 'Zoom 70–200', 'second', 70, 200);
        $this->assertTrue($this->judge(lenses: [$tele], reaches: [new WantedReach('Rings', 'lead', 180)])->has('kit.reach-gap'));
        $this->assertTrue($this->judge(lenses: [$tele], reaches: [new WantedReach('Faces', 'second', 180)])->has('kit.reach'));
    }

    public function test_a_focal_length_that_nothing_reaches_is_to_be_hired(): void
    {
        $verdict = $this->only($this->judge(reaches: [new WantedReach('Finish line', 'lead', 600)]), 'kit.reach-gap');
        $this->assertNull($verdict->remedy);
        $this->assertStringContainsString('hire', $verdict->because);
    }

    public function test_a_lane_without_a_body_is_a_stop(): void
    {
        $this->assertSame(Severity::Stop, $this->only($this->judge(frames: ['lead' => 10, 'second' => 50]), 'kit.no-body')->severity);
    }

    public function test_unpacked_items_are_named_and_counted(): void
    {
        $verdict = $this->only($this->judge(unpacked: ['Cell 1', 'Cell 2', 'Reader', 'Flash']), 'kit.unpacked');
        $this->assertSame(4, $verdict->figures['open']);
        $this->assertStringContainsString('1 of 5 are ticked; open: Cell 1, Cell 2, Reader and more.', $verdict->because);
        $this->assertTrue($this->judge()->has('kit.packed'));
        $this->assertTrue($this->judge(items: 0)->has('kit.empty'));
    }

    public function test_the_reach_ruler_is_logarithmic_and_marks_what_is_missing(): void
    {
        $this->assertEqualsWithDelta(ReachRuler::x(100) - ReachRuler::x(50), ReachRuler::x(400) - ReachRuler::x(200), 0.2);
        $ruler = new ReachRuler(
            [new BagLens(1, 'Zoom', 'lead', 24, 70), new BagLens(2, 'Prime', 'lead', 85, 85)],
            [new WantedReach('a', 'lead', 50), new WantedReach('b', 'lead', 75), new WantedReach('c', 'second', 50)],
        );
        $this->assertSame([true, false, false], array_column($ruler->ticks(), 'isCovered'));
        [$zoom, $prime] = $ruler->bars();
        $this->assertSame(ReachRuler::x(24), $zoom['x']);
        $this->assertEqualsWithDelta(ReachRuler::x(70), $zoom['x'] + $zoom['width'], 0.1);
        $this->assertEqualsWithDelta(ReachRuler::x(85), $prime['x'] + $prime['width'] / 2, 0.1);
    }
}
