<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Where copies must not go: onto a card. The command line and the pages ask the same rule. Links are resolved, and folders that
 * are bound to another name are told by what the file system calls them.
 */
final readonly class PlaceRule
{
    /** Folders that no copies go to and nothing is looked into: the system's own. */
    private const SYSTEM = [
        '/proc', '/sys', '/dev', '/etc', '/boot', '/usr', '/bin', '/sbin', '/lib', '/lib64', '/var/lib', '/var/log',
        '/run/systemd', '/root/.ssh',
    ];

    /** These hold the places of others: to be named one by one. */
    private const TOO_WIDE = ['/', '/var', '/home', '/run', '/opt', '/srv'];

    public function __construct(private DiskBehind $disks = new DiskBehind()) {}

    /**
     * Why copies cannot go there; null where they can.
     *
     * @param  string  $place  real path
     * @param  array<string, string>  $cards  real path by what the card is called
     */
    public function against(string $place, array $cards): ?string
    {
        foreach ($cards as $called => $card) {
            if (self::isIn($place, $card)) {
                return "it lies inside the card {$called}: cards are only read";
            }
            $of = $this->disks->of($card);
            $isCardsOwn = $of->isCardReader || ($of->mountedAt === $card && $card !== '/');
            if ($isCardsOwn && array_intersect($of->names, $this->disks->of($place)->names) !== []) {
                return "it lies on the same device as the card {$called}: cards are only read";
            }
        }
        for ($folder = $place; strlen($folder) > 1; $folder = dirname($folder)) {
            if (self::isCard($folder)) {
                return $folder === $place
                    ? 'it is a camera card: cards are only read'
                    : "it lies on a camera card ({$folder}): cards are only read";
            }
        }

        return $this->disks->isAwaited($place)
            ? 'nothing is mounted there: the drive is away, and what lies below it is another disk'
            : null;
    }

    /** Why the program may not look into a folder; null where it may. */
    public function againstRoot(string $folder, string $program): ?string
    {
        if (in_array($folder, self::TOO_WIDE, true)) {
            return 'That is too wide: allow the folder in which cards or drives are mounted.';
        }
        foreach (self::SYSTEM as $system) {
            if ($folder === $system || str_starts_with($folder, $system.'/') || str_starts_with($system, $folder.'/')) {
                return 'That belongs to the system.';
            }
        }
        if (self::isIn($folder, $program) || self::isIn($program, $folder)) {
            return 'That holds this program itself, or lies in it.';
        }

        return null;
    }

    /** A folder with DCIM in it, and in that a folder named as cameras name theirs (CIPA DC-009). */
    public static function isCard(string $folder): bool
    {
        foreach (@scandir("{$folder}/DCIM") ?: [] as $name) {
            if (preg_match('/^[1-9]\d\d\w{5}$/D', $name) === 1 && is_dir("{$folder}/DCIM/{$name}")) {
                return true;
            }
        }

        return false;
    }

    /** By path, and by what the file system calls each folder on the way up. */
    private static function isIn(string $inner, string $outer): bool
    {
        if (str_starts_with(rtrim($inner, '/').'/', rtrim($outer, '/').'/')) {
            return true;
        }
        $name = self::nameOf($outer);
        for ($folder = $inner; $name !== null && strlen($folder) > 1; $folder = dirname($folder)) {
            if (self::nameOf($folder) === $name) {
                return true;
            }
        }

        return false;
    }

    private static function nameOf(string $folder): ?string
    {
        $stat = @stat($folder);

        return $stat === false ? null : "{$stat['dev']}:{$stat['ino']}";
    }
}
