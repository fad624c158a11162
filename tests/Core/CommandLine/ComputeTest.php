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

    private const CELLS = ['frames' => 600, 'frames_per_charge' => 600, 'hours_standby' => 10, 'standby_hours_per_charge' => 10, 'temperature_c' => 20];

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
