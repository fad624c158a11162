<?php

declare(strict_types=1);

namespace App\Devices;

/** The system's cache of file pages (posix_fadvise, POSIX.1-2001). */
final class PageCache
{
    private const DONT_NEED = 4;

    private static ?\FFI $libc = null;

    private static bool $tried = false;

    /** False where the system or PHP offers no way; the read-back then may come from memory. */
    public static function forget(string $full): bool
    {
        $libc = self::libc();
        if ($libc === null) {
            return false;
        }
        /** @phpstan-ignore method.notFound */
        $descriptor = $libc->open($full, 0);
        if ($descriptor < 0) {
            return false;
        }
        /** @phpstan-ignore method.notFound */
        $done = $libc->posix_fadvise($descriptor, 0, 0, self::DONT_NEED) === 0;
        /** @phpstan-ignore method.notFound */
        $libc->close($descriptor);

        return $done;
    }

    private static function libc(): ?\FFI
    {
        if (! self::$tried) {
            self::$tried = true;
            try {
                self::$libc = PHP_OS_FAMILY === 'Linux' && class_exists(\FFI::class)
                    ? \FFI::cdef('int open(const char *path, int flags); int close(int fd); int posix_fadvise(int fd, long offset, long length, int advice);')
                    : null;
            } catch (\Throwable) {
                self::$libc = null;
            }
        }

        return self::$libc;
    }
}
