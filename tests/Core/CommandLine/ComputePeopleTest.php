<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;

/** The topics of people and optics, as a person would ask them. */
final class ComputePeopleTest extends TestCase
{
    use CommandLine;

    private const DEPTH = ['focal_mm' => 50, 'f_number' => 8, 'distance_m' => 5, 'coc_mm' => 0.03];

    private const VIEW = ['focal_mm' => 35, 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'distance_m' => 7];

    private const ROWS = ['focal_mm' => 50, 'coc_mm' => 0.03, 'row_distances_m' => [3.9, 3.0]];

    private const FRAMES = ['people' => 12, 'light' => 'poor', 'confidence' => 0.9, 'shutter_s' => 0.01];

    private const TEAMS = [
        'light_sets' => 2,
        'teams' => [
            ['id' => 'u14', 'players' => 16, 'team_minutes' => 4, 'player_seconds' => 75],
            ['id' => 'first', 'players' => 0, 'team_minutes' => 6, 'player_seconds' => 90],
        ],
    ];

    private const ORDER = [
        'presence' => 'called',
        'people' => [['id' => 'ma', 'weight' => 2], ['id' => 'pa'], ['id' => 'sis']],
        'groups' => [
            ['id' => 'parents', 'minutes' => 3, 'people' => ['ma', 'pa']],
            ['id' => 'sister', 'minutes' => 2, 'people' => ['sis']],
            ['id' => 'family', 'minutes' => 4, 'people' => ['ma', 'pa', 'sis']],
        ],
    ];

    /** Copied from the worked values: 50 mm, f/8, c 0.03 mm, 5 m (S. F. Ray, from memory); 35 mm sees 54.4° across. */
    public function test_optics(): void
    {
        $depth = $this->compute('depth-of-field', self::DEPTH);
        $this->assertSame(['near_m', 'far_m', 'total_m', 'hyperfocal_m'], array_keys($depth));
        $this->assertEqualsWithDelta([3.389, 9.527, 6.138, 10.467], array_values($depth), 0.001);
        $endless = $this->compute('depth-of-field', [...self::DEPTH, 'distance_m' => 11]);
        $this->assertSame([null, null], [$endless['far_m'], $endless['total_m']]);
        $view = $this->compute('field-of-view', self::VIEW);
        $this->assertEqualsWithDelta([54.43, 37.85, 7.2, 4.8], array_values($view), 0.01);
        $rows = $this->compute('rows', self::ROWS);
        $this->assertSame(['f_number', 'focus_m', 'near_m', 'far_m'], array_keys($rows));
        $this->assertSame(3.5, $rows['f_number']);
        $this->assertSame(
            [null, null, null],
            array_values(
                array_diff_key($this->compute('rows', ['focal_mm' => 300, 'coc_mm' => 0.02, 'row_distances_m' => [4, 8]]), [
                    'focus_m' => 0,
                ]),
            ),
        );
    }

    public function test_frames_and_teams(): void
    {
        $frames = $this->compute('frames-needed', self::FRAMES);
        $this->assertSame(6, $frames['rule_of_thumb']);
        $this->assertEqualsWithDelta((1 - 0.26 / 6) ** 12, $frames['chance_per_frame'], 1e-12);
        $this->assertNull($this->compute('frames-needed', [...self::FRAMES, 'shutter_s' => 30])['frames']);
        $teams = $this->compute('team-schedule', self::TEAMS);
        $this->assertEquals(
            ['order' => ['u14', 'first'], 'finish_minutes' => 24],
            array_intersect_key($teams, ['order' => 0, 'finish_minutes' => 0]),
        );
        $this->assertEquals(
            ['team' => 'u14', 'what' => 'players', 'start_minute' => 4, 'end_minute' => 24, 'set' => 2],
            $teams['segments'][1],
        );
        $this->assertEquals(30, $this->compute('team-schedule', [...self::TEAMS, 'light_sets' => 1])['finish_minutes']);
    }

