<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\Plan\Posts\Period;
use NorthSatchel\Plan\Posts\Post;
use NorthSatchel\Plan\Posts\PostPlan;
use NorthSatchel\Plan\Posts\PostSearch;
use NorthSatchel\Plan\Posts\Shooter;
use NorthSatchel\Plan\Posts\Zone;
use NorthSatchel\Plan\Sending\SendGap;
use NorthSatchel\Plan\Sending\SendPicture;
use NorthSatchel\Plan\Sending\SendSearch;
use NorthSatchel\Plan\Sending\SentPart;

/** Who covers what at an event, and what is sent in which gap. */
final class EventTopics
{
    private const FAR_M = 1e6;

    /** Thirty years and more. */
    private const FAR_S = 1e9;

    /** A day has 1,440. */
    private const MOST_MINUTES = 100_000;

    private const MOST_WORTH = 1_000_000;

    /** @return array<string, mixed> */
    public static function cover(\stdClass $input): array
    {
        $in = new Fields($input, [
            'photographers', 'posts', 'zones', 'periods', 'worth', 'walks', 'walk_m_per_min', 'subject_height_m', 'fill', 'blocked', 'closed',
        ]);
        $posts = $zones = $shooters = $breaks = [];
        foreach ($in->objects('posts', ['id', 'x_m', 'y_m', 'holds']) as $f) {
            $id = $f->newId($posts);
            $posts[$id] = new Post($id, self::metres($f, 'x_m'), self::metres($f, 'y_m'), $f->wholeIfGiven('holds', 1) ?? 1);
        }
        foreach ($in->objects('zones', ['id', 'x_m', 'y_m']) as $f) {
            $id = $f->newId($zones);
            $zones[$id] = new Zone($id, self::metres($f, 'x_m'), self::metres($f, 'y_m'));
        }
        foreach ($in->objects('photographers', ['id', 'focal_max_mm', 'sensor_height_mm', 'starts_at']) as $f) {
            $id = $f->newId($shooters);
            $shooters[$id] = new Shooter(
                $id,
                $f->number('focal_max_mm', above: 0),
                $f->number('sensor_height_mm', above: 0, default: Shooter::FULL_FRAME_MM),
                $f->has('starts_at') ? self::among($f, 'starts_at', $posts) : null,
            );
        }
        foreach ($in->objects('periods', ['id', 'break_minutes']) as $f) {
            $breaks[$f->newId($breaks)] = $f->wholeIfGiven('break_minutes', 0, self::MOST_MINUTES) ?? 0;
        }
        $worth = self::worth($in, $breaks, $zones);
        $plan = new PostPlan(
            array_values($shooters),
            array_values($posts),
            array_values($zones),
            array_map(
                static fn (string|int $id, int $minutes): Period => new Period((string) $id, $minutes, $worth[$id] ?? []),
                array_keys($breaks),
                $breaks,
            ),
            self::walks($in, $posts),
            self::both($in, 'blocked', 'post', $posts, 'zone', $zones),
            self::both($in, 'closed', 'period', $breaks, 'post', $posts),
            $in->number('walk_m_per_min', above: 0, default: PostPlan::WALK_M_PER_MIN),
            $in->number('subject_height_m', above: 0, default: PostPlan::SUBJECT_M),
            $in->number('fill', above: 0, default: PostPlan::FILL),
        );
        $cover = PostSearch::best($plan);

        return [
            'assignment' => array_map(
                static fn ($s): array => ['period' => $s->period, 'photographer' => $s->photographer, 'post' => $s->post],
                $cover->standings,
            ),
            'covered' => array_map(
                static fn ($c): array => [
                    'period' => $c->period,
                    'zone' => $c->zone,
                    'photographer' => $c->photographer,
                    'post' => $c->post,
                    'focal_mm' => $c->focalMm,
                ],
                $cover->covered,
            ),
            'worth' => $cover->worth,
            'of' => $plan->of(),
            'moves' => $cover->moves,
            'optimal' => $cover->isOptimal,
        ];
    }

