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
     * @return T
     */
    public static function of(Job $job, string $what, \Closure $make): mixed
    {
        $stamp = ($job->getAttributes()['change_number'] ?? DB::table('changes')->value('number')).' '.JobDay::daysTo($job);
        // Two databases of one clone keep their findings apart.
        $key = 'kept-'.hash('xxh32', (string) config('database.connections.sqlite.database'))."-{$what}-{$job->id}";
        $kept = Cache::get($key);
        if (is_array($kept) && $kept['stamp'] === $stamp) {
            return $kept['value'];
        }
        $value = $make();
        Cache::put($key, ['stamp' => $stamp, 'value' => $value], self::KEPT_S);

        return $value;
    }
}