    public function test_the_order_of_groups(): void
    {
        $found = $this->compute('formals-order', self::ORDER);
        $this->assertSame(['order', 'waiting', 'lower_bound', 'optimal', 'next_to'], array_keys($found));
        $this->assertSame(
            [0, 0, true, []],
            [$found['waiting'], $found['lower_bound'], $found['optimal'], $found['next_to']],
            'the family stands between the two',
        );
        $this->assertSame('family', $found['order'][1]);
        $gathered = $this->compute('formals-order', [...self::ORDER, 'presence' => 'gathered']);
        // All at once: the family first; then the parents, whose three weigh more, while she waits three minutes.
        $this->assertSame([['family', 'parents', 'sister'], 3], [$gathered['order'], $gathered['waiting']]);
        $forced = $this->compute('formals-order', [...self::ORDER, 'before' => [['sister', 'parents'], ['parents', 'family']]]);
        $this->assertSame(['sister', 'parents', 'family'], $forced['order']);
        $this->assertSame(3, $forced['waiting']);
        $apart = [
            'presence' => 'called',
            'people' => [['id' => 'a'], ['id' => 'b']],
            'groups' => [['id' => 'x', 'minutes' => 1, 'people' => ['a']], ['id' => 'y', 'minutes' => 1, 'people' => ['b']]],
            'never_together' => [['a', 'b']],
        ];
        $this->assertCount(1, $this->compute('formals-order', $apart)['next_to']);
        $this->assertSame([], $this->compute('formals-order', ['presence' => 'called', 'people' => [], 'groups' => []])['order']);
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): array
    {
        return [
            'inside the lens' => ['depth-of-field', [...self::DEPTH, 'distance_m' => 0.04], 'distance_m'],
            'no stop' => ['depth-of-field', [...self::DEPTH, 'f_number' => 0], 'f_number'],
            'no sensor' => ['field-of-view', [...self::VIEW, 'sensor_width_mm' => -36], 'sensor_width_mm'],
            'no rows' => ['rows', [...self::ROWS, 'row_distances_m' => []], 'row_distances_m'],
            'a row of words' => ['rows', [...self::ROWS, 'row_distances_m' => [3, 'far']], 'row_distances_m[1]'],
            'a row in the lens' => ['rows', [...self::ROWS, 'row_distances_m' => [0.01]], 'row_distances_m[0]'],
            'nobody' => ['frames-needed', [...self::FRAMES, 'people' => 0], 'people'],
            'half a person' => ['frames-needed', [...self::FRAMES, 'people' => 2.5], 'people'],
            'certainty' => ['frames-needed', [...self::FRAMES, 'confidence' => 1], 'confidence'],
            'moonlight' => ['frames-needed', [...self::FRAMES, 'light' => 'moon'], 'light'],
            'three sets' => ['team-schedule', [...self::TEAMS, 'light_sets' => 3], 'light_sets'],
            'a team twice' => [
                'team-schedule',
                [...self::TEAMS, 'teams' => [self::TEAMS['teams'][0], self::TEAMS['teams'][0]]],
                'teams[1].id',
            ],
            'fewer than no players' => [
                'team-schedule',
                [...self::TEAMS, 'teams' => [[...self::TEAMS['teams'][0], 'players' => -1]]],
                'teams[0].players',
            ],
            'no such presence' => ['formals-order', [...self::ORDER, 'presence' => 'asleep'], 'presence'],
            'a stranger' => [
                'formals-order',
                [...self::ORDER, 'groups' => [['id' => 'x', 'minutes' => 1, 'people' => ['who']]]],
                'groups[0].people',
            ],
            'a group of nobody' => [
                'formals-order',
                [...self::ORDER, 'groups' => [['id' => 'x', 'minutes' => 1, 'people' => []]]],
                'groups[0].people',
            ],
            'a group of a minute and a half' => [
                'formals-order',
                [...self::ORDER, 'groups' => [['id' => 'x', 'minutes' => 1.5, 'people' => ['ma']]]],
                'groups[0].minutes',
            ],
            'a group of no time' => [
                'formals-order',
                [...self::ORDER, 'groups' => [['id' => 'x', 'minutes' => 0, 'people' => ['ma']]]],
                'groups[0].minutes',
            ],
            'a person twice in a group' => [
                'formals-order',
                [...self::ORDER, 'groups' => [['id' => 'x', 'minutes' => 1, 'people' => ['ma', 'ma']]]],
                'groups[0].people',
            ],
            'a person twice' => ['formals-order', [...self::ORDER, 'people' => [['id' => 'ma'], ['id' => 'ma']]], 'people[1].id'],
            'a negative weight' => ['formals-order', [...self::ORDER, 'people' => [['id' => 'ma', 'weight' => -1]]], 'people[0].weight'],
            'before itself' => ['formals-order', [...self::ORDER, 'before' => [['family', 'family']]], 'before[0]'],
            'before what is not there' => ['formals-order', [...self::ORDER, 'before' => [['family', 'cake']]], 'before[0]'],
            'in a circle' => ['formals-order', [...self::ORDER, 'before' => [['family', 'sister'], ['sister', 'family']]], 'before'],
            'a pair that is in one group' => ['formals-order', [...self::ORDER, 'never_together' => [['ma', 'pa']]], 'never_together'],
        ];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('refusals')]
    public function test_bad_input_names_its_field_on_one_line(string $topic, array $input, string $field): void
    {
        $run = $this->satchel(['compute', $topic], json_encode($input, JSON_THROW_ON_ERROR));
        $this->assertSame([2, ''], [$run['exit'], $run['out']]);
        $this->assertStringContainsString($field, $run['err']);
        $this->assertSame(1, substr_count(trim($run['err'])."\n", "\n"));
    }
}
