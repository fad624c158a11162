<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Some;

/** The files that stand against a permit, and their names in words. */
final class UnsafeFiles
{
    /**
     * @param  \Closure(FileProof): bool  $is
     * @return list<FileProof> of those that are not safe, and neither given up nor odd
     */
    public static function of(PermitQuestion $q, \Closure $is): array
    {
        return array_values(array_filter($q->proof->unsafe(), static fn (FileProof $f): bool => $f->file->whyNot === null && $is($f)));
    }

    /** @param  list<string>  $names */
    public static function named(array $names): string
    {
        return Some::of(array_map(basename(...), $names), 3);
    }
}
