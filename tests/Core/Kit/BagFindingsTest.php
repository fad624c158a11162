<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\BodiesJudge;
use NorthSatchel\Kit\Judge\BudgetJudge;
use NorthSatchel\Kit\Judge\ReachJudge;
use NorthSatchel\Kit\Judge\TicksJudge;
use NorthSatchel\Kit\Needs\BodyWork;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\LitFrames;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\ReachRuler;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Severity;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** What is said of the bag: bodies, cards, cells, reach and ticks, all from the needs that the losses and the proposal are worked out from. */
final class BagFindingsTest extends TestCase
{
    use GearHelp;

    /**
     * Two bodies of 50 and 10 MB with so many frames each.
     *
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  of the shelf
     * @return array<string, Verdict> by code
     */
    private static function budgets(int $frames, array $bag, float $hours = 10.0, string $mode = '', array $rest = []): array
    {
        $of = static fn (Gear $body): Gear => new Gear($body->id, $body->label, $body->kind, [...$body->specs, 'planned_mode' => $mode]);
        $bodies = array_map(
            static fn (Gear $b): BodyWork => new BodyWork(body: $of($b), frames: $frames),
            [self::body(1, 'One'), self::body(2, 'Two')],
        );
        $found = [];
        foreach (BudgetJudge::of(BudgetNeeds::of($bodies, [], $hours, 20.0, new FlashWork(), $bag), $bag, $rest) as $verdict) {
            $found[$verdict->code] = $verdict;
        }

        return $found;
    }

    /** @return list<Gear> */
    private static function sixtyFour(int $count): array
    {
        return array_map(static fn (int $i): Gear => self::gear(50 + $i, "S{$i}", GearKind::Card, ['capacity_gb' => 64.0]), range(1, $count));
    }

    /** 64 GB less a tenth hold 960 frames of 60 MB. */
    public function test_cards_follow_frames_and_save_mode(): void
    {
        $this->assertSame(4, self::budgets(960, self::sixtyFour(4))['kit.cards']->figures['cards_needed']);
        $short = self::budgets(961, self::sixtyFour(5))['kit.cards-short'];
        $this->assertSame([8, 5], [$short->figures['cards_needed'], $short->figures['cards_in_bag']]);
        $this->assertNull($short->remedy, 'the shelf has none');
        $this->assertStringContainsString('Nothing on the shelf does: hire or borrow 3 cards', $short->because);
        $card = static fn (int $id): Gear => self::gear($id, 'N', GearKind::Card, ['capacity_gb' => 64.0]);
        $more = [...self::cells(90, 2), $card(71), $card(72)];
        $part = self::budgets(961, self::sixtyFour(5), rest: $more)['kit.cards-short'];
        $this->assertSame(['items' => '71,72'], $part->remedy?->on, 'cells are no cards');
        $this->assertStringContainsString('The shelf has 2 more; hire or borrow 1 beyond that.', $part->because);
        $this->assertSame(Severity::Fix, $short->severity);
        $this->assertStringContainsString('One 961, Two 961; written to both slots', $short->because);
        $this->assertArrayHasKey('kit.cards', self::budgets(1920, self::sixtyFour(4), mode: 'overflow'), 'one card, then the other');
    }

    /** Each body: 500 ÷ 600 + 10 ÷ 40 = 1.083, over 0.85 is 1.27, so two charges. */
    public function test_cells_follow_frames_hours_and_reserve(): void
    {
        $short = self::budgets(500, self::cells(30, 3), rest: self::cells(60, 2))['kit.cells-short'];
        $this->assertSame([4, 3], [$short->figures['cells_needed'], $short->figures['cells_in_bag']]);
        $this->assertSame('Put 1 from the shelf in', $short->remedy?->label);
        $this->assertStringEndsWith('the bag holds 3 that will do. And one more is the spare.', $short->because);
        $this->assertArrayHasKey('kit.cells', self::budgets(500, self::cells(30, 4)));
        $others = array_map(static fn (int $i): Gear => self::gear(40 + $i, 'X', GearKind::Cell, ['cell_type' => 'other']), range(1, 9));
        $this->assertArrayHasKey('kit.cells-short', self::budgets(500, $others), 'a cell of another type does not help');
    }

