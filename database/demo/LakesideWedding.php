<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Desks\Brief\JobDay;
use App\Desks\People\GroupDesk;
use App\Desks\Scout\TestPictureDesk;
use App\Devices\StandIn\StandInPhone;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\Travel;
use App\Models\Scout\Spot;
use Illuminate\Support\Carbon;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/**
 * A wedding at a northern lake, four days from now, two photographers. All of it is made up.
 *
 * The lakeside portraits lie around the sunset of that day, so that there is something to find at
 * every time of the year: where the sun sets before 18:00 they come before the ceremony, else before
 * or after the dinner.
 */
final class LakesideWedding
{
    private const TIMEZONE = 'Europe/Stockholm';

    public static function tell(): Job
    {
        $boathouse = self::place('Granvik Boathouse', 63.182, 14.551);
        $chapel = self::place('Sundnes Chapel', 63.214, 14.482);
        $shore = self::place('Aspholmen shore', 63.19, 14.538);
        Travel::query()->create([
            'from_place_id' => $boathouse->id,
            'to_place_id' => $chapel->id,
            'minutes' => 8,
            'parking_minutes' => 2,
            'walk_minutes' => 2,
        ]);
        Travel::query()->create(['from_place_id' => $boathouse->id, 'to_place_id' => $shore->id, 'minutes' => 8]);

        $date = Carbon::now(self::TIMEZONE)->addDays(4);
        $job = Job::query()->create([
            'name' => 'Tuva and Emrik, lakeside wedding',
            'kind' => 'wedding',
            'client' => 'Tuva Almgrund',
            'date' => $date->format('Y-m-d'),
            'place_id' => $boathouse->id,
            'covered_from' => '09:00',
            'covered_to' => '24:00',
            'temperature_c' => in_array($date->month, [11, 12, 1, 2, 3], true) ? -4 : 14,
            'must_haves' => "Both grandmothers together.\nThe boat with the lanterns.\nEmrik's brother plays after the dinner.",
            'restrictions' => "Chapel: stay behind the fourth pew during the vows, no flash.\nBoathouse: no stands on the jetty, open ".
                'flames near the door.',
        ]);
        $job->people()->createMany(self::family());
        self::day($job, $boathouse, $chapel, $shore);
        self::spots($job, $boathouse, $shore);
        self::rules($job, $boathouse, $chapel);
        // A surprise that the client must not read on a sheet.
        self::segment(
            $job,
            $boathouse,
            'Surprise: lanterns on the water',
            '23:10',
            20,
            'must',
            isOutdoor: false,
            shots: [['From the boathouse door: their faces, then the lanterns', 'must', 10, 60, 35]],
            gives: ['hidden_from' => ['client']],
        );

        return $job;
    }

    /**
     * Twenty-nine people: her parents are divorced, with new partners, and must not meet; a baby, grandparents, attendants.
     *
     * @return list<array{name: string, role: string}>
     */
    private static function family(): array
    {
        $lines = [
            'Tuva' => 'bride, 170 cm',
            'Emrik' => 'groom, 184 cm',
            'Gunvor' => 'mother of Tuva, former partner of Torleif, apart from Torleif, 166 cm, told',
            'Torleif' => 'father of Tuva, 181 cm, told',
            'Henning' => 'partner of Gunvor, 178 cm',
            'Majken' => 'partner of Torleif, 164 cm',
            'Solveig' => 'mother of Gunvor, elderly, seated, 158 cm, told',
            'Ingrid' => 'sister of Tuva, 168 cm',
            'Oskar' => 'partner of Ingrid, 182 cm',
            'Ask' => 'son of Ingrid, infant',
            'Birger' => 'uncle of Tuva, 175 cm',
            'Asta' => 'partner of Birger, 163 cm',
            'Liv' => 'cousin of Tuva, 171 cm',
            'Even' => 'cousin of Tuva, 180 cm',
            'Kerstin' => 'mother of Emrik, 167 cm, told',
            'Roald' => 'father of Emrik, partner of Kerstin, 179 cm, told',
            'Ragna' => 'mother of Kerstin, elderly, wheelchair, leaves 17:30',
            'Sigvard' => 'father of Roald, elderly, 172 cm',
            'Jonas' => 'brother of Emrik, plays after the dinner, 186 cm',
            'Frida' => 'partner of Jonas, 169 cm',
            'Nils' => 'son of Jonas, 128 cm',
            'Dagny' => 'aunt of Emrik, 165 cm',
            'Leif' => 'partner of Dagny, 177 cm',
            'Tora' => 'cousin of Emrik, 172 cm',
            'Vera' => 'attendant of Tuva, 173 cm',
            'Signe' => 'attendant of Tuva, 165 cm',
            'Matteus' => 'attendant of Emrik, 188 cm',
            'Kaj' => 'attendant of Emrik, 176 cm',
            'Jorunn' => 'caller for the groups, cousin of Emrik, not shy, 170 cm, told',
        ];

        return array_map(
            static fn (string $name, string $text): array => ['name' => $name, 'role' => $text],
            array_keys($lines),
            array_values($lines),
        );
    }

