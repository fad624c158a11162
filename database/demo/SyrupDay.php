<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Copies\Destination;
use App\Models\Copies\SessionFolder;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Plan\StudioRecord;
use Illuminate\Support\Carbon;

/** Three final pictures of a birch syrup, put together from elements, in two weeks. All of it is made up. */
final class SyrupDay
{
    private const TIMEZONE = 'Europe/Stockholm';

    private const ELEMENTS = <<<'TEXT'
    Bottle, standing
        Birch ground, hard key
            Clean bottle ×2, 20 min
            Label square on, 10 min, after Clean bottle
            Cork, 10 min, after Clean bottle
            Wet bottle ×2, 25 min, after Label square on, with Runa
        Tank, light from behind
            Pour from the left ×3, 35 min, after Wet bottle, throws Runa, catches Odd, keeps dry Odd
            Syrup alone ×2, 15 min, with Runa
    Jar and spoon
        Birch ground, hard key
            Clean jar ×2, 15 min
            Lid, 5 min, after Clean jar
        White table
            Spoon with its drop ×3, 25 min, after Clean jar, throws Runa
            Plain background, 5 min
    Gift box
        White table
            Box closed, 15 min
            Box open, 20 min, after Box closed
            Ribbon ×2, 10 min, nice
            Loose birch leaves ×4, 15 min, nice, with Odd
    TEXT;

    private const CHANGES = <<<'TEXT'
    Birch ground, hard key to Tank, light from behind, 30 min
    White table to Tank, light from behind, 40 min
    TEXT;

    private const CREW = <<<'TEXT'
    Crew
        Tyra Ek, photographer, 7:30 to 18:00, 070 555 01 10
        Odd Lien, assistant and operator, 7:30 to 18:00, 070 555 01 11
        Runa Vik, stylist, 9:00 to 15:30, 070 555 01 12
    Client
        Signe Moe, signs off the finals, 9:30 to 17:00, signe@norrsav.test
    Talent
        Liv Vik, hands, 14 years, guardian Runa Vik, 11:00 to 13:30, 3 h at most
    TEXT;

    private const LIGHTS = <<<'TEXT'
    Birch ground, hard key
        Subject, 1.1 m high
        Key, 1.6 m away, 50° left, 1.9 m high, 1/4 power, 400 Ws, dish 40 cm
        Fill, 2.2 m away, 35° right, 1.4 m high, 1/16 power, 400 Ws, softbox 90 cm
        Rim, 1.8 m away, 150° right, 2.3 m high, 1/8 power, 400 Ws, strip 30 cm, boom
        Black card, 0.6 m away, 100° left, 1.1 m high
        Background, 1.5 m behind
        Camera, 2.4 m away, 1.2 m high, 100 mm
    Tank, light from behind
        Subject, 1.1 m high
        Key, 1.6 m away, 50° right, 1.9 m high, 1/4 power, 400 Ws, dish 40 cm
        Through diffusion, 1.4 m behind, 1.2 m high, 1/2 power, 400 Ws, frame 120 cm
        Camera, 2.4 m away, 1.2 m high, 100 mm
    White table
        Subject, 0.9 m high
        Key, 1.7 m away, 45° left, 1.8 m high, 1/4 power, 400 Ws, dish 40 cm
        Fill, 2.2 m away, 35° right, 1.2 m high, 1/16 power, 400 Ws, softbox 90 cm
        Background, 1.2 m behind
        Camera, 2 m away, 1.6 m high, 100 mm
    TEXT;

    /** What is packed: one cable, one extension that slows it, and both drives. */
    private static function station(Job $job): void
    {
        $own = [
            ['computer', 'Set laptop', '14 inch', ['write_mb_s' => 600.0], 1350],
            ['display', 'Client screen', '24 inch', ['inches' => 24.0, 'is_calibrated' => true], 3900],
            ['cable', 'Tether cable', '3 m', ['for_tether' => true, 'standard' => 'USB 3', 'length_m' => 3.0, 'rate_mb_s' => 60.0], 120],
            ['cable', 'Extension', '5 m, with a repeater', ['for_tether' => true, 'is_joint' => true, 'rate_mb_s' => 35.0], 180],
        ];
        foreach ($own as [$kind, $label, $description, $specs, $grams]) {
            Item::query()->create([
                'kind' => $kind, 'label' => $label, 'description' => $description, 'specs' => $specs, 'weight_g' => $grams, 'lead_days' => 3,
            ]);
        }
        $labels = [...array_column($own, 1), 'Body A', 'Prime 85', 'Drive Fir', 'Drive Birch', 'Stand 1', 'Flash 1', 'Flash 2', 'Trigger 1'];
        foreach (Item::query()->whereIn('label', $labels)->pluck('id') as $item) {
            Packing::query()->create(['job_id' => $job->id, 'item_id' => $item, 'lane' => 'lead']);
        }
    }

    /** The folder that the capture program writes into, and the two drives out of it. */
    private static function session(Job $job): void
    {
        $folder = Devices::standIns().'/sessions/Norrsav-'.$job->date;
        if (! is_dir($folder)) {
            mkdir($folder, 0777, true);
        }
        $drives = Destination::query()->where('device_kind', '!=', 'cloud')->orderBy('id')->limit(2)->pluck('id');
        SessionFolder::query()->create([
            'job_id' => $job->id,
            'folder' => (string) realpath($folder),
            'automatic_id' => $drives[0],
            'by_hand_id' => $drives[1],
            'allowed_minutes' => 10,
        ]);
    }

    public static function tell(): Job
    {
        $at = Place::query()->create(['name' => 'Tannery studio', 'latitude' => 63.182, 'longitude' => 14.621, 'timezone' => self::TIMEZONE]);
        $job = Job::query()->create([
            'name' => 'Birch syrup, three finals',
            'kind' => 'commercial',
            'client' => 'Norrsav Syrup Works',
            'place_id' => $at->id,
            'date' => Carbon::now(self::TIMEZONE)->addDays(13)->format('Y-m-d'),
            'covered_from' => '08:00',
            'covered_to' => '17:30',
            'must_haves' => "bottle standing\njar and spoon",
        ]);
        foreach ([
            ['Build and pre-light', '08:00', 90, false],
            ['Elements, first half', '09:30', 180, false],
            ['Meal', '12:30', 40, true],
            ['Elements, second half: bottle standing, jar and spoon', '13:10', 220, false],
            ['Strike and pack', '16:50', 40, false],
        ] as [$title, $start, $minutes, $isBreak]) {
            $job->segments()->create([
                'place_id' => $at->id,
                'title' => $title,
                'lane' => 'lead',
                'start_clock' => $start,
                'minutes' => $minutes,
                'priority' => 'must',
                'is_break' => $isBreak,
            ]);
        }
        StudioRecord::query()->create([
            'job_id' => $job->id,
            'elements' => self::ELEMENTS,
            'changes' => self::CHANGES,
            'change_minutes' => 15,
            'begins_clock' => '09:30',
            'lights' => self::LIGHTS,
            'crew' => self::CREW,
            'floor' => implode("\n", [
                'Set, 2, 5',
                'Camera, 2, 3',
                'Odd, operator, 4, 3, screen',
                'Signe, client, 7, 2, screen',
                'Runa, stylist, 4.5, 5.5, screen',
            ]),
            'hospital' => 'Storsand hospital, emergency by the south gate, 12 min by car',
            'parking' => 'In the yard, two places; the goods lift opens from there',
            'call_note' => 'Soup and bread at 12:30, one without gluten. Dry shoes: the tank drips.',
        ]);

        self::session($job);
        self::station($job);

        return $job;
    }
}
