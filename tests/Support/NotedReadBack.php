<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Copies\ReadBack\ReadBack;
use NorthSatchel\Copies\ReadBack\ReadBackHere;
use NorthSatchel\Copies\ReadBack\Reading;
use NorthSatchel\Volume\Volume;

/** Notes what is asked of it. */
final class NotedReadBack implements ReadBack
{
    /** @var array<string, bool> whether the hash for lists was asked, by path */
    public array $asked = [];

    public bool $isClosed = false;

    private readonly ReadBackHere $here;

    public function __construct(Volume $volume)
    {
        $this->here = new ReadBackHere($volume);
    }

    public function ask(string $path, bool $withDigest): void
    {
        $this->asked[$path] = $withDigest;
        $this->here->ask($path, $withDigest);
    }

    public function answer(float $seconds): ?Reading
    {
        return $this->here->answer($seconds);
    }

    public function isFromMedium(): bool
    {
        return $this->here->isFromMedium();
    }

    public function close(): void
    {
        $this->isClosed = true;
    }
}
