<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\ReadBack;

use NorthSatchel\Copies\DestinationBag;

/**
 * The second pass of a copy: all that lies at each destination is read back while the first pass goes on, some way behind it.
 *
 * What was written must read back by the quick hash of the first pass; one destination of each file, in turn, also
 * gives the hash for the lists, which counts only where the quick ones agree.
 */
final class SecondPass
{
    /**
     * Bytes by which reading back stays behind writing, so that a drive's own memory does not answer for its medium: about
     * what a portable drive has (common practice, no source).
     */
    public const BEHIND = 256 << 20;

    /** So many files are asked for ahead: the medium works on the next while one is hashed. */
    private const AHEAD = 4;

    private const PATIENCE_S = 0.25;

    /** @var array<int, list<array{path: string, at: int, digest: bool}>> by bag, in the order written */
    private array $due = [];

    /** @var array<int, list<string>> card paths asked of each bag */
    private array $asked = [];

    /** @var array<int, int> bytes written to each bag in this run */
    private array $written = [];

    private int $turn = 0;

    /**
     * @param  list<DestinationBag>  $bags
     * @param  \Closure(int, string): void  $onBytes  bytes read back, file
     */
    public function __construct(private readonly array $bags, private readonly \Closure $onBytes)
    {
        foreach (array_keys($bags) as $index) {
            $this->due[$index] = $this->asked[$index] = [];
            $this->written[$index] = 0;
        }
    }

    /** @param  list<int>  $at  the bags that hold the file now */
    public function add(string $cardPath, int $bytes, array $at): void
    {
        $gives = $at === [] ? null : $at[$this->turn++ % count($at)];
        foreach ($at as $index) {
            $this->written[$index] += $bytes;
            $hasDigest = $this->bags[$index]->expected($cardPath)?->digest !== null;
            $this->due[$index][] = ['path' => $cardPath, 'at' => $this->written[$index], 'digest' => $hasDigest || $index === $gives];
        }
        $this->goOn();
    }

    /** Takes the answers that are there and asks for what is due; never waits. */
    public function goOn(int $behind = self::BEHIND): void
    {
        foreach (array_keys($this->bags) as $index) {
            while ($this->take($index, 0.0));
            $this->askForDue($index, $behind);
        }
    }

    /** Waits until everything was read back, and every list has its hashes. */
    public function finish(): void
    {
        do {
            $this->drain();
            foreach ($this->bags as $index => $bag) {
                $missing = $bag->isLost() ? [] : $bag->withoutDigest();
                if ($missing !== []) {
                    $this->due[$index] = array_map(
                        static fn (string $path): array => ['path' => $path, 'at' => 0, 'digest' => true],
                        $missing,
                    );
                    break;
                }
            }
        } while ($this->isOpen());
    }

    private function drain(): void
    {
        while ($this->isOpen()) {
            $this->goOn(behind: 0);
            foreach (array_keys($this->bags) as $index) {
                if ($this->asked[$index] !== [] && ! $this->take($index, self::PATIENCE_S)) {
                    ($this->onBytes)(0, $this->asked[$index][0]);
                }
            }
        }
    }

    private function isOpen(): bool
    {
        return array_filter($this->due) !== [] || array_filter($this->asked) !== [];
    }

    private function askForDue(int $index, int $behind): void
    {
        if ($this->bags[$index]->isLost()) {
            $this->due[$index] = [];
        }
        while (
            count($this->asked[$index]) < self::AHEAD &&
            $this->due[$index] !== [] &&
            $behind <= $this->written[$index] - $this->due[$index][0]['at']
        ) {
            ['path' => $path, 'digest' => $withDigest] = array_shift($this->due[$index]);
            $this->bags[$index]->readBack->ask($this->bags[$index]->pathOf($path), $withDigest);
            $this->asked[$index][] = $path;
        }
    }

    /** @return bool whether there was an answer */
    private function take(int $index, float $seconds): bool
    {
        $reading = $this->asked[$index] === [] ? null : $this->bags[$index]->readBack->answer($seconds);
        if ($reading === null) {
            return false;
        }
        $path = (string) array_shift($this->asked[$index]);
        if ($this->bags[$index]->judge($path, $reading) && $reading->hash->digest !== null) {
            foreach ($this->bags as $bag) {
                $bag->learn($path, $reading->hash);
            }
        }
        ($this->onBytes)($reading->bytes, $path);

        return true;
    }
}
