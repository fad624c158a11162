<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\ReadBack;

use NorthSatchel\Volume\Volume;

/** Reads back in this process, through the volume itself, when it is waited for. */
final class ReadBackHere implements ReadBack
{
    /** @var list<array{string, bool}> */
    private array $asked = [];

    private ?string $called = null;

    private bool $isFromMedium = true;

    public function __construct(private readonly Volume $volume) {}

    public function ask(string $path, bool $withDigest): void
    {
        $this->asked[] = [$path, $withDigest];
    }

    public function answer(float $seconds): ?Reading
    {
        if ($seconds <= 0.0 || $this->asked === []) {
            return null;
        }
        [$path, $withDigest] = array_shift($this->asked);
        if ($this->called !== $path) {
            $this->callFromMedium($path);
        }
        // The next one comes from the medium while this one is hashed.
        if ($this->asked !== []) {
            $this->callFromMedium($this->asked[0][0]);
        }

        return Reading::of($this->volume, $path, $withDigest);
    }

    public function isFromMedium(): bool
    {
        return $this->isFromMedium;
    }

    public function close(): void
    {
        $this->asked = [];
    }

    private function callFromMedium(string $path): void
    {
        $this->called = $path;
        $this->isFromMedium = $this->volume->forgetCached($path) && $this->isFromMedium;
    }
}