    /** Who is where, who must not see whom before the first look, and the cue that leaves no time for a lens change. */
    private static function rules(Job $job, Place $boathouse, Place $chapel): void
    {
        $store = Spot::query()->create([
            'place_id' => $boathouse->id,
            'name' => 'Boat store',
            'is_indoor' => true,
            'room_m' => 6,
            'power' => 'one socket',
            'windows' => 'Hatch, 250, 1.8',
            'scouted_on' => now()->subDays(21)->format('Y-m-d'),
        ]);
        $people = [
            'Details and getting ready' => ['Tuva'],
            'Emrik gets ready' => ['Emrik'],
            'First look on the jetty' => ['Tuva', 'Emrik'],
            'Lakeside portraits' => ['Tuva', 'Emrik'],
            'Ceremony' => ['Tuva', 'Emrik'],
            'Family groups' => ['Tuva', 'Emrik', 'Solveig', 'Ragna', 'Jorunn'],
        ];
        foreach ($people as $title => $names) {
            $job->segments()
                ->where('title', $title)
                ->firstOrFail()
                ->update(['people' => $names]);
        }
        $job->segments()
            ->where('title', 'Emrik gets ready')
            ->firstOrFail()
            ->update(['spot_id' => $store->id]);
        $look = $job->segments()->where('title', 'First look on the jetty')->firstOrFail();
        $job->update(['separations' => [['first' => 'Tuva', 'second' => 'Emrik', 'until' => $look->id]]]);
        $ceremony = $job->segments()->where('title', 'Ceremony')->firstOrFail();
        $vows = $ceremony->shotLines()->where('what', 'like', 'Vows%')->firstOrFail();
        $ceremony->shotLines()->where('position', '>', $vows->position)->increment('position');
        $ceremony
            ->shotLines()
            ->create([
                'job_id' => $job->id,
                'position' => $vows->position + 1,
                'what' => 'The kiss',
                'priority' => 'must',
                'minutes' => 1,
                'frames' => 20,
                'focal_mm' => 50,
                'cue' => 'the rings',
                'cue_seconds' => 30,
                'prompt' => 'stay close, twice as long as you think',
            ]);
        $job->update(['formals_segment_id' => $job->segments()->where('title', 'Family groups')->firstOrFail()->id]);
        app(GroupDesk::class)->addByRule($job->load('people'));
        $starts = ClockTime::of($ceremony->start_clock);
        $job->accessWindows()->create([
            'place_id' => $chapel->id,
            'pass' => 'Key from the verger',
            'opens_clock' => $starts->plus(-45)->text(),
            'closes_clock' => $starts->plus(130)->text(),
            'gate_minutes' => 2,
        ]);
    }

