<?php

declare(strict_types=1);

namespace App\Devices;

/** The system's cache of file pages (posix_fadvise, POSIX.1-2001). */
final class PageCache
{
    private const DONT_NEED = 4;

    private const WILL_NEED = 3;

    private const CALLED_AT_ONCE = 256 << 20;

    private const WRITE_ONLY = 1;

    /** SYNC_FILE_RANGE_WRITE */
    private const BEGIN = 2;

    private static ?\FFI $libc = null;

    private static bool $tried = false;

    /**
     * What lies in memory of a file is let go, and a file of ordinary size is called from the medium at once, so that it comes
     * while another is read. False where the system or PHP offers no way; the read-back then may come from memory.
     */
    public static function forget(string $full): bool
    {
        return self::with($full, 0, static function (\FFI $libc, int $descriptor) use ($full): bool {
            /** @phpstan-ignore method.notFound */
            $isGone = $libc->posix_fadvise($descriptor, 0, 0, self::DONT_NEED) === 0;
            /** @phpstan-ignore method.notFound */
            $ignored = filesize($full) <= self::CALLED_AT_ONCE && $libc->posix_fadvise($descriptor, 0, 0, self::WILL_NEED);

            return $isGone;
        });
    }

    /** Lets the system begin to write a piece to the medium, so that it does so while the next is read (sync_file_range, Linux). */
    public static function beginWriting(string $full, int $offset, int $length): void
    {
        self::with(
            $full,
            self::WRITE_ONLY,
            /** @phpstan-ignore method.notFound */
            static fn (\FFI $libc, int $descriptor): bool => $libc->sync_file_range($descriptor, $offset, $length, self::BEGIN) === 0,
        );
    }

    /** @param  \Closure(\FFI, int): bool  $do */
    private static function with(string $full, int $flags, \Closure $do): bool
    {
        $libc = self::libc();
        if ($libc === null) {
            return false;
        }
        /** @phpstan-ignore method.notFound */
        $descriptor = $libc->open($full, $flags);
        if ($descriptor < 0) {
            return false;
        }
        $done = $do($libc, $descriptor);
        /** @phpstan-ignore method.notFound */
        $libc->close($descriptor);

        return $done;
    }

    private static function libc(): ?\FFI
    {
        if (! self::$tried) {
            self::$tried = true;
            try {
                self::$libc =
                    PHP_OS_FAMILY === 'Linux' && class_exists(\FFI::class)
                        ? \FFI::cdef(
                            'int open(const char *path, int flags); int close(int fd); int posix_fadvise(int fd, long offset, long '.
                                'length, int advice); int sync_file_range(int fd, long offset, long nbytes, unsigned int flags);',
                        )
                        : null;
            } catch (\Throwable) {
                self::$libc = null;
            }
        }

        return self::$libc;
    }
}
