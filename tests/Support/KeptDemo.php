<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Copies\AllowedRoot;
use App\Models\User;
use Database\Demo\Demo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The demo as it was told once on a day, put into an empty database and empty folders again: telling it takes ten times as long. */
final class KeptDemo
{
    /** @var array<string, self> by the moment it was told at */
    private static array $kept = [];

    /** @param  array<string, list<array<string, mixed>>>  $rows by table */
    private function __construct(
        private readonly array $rows,
        private readonly int $job,
        private readonly string $folder,
        private readonly string $standIns,
        private readonly string $pictures,
    ) {}

    public static function load(): Job
    {
        // With the clock of the machine it is some minutes old, as a demo is that somebody looks at.
        $moment = Carbon::hasTestNow() ? Carbon::now()->format('c u') : Carbon::now('Europe/Stockholm')->format('Y-m-d');
        if (! self::isNew()) {
            return Demo::load();
        }
        if (isset(self::$kept[$moment])) {
            return self::$kept[$moment]->putBack();
        }
        $job = Demo::load();
        self::$kept[$moment] = self::keep($job);

        return $job;
    }

    /** Whether nobody has put anything into the database yet; to what is there already the demo is told anew. */
    private static function isNew(): bool
    {
        return (int) DB::table('changes')->value('number') === 0
            && User::query()->doesntExist()
            && AllowedRoot::query()->doesntExist();
    }

    private static function keep(Job $job): self
    {
        $rows = [];
        foreach (DB::table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
            if (! str_starts_with((string) $table, 'sqlite_') && $table !== 'migrations') {
                $rows[(string) $table] = DB::table((string) $table)->get()->map(static fn (\stdClass $row): array => (array) $row)->all();
            }
        }
        $folder = sys_get_temp_dir().'/satchel-kept-'.bin2hex(random_bytes(6));
        mkdir($folder);
        register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($folder)));
        [$standIns, $pictures] = [Devices::standIns(), (string) config('satchel.pictures')];
        self::copy($standIns, "{$folder}/standins");
        self::copy($pictures, "{$folder}/pictures");

        return new self($rows, $job->id, $folder, $standIns, $pictures);
    }

    private function putBack(): Job
    {
        Cache::flush();
        self::copy("{$this->folder}/standins", Devices::standIns());
        self::copy("{$this->folder}/pictures", (string) config('satchel.pictures'));
        $moved = [$this->standIns => Devices::standIns(), $this->pictures => (string) config('satchel.pictures')];
        DB::statement('PRAGMA defer_foreign_keys = ON');
        // Counting what changes comes last: putting the others back is counted.
        foreach ([...array_diff_key($this->rows, ['changes' => 0]), 'changes' => $this->rows['changes']] as $table => $rows) {
            if ($table === 'changes') {
                DB::table($table)->delete();
            }
            foreach (array_chunk($rows, 50) as $some) {
                DB::table($table)->insert(
                    array_map(
                        static fn (array $row): array => array_map(
                            static fn (mixed $value): mixed => is_string($value) ? strtr($value, $moved) : $value,
                            $row,
                        ),
                        $some,
                    ),
                );
            }
        }

        return Job::query()->findOrFail($this->job);
    }

    private static function copy(string $from, string $to): void
    {
        exec('mkdir -p '.escapeshellarg($to).' && cp -a '.escapeshellarg("{$from}/.").' '.escapeshellarg("{$to}/"), result_code: $exit);
        if ($exit !== 0) {
            throw new \RuntimeException("{$from} was not copied.");
        }
    }
}
