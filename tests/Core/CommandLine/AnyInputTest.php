<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use App\CommandLine\Compute\Topics;
use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whatever stands in a question, it is answered in JSON or refused in one line; never a warning, a crash, or a number that is none.
 * The questions are made up, and harmed at random from a fixed seed.
 */
final class AnyInputTest extends TestCase
{
    private const TRIES = 250;

    private const ODD = [
        null,
        true,
        false,
        '',
        'x',
        "line\nbreak",
        '24:60',
        '47:59',
        '2026-02-29',
        '9999-12-31',
        '2026-06-21T24:00:00Z',
        -1,
        0,
        1,
        0.5,
        1e-300,
        1e15,
        1e308,
        -1e308,
        PHP_INT_MAX,
        PHP_INT_MIN,
        [],
        [[]],
        ['a' => 1],
    ];

    private const DAY = ['latitude_deg' => 59.3, 'longitude_deg' => 18.1, 'date' => '2026-06-21', 'timezone' => 'Europe/Stockholm'];

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function questions(): array
    {
        $all = [
            'sun' => ['latitude_deg' => 59.3, 'longitude_deg' => 18.1, 'at' => '2026-06-21T12:00:00+02:00'],
            'sun-day' => self::DAY,
            'shadow' => [
                ...self::DAY,
                'subject_height_m' => 1.5,
                'object' => ['bearing_deg' => 200, 'distance_m' => 10, 'height_m' => 40, 'width_m' => 2],
            ],
            'exposure' => ['f_number' => 11, 'shutter_s' => 0.0025, 'iso' => 50, 'scene' => ['ev100' => 14.6]],
            'flash' => [
                'guide_number_m' => 45,
                'iso' => 100,
                'power' => '1/2',
                'distance_m' => 3,
                'shutter_s' => 0.001,
                'sync_s' => 0.005,
                'modifier_stops' => 1,
                'high_speed_loss_stops' => 2,
            ],
            'motion-blur' => [
                'speed_m_s' => 8,
                'distance_m' => 20,
                'focal_mm' => 200,
                'shutter_s' => 0.001,
                'pixel_um' => 5,
                'tracking_error' => 0.4,
            ],
            'depth-of-field' => ['focal_mm' => 50, 'f_number' => 4, 'distance_m' => 5, 'coc_mm' => 0.03],
            'field-of-view' => ['focal_mm' => 50, 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'distance_m' => 5],
            'rows' => ['focal_mm' => 50, 'coc_mm' => 0.03, 'row_distances_m' => [4, 4.7, 5.4]],
            'frames-needed' => ['people' => 12, 'light' => 'good', 'confidence' => 0.95, 'shutter_s' => 0.008],
            'formals-order' => [
                'presence' => 'called',
                'people' => [['id' => 'a', 'weight' => 2], ['id' => 'b'], ['id' => 'c']],
                'groups' => [
                    ['id' => 'one', 'minutes' => 3, 'people' => ['a', 'b']],
                    ['id' => 'two', 'minutes' => 2, 'people' => ['b', 'c']],
                    ['id' => 'three', 'minutes' => 4, 'people' => ['a', 'c']],
                ],
                'before' => [['one', 'two']],
                'never_together' => [],
            ],
            'day' => [
                'now' => '15:10:30',
                'place' => 'hall',
                'segments' => [
                    ['id' => 'a', 'start' => '15:00', 'minutes' => 20, 'short_minutes' => 10, 'value' => 5, 'short_value' => 2, 'place' => 'hall'],
                    ['id' => 'b', 'start' => '15:30', 'minutes' => 30, 'value' => 9, 'must' => true, 'fixed_start' => '15:30', 'place' => 'park'],
                    ['id' => 'c', 'start' => '16:00', 'minutes' => 15, 'value' => 1, 'may_move_to' => ['late'], 'latest_end' => '16:30'],
                ],
                'pockets' => [['id' => 'late', 'minutes' => 20]],
                'travel' => [['from' => 'hall', 'to' => 'park', 'minutes' => 5]],
                'events' => [
                    ['id' => '1', 'kind' => 'started', 'segment' => 'a', 'at' => '15:02:10', 'device' => 'phone'],
                    ['id' => '2', 'kind' => 'undone', 'of' => '1', 'at' => '15:03:00'],
                ],
                'offsets' => [['device' => 'phone', 'seconds' => 12.5]],
            ],
            'team-schedule' => [
                'teams' => [
                    ['id' => 'u9', 'players' => 12, 'team_minutes' => 4, 'player_seconds' => 30],
                    ['id' => 'u11', 'players' => 14, 'team_minutes' => 5, 'player_seconds' => 25],
                ],
                'light_sets' => 2,
            ],
            'timeline' => [
                'start' => '22:00',
                'segments' => [
                    ['id' => 'a', 'minutes' => 120, 'place' => 'garden', 'earliest' => '22:00'],
                    ['id' => 'b', 'minutes' => 20, 'place' => 'hall', 'fixed_start' => '24:10', 'lane' => 'lead'],
                    ['id' => 'c', 'minutes' => 60, 'after' => ['a'], 'lane' => 'second', 'latest_end' => '26:00'],
                ],
                'travel' => [['from' => 'hall', 'to' => 'garden', 'minutes' => 15]],
            ],
            'replan' => [
                'now' => '14:00',
                'place' => 'garden',
                'segments' => [
                    [
                        'id' => 'a',
                        'minutes' => 20,
                        'value' => 50,
                        'short_minutes' => 10,
                        'short_value' => 30,
                        'may_move_to' => ['p'],
                        'place' => 'garden',
                    ],
                    ['id' => 'b', 'minutes' => 40, 'value' => 100, 'must' => true, 'fixed_start' => '14:10', 'latest_end' => '15:00'],
                ],
                'pockets' => [['id' => 'p', 'minutes' => 30]],
                'travel' => [],
            ],
            'rehearse' => [
                'start' => '09:00',
                'runs' => 50,
                'seed' => 4,
                'correlation' => 0.2,
                'segments' => [
                    ['id' => 'a', 'minutes_low' => 20, 'minutes_likely' => 30, 'minutes_high' => 40],
                    ['id' => 'b', 'minutes_low' => 60, 'minutes_likely' => 60, 'minutes_high' => 60, 'fixed_start' => '09:30'],
                ],
            ],
            'card-budget' => [
                'frames' => 900,
                'raw_mb' => 40,
                'jpeg_mb' => 10,
                'save_mode' => 'mirror',
                'slot_gb' => [64, 32],
                'reserve' => 0.1,
            ],
            'battery-budget' => [
                'frames' => 600,
                'frames_per_charge' => 600,
                'hours_standby' => 10,
                'standby_hours_per_charge' => 10,
                'temperature_c' => 4,
                'reserve' => 0.2,
            ],
            'cover' => [
                'photographers' => [
                    ['id' => 'a', 'focal_max_mm' => 400, 'starts_at' => 'west'],
                    ['id' => 'b', 'focal_max_mm' => 200, 'sensor_height_mm' => 15.6],
                ],
                'posts' => [['id' => 'west', 'x_m' => 0, 'y_m' => 10, 'holds' => 2], ['id' => 'east', 'x_m' => 100, 'y_m' => 10]],
                'zones' => [['id' => 'goal', 'x_m' => 20, 'y_m' => 0], ['id' => 'bench', 'x_m' => 90, 'y_m' => 0]],
                'periods' => [['id' => 'one', 'break_minutes' => 2], ['id' => 'two']],
                'worth' => [['period' => 'one', 'zone' => 'goal', 'worth' => 5], ['period' => 'two', 'zone' => 'bench', 'worth' => 3]],
                'walks' => [['from' => 'west', 'to' => 'east', 'minutes' => 2]],
                'walk_m_per_min' => 60,
                'subject_height_m' => 1.7,
                'fill' => 0.6,
                'blocked' => [['post' => 'west', 'zone' => 'bench']],
                'closed' => [['period' => 'two', 'post' => 'east']],
            ],
            'sends' => [
                'rate_mb_s' => 2.5,
                'overhead_s' => 0.4,
                'gaps' => [['id' => 'g', 'from_s' => 10, 'to_s' => 40], ['id' => 'h', 'from_s' => 60, 'to_s' => 90]],
                'pictures' => [
                    ['id' => 'a', 'mb' => 8, 'ready_s' => 0, 'due_s' => 30, 'worth' => 2],
                    ['id' => 'b', 'mb' => 90, 'ready_s' => 5, 'due_s' => 80],
                ],
            ],
            'setup-order' => [
                'elements' => [
                    ['id' => 'clean', 'setup' => 'table', 'minutes' => 20],
                    ['id' => 'wet', 'setup' => 'tank', 'minutes' => 30, 'after' => ['clean']],
                    ['id' => 'lid', 'setup' => 'table', 'minutes' => 10, 'after' => ['wet']],
                ],
                'changes' => [['from' => 'table', 'to' => 'tank', 'minutes' => 25], ['from' => 'tank', 'to' => 'table', 'minutes' => 15]],
                'change_minutes' => 12,
                'start' => 'table',
            ],
            'keepers' => ['throws' => 12, 'keepers' => 5, 'want' => 3, 'confidence' => 0.9],
            'learn' => ['prior' => ['low' => 10, 'likely' => 15, 'high' => 25, 'weight' => 3], 'minutes' => [18, 20, 22]],
            'lose-one' => [
                'items' => [['id' => 'a', 'gives' => ['x', 'y']], ['id' => 'b', 'gives' => ['x'], 'requires' => ['y']]],
                'needs' => [['id' => 'n', 'capability' => 'x', 'count' => 2]],
                'losses' => 2,
            ],
        ];

        return array_combine(
            array_keys($all),
            array_map(static fn (string $topic, array $input): array => [$topic, $input], array_keys($all), $all),
        );
    }

