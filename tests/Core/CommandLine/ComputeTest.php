<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;

final class ComputeTest extends TestCase
{
    use CommandLine;

    private const SUN = ['latitude_deg' => 59.3, 'longitude_deg' => 18.1, 'at' => '2026-06-21T12:00:00+02:00'];

    private const SUN_DAY = ['latitude_deg' => 59.3, 'longitude_deg' => 18.1, 'date' => '2026-06-21', 'timezone' => 'Europe/Stockholm'];

    private const CARDS = ['frames' => 900, 'raw_mb' => 40, 'jpeg_mb' => 10, 'save_mode' => 'mirror', 'slot_gb' => [64, 32]];

    private const CELLS = [
        'frames' => 600,
        'frames_per_charge' => 600,
        'hours_standby' => 10,
        'standby_hours_per_charge' => 10,
        'temperature_c' => 20,
    ];

    private const SHADOW = [
        'latitude_deg' => 59.3,
        'longitude_deg' => 18.1,
        'date' => '2026-06-21',
        'timezone' => 'Europe/Stockholm',
        'subject_height_m' => 1.5,
        'object' => ['bearing_deg' => 200, 'distance_m' => 10, 'height_m' => 40, 'width_m' => 2],
    ];

    private const BLUR = ['speed_m_s' => 8, 'distance_m' => 20, 'focal_mm' => 200, 'shutter_s' => 0.001, 'pixel_um' => 5];

    private const TIMELINE = [
        'start' => '22:00',
        'segments' => [
            ['id' => 'drinks', 'minutes' => 120, 'place' => 'garden'],
            ['id' => 'fireworks', 'minutes' => 20, 'place' => 'hall', 'fixed_start' => '24:10'],
            ['id' => 'dance', 'minutes' => 60],
        ],
        'travel' => [['from' => 'hall', 'to' => 'garden', 'minutes' => 15]],
    ];

    private const REPLAN = [
        'now' => '14:00',
        'segments' => [
            ['id' => 'groups', 'minutes' => 20, 'value' => 50, 'may_move_to' => ['reception']],
            ['id' => 'speeches', 'minutes' => 40, 'value' => 100, 'must' => true, 'fixed_start' => '14:10'],
        ],
        'pockets' => [['id' => 'reception', 'minutes' => 30]],
    ];

    private const DAY = [
        'now' => '24:10:10',
        'segments' => [
            ['id' => 'groups', 'start' => '23:00', 'minutes' => 40, 'value' => 5],
            ['id' => 'speeches', 'start' => '23:53', 'minutes' => 22, 'value' => 50],
            ['id' => 'dance', 'start' => '24:20', 'minutes' => 30, 'value' => 20],
        ],
        'events' => [
            ['id' => '10', 'kind' => 'done', 'segment' => 'nowhere', 'at' => '24:10:31', 'device' => 'phone'],
            ['id' => '2', 'kind' => 'started', 'segment' => 'speeches', 'at' => '24:05:10', 'device' => 'phone'],
            ['id' => '1', 'kind' => 'skipped', 'segment' => 'groups', 'at' => '24:00:00', 'device' => null],
            ['id' => '9', 'kind' => 'undone', 'of' => '7', 'at' => '24:06:00'],
        ],
        'offsets' => [['device' => 'phone', 'seconds' => 20]],
    ];

    private const REHEARSE = [
        'start' => '09:00',
        'runs' => 2000,
        'seed' => 4,
        'correlation' => 0.2,
        'segments' => [
            ['id' => 'drive', 'minutes_low' => 20, 'minutes_likely' => 30, 'minutes_high' => 40],
            ['id' => 'vows', 'minutes_low' => 60, 'minutes_likely' => 60, 'minutes_high' => 60, 'fixed_start' => '09:30'],
        ],
    ];

