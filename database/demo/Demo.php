<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Job;
use App\Models\Place;
use App\Models\User;
use Illuminate\Support\Carbon;

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
        self::begun('Rowing club awards evening', 'event', 'Norrsund Rowing Club', 16, 'Norrsund Hall', 62.392, 17.306, '17:30', '22:30');
        self::begun('Wool catalogue, winter set', 'commercial', 'Fjellgarn Weavers', 27, 'Loft studio', 63.176, 14.636, '08:00', '17:00');

        return $wedding;
    }

    private static function begun(string $name, string $kind, string $client, int $days, string $place, float $latitude, float $longitude, string $from, string $to): void
    {
        $at = Place::query()->create(['name' => $place, 'latitude' => $latitude, 'longitude' => $longitude, 'timezone' => 'Europe/Stockholm']);
        Job::query()->create([
            'name' => $name, 'kind' => $kind, 'client' => $client, 'place_id' => $at->id,
            'date' => Carbon::now('Europe/Stockholm')->addDays($days)->format('Y-m-d'), 'covered_from' => $from, 'covered_to' => $to,
        ]);
    }
}
