<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Desks\PlanWork;
use App\Models\Job;
use App\Models\Place;
use App\Models\User;
use Illuminate\Support\Carbon;
use NorthSatchel\Plan\Template\DayTemplate;

/** The whole demo: an owner, the lakeside wedding with its gear, and two jobs that are only begun. */
final class Demo
{
    public const EMAIL = 'owner@satchel.test';

    public const PASSWORD = 'lakeside-demo';

    public static function load(): Job
    {
        User::query()->create(['name' => 'Demo owner', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $wedding = LakesideWedding::tell();
        DemoGear::put($wedding);
        $work = app(PlanWork::class);
        $evening = self::begun('Rowing club awards evening', 'event', 'Norrsund Rowing Club', 16, 'Norrsund Hall', 62.392, 17.306, '17:00', '22:30');
        $work->fillIn($evening, DayTemplate::StageEvent, '18:30', '21:15');
        $evening->accessWindows()->create(['place_id' => $evening->place_id, 'pass' => 'Stage pass', 'opens_clock' => '16:30', 'closes_clock' => '21:20', 'gate_minutes' => 4]);
        $studio = self::begun('Wool catalogue, winter set', 'commercial', 'Fjellgarn Weavers', 27, 'Loft studio', 63.176, 14.636, '08:00', '17:30');
        foreach ([['Build the set', '10:00', 120, 'must'], ['Pre-light, two setups', '13:30', 210, 'must'], ['Test frames into the computer', '17:10', 30, 'should']] as [$title, $start, $minutes, $priority]) {
            $studio->segments()->create(['place_id' => $studio->place_id, 'title' => $title, 'lane' => 'lead', 'also_lanes' => $title === 'Build the set' ? ['assistant'] : null, 'start_clock' => $start, 'minutes' => $minutes, 'priority' => $priority]);
        }
        $work->fillIn($studio, DayTemplate::StudioDay, '09:30', '16:45', day: 1);

        return $wedding;
    }

    private static function begun(string $name, string $kind, string $client, int $days, string $place, float $latitude, float $longitude, string $from, string $to): Job
    {
        $at = Place::query()->create(['name' => $place, 'latitude' => $latitude, 'longitude' => $longitude, 'timezone' => 'Europe/Stockholm']);

        return Job::query()->create([
            'name' => $name, 'kind' => $kind, 'client' => $client, 'place_id' => $at->id,
            'date' => Carbon::now('Europe/Stockholm')->addDays($days)->format('Y-m-d'), 'covered_from' => $from, 'covered_to' => $to,
        ]);
    }
}
