<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\People\RosterRecord;
use App\Models\Plan\SendingRecord;
use App\Models\Scout\GroundRecord;
use Illuminate\Support\Carbon;
use NorthSatchel\Scout\Ground\GroundKind;

/** The finals of a school cup in a sports hall, three weeks from now, two photographers. All of it is made up. */
final class HallFinals
{
    private const TIMEZONE = 'Europe/Stockholm';

    private const ZONES = <<<'TEXT'
    West goal, 0, 10, main, 6
    East goal, 40, 10, main, 6
    Centre, 20, 10, main, 2
    Home bench, 12, -2, reaction, 4
    Away bench, 28, -2, reaction, 3
    School stand, 20, 26, crowd, 2
    TEXT;

    private const POSTS = <<<'TEXT'
    West corner, -2, -2, holds 2, seat
    East corner, 42, -2, holds 2, seat
    Behind the west goal, -3, 10, knees, not Home bench, not Away bench
    Near touchline, 20, -4, knees, not Home bench, not Away bench
    Gallery, 20, 30, up 6 m, stairs 3 min, not School stand
    TEXT;

    private const ROSTER = <<<'TEXT'
    Kvarnby school:
    1, Milla Rask, goalkeeper
    4, Elin Torv, back
    7, Saga Lind-Holm, forward
    9, Nour Hallam, forward
    12, Ines Varg, back
    15, Tora Kvist, reserve
    Lillsund school:
    2, Alva Strand, goalkeeper
    5, Juno Berggard, back
    7, Mira Sol, forward
    10, Petra Nys, forward
    TEXT;

    private const TASKS = <<<'TEXT'
    Walk the hall, 10 min
    Cable to the table, 15 min
    Camera above the west goal, 25 min, 2 people, after Cable to the table
    Test from both posts, 10 min, 2 people, after Camera above the west goal
    TEXT;

    private const WANTED = <<<'TEXT'
    Teams on the line ×2, by 18:05, from 17:30, worth 4
    First goal ×2, by 18:10, from 17:40, worth 5
    Faces at the bench ×3, by 18:40, from 17:30, worth 2
    Second third ×3, by 18:45, from 18:00, worth 3
    The deciding goal ×2, by 19:15, from 18:40, worth 9
    Cup lifted ×2, by 19:40, from 19:12, worth 9
    TEXT;

    public static function tell(): Job
    {
        $hall = Place::query()->create([
            'name' => 'Kvarnby Hall',
            'latitude' => 62.64,
            'longitude' => 17.93,
            'timezone' => self::TIMEZONE,
        ]);
        GroundRecord::query()->create([
            'place_id' => $hall->id,
            'kind' => GroundKind::HallCourt,
            'length_m' => 40.0,
            'width_m' => 20.0,
            'bearing_deg' => 340.0,
            'zones' => self::ZONES,
            'posts' => self::POSTS,
            'ways' => 'West corner to East corner, 2',
        ]);
        $job = Job::query()->create([
            'name' => 'Kvarnby school cup, finals',
            'kind' => 'event',
            'client' => 'Kvarnby Schools Sports',
            'place_id' => $hall->id,
            'date' => Carbon::now(self::TIMEZONE)->addDays(23)->format('Y-m-d'),
            'covered_from' => '16:30',
            'covered_to' => '20:30',
        ]);
        foreach (
            [
                ['Warming up', '17:00', 25, null],
                ['Meal', '16:35', 20, null],
                ['First third', '17:30', 25, ['East goal' => 9, 'West goal' => 3]],
                ['Second third', '18:00', 25, ['West goal' => 9, 'East goal' => 3]],
                ['Last third', '18:35', 30, ['East goal' => 9, 'Home bench' => 9]],
                ['Prize giving', '19:10', 20, ['Centre' => 20, 'West goal' => 0, 'East goal' => 0, 'School stand' => 6]],
                ['Winners and teachers', '19:35', 40, null],
            ] as [$title, $start, $minutes, $worth]
        ) {
            $job->segments()->create([
                'place_id' => $hall->id,
                'title' => $title,
                'lane' => 'lead',
                'also_lanes' => ['second'],
                'start_clock' => $start,
                'minutes' => $minutes,
                'priority' => $worth === null ? 'should' : 'must',
                'is_anchor' => $worth !== null,
                'is_break' => $title === 'Meal',
                'cover' => $worth === null ? null : ['worth' => $worth, 'hand' => []],
            ]);
        }
        foreach (
            [
                'Body A' => 'lead', 'Zoom 70–200' => 'lead', 'Zoom 24–70' => 'lead', 'Body C' => 'second', 'Prime 135' => 'second',
                'Prime 50' => 'second',
            ] as $label => $lane
        ) {
            Packing::query()->create(['job_id' => $job->id, 'item_id' => Item::query()->where('label', $label)->valueOrFail('id'), 'lane' => $lane]);
        }

        SendingRecord::query()->create([
            'job_id' => $job->id,
            'lane' => 'second',
            'rate_mb_s' => 0.8,
            'overhead_s' => 40,
            'pictures' => self::WANTED,
            'tasks' => self::TASKS,
            'doors_clock' => '17:30',
            'hands' => 2,
        ]);

        RosterRecord::query()->create([
            'job_id' => $job->id,
            'players' => self::ROSTER,
            'line_up' => "Kvarnby school: 1 4 7 9 12\nLillsund school: 2 5 7 10",
        ]);

        return $job;
    }
}
