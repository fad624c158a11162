<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Desks\Plan\PlanWork;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Plan\StudioRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use NorthSatchel\Plan\Template\DayTemplate;
use NorthSatchel\Time\ClockTime;

/** The whole demo: an owner, the lakeside wedding with its gear, and two jobs that are only begun. */
final class Demo
{
    public const EMAIL = 'owner@satchel.test';

    public const PASSWORD = 'lakeside-demo';

    public static function load(): Job
    {
        Cache::flush();
        User::query()->create(['name' => 'Demo owner', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $wedding = LakesideWedding::tell();
        DemoGear::put($wedding);
        $work = app(PlanWork::class);
        $evening = self::begun(
            'Rowing club awards evening',
            'event',
            'Norrsund Rowing Club',
            16,
            'Norrsund Hall',
            62.392,
            17.306,
            '17:00',
            '22:30',
        );
        $work->fillIn($evening, DayTemplate::StageEvent, '18:30', '21:15', isAlone: true);
        $evening
            ->accessWindows()
            ->create([
                'place_id' => $evening->place_id,
                'pass' => 'Stage pass',
                'opens_clock' => '16:30',
                'closes_clock' => '21:20',
                'gate_minutes' => 4,
            ]);
        $studio = self::begun(
            'Wool catalogue, winter set',
            'commercial',
            'Fjellgarn Weavers',
            27,
            'Loft studio',
            63.176,
            14.636,
            '08:00',
            '17:30',
        );
        foreach (
            [
                ['Build the set', '10:00', 120, 'must'],
                ['Pre-light, two setups', '13:30', 210, 'must'],
                ['Test frames into the computer', '17:10', 30, 'should'],
            ] as [$title, $start, $minutes, $priority]
        ) {
            $studio
                ->segments()
                ->create([
                    'place_id' => $studio->place_id,
                    'title' => $title,
                    'lane' => 'lead',
                    'also_lanes' => $title === 'Build the set' ? ['assistant'] : null,
                    'start_clock' => $start,
                    'minutes' => $minutes,
                    'priority' => $priority,
                ]);
        }
        $work->fillIn($studio, DayTemplate::StudioDay, '09:30', '16:45', day: 1, isAlone: true);
        foreach (Item::query()->whereIn('label', ['Body C', 'Zoom 24–70', 'S07', 'S08'])->get() as $item) {
            Packing::query()->create(['job_id' => $studio->id, 'item_id' => $item->id, 'lane' => 'lead']);
        }
        StudioRecord::query()->create([
            'job_id' => $studio->id,
            'products' => implode("\n", [
                '11, Shawl, heather grey, ×3',
                '12, Shawl, moss, ×3',
                '14, Mittens, rowan red, ×2',
                '15, Blanket with fringe, ×4',
                '19, Cap, undyed, ×2',
            ]),
            'looks' => implode("\n", [
                'Shawl and coat, with Sanna, change 8 min, hair 20 min',
                '    Against the wall with a bent knee, 6 min, supported',
                '    Shawl thrown, 12 min, free, throws 10, helpers 2',
                'Mittens, with Joel, change 5 min, hair 10 min',
                '    Hands at the collar, 8 min, supported',
                '    On the floor, 8 min, floor, nice',
                'Blanket, with Sanna, change 4 min, nice',
                '    Wrapped and sitting, 10 min, floor',
            ]),
            'look_minutes' => 75,
        ]);

        self::houses();
        HallFinals::tell();
        SyrupDay::tell();

        return $wedding;
    }

    /** Three houses to be pictured on one day, in an order that does not work, and one pair of cards for two of them. */
    private static function houses(): void
    {
        foreach (
            [
                ['Slope house, to let', 'Slope house', 63.19, 14.64, '09:00', '10:00', '09:00', '12:30', ['S07', 'S08', 'Cell 5']],
                [
                    'Old dairy, for sale',
                    'Old dairy',
                    63.271,
                    14.333,
                    '10:15',
                    '11:45',
                    '09:30',
                    '10:40',
                    ['S05', 'S06', 'Cell 6', 'Two-step ladder', 'Flash 1'],
                ],
                ['Harbour flat, for sale', 'Harbour flat', 63.179, 14.652, '12:00', '12:45', '11:00', '14:00', ['S07', 'S08', 'Cell 7']],
            ] as [$name, $place, $latitude, $longitude, $from, $to, $opens, $closes, $kit]
        ) {
            $job = self::begun($name, 'commercial', 'Midnordic Homes', 9, $place, $latitude, $longitude, $from, $to);
            $job->update(['appointment_from' => $opens, 'appointment_to' => $closes]);
            if ($place === 'Slope house') {
                StudioRecord::query()->create([
                    'job_id' => $job->id,
                    'rooms' => implode("\n", [
                        'Front, faces S, ×1, 8 min',
                        'Kitchen, 4.4 × 3.6 m, ×2, window EV 12, room EV 6, lamps',
                        'Living room, 6 × 4.5 m, ×2, window EV 12, room EV 6, 12 min',
                        'Bathroom, 1.9 × 2.6 m, ×1, 10 min',
                    ]),
                ]);
            }
            $job->segments()->create([
                'place_id' => $job->place_id,
                'title' => 'Rooms and outside',
                'start_clock' => $from,
                'minutes' => ClockTime::of($to)->minutes - ClockTime::of($from)->minutes,
                'priority' => 'must',
            ]);
            foreach (
                Item::query()
                    ->whereIn('label', ['Body C', 'Wide 16–35', 'Stand 2', ...$kit])
                    ->get() as $item
            ) {
                Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => 'lead']);
            }
        }
    }

    private static function begun(
        string $name,
        string $kind,
        string $client,
        int $days,
        string $place,
        float $latitude,
        float $longitude,
        string $from,
        string $to,
    ): Job {
        $at = Place::query()->create([
            'name' => $place,
            'latitude' => $latitude,
            'longitude' => $longitude,
            'timezone' => 'Europe/Stockholm',
        ]);

        return Job::query()->create([
            'name' => $name,
            'kind' => $kind,
            'client' => $client,
            'place_id' => $at->id,
            'date' => Carbon::now('Europe/Stockholm')->addDays($days)->format('Y-m-d'),
            'covered_from' => $from,
            'covered_to' => $to,
        ]);
    }
}