    /** Cells of a flash that nothing is planned with: nobody is told that they carry the day. */
    public function test_of_an_idle_flash_no_day_is_carried(): void
    {
        $flash = self::gear(70, 'Flash', GearKind::Flash, ['cell_type' => 'FL-9']);
        $cell = self::gear(71, 'Flash cell', GearKind::Cell, ['cell_type' => 'FL-9']);
        $found = static fn (FlashWork $work, Gear ...$bag): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code} ".strtok($v->finding, '.'),
            array_values(
                array_filter(
                    BudgetJudge::of(BudgetNeeds::of([new BodyWork(self::body(1, 'A'), 10)], [$flash], 2.0, 20.0, $work, []), array_values($bag)),
                    static fn (Verdict $v): bool => str_contains($v->finding, 'FL-9'),
                ),
            ),
        );
        $this->assertSame([], $found(new FlashWork(), $cell));
        $this->assertSame(['mind kit.cells-short The FL-9 cells fall 1 short'], $found(new FlashWork()));
        $this->assertSame(['fine kit.cells The FL-9 cells carry the day'], $found(new FlashWork([new LitFrames(20, null)], 1), $cell));
    }

    /** @return list<PlannedStretch> a shot at so many millimetres */
    private static function wants(string $what, string $lane, int $focalMm): array
    {
        return [self::stretch(1, 'Vows', 14, 30, [[$what, 'must', 60, $focalMm]], [$lane])];
    }

    public function test_a_focal_length_that_nobody_there_carries_is_found_with_the_lens_of_the_shelf(): void
    {
        $zoom = self::lens(7, 'Zoom 24–70', 24, 70, 2.8);
        $tele = self::lens(9, 'Zoom 70–200', 70, 200, 2.8);
        $lenses = new CarriedLenses([new Carried($zoom, 'lead'), new Carried($tele, 'second')]);
        [$gap] = ReachJudge::of($lenses, self::wants('Rings', 'lead', 180), [$tele]);
        $this->assertSame('kit.reach-gap', $gap->code);
        $this->assertSame(['item' => 9, 'lane' => 'lead'], $gap->remedy?->on);
        $this->assertStringContainsString('The lead photographer carries Zoom 24–70, and none of it reaches 180 mm.', $gap->because);
        [$far] = ReachJudge::of($lenses, self::wants('Finish line', 'lead', 600), [$tele]);
        $this->assertNull($far->remedy);
        $this->assertStringContainsString('hire one', $far->because);
        [$held] = ReachJudge::of($lenses, self::wants('Faces', 'second', 200), []);
        $this->assertSame('kit.reach', $held->code);
        $this->assertSame([], ReachJudge::of($lenses, [], []), 'where no shot names a focal length, nothing is claimed');
    }

    /** On a body with a smaller sensor a lens is longer, for whoever carries that body. */
    public function test_reach_counts_on_the_body_of_its_photographer(): void
    {
        $tele = new Carried(self::lens(9, '70–200', 70, 200, 2.8), 'lead');
        $lenses = new CarriedLenses([new Carried(self::body(1, 'Small', 1.5), 'lead'), $tele]);
        $this->assertSame(['lead' => [[105, 300]]], $lenses->byLane());
        $this->assertSame('kit.reach', ReachJudge::of($lenses, self::wants('Moon', 'lead', 300), [])[0]->code);
        $this->assertSame('kit.reach-gap', ReachJudge::of($lenses, self::wants('Faces', 'lead', 85), [])[0]->code);
    }

    public function test_a_lane_without_a_body_is_a_stop(): void
    {
        $found = BodiesJudge::of(['lead' => 10, 'second' => 50, 'assistant' => 0], [new Carried(self::body(1, 'One'), 'lead')]);
        $this->assertSame([['kit.no-body', 50]], array_map(static fn (Verdict $v): array => [$v->code, $v->figures['frames']], $found));
        $this->assertSame(Severity::Stop, $found[0]->severity);
    }

    public function test_unpacked_items_are_named_and_counted(): void
    {
        $open = TicksJudge::of(['Cell 1', 'Cell 2', 'Reader', 'Flash'], 5, 1);
        $this->assertSame(Severity::Fix, $open->severity);
        $this->assertSame(4, $open->figures['open']);
        $this->assertStringContainsString('1 of 5 are ticked; open: Cell 1, Cell 2, Reader and 1 more.', $open->because);
        $this->assertSame('kit.packed', TicksJudge::of([], 5, 90)->code);
        $this->assertSame('kit.empty', TicksJudge::of([], 0, 1)->code);
        // Nobody packs months ahead.
        $far = TicksJudge::of(['Cell 1'], 5, 90);
        $this->assertSame([Severity::Mind, 'kit.unpacked'], [$far->severity, $far->code]);
        $this->assertStringContainsString('90 days from now', $far->because);
    }

    public function test_the_reach_ruler_is_logarithmic_and_marks_what_is_missing(): void
    {
        $this->assertEqualsWithDelta(ReachRuler::x(100) - ReachRuler::x(50), ReachRuler::x(400) - ReachRuler::x(200), 0.2);
        $prime = new Carried(self::lens(2, 'Prime', 85, 85, 1.8), 'lead');
        $lenses = new CarriedLenses([$prime, new Carried(self::lens(1, 'Zoom', 24, 70, 2.8), 'lead')]);
        $day = [
            self::stretch(1, 'Vows', 14, 30, [['a', 'must', 1, 50], ['b', 'must', 1, 75]], ['lead']),
            self::stretch(2, 'Hall', 15, 30, [['c', 'must', 1, 50]], ['second', 'lead']),
        ];
        $ruler = new ReachRuler($lenses, $day, [1 => 'lead, Body A, left']);
        $this->assertSame([true, false, false], array_column($ruler->ticks(), 'isCovered'), 'the second has no lens');
        [$zoom, $prime] = $ruler->bars();
        $this->assertSame([['lead, Body A, left', true], ['lead', false]], [[$zoom->on, $zoom->starts], [$prime->on, $prime->starts]]);
        $this->assertSame(ReachRuler::x(24), $zoom->x);
        $this->assertEqualsWithDelta(ReachRuler::x(70), $zoom->x + $zoom->width, 0.1);
        $this->assertEqualsWithDelta(ReachRuler::x(85), $prime->x + $prime->width / 2, 0.1);
    }
}
