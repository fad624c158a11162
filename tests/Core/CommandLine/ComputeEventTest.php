<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;

/** The topics of events and of the studio, as a person would ask them. */
final class ComputeEventTest extends TestCase
{
    use CommandLine;

    private const GROUND = [
        'photographers' => [['id' => 'ada', 'focal_max_mm' => 400]],
        'posts' => [['id' => 'west', 'x_m' => 0, 'y_m' => 0], ['id' => 'east', 'x_m' => 140, 'y_m' => 0]],
        'zones' => [['id' => 'goal', 'x_m' => 60, 'y_m' => 0], ['id' => 'line', 'x_m' => 150, 'y_m' => 0]],
        'periods' => [['id' => 'one', 'break_minutes' => 2], ['id' => 'two']],
        'worth' => [['period' => 'one', 'zone' => 'goal', 'worth' => 5], ['period' => 'two', 'zone' => 'line', 'worth' => 3]],
    ];

    /** 60 m want 0.5 × 24 × 60 ÷ 1.8 = 400 mm; 140 m at 70 m a minute are two minutes; 10 m want 66.7 mm. */
    public function test_cover(): void
    {
        $this->assertEquals([
            'assignment' => [
                ['period' => 'one', 'photographer' => 'ada', 'post' => 'west'], ['period' => 'two', 'photographer' => 'ada', 'post' => 'east'],
            ],
            'covered' => [
                ['period' => 'one', 'zone' => 'goal', 'photographer' => 'ada', 'post' => 'west', 'focal_mm' => 400.0],
                ['period' => 'two', 'zone' => 'line', 'photographer' => 'ada', 'post' => 'east', 'focal_mm' => 0.5 * 24 * 10 / 1.8],
            ],
            'worth' => 8, 'of' => 8, 'moves' => 1, 'optimal' => true,
        ], $this->compute('cover', self::GROUND));
        $slow = $this->compute('cover', [...self::GROUND, 'walk_m_per_min' => 69]);
        $this->assertSame([5, 0], [$slow['worth'], $slow['moves']], 'three minutes begun are three');
        $this->assertSame(3, $this->compute('cover', [...self::GROUND, 'fill' => 0.6])['worth'], '480 mm are too long');
        $closed = $this->compute('cover', [...self::GROUND, 'closed' => [['period' => 'two', 'post' => 'east']]]);
        $this->assertSame([5, 'west'], [$closed['worth'], $closed['assignment'][1]['post']]);
    }

    /** 8 MB at 2 MB/s and half a second are 4.5 s. */
    public function test_sends(): void
    {
        $answer = $this->compute('sends', [
            'rate_mb_s' => 2, 'overhead_s' => 0.5,
            'gaps' => [['id' => 'late', 'from_s' => 20, 'to_s' => 30], ['id' => 'early', 'from_s' => 0, 'to_s' => 6]],
            'pictures' => [
                ['id' => 'room', 'mb' => 8, 'ready_s' => 0, 'due_s' => 30], ['id' => 'dress', 'mb' => 8, 'ready_s' => 1, 'due_s' => 6],
                ['id' => 'late', 'mb' => 40, 'ready_s' => 0, 'due_s' => 10, 'worth' => 9],
            ],
        ]);
        $this->assertEquals([['room', 'dress'], 2, 11, true, ['late']],
            [$answer['in_time'], $answer['worth'], $answer['of'], $answer['optimal'], $answer['left']]);
        $this->assertEquals(['id' => 'room', 'gap' => 'early', 'from_s' => 0, 'to_s' => 1], $answer['parts'][0]);
        $this->assertEquals(['id' => 'dress', 'gap' => 'early', 'from_s' => 1, 'to_s' => 5.5], $answer['parts'][1]);
    }

