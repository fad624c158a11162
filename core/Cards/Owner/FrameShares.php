<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Owner;

/**
 * Whose frames are these? A load belongs to the owner; each of its frames to the job in whose hours it was taken. Where the
 * hours of two overlap, to the one that packed the body, then to the one under which the card was loaded, then to the one that
 * began last; within three hours of any, to the nearest; at other times, as test frames are, to the one it was loaded for.
 */
final class FrameShares
{
    /** So long before or after its hours a job may still be going on (common practice, no source). */
    private const BESIDE_S = 3 * 3600;

    /**
     * @param  list<JobHours>  $jobs
     * @param  int  $first  when the first frame of the load was taken, unix seconds by the body's clock
     * @param  int  $until  likewise the last
     * @return list<Share> in the order of time, without a gap from first to last; none where there is no job
     */
    public static function of(array $jobs, ?int $bodyId, int $first, int $until, ?int $loadedFor): array
    {
        if ($jobs === []) {
            return [];
        }
        $shares = [];
        $starts = self::starts($jobs, $first, $until);
        foreach ($starts as $index => $from) {
            $to = ($starts[$index + 1] ?? $until + 1) - 1;
            $owner = self::ownerAt($jobs, $bodyId, $from, $loadedFor);
            $last = end($shares);
            if ($last !== false && $last->jobId === $owner) {
                array_pop($shares);
                $from = $last->from;
            }
            $shares[] = new Share($owner, $from, $to);
        }

        return $shares;
    }

    /**
     * What a person said goes before what the hours say.
     *
     * @param  list<Share>  $shares
     * @return list<Share>
     */
    public static function claimed(array $shares, Share $claim): array
    {
        if ($claim->from > $claim->to) {
            return $shares;
        }
        $left = [];
        foreach ($shares as $share) {
            if ($share->from < $claim->from) {
                $left[] = new Share($share->jobId, $share->from, min($share->to, $claim->from - 1));
            }
            if ($share->to > $claim->to) {
                $left[] = new Share($share->jobId, max($share->from, $claim->to + 1), $share->to);
            }
        }
        $left[] = $claim;
        usort($left, static fn (Share $a, Share $b): int => $a->from <=> $b->from);

        return $left;
    }

    /**
     * @param  list<JobHours>  $jobs
     * @return list<int> where the owner may change: at the edges of hours, and half way between two
     */
    private static function starts(array $jobs, int $first, int $last): array
    {
        $edges = [];
        foreach ($jobs as $job) {
            array_push($edges, $job->from, $job->to + 1, $job->from - self::BESIDE_S, $job->to + self::BESIDE_S + 1);
            foreach ($jobs as $next) {
                if ($next->from > $job->to) {
                    $edges[] = intdiv($job->to + $next->from, 2) + 1;
                }
            }
        }
        $starts = array_values(array_unique([$first, ...array_filter($edges, static fn (int $at): bool => $at > $first && $at <= $last)]));
        sort($starts);

        return $starts;
    }

    /** @param  non-empty-list<JobHours>  $jobs */
    private static function ownerAt(array $jobs, ?int $bodyId, int $at, ?int $loadedFor): int
    {
        $isBeside = min(array_map(static fn (JobHours $j): int => $j->away($at), $jobs)) <= self::BESIDE_S;
        if (! $isBeside && $loadedFor !== null) {
            return $loadedFor;
        }
        usort($jobs, static fn (JobHours $a, JobHours $b): int => [
            $a->away($at), ! in_array($bodyId, $a->bodies, true), $a->jobId !== $loadedFor, -$a->from, $a->jobId,
        ] <=> [
            $b->away($at), ! in_array($bodyId, $b->bodies, true), $b->jobId !== $loadedFor, -$b->from, $b->jobId,
        ]);

        return $jobs[0]->jobId;
    }
}
