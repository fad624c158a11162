<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desks\Copies\SnapshotDesk;
use Illuminate\Console\Command;

/** A consistent copy of the database, small enough to lie beside the bags. */
final class Snapshot extends Command
{
    protected $signature = 'satchel:snapshot {to : folder that takes it}';

    protected $description = 'Write a consistent snapshot of the database into a folder';

    public function handle(SnapshotDesk $desk): int
    {
        $folder = realpath((string) $this->argument('to'));
        if ($folder === false || ! is_dir($folder) || ! is_writable($folder)) {
            $this->error('to must be a folder that can be written to');

            return 2;
        }
        try {
            $file = $desk->into($folder);
        } catch (\RuntimeException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line("{$file}  ".number_format((int) filesize($file) / 1000, 0, '.', ' ').' kB, whole');

        return self::SUCCESS;
    }
}