    public function test_setup_order_keepers_and_learn(): void
    {
        $elements = [
            ['id' => 'clean', 'setup' => 'table', 'minutes' => 20], ['id' => 'wet', 'setup' => 'tank', 'minutes' => 30, 'after' => ['clean']],
        ];
        $this->assertSame(['order' => ['clean', 'wet'], 'minutes' => 60, 'changes' => 1, 'lower_bound' => 60, 'optimal' => true],
            $this->compute('setup-order', ['elements' => $elements]));
        $this->assertSame(5 + 50, $this->compute('setup-order', [
            'elements' => $elements,
            'changes' => [['from' => 'table', 'to' => 'bare', 'minutes' => 2], ['from' => 'bare', 'to' => 'tank', 'minutes' => 3]],
        ])['minutes'], 'by way of a setup that only the changes name');
        $this->assertEquals(['rate' => 5.5 / 13, 'throws_needed' => 14],
            $this->compute('keepers', ['throws' => 12, 'keepers' => 5, 'want' => 3, 'confidence' => 0.9]));
        $this->assertEquals(['low' => 10, 'likely' => 15, 'high' => 25, 'weight' => 4],
            $this->compute('learn', ['prior' => ['low' => 10, 'likely' => 15, 'high' => 25], 'minutes' => []]));
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function bad(): array
    {
        $worth = self::GROUND['worth'];
        $send = ['rate_mb_s' => 1, 'gaps' => [], 'pictures' => []];

        return [
            'worth twice' => ['cover', [...self::GROUND, 'worth' => [$worth[0], $worth[0]]], 'worth[1].zone'],
            'worth of nowhere' => ['cover', [...self::GROUND, 'worth' => [['period' => 'one', 'zone' => 'sky', 'worth' => 1]]], 'worth[0].zone'],
            'half a worth' => ['cover', [...self::GROUND, 'worth' => [['period' => 'one', 'zone' => 'goal', 'worth' => 0.5]]], 'worth[0].worth'],
            'a start that is no post' => ['cover', [...self::GROUND, 'photographers' => [['id' => 'a', 'focal_max_mm' => 9, 'starts_at' => 'x']]],
                'photographers[0].starts_at'],
            'too many people' => ['cover', [...self::GROUND, 'posts' => [['id' => 'west', 'x_m' => 0, 'y_m' => 0]],
                'photographers' => [['id' => 'a', 'focal_max_mm' => 9], ['id' => 'b', 'focal_max_mm' => 9]]], 'photographers'],
            'a post that holds nobody' => ['cover', [...self::GROUND, 'posts' => [['id' => 'west', 'x_m' => 0, 'y_m' => 0, 'holds' => 0]]],
                'posts[0].holds'],
            'no rate' => ['sends', [...$send, 'rate_mb_s' => 0], 'rate_mb_s'],
            'a gap of no length' => ['sends', [...$send, 'gaps' => [['id' => 'g', 'from_s' => 5, 'to_s' => 5]]], 'gaps[0].to_s'],
            'gaps that overlap' => [
                'sends', [...$send, 'gaps' => [['id' => 'g', 'from_s' => 0, 'to_s' => 5], ['id' => 'h', 'from_s' => 4, 'to_s' => 9]]],
                'gaps'],
            'nothing to send' => ['sends', [...$send, 'pictures' => [['id' => 'p', 'mb' => 0, 'ready_s' => 0, 'due_s' => 5]]], 'pictures[0].mb'],
            'a circle' => ['setup-order', ['elements' => [['id' => 'a', 'setup' => 'x', 'minutes' => 1, 'after' => ['a']]]], 'elements'],
            'after nothing' => ['setup-order', ['elements' => [['id' => 'a', 'setup' => 'x', 'minutes' => 1, 'after' => ['b']]]],
                'elements[0].after[0]'],
            'more keepers than throws' => ['keepers', ['throws' => 2, 'keepers' => 3, 'want' => 1, 'confidence' => 0.5], 'keepers'],
            'a certainty' => ['keepers', ['throws' => 2, 'keepers' => 1, 'want' => 1, 'confidence' => 1], 'confidence'],
            'a guess out of order' => ['learn', ['prior' => ['low' => 5, 'likely' => 4, 'high' => 9], 'minutes' => []], 'prior.likely'],
            'no minutes' => ['learn', ['prior' => ['low' => 5, 'likely' => 6, 'high' => 9], 'minutes' => [0]], 'minutes[0]'],
        ];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('bad')]
    public function test_bad_input_is_refused_by_name(string $topic, array $input, string $field): void
    {
        $run = $this->satchel(['compute', $topic], json_encode($input, JSON_THROW_ON_ERROR));
        $this->assertSame([2, ''], [$run['exit'], $run['out']]);
        $this->assertStringContainsString($field, $run['err']);
        $this->assertSame(1, substr_count($run['err'], "\n"));
    }
}
