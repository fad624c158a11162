<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\OneGone;
use NorthSatchel\Kit\Judge\Swap;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\Judge\TicksJudge;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\LensesWithoutBody;
use NorthSatchel\Kit\Needs\AlwaysNeeds;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Needs\SceneLights;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\Pack\ListLine;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plan\Lights\SetKind;
use NorthSatchel\Plan\Lights\SetPiece;
use NorthSatchel\Severity;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Budgets and stops right at their limits. */
final class LimitsTest extends TestCase
{
    /** Nominal stops (ISO 517): at the EV of 1/160 s and ISO 6400 each is the widest that will do, a hair below it the next wider. */
    public function test_each_stop_is_asked_for_at_its_light(): void
    {
        $stops = [1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1];
        foreach ($stops as $at => $stop) {
            $ev = log($stop ** 2 * 160 * 100 / 6400, 2);
            $this->assertSame($stop, PlanNeeds::stopFor($ev));
            $this->assertSame($stops[max(0, $at - 1)], PlanNeeds::stopFor($ev - 0.01));
        }
        $this->assertNull(PlanNeeds::stopFor(log(64 * 160 * 100 / 6400, 2)), 'f/8 does');
        $this->assertSame(7.1, PlanNeeds::stopFor(log(64 * 160 * 100 / 6400, 2) - 0.01));
    }

    public function test_a_charge_that_is_just_enough_is_one(): void
    {
        $flash = new Gear(1, 'Flash', GearKind::Flash, ['pops_per_charge' => 200]);
        // 200 pops, 15 % kept back: 170.
        $this->assertSame([1, 1, 2], array_map(static fn (int $pops): int => BudgetNeeds::flashCharges($flash, $pops, 20.0), [0, 170, 171]));
        $this->assertSame(2, BudgetNeeds::flashCharges(new Gear(2, 'Old', GearKind::Flash), 340, 20.0), 'where nobody counted, 200');
    }

    public function test_a_slot_that_takes_nothing_does_not_limit_the_other(): void
    {
        $of = static fn (float $raw, float $jpeg): int => CardBudget::of(10, $raw, $jpeg, SaveMode::Split, [64.0, 8.0])->framesPerSet;
        $this->assertSame([1280, 800, 160], [$of(50.0, 0.0), $of(0.0, 10.0), $of(50.0, 50.0)]);
        $this->assertSame(16_000, $of(4.0, 0.5), 'and half a megabyte is something');
    }

    public function test_packed_is_on_the_evening_before(): void
    {
        $severity = static fn (int $days): Severity => TicksJudge::of(['Cell'], 2, $days)->severity;
        $this->assertSame([Severity::Fix, Severity::Fix, Severity::Mind], [$severity(1), $severity(2), $severity(3)]);
    }

    public function test_a_pause_of_six_hours_is_a_night(): void
    {
        $stretch = static fn (int $from): PlannedStretch => new PlannedStretch(
            $from, 'Part', ['lead'], $from, $from + 3600, '10:00', 1, Priority::Must, 12.0, [new PlannedShot('x', Priority::Must, 300)],
        );
        $swaps = static fn (int $pause): array => array_map(
            static fn (Swap $s): int => $s->after,
            SwapTimes::ofCells([$stretch(0), $stretch(3600 + $pause)], 1.0, 400.0, 1000.0, 20.0),
        );
        $this->assertSame([300], $swaps(6 * 3600 - 1));
        $this->assertSame([], $swaps(6 * 3600), 'they are charged in it');
    }

    public function test_a_kit_of_just_the_limit_is_within_it(): void
    {
        $shelf = [new Gear(1, 'Reader', GearKind::Reader, weightG: 80), new Gear(2, 'Drive', GearKind::Drive, weightG: 200)];
        $work = new PlannedWork(AlwaysNeeds::always(2.0, 1), [], new FlashWork(), 2.0, 20.0);
        $grams = KitProposal::of($shelf, $work)->grams;
        $this->assertNull(KitProposal::of($shelf, $work, limitG: $grams)->overG);
        $this->assertSame(1, KitProposal::of($shelf, $work, limitG: $grams - 1)->overG);
    }