    private static function day(Job $job, Place $boathouse, Place $chapel, Place $shore): void
    {
        $point = JobDay::pointOf($boathouse) ?? throw new \LogicException('The boathouse has coordinates.');
        $day = LocalDay::of($job->date, self::TIMEZONE);
        $sunset = SunDay::of($point, $day)->sunset() ?? $day->instantOf(ClockTime::of('22:00'));
        $sunsetMinutes = intdiv(ClockTime::of($day->face($sunset))->minutes, 5) * 5;
        $portraits = $sunsetMinutes - 35;
        $isWinter = $sunsetMinutes < 18 * 60;
        $ceremony = $isWinter ? $portraits + 85 : 15 * 60;
        $isDuringDinner = ! $isWinter && $portraits > $ceremony + 70 && $portraits < $ceremony + 260;
        $dinner = $isDuringDinner ? $portraits + 75 : $ceremony + 130;

        self::segment(
            $job,
            $boathouse,
            'Details and getting ready',
            '09:30',
            80,
            'must',
            shots: [
                ['Dress at the window', 'must', 10, 20, 50],
                ['Rings and the letter', 'should', 10, 15, 85],
                ['Tuva and her mother, door light', 'must', 15, 40, 50],
                ['Everybody who is in the room', 'nice', 10, 25, 24],
            ],
        );
        self::segment(
            $job,
            $boathouse,
            'First look on the jetty',
            '11:15',
            25,
            'must',
            isOutdoor: true,
            shots: [['Emrik turns around', 'must', 5, 60, 70], ['The two alone, wide, the lake', 'should', 10, 30, 24]],
        );
        self::segment(
            $job,
            $shore,
            'Lakeside portraits',
            self::clock($portraits),
            60,
            'should',
            isOutdoor: true,
            shots: [
                ['Walking along the shore', 'must', 15, 60, 35],
                ['Against the light, the reeds', 'should', 15, 40, 85],
                ['The boat with the lanterns', 'must', 15, 45, 50],
            ],
            gives: ['short_minutes' => 30, 'low_minutes' => 50, 'high_minutes' => 90],
        );
        self::segment(
            $job,
            $chapel,
            'Ceremony',
            self::clock($ceremony),
            40,
            'must',
            isAnchor: true,
            shots: [
                ['Coming in', 'must', 5, 60, 50],
                ['Vows and rings from behind the fourth pew', 'must', 10, 80, 180],
                ['Going out, petals', 'must', 5, 70, 24],
            ],
        );
        self::segment(
            $job,
            $chapel,
            'Family groups',
            self::clock($ceremony + 50),
            35,
            'must',
            shots: [
                ['The two with all parents', 'must', 5, 15, 50],
                ['Both grandmothers', 'must', 5, 12, 50],
                ['Wide family, on the steps', 'must', 10, 20, 28],
                ['Attendants', 'should', 8, 20, 50],
            ],
            gives: ['short_minutes' => 20, 'low_minutes' => 30, 'high_minutes' => 60, 'may_move' => true],
        );
        self::segment(
            $job,
            $boathouse,
            'Dinner and speeches',
            self::clock($dinner),
            120,
            'must',
            isAnchor: true,
            shots: [['Speeches and who listens', 'must', 60, 180, 85], ["Emrik's brother plays", 'must', 15, 40, 50]],
            gives: ['takes_in_minutes' => 25],
        );
        self::segment(
            $job,
            $boathouse,
            'First dance and the floor',
            self::clock($isWinter ? $dinner + 150 : max($dinner + 150, $portraits + 80)),
            90,
            'must',
            shots: [['First dance', 'must', 10, 80, 35], ['The floor, people laughing', 'should', 60, 150, 24]],
        );
        self::segment(
            $job,
            $boathouse,
            'Emrik gets ready',
            '09:45',
            60,
            'must',
            lane: 'second',
            shots: [['Shirt, tie, brothers', 'must', 20, 60, 35], ['Emrik alone at the stove', 'should', 10, 30, 35]],
        );
        self::segment(
            $job,
            $chapel,
            'Guests arrive',
            self::clock($ceremony - 35),
            30,
            'should',
            lane: 'second',
            shots: [['Greetings at the gate', 'should', 20, 80, 35]],
        );
        self::segment(
            $job,
            $chapel,
            'Ceremony, reactions',
            self::clock($ceremony),
            40,
            'must',
            lane: 'second',
            isAnchor: true,
            shots: [['Faces of the parents', 'must', 20, 120, 50]],
        );
        self::segment(
            $job,
            $boathouse,
            'Room while it is empty',
            self::clock($dinner - 50),
            25,
            'must',
            lane: 'second',
            shots: [['Tables from the door', 'should', 5, 10, 35], ['Place cards, lanterns', 'should', 10, 25, 35]],
        );
        self::segment(
            $job,
            $boathouse,
            'Drinks by the stove',
            self::clock($dinner - 35),
            30,
            'should',
            lane: 'second',
            shots: [['Guests, close', 'should', 25, 90, 35]],
        );
    }