    public function test_every_topic_is_asked(): void
    {
        $this->assertEqualsCanonicalizing((new Topics())->names(), array_keys(self::questions()));
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('questions')]
    public function test_whatever_is_asked_is_answered_or_refused(string $topic, array $input): void
    {
        mt_srand(crc32($topic));
        $answered = $this->ask($topic, $input) ? 1 : 0;
        $this->assertSame(1, $answered, 'the question as it stands is a good one');
        $refused = 0;
        for ($i = 0; $i < self::TRIES; $i++) {
            $harmed = $input;
            for ($harms = mt_rand(1, 3); $harms > 0; $harms--) {
                $harmed = self::harm($harmed);
            }
            $this->ask($topic, $harmed) ? $answered++ : $refused++;
        }
        $this->assertGreaterThan(self::TRIES / 4, $refused, 'most harm is noticed');
        $this->assertGreaterThan(1, $answered, 'and some is none');
    }

    /** @param  array<mixed>  $input */
    private function ask(string $topic, array $input): bool
    {
        $object = json_decode(json_encode((object) $input, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
        set_error_handler(
            static fn (int $level, string $message, string $file, int $line): never => throw new \ErrorException(
                "{$message} at {$file}:{$line}",
                0,
                $level,
            ),
        );
        try {
            $answer = (new Topics())->answer($topic, $object);
            $this->assertJson(json_encode($answer, JSON_THROW_ON_ERROR));

            return true;
        } catch (Refusal $e) {
            $this->assertMatchesRegularExpression('/^\S+ \S/', $e->getMessage(), 'a field, and what it must be');

            return false;
        } catch (ImpossibleValue $e) {
            $this->assertNotSame('', $e->field);

            return false;
        } catch (\Throwable $e) {
            $this->fail(get_class($e).': '.$e->getMessage().' for '.json_encode($input));
        } finally {
            restore_error_handler();
        }
    }

    /**
     * @param  array<mixed>  $input
     * @return array<mixed>
     */
    private static function harm(array $input): array
    {
        if ($input === []) {
            return ['x' => 1];
        }
        $keys = array_keys($input);
        $key = $keys[mt_rand(0, count($keys) - 1)];
        $how = mt_rand(0, 9);
        if (is_array($input[$key]) && $how < 6) {
            $input[$key] = self::harm($input[$key]);
        } elseif ($how === 6) {
            unset($input[$key]);
            $input = array_is_list($keys) && is_int($key) ? array_values($input) : $input;
        } elseif ($how === 7 && is_int($key)) {
            $input[] = $input[$key];
        } elseif ($how === 8 && is_numeric($input[$key])) {
            $input[$key] = max(-1e308, min(1e308, $input[$key] * [0.001, -1, 2, 1000][mt_rand(0, 3)]));
        } else {
            $input[$key] = self::ODD[mt_rand(0, count(self::ODD) - 1)];
        }

        return $input;
    }
}
