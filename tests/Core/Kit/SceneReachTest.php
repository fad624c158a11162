<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Needs\SceneLights;
use NorthSatchel\Kit\Needs\SceneReach;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A kit without a lens is never proven. */
final class SceneReachTest extends TestCase
{
    private static function stretch(string $title, int $frames = 100, ?int $focal = null, Priority $priority = Priority::Must): PlannedStretch
    {
        $shots = [new PlannedShot('x', Priority::Must, $frames, $focal)];

        return new PlannedStretch(1, $title, ['lead'], 0, 3600, '15:00', 1, $priority, 12.0, $shots);
    }

    private static function lens(int $from, int $to): Gear
    {
        return new Gear(2, 'Lens', GearKind::Lens, ['focal_min_mm' => $from, 'focal_max_mm' => $to]);
    }

    /** @return list<string> */
    private static function ids(PlannedStretch ...$stretches): array
    {
        return array_map(static fn (Need $n): string => "{$n->priority->value} {$n->id}", SceneReach::needs(array_values($stretches)));
    }

    public function test_scenes_that_name_no_lens_want_the_usual_ones(): void
    {
        $this->assertSame(['must reach-normal', 'should reach-long'], self::ids(self::stretch('Ceremony')));
        $this->assertSame(['must reach-action'], self::ids(self::stretch('First half')), 'across a field a normal lens shows ants');
        foreach (['Final portraits', 'Half an hour alone', 'Lawn games', 'Finishing touches'] as $title) {
            $this->assertContains('must reach-normal', self::ids(self::stretch($title)), "{$title} is no sport");
        }
        $this->assertSame(['must reach-action'], self::ids(self::stretch('Women’s eights, heats')));
        $this->assertTrue(SceneReach::needs([self::stretch('Heat 3')])[0]->wantsSpare, 'a must on one lens has a spare');
        $this->assertFalse(SceneReach::needs([self::stretch('Heat 3', priority: Priority::Nice)])[0]->wantsSpare);
        $this->assertFalse(SceneReach::needs([self::stretch('Final')])[0]->isGivenBy(self::lens(70, 135)));
        $this->assertTrue(SceneReach::needs([self::stretch('Final')])[0]->isGivenBy(self::lens(70, 200)));
        $this->assertSame(['must reach-normal'], self::ids(self::stretch('Dance')));
        $this->assertSame(['nice reach-normal'], self::ids(self::stretch('Dance', priority: Priority::Nice)));
        $this->assertSame([], self::ids(self::stretch('Ceremony', focal: 85)), 'somebody named one');
        $this->assertSame([], self::ids(self::stretch('Drive', 0)), 'nothing is taken');
        $this->assertSame(['must reach-wide'], self::ids(self::stretch('Rooms and outside')));
        foreach ([[16, 35, true], [24, 70, true], [14, 14, true], [25, 70, false]] as [$from, $to, $does]) {
            $this->assertSame($does, SceneReach::needs([self::stretch('Living room')])[0]->isGivenBy(self::lens($from, $to)));
        }
        $this->assertSame(['must reach-normal', 'must reach-action'], self::ids(self::stretch('Dance'), self::stretch('Heat 3')));
        $this->assertSame('a lens of 200 mm or more', SceneReach::needs([self::stretch('Heat 3')])[0]->title);
        $heat = static fn (string ...$lanes): PlannedStretch => new PlannedStretch(
            1, 'Heat 3', array_values($lanes), 0, 3600, '15:00', 1, Priority::Must, 12.0, [PlannedShot::usual(100)],
        );
        $two = SceneReach::needs([$heat('lead', 'second', 'assistant')])[0];
        $this->assertSame(['2 lenses of 200 mm or more', 2, 'a lens of 200 mm or more'], [$two->title, $two->count, $two->toHire()]);
        $this->assertSame([], SceneReach::needs([$heat('assistant')]), 'nobody there photographs');
    }

    public function test_who_must_stay_at_the_back_gets_the_reach_of_the_distance(): void
    {
        $ids = static fn (?int $focal, int $frames = 50): array => array_column(array_filter(
            PlanNeeds::of([new PlannedStretch(
                1, 'Vows', ['lead', 'second'], 0, 3600, '15:00', 1, Priority::Must, 12.0,
                [new PlannedShot('Rings', Priority::Must, $frames, $focal)], farMm: 310,
            )], [], 8.0),
            static fn (Need $n): bool => str_starts_with($n->id, 'reach-') && $n->what === NeedWhat::Reach,
        ), 'count', 'id');
        $this->assertSame(1, $ids(null)['reach-310'], 'one of the two has it');
        $this->assertSame(['reach-85' => 1, 'reach-310' => 1, 'reach-normal' => 1, 'reach-long' => 1], $ids(85), 'the other hand has the usual ones');
        $both = PlanNeeds::of([new PlannedStretch(
            1, 'First half', ['lead', 'second'], 0, 3600, '15:00', 1, Priority::Must, 12.0, [new PlannedShot('Goal', Priority::Must, 50, 400)],
        )], [], 8.0);
        $this->assertSame(['reach-400' => 2], array_column(
            array_filter($both, static fn (Need $n): bool => $n->what === NeedWhat::Reach),
            'count',
            'id',
        ), 'what is played each takes from where they stand');
        $this->assertSame([], $ids(null, 0), 'where nothing is taken nothing is carried');
    }

