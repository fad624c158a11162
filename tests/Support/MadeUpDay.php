<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Plan\Gates;
use NorthSatchel\Plan\Give;
use NorthSatchel\Plan\Judge\AccessWindow;
use NorthSatchel\Plan\Judge\Scene;
use NorthSatchel\Plan\Judge\SceneShot;
use NorthSatchel\Plan\Judge\Separation;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Wants;
use NorthSatchel\SceneKind;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;

/** Days as they may be planned, with ways, passes, spots and wishes of light. */
final readonly class MadeUpDay
{
    private const TITLES = [
        'Getting ready', 'Ceremony', 'Family groups', 'Couple in the evening', 'Speeches', 'Dance', 'Dinner', 'Rest', 'First half', 'Podium',
    ];

    private const PEOPLE = ['Liv', 'Odd', 'Runa', 'Tor'];

    private const SHOTS = [
        'Kiss in the last sun', 'Dress on the stair', 'Rings', 'At dusk with lanterns', 'Silhouette at sunset', 'Night sky', 'Wide of the hall',
        'Cutting the cake',
    ];

    public function __construct(private Sayings $say) {}

    public function local(): LocalDay
    {
        return LocalDay::of($this->say->one(['2030-06-21', '2030-09-14', '2030-12-12']), 'Europe/Stockholm');
    }

    public static function place(): GeoPoint
    {
        return GeoPoint::of(59.3, 15.2);
    }

    private function clock(LocalDay $day, int $minute): int
    {
        return $day->instantOf(ClockTime::of(ClockTime::face($minute)));
    }

    public function day(LocalDay $day): PlannedDay
    {
        $minute = 60 * $this->say->whole(6, 10);
        $segments = [];
        for ($i = 1, $count = $this->say->whole(1, 7); $i <= $count; $i++) {
            $minute += $this->say->rather([-5, 0, 0, 5, 9, 10, 11, 20, 60, 240], [-1, 1, 3, 4, 6, 25, 30, 100]);
            $minutes = $this->say->rather([5, 10, 15, 20, 30, 45, 60, 120, 240, 300], [1, 2, 4, 360, 400]);
            $place = $this->say->one([1, 1, 2, 3, null]);
            $starts = $this->clock($day, $minute);
            $segments[] = new Segment(
                $i,
                $this->say->one(self::TITLES)." {$i}",
                $this->say->one(['lead', 'lead', 'second']),
                $starts,
                $minutes,
                $this->say->one(Priority::cases()),
                new Setting(
                    $place,
                    $place === null ? null : ['Hall', 'Garden', 'Farm'][$place - 1],
                    $this->say->often(50),
                    $this->say->often(20),
                    null,
                    $this->say->one([null, null, ...SceneKind::cases()]),
                ),
                $this->say->often(25),
                $this->say->often(12),
                $this->say->one([0, 0, 10, 15, 20, 40]),
                new Give($this->say->one([null, 5, 10]), $this->say->one([null, 5]), $this->say->one([null, 400]), $this->say->often(20), 0),
                new Wants(
                    $this->say->one(LightWanted::cases()),
                    $this->say->often(20) ? $starts + 60 * $this->say->one([-10, 0, 1, 30]) : null,
                    $this->say->often(20) ? $starts + 60 * ($minutes + $this->say->one([-10, -1, 0, 30])) : null,
                    array_values(array_filter(self::PEOPLE, fn (): bool => $this->say->often(30))),
                    $this->say->one([0, 0, 5, 10]),
                    null,
                    $this->say->often(20) ? [$this->say->one(['second', 'lead'])] : [],
                    $this->say->one([null, null, 7, 8]),
                ),
            );
            $minute += $minutes;
        }
        $points = [1 => self::place(), 2 => GeoPoint::of(59.302, 15.203), 3 => GeoPoint::of(59.4, 15.3)];
        $ways = $this->say->one([[1 => [2 => 10]], [1 => [2 => 5, 3 => 25], 2 => [3 => 20]], []]);

        return new PlannedDay(
            $day,
            $segments,
            new Travels($ways),
            $this->say->often(80) ? $points : [],
            $this->say->often(85) ? SunDay::of(self::place(), $day) : null,
            $this->say->one([new Gates(), $this->gates($day)]),
        );
    }

    private function gates(LocalDay $day): Gates
    {
        $hours = [$this->clock($day, 0), $this->clock($day, 1430)];
        $pass = static fn (int $place, ?int $spot, int $in): AccessWindow => new AccessWindow('Gate', $place, $spot, [], ...[...$hours, $in]);

        return new Gates([$pass(2, null, 5), ...array_map(static fn (int $place): AccessWindow => $pass($place, 7, 4), [1, 2, 3])]);
    }

    /** @return list<AccessWindow> */
    public function passes(LocalDay $day): array
    {
        $passes = [];
        for ($i = $this->say->whole(0, 3); $i > 0; $i--) {
            $opens = 60 * $this->say->whole(6, 12);
            $passes[] = new AccessWindow(
                "Pass {$i}",
                $this->say->whole(1, 3),
                $this->say->one([null, null, 7]),
                $this->say->one([[], ['lead'], ['second']]),
                $this->clock($day, $opens),
                $this->clock($day, $opens + $this->say->one([60, 180, 600])),
                $this->say->one([0, 5, 10]),
            );
        }

        return $passes;
    }

    /** @return list<Separation> */
    public function apart(int $segments): array
    {
        $until = $this->say->one([null, $this->say->whole(1, $segments)]);

        return $this->say->often(60) ? [new Separation($this->say->one(['Liv', 'Odd']), $this->say->one(['Runa', 'Tor']), $until)] : [];
    }

    /** @return array<int, list<string>> shots by segment */
    public function shots(int $segments): array
    {
        $shots = [];
        for ($i = 1; $i <= $segments; $i++) {
            $shots[$i] = array_values(array_filter(self::SHOTS, fn (): bool => $this->say->often(25)));
        }

        return $shots;
    }

    /**
     * @param  array<int, list<string>>  $shots
     * @return list<Scene>
     */
    public function scenes(PlannedDay $day, array $shots): array
    {
        return array_map(fn (Segment $s): Scene => new Scene(
            $s->id,
            $s->title,
            $s->setting->placeName,
            null,
            array_map(fn (string $what): SceneShot => new SceneShot(
                $what,
                $this->say->one(Priority::cases()),
                $this->say->one([null, 'flash', 'against']),
                $this->say->one([null, 35, 85, 200]),
            ), $shots[$s->id] ?? []),
            $s->wants->people,
            $this->say->one([null, 8.0, 12.0, 40.0]),
            $s->setting->scene,
        ), $day->segments);
    }

    public function spot(int $id): Spot
    {
        $isIndoor = $this->say->often(25);

        return new Spot(
            $id,
            ['Steps', 'Meadow', 'Window room', 'Quay'][$id % 4]." {$id}",
            $this->say->often(85) ? self::place() : null,
            $this->say->one([null, 0.0, 90.0, 180.0, 225.0, 270.0, 315.0]),
            $isIndoor,
            $this->say->one([[], [], ['Oak' => $this->thing()], ['Mast' => $this->thing(), 'Barn' => $this->thing()]]),
            Skyline::read($this->say->one(['', '', "200 0\n240 40\n320 40\n340 0", "90 12\n270 5"])),
            $isIndoor && $this->say->often(60) ? [Window::of('Big window', (float) $this->say->one([90, 180, 270]), 2.2)] : [],
            $this->say->one([null, 'the barn']),
            $this->say->one([null, 'rain']),
            $this->say->often(10) ? 'too many signs' : null,
            $this->say->one([null, '2030-06-01', '2029-06-01']),
            $this->say->often(25) ? WalkPath::of((float) $this->say->one([0, 90, 225]), (float) $this->say->one([10, 30])) : null,
        );
    }

    private function thing(): ShadowCaster
    {
        return ShadowCaster::of(
            (float) $this->say->one([90, 150, 180, 210, 270]),
            (float) $this->say->one([5, 12, 30]),
            (float) $this->say->one([6, 15]),
            (float) $this->say->one([0.4, 4, 20]),
        );
    }

    public function limits(): DialLimits
    {
        return $this->say->one([new DialLimits(), new DialLimits(250, 3200), new DialLimits(null, 800, 2.8, 8.0)]);
    }
}
