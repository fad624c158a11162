<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Cards\Check\PlannedDials;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Kit\BodyCharge;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\BodiesJudge;
use NorthSatchel\Kit\Judge\BudgetJudge;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\HoldsJudge;
use NorthSatchel\Kit\Judge\LensChanges;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\LossSearch;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Judge\ReachJudge;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\Judge\WantedFocal;
use NorthSatchel\Kit\KitLanes;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Station\Station;
use PHPUnit\Framework\TestCase;
use Tests\Support\MadeUpKit;
use Tests\Support\Sayings;

/** What is said of made-up shelves for made-up days: needs, budgets, losses, proposals, the station. */
final class MadeUpKitTest extends TestCase
{
    private const JOBS = 24;

    public function test_what_is_said_of_made_up_kits(): void
    {
        $say = new Sayings('kit', whole: self::JOBS);
        $made = new MadeUpKit($say);
        for ($job = 1; $job <= 8 * self::JOBS; $job++) {
            $say->head("Job {$job}");
            $shelf = $made->shelf();
            $stretches = $made->day();
            $this->say($say, $shelf, $stretches, $made);
        }
        $say->keep();
    }

    public function test_what_is_asked_of_each_kind_of_thing(): void
    {
        $say = new Sayings('fields');
        foreach (GearKind::cases() as $kind) {
            $say->head($kind->value);
            $say->add('about '.(new Gear(1, 'Thing', $kind))->grams().' g where nobody has weighed it');
            foreach ($kind->fields() as $field) {
                $limits = $field->min === null ? '' : " {$field->min} to {$field->max}".($field->isWhole ? ', whole' : '');
                $say->add("{$field->name}, {$field->label}: {$field->type}{$limits}".($field->isRequired ? ', needed' : ''));
            }
        }
        $say->keep();
    }

    /**
     * @param  list<Gear>  $shelf
     * @param  list<PlannedStretch>  $stretches
     */
    private function say(Sayings $say, array $shelf, array $stretches, MadeUpKit $made): void
    {
        $asks = $made->asks(count($stretches));
        $byLane = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->photographers() as $lane) {
                $byLane[$lane] = ($byLane[$lane] ?? 0) + $stretch->frames();
            }
        }
        $hours = (float) $say->rather([2, 6, 12], [0, 0.5, 1]);
        $temperature = (float) $say->rather([-10, 0, 10, 20, 30], [-1, 1, 9, 11, 19]);
        $flash = FlashWork::of($stretches, $asks);
        $work = new PlannedWork(
            PlanNeeds::of($stretches, $asks, $hours, $say->one([1, 1, 2])),
            $byLane,
            $flash,
            $hours,
            $temperature,
            PlannedWork::remotes($asks, $stretches),
            PlannedStretch::usualFrames($stretches),
        );
        $bag = array_values(array_filter($shelf, static fn (): bool => $say->often(70)));
        $rest = array_values(array_udiff($shelf, $bag, static fn (Gear $a, Gear $b): int => $a->id <=> $b->id));
        $carried = array_map(static fn (Gear $g): Carried => new Carried($g, $say->one(['lead', 'lead', 'second'])), $bag);
        $bodies = [];
        foreach ($carried as $one) {
            if ($one->gear->kind === GearKind::Body) {
                $bodies[$one->lane][] = $one->gear;
            }
        }
        $dealt = DealtBodies::dealt($bodies, $byLane, $work->remotes);
        $flashes = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Flash));
        $needs = [
            ...$work->needs,
            ...BudgetNeeds::of($dealt->shared, $flashes, $hours, $temperature, $flash, $shelf, $dealt->alone, $work->usual),
        ];
        foreach ($needs as $need) {
            $say->add(self::need($need));
        }
        $pixels = [4.0, 6.0];
        $sheet = new SettingsSheet($say->one([null, 1 / 250, 1 / 60]), $say->one([null, 800, 6400]), $say->one([null, 2.8]), $say->one([null, 8.0]));
        foreach ($stretches as $stretch) {
            $dials = PlannedDials::of($stretch, $sheet, $say->one($pixels));
            $say->add("{$stretch->title}: {$dials->says()} {$dials->minds} {$dials->why} ".json_encode($dials->shots, JSON_UNESCAPED_UNICODE));
        }
        $station = new Station($bag, (float) $say->rather([0, 12, 60], [1, 20, 30]));
        $say->add($station->paceSays());
        $report = new LossReport($bag, $rest, $needs);
        // What is lost does not hang on when and why something is needed: a search without these says the same.
        $bare = new LossSearch($bag, $rest, array_map(static fn (Need $n): Need => $n->withoutWords(), $needs));
        $this->assertEquals($report->verdicts(), (new LossReport($bag, $rest, $needs, $bare))->verdicts());
        $say->verdicts([
            ...BodiesJudge::of($byLane, $carried),
            ...BudgetJudge::of($needs, $bag, $rest),
            ...ReachJudge::of(new CarriedLenses($carried), $stretches, $rest),
            ...HoldsJudge::of($carried, $needs, $stretches),
            ...PersonLoss::of($stretches),
            ...$report->verdicts(),
            ...StationJudge::of($bag, $station->frameMb),
            ...$station->verdicts(),
            ...DriveJudge::of($bag, (float) $say->rather([0, 49, 50, 100, 200], [1, 500, 1000])),
            ...FlightJudge::of($bag),
            ...DueJudge::of($bag, '2030-06-0'.$say->whole(1, 5), '2030-06-0'.$say->whole(5, 9)),
        ]);
        foreach (['lead', 'second'] as $lane) {
            $own = array_values(array_filter($stretches, static fn (PlannedStretch $s): bool => in_array($lane, $s->photographers(), true)));
            $swaps = [...SwapTimes::of($own, $say->rather([100, 300, 600], [0, 1, 2, 15])), ...SwapTimes::ofCells($own, 0.5, 400, 8, $temperature)];
            foreach ($swaps as $swap) {
                $say->add("{$lane} {$swap->segmentId()}: ".$swap->says('cards'));
            }
        }
        $lenses = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Lens));
        $wanted = array_map(static fn (int $n): WantedFocal => new WantedFocal("shot {$n}", $say->one([24, 35, 50, 85, 200, 400])), range(1, 5));
        $changes = LensChanges::of($lenses, $say->one([1, 2]), $wanted, $say->one([1.0, 1.5]));
        $say->add('starts with '.implode(', ', array_map(static fn (Gear $g): string => $g->label, $changes->start)));
        foreach ($changes->changes as $change) {
            $say->add("before {$change->before}: {$change->on->label} for {$change->off->label}");
        }
        $say->add('unreached '.implode(', ', $changes->unreached));
        foreach (KitLanes::of($bag, $stretches) as $id => $lane) {
            $say->add("thing {$id} with {$lane}");
        }
        $proposal = KitProposal::of($shelf, $work, $say->one(KitSchool::cases()), $say->one([null, 4000, 8000, 15000]));
        $say->add(json_encode([$proposal->ids(), $proposal->grams, $proposal->isOptimal, $proposal->overG], JSON_THROW_ON_ERROR));
        $say->verdicts($proposal->verdicts());
        foreach (BodyCharge::of($carried, $temperature) as $id => $charge) {
            $say->add("charge {$id} ".json_encode($charge, JSON_THROW_ON_ERROR));
        }
    }

    private static function need(Need $need): string
    {
        return "need {$need->id} ×{$need->count} {$need->priority->value}".($need->wantsSpare ? ' and a spare' : '').
            ": {$need->title}. {$need->because} ".json_encode($need->figures, JSON_UNESCAPED_UNICODE);
    }
}
