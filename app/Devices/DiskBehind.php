<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Finds the disk behind a folder by what the kernel says: mounts (/proc/self/mountinfo), partitions, loops and what lies across
 * several disks (/sys/dev/block). Partitions of one disk lead to one; a network place is named by host and share.
 */
final readonly class DiskBehind
{
    private const NETWORK = [
        'nfs', 'nfs4', 'cifs', 'smb3', 'smbfs', 'fuse.sshfs', 'fuse.rclone', 'davfs', 'fuse.davfs2', 'ceph', '9p',
        'glusterfs', 'fuse.glusterfs',
    ];

    private const DEEPEST = 8;

    /** @param  string  $system  where /proc, /sys and /dev stand; another folder in tests */
    public function __construct(private string $system = '') {}

    public function of(string $folder, int $depth = 0): Disk
    {
        $mount = $this->mountOf($folder);
        if ($mount === null || $depth > self::DEEPEST) {
            return new Disk([], null, null, '/', false);
        }
        if (in_array($mount->kind, self::NETWORK, true)) {
            return new Disk([$mount->source], [$mount->source], null, $mount->at, false);
        }
        $device = $this->deviceOf($mount);
        if ($device === null) {
            return new Disk([], null, null, $mount->at, false);
        }
        $disks = $this->disksOf($device, $depth);
        $lasting = array_map($this->lasting(...), $disks);
        $volume = $this->volumeOf(basename($device));
        // A file system on a whole disk without a partition names that disk as well.
        if ($disks === [$device] && $lasting === [null] && $volume !== null) {
            $lasting = ["volume {$volume}"];
        }

        return new Disk(
            array_map(basename(...), $disks),
            $disks === [] || in_array(null, $lasting, true) ? null : array_values(array_filter($lasting, is_string(...))),
            $volume,
            $mount->at,
            array_filter(
                $disks,
                static fn (string $d): bool => str_starts_with(basename($d), 'mmcblk') ||
                    trim((string) @file_get_contents("{$d}/removable")) === '1',
            ) !== [],
        );
    }

    /** The mount that a folder lies in: the longest, and of those the last. */
    public function mountOf(string $folder): ?Mount
    {
        $found = null;
        foreach ($this->mounts() as $mount) {
            $isIn = $mount->at === '/' || $folder === $mount->at || str_starts_with($folder, $mount->at.'/');
            if ($isIn && ($found === null || strlen($mount->at) >= strlen($found->at))) {
                $found = $mount;
            }
        }

        return $found;
    }

    /** @return list<Mount> in the order mounted */
    private function mounts(): array
    {
        $lines = explode("\n", (string) @file_get_contents("{$this->system}/proc/self/mountinfo"));

        return array_values(array_filter(array_map(Mount::ofLine(...), $lines)));
    }

    /** Mount points that are written down for the start of the system, whether something is mounted there or not. */
    public function isAwaited(string $folder): bool
    {
        foreach (explode("\n", (string) @file_get_contents("{$this->system}/etc/fstab")) as $line) {
            $parts = preg_split('/\s+/', trim($line)) ?: [];
            if (
                ($line[0] ?? '#') !== '#' &&
                ($parts[1] ?? '/') !== '/' &&
                ($folder === $parts[1] || str_starts_with($folder, rtrim((string) $parts[1], '/').'/'))
            ) {
                return $this->mountOf($folder)?->at !== rtrim((string) $parts[1], '/');
            }
        }

        return false;
    }

    /** The kernel's folder of the device that is mounted. */
    private function deviceOf(Mount $mount): ?string
    {
        $number = $mount->number;
        if (str_starts_with($number, '0:')) {
            // Some file systems have a number of their own and name the device.
            $stat = str_starts_with($mount->source, '/dev/') ? @stat($this->system.$mount->source) : false;
            $number =
                $stat === false || $stat['rdev'] <= 0
                    ? ''
                    : (($stat['rdev'] >> 8) & 0xFFF).':'.(($stat['rdev'] & 0xFF) | (($stat['rdev'] >> 12) & 0xFFF00));
        }
        $real = $number === '' ? false : realpath("{$this->system}/sys/dev/block/{$number}");

        return $real === false ? null : $real;
    }

    /** @return list<string> the kernel's folders of the disks behind a device */
    private function disksOf(string $device, int $depth): array
    {
        if (is_file("{$device}/partition")) {
            $device = dirname($device);
        }
        $slaves = glob("{$device}/slaves/*") ?: [];
        if ($slaves !== [] && $depth <= self::DEEPEST) {
            $behind = array_map(fn (string $slave): array => $this->disksOf((string) realpath($slave), $depth + 1), $slaves);

            return array_values(array_unique(array_merge(...$behind)));
        }
        $file = trim((string) @file_get_contents("{$device}/loop/backing_file"));
        if ($file !== '') {
            $mount = $this->mountOf(dirname($file));
            $below = $mount === null || $depth > self::DEEPEST ? null : $this->deviceOf($mount);

            return $below === null ? [] : $this->disksOf($below, $depth + 1);
        }

        // A disk in memory is none.
        return preg_match('/^(zram|ram)\d/', basename($device)) === 1 ? [] : [$device];
    }

    /** The name that a disk keeps: its serial number, or the world-wide name; of the thing itself or of the case it is in. */
    private function lasting(string $disk): ?string
    {
        foreach (['wwid', 'device/wwid', 'serial', 'device/serial', 'device/cid'] as $file) {
            $says = trim((string) @file_get_contents("{$disk}/{$file}"));
            if ($says !== '') {
                return "disk {$says}";
            }
        }
        $at = realpath("{$disk}/device");
        for ($up = 0; $at !== false && $up < self::DEEPEST && strlen($at) > 1; $up++, $at = dirname($at)) {
            $says = trim((string) @file_get_contents("{$at}/serial"));
            if ($says !== '') {
                return "disk {$says}";
            }
        }

        return null;
    }

    /** What the file system on a card calls itself; null where it says nothing, or for a stand-in. */
    public function volumeOfCard(LocalVolume $card): ?string
    {
        return Devices::isStandIn($card->root()) ? null : $this->of($card->root())->volume;
    }

    private function volumeOf(string $device): ?string
    {
        foreach (glob("{$this->system}/dev/disk/by-uuid/*") ?: [] as $link) {
            if (basename((string) @readlink($link)) === $device) {
                return basename($link);
            }
        }

        return null;
    }
}
