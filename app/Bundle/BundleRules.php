<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Bundle\BundleValue as V;
use App\Models\Plan\SegmentField;
use NorthSatchel\JobKind;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\People\Roster\RosterText;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Scout\Ground\GroundKind;
use NorthSatchel\Scout\Ground\GroundText;
use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;
use NorthSatchel\Wrap\CaptionText;

/** What every value of a bundle may be: the same bounds that the forms have. */
final class BundleRules
{
    private const LARGE = 100_000_000;

    /** @return array<string, BundleValue> by column; what points to other rows is checked where it is followed */
    public static function of(string $table): array
    {
        $words = self::words(...);
        $priority = V::oneOf($words(Priority::class));
        $lane = V::oneOf($words(Lane::class));
        $lanes = V::listOf($lane, 10);
        $hidden = V::listOf(V::oneOf($words(Audience::class)), 10);
        $people = V::listOf(V::name(200), 400);
        $count = V::whole(0, self::LARGE)->needed();
        $minutes = static fn (int $most): V => V::whole(0, $most);

        return match ($table) {
            'places' => [
                'name' => V::name(120),
                'latitude' => V::number(-90, 90),
                'longitude' => V::number(-180, 180),
                'timezone' => V::zone(),
                'notes' => V::text(5000),
            ],
            'jobs' => [
                'name' => V::name(120),
                'kind' => V::oneOf($words(JobKind::class)),
                'client' => V::text(120),
                'date' => V::day()->needed(),
                'covered_from' => V::clock()->needed(),
                'covered_to' => V::clock()->needed(),
                'temperature_c' => V::number(-60, 60)->needed(),
                'must_haves' => V::text(5000),
                'restrictions' => V::text(5000),
                'is_confidential' => V::yesOrNo(),
                'appointment_from' => V::clock(),
                'appointment_to' => V::clock(),
                'separations' => V::listOf(
                    V::object(['first' => V::name(200), 'second' => V::name(200), 'until' => V::whole(0, self::LARGE)]),
                    100,
                ),
                'formals_gathered' => V::yesOrNo(),
                'kit_school' => V::oneOf($words(KitSchool::class)),
                'kit_limit_g' => V::whole(0, 500_000),
                'goes_by_air' => V::yesOrNo(),
                'settings_sheet' => V::object([
                    'slowest' => V::number(0, 100_000),
                    'highest_iso' => V::number(0, 10_000_000),
                    'widest' => V::number(0, 100),
                    'smallest' => V::number(0, 200),
                ]),
                'wide_side' => V::oneOf(['left', 'right']),
            ],
            'travels' => [
                'minutes' => $minutes(2880)->needed(),
                'walk_minutes' => $minutes(2880)->needed(),
                'parking_minutes' => $minutes(2880)->needed(),
                'loading_minutes' => $minutes(2880)->needed(),
            ],
            'spots' => [
                'name' => V::name(80),
                'facing_deg' => V::number(0, 360),
                'is_indoor' => V::yesOrNo(),
                'room_m' => V::number(0, 1000),
                'notes' => V::text(2000),
                'rejected_because' => V::text(200),
                'scouted_on' => V::day(),
                'latitude' => V::number(-90, 90),
                'longitude' => V::number(-180, 180),
                'east_m' => V::number(-20_000, 20_000),
                'north_m' => V::number(-20_000, 20_000),
                'power' => V::text(120),
                'background' => V::text(200),
                'plan_b' => V::text(120),
                'plan_b_trigger' => V::text(120),
                'skyline' => V::read('must be a skyline as it is typed', 4000, Skyline::read(...)),
                'windows' => V::read('must be windows as they are typed', 2000, Window::readAll(...)),
                'walk_m' => V::number(0.01, WalkPath::LONGEST_M),
                'walk_deg' => V::number(0, 359.999),
            ],
            'grounds' => [
                'kind' => V::oneOf($words(GroundKind::class))->needed(),
                'length_m' => V::number(1, 20_000)->needed(),
                'width_m' => V::number(1, 20_000)->needed(),
                'bearing_deg' => V::number(0, 360)->needed(),
                'zones' => V::read('must be zones as they are typed', 6000, GroundText::zones(...)),
                'posts' => V::text(8000),
                'ways' => V::text(6000),
                'outline' => V::read('must be corners as they are typed', 2000, GroundText::outline(...)),
            ],
            'obstacles' => [
                'name' => V::name(60),
                'bearing_deg' => V::number(0, 360)->needed(),
                'distance_m' => V::number(0.001, 20_000)->needed(),
                'height_m' => V::number(0.001, 5000)->needed(),
                'width_m' => V::number(0.001, 20_000)->needed(),
            ],
            'segments' => [
                ...SegmentField::ofBundle(),
                'title' => V::name(120),
                'lane' => $lane,
                'start_clock' => V::clock()->needed(),
                'minutes' => V::whole(1, 1440)->needed(),
                'priority' => $priority,
                'hidden_from' => $hidden,
                'day' => V::whole(0, 30)->needed(),
                'light' => V::oneOf($words(LightWanted::class)),
                'earliest_clock' => V::clock(),
                'latest_clock' => V::clock(),
                'people' => $people,
                'also_lanes' => $lanes,
                'calendar_rest' => V::text(20_000),
                'cover' => V::object([
                    'worth' => V::mapOf(V::whole(0, GroundZone::MOST_WORTH), 60),
                    'hand' => V::mapOf(V::name(60), 20),
                ]),
            ],
            'shot_lines' => [
                'position' => $count,
                'what' => V::name(160),
                'priority' => $priority,
                'minutes' => $minutes(600)->needed(),
                'frames' => V::whole(0, 5000)->needed(),
                'focal_mm' => V::whole(4, 2000),
                'hidden_from' => $hidden,
                'distance' => V::text(40),
                'empty_percent' => V::whole(1, 90),
                'height' => V::text(40),
                'side' => V::text(40),
                'people' => $people,
                'light' => V::text(40),
                'cue' => V::text(80),
                'cue_seconds' => V::whole(1, 7200),
                'prompt' => V::text(160),
                'notes' => V::text(240),
            ],
            'people' => [
                'name' => V::name(200),
                'role' => V::text(300),
                'position' => V::whole(0, self::LARGE),
                'is_gone_for_good' => V::yesOrNo(),
            ],
            'formal_groups' => [
                'position' => $count,
                'title' => V::name(200),
                'people' => $people->needed(),
                'priority' => $priority,
                'is_pinned' => V::yesOrNo(),
            ],
            'access_windows' => [
                'pass' => V::name(120),
                'lanes' => $lanes,
                'day' => V::whole(0, 30)->needed(),
                'opens_clock' => V::clock()->needed(),
                'closes_clock' => V::clock()->needed(),
                'gate_minutes' => $minutes(600)->needed(),
                'out_minutes' => $minutes(600),
            ],
            'rosters' => [
                'players' => V::read('must be a roster as it is pasted', 40_000, RosterText::read(...)),
                'line_up' => V::text(4000),
                'no_consent' => V::text(4000),
                'codes' => V::text(2000),
                'captions' => V::read('must be captions as they are typed', 200_000, CaptionText::read(...)),
            ],
            'sendings' => [
                'lane' => $lane,
                'rate_mb_s' => V::number(0.01, 1000)->needed(),
                'overhead_s' => V::number(0, 600)->needed(),
                'pictures' => V::read('must be what is wanted, as it is typed', 8000, SendText::pictures(...)),
                'gaps' => V::read('must be gaps as they are typed', 4000, SendText::gaps(...)),
                'tasks' => V::read('must be tasks as they are typed', 6000, TaskText::read(...)),
                'doors_clock' => V::clock(),
                'hands' => V::whole(1, 8)->needed(),
                'spare_minutes' => V::whole(0, 600)->needed(),
            ],
            'studios' => StudioRules::columns(),
            'board_words' => ['product' => V::whole(0, 999_999)->needed()],
            'kit_asks' => [
                'what' => V::oneOf($words(NeedWhat::class)),
                'count' => V::whole(1, 20)->needed(),
                'priority' => $priority,
                'note' => V::text(160),
                'distance_m' => V::number(0.2, 100),
                'f_number' => V::number(0.7, 64),
                'iso' => V::whole(25, 409_600)->needed(),
                'stops_lost' => V::number(0, 8)->needed(),
                'hours' => V::number(0, 48)->needed(),
                'mounted' => V::mapOf(V::number(-1_000_000, 1_000_000), 20),
            ],
            default => BundleGearRules::of($table),
        };
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return list<string>
     */
    public static function words(string $enum): array
    {
        return array_map(static fn (\BackedEnum $e): string => (string) $e->value, $enum::cases());
    }
}
