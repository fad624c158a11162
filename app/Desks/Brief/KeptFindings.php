<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Job;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What follows from the database and the day alone is kept until either changes (decision 0007). */
final class KeptFindings
{
    private const KEPT_S = 7 * 86400;

    /**
     * @template T
     *
     * @param  \Closure(): T  $make
     * @param  string  $besides  what else it follows from, and is not counted as a change
     * @return T
     */
    public static function of(Job $job, string $what, \Closure $make, string $besides = ''): mixed
    {
        return self::kept($job, $what, self::number($job), $make, $besides);
    }

    /**
     * For what no tap changes: a tap is a change like any other, and on the day there is one a minute.
     *
     * @template T
     *
     * @param  \Closure(): T  $make
     * @return T
     */
    public static function besideTaps(Job $job, string $what, \Closure $make): mixed
    {
        // Taps are only ever added, each counted once.
        return self::kept($job, $what, self::number($job) - DB::table('device_events')->count(), $make);
    }

    /**
     * For what follows from what it is made of alone: any other change leaves it as it is.
     *
     * @template T
     *
     * @param  mixed  $from  all that it is made of
     * @param  \Closure(): T  $make
     * @param  bool  $isTried  of what is only tried nothing is kept, but what is kept is taken where it is the same
     * @return T
     */
    public static function following(Job $job, string $what, mixed $from, \Closure $make, bool $isTried = false): mixed
    {
        return self::asStamped($job, $what, hash('xxh128', serialize($from)), $make, $isTried);
    }

    private static function number(Job $job): int
    {
        return (int) ($job->getAttributes()['change_number'] ?? DB::table('changes')->value('number'));
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $make
     * @return T
     */
    private static function kept(Job $job, string $what, int $number, \Closure $make, string $besides = ''): mixed
    {
        return self::asStamped($job, $what, "{$number} ".JobDay::daysTo($job)." {$besides}", $make);
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $make
     * @return T
     */
    private static function asStamped(Job $job, string $what, string $stamp, \Closure $make, bool $isTried = false): mixed
    {
        // Two databases of one clone keep their findings apart.
        $key = 'kept-'.hash('xxh32', (string) config('database.connections.sqlite.database'))."-{$what}-{$job->id}";
        $kept = Cache::get($key);
        if (is_array($kept) && $kept['stamp'] === $stamp) {
            return $kept['value'];
        }
        $value = $make();
        if (! $isTried) {
            Cache::put($key, ['stamp' => $stamp, 'value' => $value], self::KEPT_S);
        }

        return $value;
    }
}
