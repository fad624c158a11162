<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\Calling;
use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsSegment;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\Leaving;
use NorthSatchel\People\Place;
use NorthSatchel\People\Relative;
use NorthSatchel\People\Release;
use NorthSatchel\People\School;
use NorthSatchel\People\StandLens;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\WhoIsWhere;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Looks;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sayings;

/** What is said of made-up families: groups by rule, orders, who waits, who may go, who is hidden in which row. */
final class MadeUpFamiliesTest extends TestCase
{
    private const FAMILIES = 25;

    private const RELATIONS = [
        "bride's mother", "bride's father", "groom's mother", "groom's father", "bride's sister", "groom's brother", "bride's grandmother",
        "groom's grandfather", "bride's aunt", "groom's cousin", 'maid of honour', 'best man', 'neighbour', "bride's stepfather",
        "groom's half-brother",
    ];

    private const NAMES = [
        'Ida', 'Odd', 'Runa', 'Tor', 'Bo', 'Signe', 'Mio', 'Karin', 'Per', 'Siv', 'Ulf', 'Åsa', 'Leif', 'Gro', 'Nils', 'Vera',
    ];

    public function test_what_is_said_of_made_up_families(): void
    {
        $say = new Sayings('families', whole: self::FAMILIES);
        $day = LocalDay::of('2030-06-21', 'Europe/Stockholm');
        for ($number = 1; $number <= 4 * self::FAMILIES; $number++) {
            $say->head("Family {$number}");
            $family = new Family(FamilyText::read($this->lines($say)));
            $groups = GroupRules::of($family);
            $this->sayGroups($say, $family, $groups, $day);
            $this->sayCalling($say, $family, $groups);
            $this->sayStand($say, $family);
        }
        $say->keep();
    }

    /** @return list<FamilyLine> */
    private function lines(Sayings $say): array
    {
        $lines = $say->often(92) ? [new FamilyLine('Liv', 'bride'), new FamilyLine('Emil', 'groom')] : [];
        $names = array_slice(self::NAMES, 0, $say->whole(0, count(self::NAMES)));
        foreach ($names as $i => $name) {
            $text = array_filter([
                $say->one(self::RELATIONS),
                $say->often(60) ? $say->one(['95', '139', '140', '160', '185']).' cm' : '',
                $say->often(12) ? $say->one(['seated', 'wheelchair', 'infant', 'elderly']) : '',
                $say->often(10) ? 'leaves at '.$say->one(['16:10', '16:20', '17:00']) : '',
                $i > 0 && $say->often(8) ? 'apart from '.$names[0] : '',
                $i > 1 && $say->often(8) ? 'not beside '.$names[1] : '',
                $i > 0 && $say->often(8) ? 'wife of '.$names[$i - 1] : '',
            ]);
            $lines[] = new FamilyLine($name, implode(', ', $text));
        }

        return $lines;
    }

    /** @param  list<FamilyGroup>  $groups */
    private function sayGroups(Sayings $say, Family $family, array $groups, LocalDay $day): void
    {
        foreach ($groups as $group) {
            $say->add("{$group->title} ({$group->priority->value}): ".implode(', ', $group->people));
        }
        $isGathered = $say->often(50);
        $segment = $say->often(75) ? new FormalsSegment(
            7,
            'Family groups',
            $day->instantOf(ClockTime::of('16:00')),
            $say->one([5, 15, 30, 60]),
            $say->often(40),
        ) : null;
        $now = new StandTime($groups, $family, $isGathered);
        $best = $groups === [] ? null : new StandTime(
            CallOrders::by(School::LeastWaiting, $groups, $family, $isGathered, Looks::upTo(400)),
            $family,
            $isGathered,
        );
        $say->add(sprintf('%.2f min, waiting %.2f, at best %.2f', $now->totalMinutes, $now->waiting, $best->waiting ?? 0.0));
        $say->verdicts(FormalsJudge::of($family, $now, $best, $segment, $day, $segment === null && $say->often(50) ? new FormalsSegment(
            8,
            'Groups on the steps',
            $day->instantOf(ClockTime::of('15:00')),
            30,
            false,
        ) : null));
        $say->verdicts([
            ...WhoIsWhere::unclear($family),
            ...WhoIsWhere::howFarApart($family),
            ...WhoIsWhere::apart($family, $now),
            ...WhoIsWhere::forgotten($family, $now),
            ...Leaving::verdicts($family, $now, $segment, $day),
        ]);
        foreach ([School::ReleaseDown, School::BuildUp] as $school) {
            $order = CallOrders::by($school, $groups, $family, $isGathered);
            $say->add("{$school->value}: ".implode(' > ', array_map(static fn (FamilyGroup $g): string => $g->title, $order)));
        }
    }

    /** @param  list<FamilyGroup>  $groups */
    private function sayCalling(Sayings $say, Family $family, array $groups): void
    {
        $ids = array_keys($groups);
        $names = array_map(static fn (Relative $r): string => $r->name, $family->people());
        $share = $say->one([0, 50, 100]);
        $shot = array_values(array_filter($ids, static fn (): bool => $say->often($share)));
        $there = [];
        foreach ($shot as $id) {
            $there[$id] = array_values(array_filter($groups[$id]->people, static fn (): bool => $say->often(90)));
        }
        $calling = new Calling(
            $family,
            $groups,
            array_values(array_filter($names, static fn (): bool => $say->often(80))),
            $shot,
            array_values(array_filter(array_diff($ids, $shot), static fn (): bool => $say->often(10))),
            $there,
        );
        $title = static fn (?int $id): string => $id === null ? '-' : $groups[$id]->title;
        $say->add("now {$title($calling->now())}, next {$title($calling->next())}, first {$title($calling->couldGoFirst())}");
        foreach ([false, true] as $isShared) {
            $say->verdicts(Release::of($calling, $isShared)->verdicts());
        }
    }

    private function sayStand(Sayings $say, Family $family): void
    {
        $people = array_slice($family->people(), 0, $say->whole(1, 18));
        if ($people === []) {
            return;
        }
        $lenses = $say->one([
            [new StandLens('Prime 50', 50, 1.4)],
            [new StandLens('Zoom', 35, 2.8), new StandLens('Prime 85', 85, 1.8)],
            [new StandLens('Prime 35', 35, 1.8, 1.5, 4.0)],
        ]);
        $setup = GroupSetup::best($people, $lenses, $say->one([null, 3.0, 6.0, 15.0]), $say->one([4.0, 7.0, 10.0, 13.0]), $say->often(30));
        $say->add(count($setup->rows->rows).' rows, '.$setup->lens->name().', '.round($setup->distanceM, 2)." m, f/{$setup->focus->fNumber}, ".
            "1/{$setup->shutter}, ISO {$setup->iso}, {$setup->frames} frames, {$setup->focus->margins()}");
        foreach ($setup->rows->rows as $row) {
            $say->add('row '.implode(' ', array_map(static fn (Place $p): string => $p->name, $row)));
        }
        $say->add('touching '.json_encode($setup->rows->touching, JSON_THROW_ON_ERROR));
        $say->verdicts($setup->verdicts());
    }
}
