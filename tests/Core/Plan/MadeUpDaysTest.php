<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Brief\Restriction;
use NorthSatchel\Brief\RestrictionKind;
use NorthSatchel\Plan\Judge\AccessJudge;
use NorthSatchel\Plan\Judge\BriefedJudge;
use NorthSatchel\Plan\Judge\ChainJudge;
use NorthSatchel\Plan\Judge\CuedShot;
use NorthSatchel\Plan\Judge\CueJudge;
use NorthSatchel\Plan\Judge\MustHaveJudge;
use NorthSatchel\Plan\Judge\NightJudge;
use NorthSatchel\Plan\Judge\PeopleJudge;
use NorthSatchel\Plan\Judge\RestrictionJudge;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\Judge\SightJudge;
use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\Judge\WantsJudge;
use NorthSatchel\Plan\Judge\ZoneJudge;
use NorthSatchel\Plan\Light\OpenShade;
use NorthSatchel\Plan\Light\PathJudge;
use NorthSatchel\Plan\Light\PlanB;
use NorthSatchel\Plan\Light\SpotChoice;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\Light\SpotTry;
use NorthSatchel\Plan\Light\WindowJudge;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;
use Tests\Support\MadeUpDay;
use Tests\Support\Sayings;

/** What is said of made-up days: times, ways, passes, people, hours, nights, must-haves; and of the light at made-up spots. */
final class MadeUpDaysTest extends TestCase
{
    private const DAYS = 30;

    private const SPOTS = 30;

    public function test_what_is_said_of_made_up_days(): void
    {
        $say = new Sayings('days', whole: self::DAYS);
        $made = new MadeUpDay($say);
        for ($number = 1; $number <= 6 * self::DAYS; $number++) {
            $say->head("Day {$number}");
            $local = $made->local();
            $day = $made->day($local);
            $shots = $made->shots(count($day->segments));
            $this->sayDay($say, $made, $day, $shots);
            $this->sayBrief($say, $made, $day, $shots);
        }
        $say->keep();
    }

    /** @param  array<int, list<string>>  $shots */
    private function sayDay(Sayings $say, MadeUpDay $made, PlannedDay $day, array $shots): void
    {
        $found = new Verdicts([
            ...PlanJudge::of($day),
            ...AccessJudge::of($day, $made->passes($day->day)),
            ...ChainJudge::of($day),
            ...PeopleJudge::of($day),
            ...SightJudge::of($day, $made->apart(count($day->segments))),
            ...WantsJudge::of($day),
            ...WalkJudge::of($day, $shots),
            ...Welfare::of($day),
            ...ZoneJudge::of('Hall', $say->one([null, MadeUpDay::place()]), $day->day),
        ]);
        $say->verdicts(PlanJudge::concluded($day, $found));
        foreach ($day->segments as $segment) {
            $say->verdicts(ShotHourJudge::of($day, $segment, array_map(
                static fn (string $what, int $i): LitLine => new LitLine($i, null, $what),
                $shots[$segment->id],
                array_keys($shots[$segment->id]),
            )));
        }
        $next = $made->local();
        $say->verdicts(NightJudge::of([$day, $made->day($next->date > $day->day->date ? $next : $day->day)]));
    }

    /** @param  array<int, list<string>>  $shots */
    private function sayBrief(Sayings $say, MadeUpDay $made, PlannedDay $day, array $shots): void
    {
        $scenes = $made->scenes($day, $shots);
        $from = $day->segments[0]->startsAt + 60 * $say->rather([-30, 0, 1, 30], [-1, 2]);
        $to = $day->segments[count($day->segments) - 1]->endsAt() + 60 * $say->one([-60, -1, 0, 30]);
        $restrictions = [];
        foreach (RestrictionKind::cases() as $kind) {
            if ($say->often(40)) {
                $restrictions[] = new Restriction(
                    $kind,
                    $say->one([null, 'Hall', 'Farm', 'Chapel']),
                    'as the house says',
                    $say->one([null, 'Ceremony']),
                    $say->one([null, 8.0, 20.0]),
                );
            }
        }
        foreach ($scenes as $scene) {
            $say->add("{$scene->title} ".(RestrictionJudge::forbidsFlash($restrictions, $scene) ? 'without flash' : 'with flash'));
        }
        $say->verdicts([
            ...BriefedJudge::hours($day, $from, $to),
            ...MustHaveJudge::planned(['the dress', 'Cutting of the cake', 'Dance', 'night sky'], $scenes, $say->one([[], ['Cake, cut']])),
            ...RestrictionJudge::restrictions($restrictions, $scenes),
        ]);
        $cues = array_map(static fn (int $i): CuedShot => new CuedShot(
            $i,
            "Shot {$i}",
            'the doors open',
            $say->one([null, 2, 4, 5, 10]),
            $say->one([null, 35, 85, 200]),
            $say->one([null, 35, 200]),
            $say->one([null, 'the arrival']),
            $say->one(['lead', 'second']),
        ), [1, 2, 3]);
        $say->verdicts(CueJudge::of($cues, ['lead' => $say->one([[[24, 70]], [[24, 70], [70, 200]], [[35, 35], [85, 85]]])]));
    }

    public function test_what_is_said_of_made_up_spots(): void
    {
        $say = new Sayings('spots', whole: self::SPOTS);
        $made = new MadeUpDay($say);
        for ($number = 1; $number <= 6 * self::SPOTS; $number++) {
            $say->head("Spot {$number}");
            $day = $made->day($made->local());
            $segment = $day->segments[$say->whole(0, count($day->segments) - 1)];
            $limits = $made->limits();
            $tries = [];
            for ($id = 1; $id <= 3; $id++) {
                $spot = $made->spot($id);
                $found = [
                    ...SpotJudge::of($spot, $segment, $day->day, $limits),
                    ...$this->light($say, $made, $day, $segment, $id),
                ];
                $say->verdicts($found);
                $tries[] = new SpotTry(
                    $spot,
                    $id === 1,
                    array_values(array_filter($found)),
                    $say->one([0, 5, 12]),
                    $say->one([null, 3.0, 8.0]),
                    null,
                    $say->one([null, 'bins']),
                );
            }
            $ranked = SpotChoice::ranked($segment, $tries, $limits);
            foreach ($ranked as $choice) {
                $under = round($choice->exposure->stopsUnder, 2);
                $say->add("{$choice->try->spot->name} {$choice->weight} {$under} ".implode('; ', $choice->against));
            }
            $plan = PlanB::of($segment, $ranked, $day->day);
            $say->add("plan B: {$plan->decideBy} {$plan->trigger} ".implode(', ', array_map(
                static fn (SpotChoice $c): string => $c->try->spot->name,
                $plan->fallbacks,
            )));
        }
        $say->keep();
    }

    /** @return list<\NorthSatchel\Verdict|null> */
    private function light(Sayings $say, MadeUpDay $made, PlannedDay $day, Segment $segment, int $id): array
    {
        $spot = $made->spot($id);
        $place = MadeUpDay::place();
        $next = OpenShade::next($spot, $place, $day->day, $segment);
        $say->add('shade '.($next === null ? '-' : json_encode($next, JSON_THROW_ON_ERROR)));

        return [
            OpenShade::judge($spot, $place, $segment, $day->day),
            OpenShade::ridge($spot, $place, $segment, $day->day),
            PathJudge::of($spot, $place, $segment, $day->day),
            ...WindowJudge::of($spot, $place, $segment, $day->day, $made->limits()),
        ];
    }
}
