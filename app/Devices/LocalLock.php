<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Volume\Lock;

/** A lock of the system on a file of this machine, beside the volumes and not on them. */
final class LocalLock implements Lock
{
    /** @param  resource  $file */
    private function __construct(private $file) {}

    /** @return self|null null where another process has it */
    public static function of(string $what): ?self
    {
        $folder = sys_get_temp_dir().'/north-satchel-locks-'.(function_exists('posix_geteuid') ? posix_geteuid() : getmyuid());
        @mkdir($folder, 0700, true);
        $file = @fopen("{$folder}/".hash('xxh128', $what), 'ce');
        if ($file === false) {
            throw new \RuntimeException("Nothing can be locked in {$folder}.");
        }

        return flock($file, LOCK_EX | LOCK_NB) ? new self($file) : null;
    }

    public function release(): void
    {
        if (is_resource($this->file)) {
            flock($this->file, LOCK_UN);
            fclose($this->file);
        }
    }

    public function __destruct()
    {
        $this->release();
    }
}