    public function test_sun(): void
    {
        $answer = $this->compute('sun', self::SUN);
        $this->assertSame(['elevation_deg', 'apparent_elevation_deg', 'azimuth_deg', 'shadow_ratio'], array_keys($answer));
        $this->assertGreaterThan($answer['elevation_deg'], $answer['apparent_elevation_deg']);
        $this->assertEqualsWithDelta(1 / tan(deg2rad($answer['elevation_deg'])), $answer['shadow_ratio'], 1e-9);
        $this->assertNull($this->compute('sun', [...self::SUN, 'at' => '2026-12-21T22:00:00Z'])['shadow_ratio']);
    }

    public function test_instants_in_any_offset_are_the_same_instant(): void
    {
        $this->assertSame($this->compute('sun', self::SUN), $this->compute('sun', [...self::SUN, 'at' => '2026-06-21T10:00:00Z']));
    }

    public function test_sun_day_writes_instants_with_the_offset_of_the_zone(): void
    {
        $answer = $this->compute('sun-day', self::SUN_DAY);
        $this->assertMatchesRegularExpression('/^2026-06-21T0[34]:\d\d:\d\d\+02:00$/', $answer['sunrise']);
        $this->assertNull($answer['astronomical_dusk'], 'a northern midsummer night');
        $this->assertSame(['from', 'to'], array_keys($answer['golden_evening']));
        $this->assertLessThan($answer['golden_evening']['to'], $answer['golden_evening']['from']);
        $this->assertSame($answer['golden_morning']['from'], $answer['blue_morning']['to']);
    }

    public function test_budgets(): void
    {
        $this->assertEquals(['frames_per_set' => 640, 'card_sets' => 2, 'gb_total' => 45], $this->compute('card-budget', self::CARDS));
        $this->assertEquals(['charges' => 2, 'derate' => 1], $this->compute('battery-budget', [...self::CELLS, 'reserve' => null]));
    }

    public function test_shadow(): void
    {
        $answer = $this->compute('shadow', self::SHADOW);
        $this->assertCount(1, $answer['intervals']);
        $this->assertMatchesRegularExpression('/^2026-06-21T1\d:\d\d:\d\d\+02:00$/', $answer['intervals'][0]['from']);
        $this->assertSame(['intervals' => []], $this->compute('shadow', [...self::SHADOW, 'subject_height_m' => 60]));
    }

    public function test_exposure_and_motion_blur(): void
    {
        $answer = $this->compute('exposure', ['f_number' => 11, 'shutter_s' => 0.0025, 'iso' => 50, 'scene' => ['ev100' => 14.64]]);
        $this->assertEqualsWithDelta(-1.92, $answer['stops_over_scene'], 0.01);
        $this->assertEqualsWithDelta(
            9.5,
            $this->compute('exposure', ['f_number' => 2.8, 'shutter_s' => 0.01, 'iso' => 400, 'scene' => 'window_side'])['scene_ev100'],
            1e-12,
        );
        $this->assertEquals(['blur_mm' => 0.08, 'blur_px' => 16], $this->compute('motion-blur', self::BLUR));
    }

    public function test_timeline_with_its_conflict(): void
    {
        $answer = $this->compute('timeline', self::TIMELINE);
        $this->assertSame(
            ['id' => 'drinks', 'earliest_start' => '22:00', 'latest_start' => '21:55', 'slack_minutes' => -5],
            $answer['segments'][0],
        );
        $this->assertSame(
            [['lane' => 'lead', 'from' => 'garden', 'to' => 'hall', 'at' => '23:55', 'before' => 'fireworks']],
            $answer['leave_by'],
        );
        $this->assertSame([['segments' => ['drinks', 'fireworks'], 'minutes' => 5, 'why' => 'anchor']], $answer['conflicts']);
        $this->assertSame('24:10', $answer['segments'][1]['earliest_start']);
        $this->assertNull($answer['segments'][2]['latest_start']);
    }

