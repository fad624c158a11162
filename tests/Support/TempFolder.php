<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;

/** A folder of its own for each test, removed afterwards. */
trait TempFolder
{
    protected string $temp;

    #[Before]
    protected function makeTemp(): void
    {
        $this->temp = sys_get_temp_dir().'/satchel-test-'.bin2hex(random_bytes(6));
        mkdir($this->temp);
    }

    #[After]
    protected function removeTemp(): void
    {
        exec('rm -rf '.escapeshellarg($this->temp));
    }

    /** Writes a file below the temporary folder, its folders made as needed. */
    protected function file(string $path, string $bytes): string
    {
        $full = $this->temp.'/'.$path;
        if (! is_dir(dirname($full))) {
            mkdir(dirname($full), 0777, true);
        }
        file_put_contents($full, $bytes);

        return $full;
    }

    protected function folder(string $path): string
    {
        $full = $this->temp.'/'.$path;
        if (! is_dir($full)) {
            mkdir($full, 0777, true);
        }

        return $full;
    }

    /** @return array<string, string> hash by path of everything below a folder */
    protected function contentsOf(string $folder): array
    {
        $hashes = [];
        $walk = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS));
        foreach ($walk as $file) {
            $hashes[substr((string) $file, strlen($folder) + 1)] = is_link((string) $file) ? 'link' : (string) md5_file((string) $file);
        }
        ksort($hashes);

        return $hashes;
    }
}
