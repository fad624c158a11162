<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use NorthSatchel\Plan\Posts\GroundCover;
use NorthSatchel\Plan\Posts\PostView;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;

/** What the posts of a ground give, in the light of each period. */
final readonly class PostLightDesk
{
    public function __construct(private CoverDesk $cover) {}

    /** The segment of which the light is told where no period is marked, empty where there is none; null where periods are. */
    public function lightOf(Job $job): ?string
    {
        return $this->cover->isPeriodMarked($job) ? null : (string) $this->cover->segments($job)->first()?->title;
    }

    /** @return array<int, SunPosition> in the middle of each period outdoors, by segment; of the first segment where none is a period */
    public function suns(Job $job): array
    {
        $periods = $this->cover->segments($job)->whereNotNull('cover');
        $point = JobDay::pointOf($job->place);
        $suns = [];
        foreach ($periods->isEmpty() ? $this->cover->segments($job)->take(1) : $periods as $segment) {
            if ($point !== null && $segment->is_outdoor) {
                $suns[$segment->id] = Sun::at($point, CoverDesk::period($job, $segment)->middle());
            }
        }

        return $suns;
    }

    /** @return array<string, list<PostView>> by post, what it gives towards each zone, with the light of each period outdoors */
    public function views(Job $job, Ground $ground): array
    {
        $suns = [];
        foreach ($this->suns($job) as $id => $sun) {
            $segment = $job->segments->firstWhere('id', $id);
            // Two periods may be called alike, on two days or of two matches.
            $name = (string) $segment?->title;
            $suns[isset($suns[$name]) ? "{$name} at {$segment?->start_clock}" : $name] = $sun;
        }
        $plan = (new GroundCover($ground, [], []))->plan([]);
        $views = [];
        foreach ($ground->posts as $post) {
            $views[$post->name] = array_map(
                static fn (GroundZone $zone): PostView => PostView::of($ground, $post, $zone, $plan, $suns),
                $ground->zones,
            );
        }

        return $views;
    }
}
