<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use Illuminate\Support\Facades\DB;

/** Consistent copies of the database, never over another one. */
final class SnapshotDesk
{
    public const FOLDER = 'satchel-data';

    /**
     * Into a folder of their own beside the bags. Within a transaction the database cannot be copied: then there is none.
     *
     * @throws \RuntimeException when it cannot be written or does not read back
     */
    public function beside(string $root): ?string
    {
        if (DB::transactionLevel() > 0) {
            return null;
        }
        $folder = "{$root}/".self::FOLDER;
        if (! is_dir($folder) && ! @mkdir($folder, 0700) && ! is_dir($folder)) {
            throw new \RuntimeException("{$folder} cannot be made");
        }

        return $this->into($folder);
    }

    /**
     * @return string the file
     *
     * @throws \RuntimeException when it cannot be written or does not read back
     */
    public function into(string $folder): string
    {
        $file = $folder.'/satchel-'.now()->utc()->format('Ymd-His').'.sqlite';
        if (file_exists($file)) {
            throw new \RuntimeException("{$file} is there already: nothing was overwritten");
        }
        // SQLite copies a consistent state, whoever is writing meanwhile.
        DB::statement('VACUUM INTO ?', [$file]);
        @chmod($file, 0600);
        $answer = (new \PDO("sqlite:{$file}"))->query('PRAGMA integrity_check');
        if ($answer === false || $answer->fetchColumn() !== 'ok') {
            throw new \RuntimeException("{$file} does not read back whole");
        }

        return $file;
    }
}
