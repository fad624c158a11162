<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/**
 * A simulated capture program: each frame comes over the cable in pieces, into the file of its name or, every third, into another that is
 * renamed when it is whole.
 */
final class StandInCapture
{
    private const PIECES = 8;

    private int $count = 0;

    public function __construct(private readonly string $folder, private readonly int $pauseMicroseconds) {}

    /** @return string the path of the file, once it is whole */
    public function write(string $name, string $bytes): string
    {
        $path = "{$this->folder}/{$name}";
        $as = ++$this->count % 3 === 0 ? "{$path}.tmp" : $path;
        $file = fopen($as, 'xb');
        if ($file === false) {
            throw new \RuntimeException("{$as} is there already.");
        }
        foreach (str_split($bytes, max(1, (int) ceil(strlen($bytes) / self::PIECES))) as $piece) {
            fwrite($file, $piece);
            fflush($file);
            usleep($this->pauseMicroseconds);
        }
        fclose($file);
        if ($as !== $path) {
            rename($as, $path);
        }

        return $path;
    }
}
