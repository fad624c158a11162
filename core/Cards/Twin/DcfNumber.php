<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

/** Folder and file number of a frame after CIPA DC-009 (DCF): DCIM/100ABCDE/ABCD0001.JPG. Compares by folder, then number. */
final readonly class DcfNumber
{
    private function __construct(public int $folder, public int $number) {}

    /** Null for a path that is not named so. */
    public static function of(string $path): ?self
    {
        $parts = [];
        if (preg_match('#(?:^|/)([1-9]\d\d)\w{5}/\w{4}(\d{4})\.\w+$#Di', $path, $parts) !== 1) {
            return null;
        }

        return new self((int) $parts[1], (int) $parts[2]);
    }

    /**
     * @param  list<TwinFile>  $files
     * @return list<self> empty when one of them has no such number
     */
    public static function all(array $files): array
    {
        $numbers = [];
        foreach ($files as $file) {
            $number = self::of($file->path);
            if ($number === null) {
                return [];
            }
            $numbers[] = $number;
        }

        return $numbers;
    }

    public function isFollowedBy(self $next): bool
    {
        return ($next->number === $this->number + 1 && in_array($next->folder - $this->folder, [0, 1], true))
            || ($this->number === 9999 && $next->number === 1 && $next->folder === $this->folder + 1);
    }
}