    /** @return array<string, mixed> */
    public static function sends(\stdClass $input): array
    {
        $in = new Fields($input, ['rate_mb_s', 'overhead_s', 'gaps', 'pictures']);
        $rate = $in->number('rate_mb_s', above: 0);
        $overhead = $in->number('overhead_s', min: 0, max: self::FAR_S, default: 0);
        $gaps = $pictures = [];
        foreach ($in->objects('gaps', ['id', 'from_s', 'to_s']) as $f) {
            $gap = new SendGap($f->newId($gaps), self::ms($f, 'from_s'), self::ms($f, 'to_s'));
            $gaps[$gap->id] = $gap->toMs > $gap->fromMs ? $gap : throw $f->refusal('to_s', 'must be later than from_s');
        }
        foreach ($in->objects('pictures', ['id', 'mb', 'ready_s', 'due_s', 'worth']) as $f) {
            $id = $f->newId($pictures);
            $length = SendPicture::lengthMs(min(self::FAR_S * $rate, $f->number('mb', above: 0)), $rate, $overhead);
            $worth = $f->number('worth', min: 0, default: 1);
            $pictures[$id] = new SendPicture($id, $length, self::ms($f, 'ready_s'), self::ms($f, 'due_s'), $worth);
        }
        $plan = SendSearch::best(array_values($gaps), array_values($pictures));

        return [
            'parts' => array_map(
                static fn (SentPart $p): array => ['id' => $p->id, 'gap' => $p->gap, 'from_s' => $p->fromMs / 1000, 'to_s' => $p->toMs / 1000],
                $plan->parts,
            ),
            'in_time' => $plan->inTime,
            'worth' => $plan->worth,
            'of' => $plan->of,
            'optimal' => $plan->isOptimal,
            'left' => $plan->left,
        ];
    }

    /** @throws Refusal */
    private static function ms(Fields $f, string $name): int
    {
        return (int) round(1000 * $f->number($name, min: -self::FAR_S, max: self::FAR_S));
    }

    private static function metres(Fields $f, string $name): float
    {
        return $f->number($name, min: -self::FAR_M, max: self::FAR_M);
    }

    /**
     * @param  array<string|int, mixed>  $there  by id
     *
     * @throws Refusal
     */
    private static function among(Fields $f, string $name, array $there): string
    {
        $id = $f->text($name);

        return isset($there[$id]) ? $id : throw $f->refusal($name, 'must be an id that is there');
    }

    /**
     * @param  array<string|int, mixed>  $periods
     * @param  array<string|int, mixed>  $zones
     * @return array<string|int, array<string, int>> by period and zone
     *
     * @throws Refusal
     */
    private static function worth(Fields $in, array $periods, array $zones): array
    {
        $worth = [];
        foreach ($in->objects('worth', ['period', 'zone', 'worth']) as $f) {
            $period = self::among($f, 'period', $periods);
            $zone = self::among($f, 'zone', $zones);
            if (isset($worth[$period][$zone])) {
                throw $f->refusal('zone', 'must have one worth in a period');
            }
            $worth[$period][$zone] = $f->whole('worth', 0, self::MOST_WORTH);
        }

        return $worth;
    }

    /**
     * @param  array<string|int, mixed>  $posts
     * @return array<string, array<string, int>> minutes from post to post
     *
     * @throws Refusal
     */
    private static function walks(Fields $in, array $posts): array
    {
        $walks = [];
        foreach ($in->objects('walks', ['from', 'to', 'minutes'], isOptional: true) as $f) {
            $from = self::among($f, 'from', $posts);
            $to = self::among($f, 'to', $posts);
            if (isset($walks[$from][$to]) || $from === $to) {
                throw $f->refusal('to', $from === $to ? 'must be another post' : 'must be listed once from there');
            }
            $walks[$from][$to] = $f->whole('minutes', 0, self::MOST_MINUTES);
        }

        return $walks;
    }

    /**
     * @param  array<string|int, mixed>  $ones
     * @param  array<string|int, mixed>  $others
     * @return array<string, array<string, true>>
     *
     * @throws Refusal
     */
    private static function both(Fields $in, string $name, string $one, array $ones, string $other, array $others): array
    {
        $pairs = [];
        foreach ($in->objects($name, [$one, $other], isOptional: true) as $f) {
            $pairs[self::among($f, $one, $ones)][self::among($f, $other, $others)] = true;
        }

        return $pairs;
    }
}