    #[TestWith([24, 70, true])]
    #[TestWith([60, 60, true])]
    #[TestWith([61, 200, false])]
    #[TestWith([16, 24, true])]
    #[TestWith([12, 23, false])]
    public function test_any_lens_of_the_range_will_do(int $from, int $to, bool $does): void
    {
        $need = SceneReach::needs([self::stretch('Dance')])[0];
        $this->assertSame($does, $need->isGivenBy(self::lens($from, $to)));
    }

    /** A room by lamps takes a loud ISO of who moves: then a flash comes along, unless it is forbidden or a ceremony. */
    public function test_a_dark_scene_asks_for_a_flash(): void
    {
        $ids = static fn (PlannedStretch $s): array => array_map(static fn (Need $n): string => $n->id, SceneLights::needs([$s], []));
        $at = static fn (string $title, float $ev, bool $mayNot = false, int $frames = 40): PlannedStretch => new PlannedStretch(
            1, $title, ['lead'], 0, 3600, '21:10', null, Priority::Must, $ev, [new PlannedShot('a', Priority::Must, $frames, null)], false, $mayNot,
        );
        $this->assertSame(['light-dark'], $ids($at('First dance', 5.0)));
        $this->assertSame([], $ids($at('First dance', 9.0)), 'light enough');
        $this->assertSame([], $ids($at('First dance', 5.0, true)), 'the brief forbids it');
        $this->assertSame([], $ids($at('Ceremony', 5.0)));
        foreach (['Second half', 'Awards on stage', 'Living room'] as $title) {
            $this->assertSame([], $ids($at($title, 5.0)), "{$title}: nobody flashes there");
        }
        $this->assertSame([], $ids($at('First dance', 5.0, false, 0)), 'nothing is taken');
        $ask = new Ask(1, NeedWhat::Light, 2, Priority::Should, 1, '', 2.0, 4.0, 400.0);
        $this->assertSame([], SceneLights::needs([$at('First dance', 5.0)], [$ask]), 'somebody has said with what');
        $work = FlashWork::of([$at('First dance', 5.0)], [$ask]);
        $this->assertSame([40, 2], [$work->pops(), $work->atOnce]);
        $this->assertSame([0, 0], [FlashWork::of([$at('Ceremony', 5.0)], [])->pops(), FlashWork::of([$at('Ceremony', 5.0)], [])->atOnce]);
    }

    public function test_a_scene_that_is_lit_brings_light_trigger_and_stand(): void
    {
        $told = static fn (array $asks, PlannedStretch ...$s): array => array_map(
            static fn (Need $n): string => "{$n->priority->value} {$n->count} {$n->title}".($n->wantsSpare ? ' and a spare' : ''),
            SceneLights::needs(array_values($s), $asks),
        );
        $lit = ['must 1 a flash or lamp and a spare', 'must 1 a trigger and a spare', 'must 1 a stand'];
        $this->assertSame($lit, $told([], self::stretch('First setup')));
        $this->assertSame(
            ['nice 1 a flash or lamp', 'nice 1 a trigger', 'nice 1 a stand'],
            $told([], self::stretch('Setup', priority: Priority::Nice)),
        );
        $this->assertSame([], $told([], self::stretch('Dance')));
        $this->assertSame([], $told([], self::stretch('First setup', 0)), 'nothing is taken');
        $flash = new PlannedStretch(1, 'Dance', ['lead'], 0, 3600, '20:00', 1, Priority::Must, 3.0, [new PlannedShot('x', Priority::Must, 9)], true);
        $this->assertSame($lit, $told([], $flash));
        $ask = static fn (?int $segment): Ask => new Ask(1, NeedWhat::Light, 2, Priority::Must, $segment, '');
        $this->assertSame([[], []], [$told([$ask(1)], $flash), $told([$ask(null)], $flash)], 'what somebody asked for counts');
        $this->assertSame($lit, $told([$ask(7)], $flash), 'of another scene it does not');
        $needs = SceneLights::needs([$flash], []);
        $this->assertNotContains(
            'kit.survives',
            array_map(static fn (Verdict $v): string => $v->code, (new LossReport([new Gear(1, 'A', GearKind::Body)], [], $needs))->verdicts()),
        );
    }

    public function test_a_wedding_without_a_lens_is_not_proven(): void
    {
        $body = new Gear(1, 'A', GearKind::Body);
        $needs = SceneReach::needs([self::stretch('Ceremony')]);
        $codes = static fn (array $verdicts): array => array_map(static fn (Verdict $v): string => $v->code, $verdicts);
        $this->assertContains('kit.unmet', $codes((new LossReport([$body], [], $needs))->verdicts()));
        $this->assertNotContains('kit.survives', $codes((new LossReport([$body], [], $needs))->verdicts()));
        $proposal = KitProposal::of([$body], new PlannedWork($needs, ['lead' => 100], new FlashWork(), 1.0, 20.0));
        $this->assertNotContains('kit.proposal', $codes($proposal->verdicts()));
        $this->assertContains('kit.hire', $codes($proposal->verdicts()));
    }
}