    public function test_a_lens_that_goes_on_no_body_is_named(): void
    {
        $gear = static fn (int $id, GearKind $kind, string $label, string $mount): Gear => new Gear($id, $label, $kind, ['mount' => $mount]);
        $shelf = [$gear(1, GearKind::Body, 'Body', 'A'), $gear(2, GearKind::Lens, 'Fits', 'A'), $gear(3, GearKind::Lens, 'Any', '')];
        $this->assertSame([], LensesWithoutBody::of($shelf));
        $this->assertSame([], LensesWithoutBody::of([$gear(4, GearKind::Lens, 'Alone', 'N')]), 'of bodies nothing is known');
        $found = LensesWithoutBody::of([...$shelf, $gear(4, GearKind::Lens, 'Tele', 'N')])[0];
        $this->assertSame('Tele goes on no body of the shelf.', $found->finding);
        $this->assertStringStartsWith('Mount N, and the bodies have A: ', $found->because);
        $work = new PlannedWork(AlwaysNeeds::always(2.0, 1), [], new FlashWork(), 2.0, 20.0);
        $told = KitProposal::of([...$shelf, $gear(4, GearKind::Lens, 'T', 'N')], $work)->verdicts();
        $codes = array_map(static fn (Verdict $v): string => $v->code, $told);
        $this->assertContains('kit.no-body-for-lens', $codes);
    }

    public function test_a_light_is_measured_to_the_centimetre(): void
    {
        $this->assertSame('1.24 m, 31° left', (new SetPiece('Key', SetKind::Light, 1.236, -30.6))->whereSays());
    }

    public function test_the_power_of_a_light_is_said(): void
    {
        $says = static fn (?float $power): string => (new SetPiece('Key', SetKind::Light, 1.0, power: $power))->lightSays(1.0);
        $this->assertSame(['full power', '1/2 power', ''], array_map($says, [1.0, 0.5, null]));
    }

    public function test_what_it_comes_to_when_one_thing_is_gone(): void
    {
        $need = new Need('x', NeedWhat::Reach, 1, Priority::Must, false, 'a lens', 'x.', [], ['focal_mm' => 50.0]);
        $lens = static fn (int $id): Gear => new Gear($id, "Lens {$id}", GearKind::Lens, ['focal_min_mm' => 50, 'focal_max_mm' => 50]);
        $more = [new Gear(4, 'Body 4', GearKind::Body), new Gear(5, 'Body 5', GearKind::Body)];
        $two = new LossReport([$lens(1), $lens(2), ...$more], [], [$need]);
        $this->assertStringStartsWith('What it gave something else in the bag gives too', OneGone::says($two, 1));
        $this->assertStringStartsWith('Of its kind something was missing before, or nothing was asked', OneGone::says($two, 9));
        $this->assertSame('Missing without it: a lens.', OneGone::says(new LossReport([$lens(1), ...$more], [], [$need]), 1));
    }

    public function test_one_frame_with_flash_is_lit_and_none_is_not(): void
    {
        $stretch = static fn (int $frames): PlannedStretch => new PlannedStretch(
            1, 'Speeches', ['lead'], 0, 3600, '15:00', 1, Priority::Must, 5.0, [new PlannedShot('x', Priority::Must, $frames)], isFlash: true,
        );
        $this->assertSame([true, false], [SceneLights::isLit($stretch(1), []), SceneLights::isLit($stretch(0), [])]);
    }

    /** Two bodies of which one is enough, and both may go: a pair is no pair where there is one thing. */
    public function test_any_two_are_said_of_two_and_more(): void
    {
        $need = new Need('x', NeedWhat::Reach, 1, Priority::Must, false, 'a lens', 'x.', [], ['focal_mm' => 50.0]);
        $said = static fn (Gear ...$bag): string => implode(' ', array_map(
            static fn (Verdict $v): string => $v->code === 'kit.survives' ? $v->because : '',
            (new LossReport(array_values($bag), [], [$need]))->verdicts(),
        ));
        $lens = static fn (int $id): Gear => new Gear($id, "Lens {$id}", GearKind::Lens, ['focal_min_mm' => 24, 'focal_max_mm' => 70]);
        $body = static fn (int $id): Gear => new Gear($id, "Body {$id}", GearKind::Body);
        $this->assertSame('', trim($said($lens(1), $body(2))), 'each of them is needed');
        $two = $said($lens(1), $lens(2), $body(3), $body(4));
        $this->assertStringContainsString('4 things taken out in turn', $two);
        $this->assertStringNotContainsString('any two', $two, 'both lenses gone leave none');
        $this->assertStringContainsString('And any two of them.', $said($lens(1), $lens(2), $lens(3), $body(4), $body(5), $body(6)));
    }

    public function test_cards_that_nobody_saw_are_told_of_from_the_first_on(): void
    {
        $night = static fn (int $unseen): string => implode(' ', array_map(
            static fn (ListLine $l): string => $l->what,
            NightList::of([], ['A'], new CardsSeen(0, $unseen, []), [], [], 9, [])->night,
        ));
        $this->assertStringContainsString('One card was not looked at', $night(1));
        $this->assertStringContainsString('2 cards were not looked at', $night(2));
        $this->assertStringNotContainsString('not looked at', $night(0));
    }
}
