<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/**
 * What is read again, from card and copies, when a permit is asked for: by the owner's choice all of it, all where that takes
 * under a minute, or a share: the files with the newest times, and a random tenth. What nobody has read yet is always read.
 */
final readonly class ReadAgain
{
    public const CHOICES = [
        'minute' => 'all, when that takes under a minute',
        'all' => 'always all',
        'tenth' => 'the newest, and a random tenth',
    ];

    /** A card reader reads about so fast (common practice, no source). */
    private const BYTES_A_SECOND = 150_000_000;

    private const A_MINUTE_S = 60;

    private const NEWEST = 20;

    private const SHARE = 10;

    /**
     * @param  list<string>  $paths  on the card
     * @param  bool  $isAll  whether that is all of the card, and the bags that are here are read whole as well
     * @param  string  $said  in words, for the permit
     */
    private function __construct(public array $paths, public bool $isAll, public int $bytes, public string $said) {}

    /**
     * @param  array<string, array{int, int, bool}>  $files  bytes, time of change and whether it was read since the seal, by path
     * @param  int  $bagBytes  in the bags that are here
     * @param  int  $seed  for the random tenth
     */
    public static function of(string $choice, array $files, int $bagBytes, int $seed): self
    {
        $bytes = array_sum(array_column($files, 0)) + $bagBytes;
        $seconds = $bytes / self::BYTES_A_SECOND;
        if ($choice === 'all' || ($choice !== 'tenth' && $seconds <= self::A_MINUTE_S)) {
            return new self(
                array_map(strval(...), array_keys($files)),
                true,
                $bytes,
                'For this, all of the card and of the bags that are here was read again.',
            );
        }
        $byTime = $files;
        uasort($byTime, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $taken = array_fill_keys(array_slice(array_keys($byTime), 0, self::NEWEST), true);
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        foreach ($files as $path => [, , $isRead]) {
            if (! $isRead || $random->getInt(1, self::SHARE) === 1) {
                $taken[$path] = true;
            }
        }
        $some = array_intersect_key($files, $taken);
        $part = count($some).' of '.count($files);

        return new self(
            array_map(strval(...), array_keys($some)),
            false,
            (int) array_sum(array_column($some, 0)),
            "For this, {$part} files of the card were read again, the newest and a random tenth; of the others, and of the copies, only ".
                'names, sizes and times were compared.',
        );
    }
}
