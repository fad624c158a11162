<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\ReadBack;

/** Reads files of one volume a second time, from the medium as far as the system allows; answers come in the order asked. */
interface ReadBack
{
    /** @param  bool  $withDigest  also by the hash that lists hold, not by the quick one alone */
    public function ask(string $path, bool $withDigest): void;

    /** The next answer, or null when none came within that time; with 0 it never waits. */
    public function answer(float $seconds): ?Reading;

    /** Whether the system could be told to forget its cache each time. */
    public function isFromMedium(): bool;

    /** What was asked and not answered is given up. */
    public function close(): void;
}