    /**
     * The jetty has a spruce whose shadow crosses the first look, and they face the sun; the reeds are clear.
     */
    private static function spots(Job $job, Place $boathouse, Place $shore): void
    {
        $look = $job->segments()->where('title', 'First look on the jetty')->firstOrFail();
        $day = LocalDay::of($job->date, self::TIMEZONE);
        $point = JobDay::pointOf($boathouse) ?? throw new \LogicException('The boathouse has coordinates.');
        $sunset = Sun::at($point, SunDay::of($point, $day)->sunset() ?? $day->instantOf(ClockTime::of('22:00')));
        $sun = Sun::at($point, $day->instantOf(ClockTime::of($look->start_clock)) + 12 * 60);
        $jetty = Spot::query()->create([
            'place_id' => $boathouse->id,
            'name' => 'Jetty, outer end',
            'facing_deg' => round($sun->azimuthDeg),
            'room_m' => 14,
            'walk_m' => 14,
            'notes' => 'Water behind, boathouse as a dark background.',
            'background' => 'a white buoy, move it aside',
            'power' => 'none',
            'plan_b' => 'under the eaves',
            'plan_b_trigger' => 'the first drops',
            'scouted_on' => now()->subDays(21)->format('Y-m-d'),
        ]);
        $jetty
            ->obstacles()
            ->create([
                'name' => 'Spruce',
                'bearing_deg' => round($sun->azimuthDeg),
                'distance_m' => 18,
                'height_m' => 22,
                'width_m' => 1.4,
            ]);
        $reeds = Spot::query()->create([
            'place_id' => $shore->id,
            'name' => 'Reeds',
            'facing_deg' => 40,
            'room_m' => 30,
            'notes' => 'Against the light over the water.',
            'skyline' => self::ridge($sunset),
            'scouted_on' => now()->subDays(21)->format('Y-m-d'),
        ]);
        Spot::query()->create([
            'place_id' => $boathouse->id,
            'name' => 'Lawn',
            'facing_deg' => 180,
            'room_m' => 8,
            'rejected_because' => 'cars behind, nowhere to step back',
            'scouted_on' => now()->subDays(21)->format('Y-m-d'),
        ]);
        $room = Spot::query()->create([
            'place_id' => $boathouse->id,
            'name' => 'Upper room, bay window',
            'is_indoor' => true,
            'room_m' => 5,
            'power' => 'two sockets by the door',
            'windows' => "Bay, 165, 2.3\nGable, 75, 1.9",
            'scouted_on' => now()->subDays(21)->format('Y-m-d'),
        ]);
        $job->segments()
            ->where('title', 'Details and getting ready')
            ->update(['spot_id' => $room->id]);
        self::picture($job, $jetty->load('place'), $sun->azimuthDeg, $day->instantOf(ClockTime::of('12:40')) - 21 * 86400);
        $look->update(['spot_id' => $jetty->id]);
        $job->segments()
            ->where('title', 'Lakeside portraits')
            ->update(['spot_id' => $reeds->id]);
    }

    /** A ridge across the water, highest where the sun goes down that day. */
    private static function ridge(SunPosition $sunset): string
    {
        $points = [];
        foreach ([-60 => 0.4, -25 => 1.6, 0 => 2.2, 25 => 1.1, 60 => 0.3] as $turn => $angle) {
            $points[] = round(Bearing::whole($sunset->azimuthDeg + $turn))." {$angle}";
        }

        return implode("\n", $points);
    }

    /** A test picture from the scouting, with a birch in it. */
    private static function picture(Job $job, Spot $spot, float $towards, int $at): void
    {
        $phone = new StandInPhone(63.18206, 14.55118, Bearing::whole($towards - 8), $at, 3600, 1.8, 640, 100);
        app(TestPictureDesk::class)->add($job->load('place'), $spot, 'Jetty towards the birch', $phone->treeAt(34, 12, 3, 8));
    }

    /**
     * @param  list<array{string, string, int, int, int}>  $shots  what, priority, minutes, frames, focal length
     * @param  array<string, mixed>  $gives  what it can give when the day runs late
     */
    private static function segment(
        Job $job,
        Place $place,
        string $title,
        string $start,
        int $minutes,
        string $priority,
        string $lane = 'lead',
        bool $isOutdoor = false,
        bool $isAnchor = false,
        array $shots = [],
        array $gives = [],
    ): void {
        $segment = $job->segments()->create([
            'place_id' => $place->id,
            'title' => $title,
            'lane' => $lane,
            'start_clock' => $start,
            'minutes' => $minutes,
            'priority' => $priority,
            'is_outdoor' => $isOutdoor,
            'is_anchor' => $isAnchor,
            ...$gives,
        ]);
        foreach ($shots as $index => [$what, $must, $lasts, $frames, $focal]) {
            $segment
                ->shotLines()
                ->create([
                    'position' => $index + 1,
                    'what' => $what,
                    'priority' => $must,
                    'minutes' => $lasts,
                    'frames' => $frames,
                    'focal_mm' => $focal,
                ]);
        }
    }

    private static function place(string $name, float $latitude, float $longitude): Place
    {
        return Place::query()->create(['name' => $name, 'latitude' => $latitude, 'longitude' => $longitude, 'timezone' => self::TIMEZONE]);
    }

    private static function clock(int $minutes): string
    {
        return ClockTime::ofMinutes($minutes)->text();
    }
}
