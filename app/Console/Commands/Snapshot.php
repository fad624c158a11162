<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** A consistent copy of the database, small enough to lie beside the bags. */
final class Snapshot extends Command
{
    protected $signature = 'satchel:snapshot {to : folder that takes it}';

    protected $description = 'Write a consistent snapshot of the database into a folder';

    public function handle(): int
    {
        $folder = realpath((string) $this->argument('to'));
        if ($folder === false || ! is_dir($folder) || ! is_writable($folder)) {
            $this->error('to must be a folder that can be written to');

            return 2;
        }
        $file = $folder.'/satchel-'.now()->utc()->format('Ymd-His').'.sqlite';
        if (file_exists($file)) {
            $this->error("{$file} is there already: nothing was overwritten");

            return self::FAILURE;
        }
        // SQLite copies a consistent state, whoever is writing meanwhile.
        DB::statement('VACUUM INTO ?', [$file]);
        $check = new \PDO("sqlite:{$file}");
        $answer = $check->query('PRAGMA integrity_check');
        if ($answer === false || $answer->fetchColumn() !== 'ok') {
            $this->error("{$file} does not read back whole");

            return self::FAILURE;
        }
        $this->line("{$file}  ".number_format((int) filesize($file) / 1000, 0, '.', ' ').' kB, whole');

        return self::SUCCESS;
    }
}