    public function test_replan(): void
    {
        $answer = $this->compute('replan', self::REPLAN);
        $this->assertSame(['feasible', 'choices', 'value', 'optimal', 'short_by_minutes'], array_keys($answer));
        $this->assertSame(
            ['id' => 'groups', 'how' => 'moved', 'start' => null, 'end' => null, 'pocket' => 'reception'],
            $answer['choices'][0],
        );
        $this->assertSame(
            ['id' => 'speeches', 'how' => 'full', 'start' => '14:10', 'end' => '14:50', 'pocket' => null],
            $answer['choices'][1],
        );
        $late = $this->compute('replan', [...self::REPLAN, 'now' => '14:13']);
        $this->assertSame([false, [], null, 3], [$late['feasible'], $late['choices'], $late['value'], $late['short_by_minutes']]);
    }

    public function test_day(): void
    {
        $answer = $this->compute('day', self::DAY);
        $this->assertSame(['current', 'states', 'minutes_late', 'replan', 'counted', 'ignored'], array_keys($answer));
        $this->assertSame(['segment' => 'speeches', 'started' => '24:04:50', 'minutes_left' => 17], $answer['current']);
        $this->assertSame(
            [['id' => 'groups', 'state' => 'skipped'], ['id' => 'speeches', 'state' => 'running'], ['id' => 'dance', 'state' => 'waiting']],
            $answer['states'],
        );
        $this->assertSame(12, $answer['minutes_late']);
        $this->assertSame(
            [['id' => 'dance', 'how' => 'full', 'start' => '24:27', 'end' => '24:57', 'pocket' => null]],
            $answer['replan']['choices'],
        );
        $this->assertSame(2, $answer['counted']);
        $this->assertSame([['id' => '9', 'why' => 'unknown'], ['id' => '10', 'why' => 'future']], $answer['ignored']);
        $this->assertSame(
            $answer,
            $this->compute('day', [...self::DAY, 'events' => array_reverse([...self::DAY['events'], self::DAY['events'][1]])]),
        );
        $nothing = $this->compute('day', ['now' => '09:00:00', 'segments' => [], 'events' => []]);
        $this->assertSame(
            ['current' => null, 'states' => [], 'minutes_late' => null, 'replan' => null, 'counted' => 0, 'ignored' => []],
            $nothing,
        );
    }

    public function test_rehearse_is_repeatable(): void
    {
        $answer = $this->compute('rehearse', self::REHEARSE);
        $this->assertSame($answer, $this->compute('rehearse', self::REHEARSE));
        $this->assertNull($answer['segments'][0]['on_time']);
        $this->assertEqualsWithDelta(0.5, $answer['segments'][1]['on_time'], 0.06);
        $this->assertSame('10:30', $answer['finish_p50']);
        $this->assertSame(['drive', 'vows'], array_column($answer['drivers'], 'id'));
    }

