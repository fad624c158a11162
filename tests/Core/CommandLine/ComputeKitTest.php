<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;

/** The topics of kit and flash, as a person would ask them. */
final class ComputeKitTest extends TestCase
{
    use CommandLine;

    private const FLASH = [
        'guide_number_m' => 48,
        'iso' => 100,
        'power' => '1/4',
        'distance_m' => 3,
        'shutter_s' => 0.005,
        'sync_s' => 0.005,
    ];

    private const BAG = [
        'items' => [
            ['id' => 'body', 'gives' => ['body'], 'requires' => ['cell']],
            ['id' => 'old', 'gives' => ['body'], 'requires' => ['cell']],
            ['id' => '7', 'gives' => ['cell']],
            ['id' => 'tele', 'gives' => ['reach'], 'requires' => ['body']],
        ],
        'needs' => [
            ['id' => 'shoot', 'capability' => 'body'],
            ['id' => 'pair', 'capability' => 'body', 'count' => 2],
            ['id' => 'far', 'capability' => 'reach'],
            ['id' => 'light', 'capability' => 'light'],
        ],
    ];

    /** ISO 1230: guide number 48 m at a quarter of the power is 24 m, so f/8 at 3 m. */
    public function test_flash(): void
    {
        $this->assertEquals(
            ['f_number' => 8.0, 'high_speed_sync' => false, 'guide_number_effective_m' => 24.0],
            $this->compute('flash', self::FLASH),
        );
        $fast = $this->compute('flash', [...self::FLASH, 'shutter_s' => 0.00125, 'modifier_stops' => 1]);
        // One stop in the cloth, two of high-speed sync, two for a quarter of the shutter: 24 ÷ 2^2.5 ÷ 3.
        $this->assertTrue($fast['high_speed_sync']);
        $this->assertEqualsWithDelta(8 / 2 ** 2.5, $fast['f_number'], 1e-9);
        $this->assertEqualsWithDelta(
            8 / 2 ** 1.5,
            $this->compute('flash', [...self::FLASH, 'shutter_s' => 0.00125, 'high_speed_loss_stops' => 1])['f_number'],
            1e-9,
        );
    }

    public function test_lose_one(): void
    {
        $answer = $this->compute('lose-one', self::BAG);
        $this->assertSame(['met', 'unmet', 'breaks'], array_keys($answer));
        $this->assertSame([['shoot', 'pair', 'far'], ['light']], [$answer['met'], $answer['unmet']]);
        $this->assertSame(
            [
                ['items' => ['body'], 'needs' => ['pair']],
                ['items' => ['old'], 'needs' => ['pair']],
                ['items' => ['7'], 'needs' => ['shoot', 'pair', 'far']],
                ['items' => ['tele'], 'needs' => ['far']],
            ],
            $answer['breaks'],
        );
        $pairs = array_slice($this->compute('lose-one', [...self::BAG, 'losses' => 2])['breaks'], 4);
        $this->assertSame([['items' => ['body', 'old'], 'needs' => ['shoot', 'pair', 'far']]], $pairs);
        $this->assertSame(['met' => [], 'unmet' => [], 'breaks' => []], $this->compute('lose-one', ['items' => [], 'needs' => []]));
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): array
    {
        return [
            'a third of the power' => ['flash', [...self::FLASH, 'power' => '1/3'], 'power'],
            'no distance' => ['flash', [...self::FLASH, 'distance_m' => 0], 'distance_m'],
            'a modifier that adds' => ['flash', [...self::FLASH, 'modifier_stops' => -1], 'modifier_stops'],
            'no sync' => ['flash', array_diff_key(self::FLASH, ['sync_s' => 0]), 'sync_s'],
            'a thing twice' => ['lose-one', [...self::BAG, 'items' => [self::BAG['items'][0], self::BAG['items'][0]]], 'items[1].id'],
            'a thing without gives' => ['lose-one', [...self::BAG, 'items' => [['id' => 'x']]], 'items[0].gives'],
            'needed no times' => [
                'lose-one',
                [...self::BAG, 'needs' => [['id' => 'x', 'capability' => 'body', 'count' => 0]]],
                'needs[0].count',
            ],
            'three losses' => ['lose-one', [...self::BAG, 'losses' => 3], 'losses'],
            'words for things' => ['lose-one', [...self::BAG, 'items' => ['body']], 'items[0]'],
            'an unknown field' => ['lose-one', [...self::BAG, 'bag' => 1], 'bag'],
        ];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('refusals')]
    public function test_bad_input_names_its_field(string $topic, array $input, string $field): void
    {
        $run = $this->satchel(['compute', $topic], json_encode($input, JSON_THROW_ON_ERROR));
        $this->assertSame([2, ''], [$run['exit'], $run['out']]);
        $this->assertStringContainsString($field, $run['err']);
    }
}