    /** @return array<string, array{string, array<string, mixed>|string, string}> topic, input, the field that must be named */
    public static function refusals(): array
    {
        return [
            'unknown topic' => ['moon', self::SUN, 'topic'],
            'no JSON' => ['sun', 'hello', 'input'],
            'a list' => ['sun', '[1]', 'input'],
            'a number' => ['sun', '7', 'input'],
            'nothing' => ['sun', '', 'input'],
            'unknown field' => ['sun', [...self::SUN, 'elevation' => 3], 'elevation'],
            'missing' => ['sun', ['latitude_deg' => 1, 'at' => '2026-06-21T10:00:00Z'], 'longitude_deg'],
            'null is absent' => ['sun', [...self::SUN, 'longitude_deg' => null], 'longitude_deg'],
            'wrong type' => ['sun', [...self::SUN, 'latitude_deg' => '59'], 'latitude_deg'],
            'true is no number' => ['sun', [...self::SUN, 'latitude_deg' => true], 'latitude_deg'],
            'latitude 91' => ['sun', [...self::SUN, 'latitude_deg' => 91], 'latitude_deg'],
            'instant without offset' => ['sun', [...self::SUN, 'at' => '2026-06-21T10:00:00'], 'at'],
            'instant on no day' => ['sun', [...self::SUN, 'at' => '2026-02-30T10:00:00Z'], 'at'],
            'no such zone' => ['sun-day', [...self::SUN_DAY, 'timezone' => 'Middle/Earth'], 'timezone'],
            'no such date' => ['sun-day', [...self::SUN_DAY, 'date' => '2026-06-31'], 'date'],
            'negative frames' => ['card-budget', [...self::CARDS, 'frames' => -1], 'frames'],
            'half a frame' => ['card-budget', [...self::CARDS, 'frames' => 1.5], 'frames'],
            'no such mode' => ['card-budget', [...self::CARDS, 'save_mode' => 'twin'], 'save_mode'],
            'one slot' => ['card-budget', [...self::CARDS, 'slot_gb' => [64]], 'slot_gb'],
            'a slot that is none' => ['card-budget', [...self::CARDS, 'slot_gb' => [64, 'big']], 'slot_gb[1]'],
            'all in reserve' => ['card-budget', [...self::CARDS, 'reserve' => 1], 'reserve'],
            'nothing recorded' => ['card-budget', [...self::CARDS, 'raw_mb' => 0, 'jpeg_mb' => 0], 'jpeg_mb'],
            'a charge of nothing' => ['battery-budget', [...self::CELLS, 'frames_per_charge' => 0], 'frames_per_charge'],
            'a bearing of 360' => [
                'shadow',
                [...self::SHADOW, 'object' => [...self::SHADOW['object'], 'bearing_deg' => 360]],
                'object.bearing_deg',
            ],
            'a thing nowhere' => ['shadow', [...self::SHADOW, 'object' => null], 'object'],
            'a field too many within' => [
                'shadow',
                [...self::SHADOW, 'object' => [...self::SHADOW['object'], 'colour' => 1]],
                'object.colour',
            ],
            'f-number 0' => ['exposure', ['f_number' => 0, 'shutter_s' => 1, 'iso' => 100, 'scene' => 'sun'], 'f_number'],
            'no such scene' => ['exposure', ['f_number' => 8, 'shutter_s' => 1, 'iso' => 100, 'scene' => 'moon'], 'scene'],
            'a scene that is a number' => ['exposure', ['f_number' => 8, 'shutter_s' => 1, 'iso' => 100, 'scene' => 15], 'scene'],
            'followed worse than not at all' => ['motion-blur', [...self::BLUR, 'tracking_error' => 1.5], 'tracking_error'],
            'segments that are none' => ['timeline', [...self::TIMELINE, 'segments' => 'all'], 'segments'],
            'a segment that is none' => ['timeline', [...self::TIMELINE, 'segments' => [7]], 'segments[0]'],
            'negative minutes' => [
                'timeline',
                [...self::TIMELINE, 'segments' => [['id' => 'a', 'minutes' => 5], ['id' => 'b', 'minutes' => -1]]],
                'segments[1].minutes',
            ],
            'half a minute' => ['timeline', [...self::TIMELINE, 'segments' => [['id' => 'a', 'minutes' => 2.5]]], 'segments[0].minutes'],
            'the same id twice' => [
                'timeline',
                [...self::TIMELINE, 'segments' => [['id' => 'a', 'minutes' => 5], ['id' => 'a', 'minutes' => 1]]],
                'segments[1].id',
            ],
            'after nobody' => [
                'timeline',
                [...self::TIMELINE, 'segments' => [['id' => 'a', 'minutes' => 5, 'after' => ['z']]]],
                'segments[0].after[0]',
            ],
            'after itself' => [
                'timeline',
                [...self::TIMELINE, 'segments' => [['id' => 'a', 'minutes' => 5, 'after' => ['a']]]],
                'segments[0].after',
            ],
            'a time that is none' => ['timeline', [...self::TIMELINE, 'start' => '48:00'], 'start'],
            'a way that is missing' => ['timeline', [...self::TIMELINE, 'travel' => []], 'travel'],
            'a way listed twice' => [
                'timeline',
                [...self::TIMELINE, 'travel' => [...self::TIMELINE['travel'], ...self::TIMELINE['travel']]],
                'travel[1].to',
            ],
            'a short way that is longer' => [
                'replan',
                [...self::REPLAN, 'segments' => [['id' => 'a', 'minutes' => 5, 'short_minutes' => 5, 'short_value' => 1, 'value' => 1]]],
                'segments[0].short_minutes',
            ],
            'a value of 1001' => [
                'replan',
                [...self::REPLAN, 'segments' => [['id' => 'a', 'minutes' => 5, 'value' => 1001]]],
                'segments[0].value',
            ],
            'a must that is a word' => [
                'replan',
                [...self::REPLAN, 'segments' => [['id' => 'a', 'minutes' => 5, 'value' => 1, 'must' => 'yes']]],
                'segments[0].must',
            ],
            'a day without seconds' => ['day', [...self::DAY, 'now' => '24:10'], 'now'],
            'a day with minutes of a hundred' => ['day', [...self::DAY, 'now' => '24:10:60'], 'now'],
            'a day without events' => ['day', array_diff_key(self::DAY, ['events' => 1]), 'events'],
            'a kind of event that is none' => [
                'day',
                [...self::DAY, 'events' => [['id' => 'a', 'kind' => 'found', 'segment' => 'groups', 'at' => '10:00:00']]],
                'events[0].kind',
            ],
            'an event on no segment' => [
                'day',
                [...self::DAY, 'events' => [['id' => 'a', 'kind' => 'done', 'at' => '10:00:00']]],
                'events[0].segment',
            ],
            'an undone of nothing' => [
                'day',
                [...self::DAY, 'events' => [['id' => 'a', 'kind' => 'undone', 'at' => '10:00:00']]],
                'events[0].of',
            ],
            'an event without an id' => [
                'day',
                [...self::DAY, 'events' => [['kind' => 'done', 'segment' => 'groups', 'at' => '10:00:00']]],
                'events[0].id',
            ],
            'a device with two clocks' => [
                'day',
                [...self::DAY, 'offsets' => [['device' => 'a', 'seconds' => 1], ['device' => 'a', 'seconds' => 1]]],
                'offsets[1].device',
            ],
            'a segment without a start' => [
                'day',
                [...self::DAY, 'segments' => [['id' => 'a', 'minutes' => 5, 'value' => 1]]],
                'segments[0].start',
            ],
            'a pocket that is not there' => [
                'replan',
                [...self::REPLAN, 'segments' => [['id' => 'a', 'minutes' => 5, 'value' => 1, 'may_move_to' => ['bar']]]],
                'segments[0].may_move_to[0]',
            ],
            'likely before low' => [
                'rehearse',
                [...self::REHEARSE, 'segments' => [['id' => 'a', 'minutes_low' => 5, 'minutes_likely' => 4, 'minutes_high' => 9]]],
                'segments[0].minutes_likely',
            ],
            'no run' => ['rehearse', [...self::REHEARSE, 'runs' => 0], 'runs'],
            'more than one with another' => ['rehearse', [...self::REHEARSE, 'correlation' => 1.1], 'correlation'],
            'colder than cold' => ['battery-budget', [...self::CELLS, 'temperature_c' => -300], 'temperature_c'],
        ];
    }

    /** @param  array<string, mixed>|string  $input */
    #[DataProvider('refusals')]
    public function test_bad_input_is_refused_in_one_line_that_names_the_field(string $topic, array|string $input, string $field): void
    {
        $run = $this->satchel(['compute', $topic], is_string($input) ? $input : json_encode($input, JSON_THROW_ON_ERROR));
        $this->assertSame(2, $run['exit']);
        $this->assertSame('', $run['out']);
        $this->assertSame(1, substr_count($run['err'], "\n"), $run['err']);
        $this->assertStringStartsWith($field.' ', $run['err']);
        $this->assertStringContainsString('must', $run['err']);
    }
}
