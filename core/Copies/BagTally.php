<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** What a run found of a bag: what is there, what read back, and what did not. */
final class BagTally
{
    /** @var array<string, true> card paths that read back right in this run */
    public array $readBackRight = [];

    /** What did not read back; unlike a problem it does not keep the rest of the card from being copied here. */
    public ?string $damage = null;

    /** @var array<string, true> card paths of what is there */
    public array $present = [];

    public int $reused = 0;

    /** @var array<string, string> hash by path below the bag, of all that was read in it; known once it was checked */
    private array $contents = [];

    public function damaged(string $cardPath, ?string $why): void
    {
        $this->damage ??=
            Names::printable($cardPath).($why === null ? ' does not read back as it was written' : ' does not read back: '.$why);
        unset($this->present[$cardPath]);
    }

    /**
     * Checks the bag by its lists. What read back right a moment ago is not read a third time; what else lies in it is.
     *
     * @param  \Closure(string): ?FileHash  $expected  by card path
     * @param  (\Closure(int, string): void)|null  $onBytes
     */
    public function check(Volume $bag, \Closure $expected, ?\Closure $onBytes): void
    {
        $known = [];
        foreach ($this->rightPaths() as $path) {
            $known["data/{$path}"] = (string) $expected($path)?->digest;
        }
        try {
            $check = (new BagVerifier($bag, $onBytes, array_filter($known)))->check();
            $this->contents = $check->contents;
            $this->damage = $check->valid ? null : $check->problem();
        } catch (BrokenBag|UnableToRead $e) {
            $this->damage = $e->getMessage();
        }
    }

    /**
     * @param  \Closure(string): ?FileHash  $expected  by card path
     * @param  bool  $isOpen  whether it is an unfinished bag still
     */
    public function report(string $label, \Closure $expected, ?string $problem, bool $isOpen): DestinationReport
    {
        $read = [];
        foreach ($this->rightPaths() as $path) {
            $read[$path] = $expected($path)?->digest;
        }
        $read = array_filter($read, is_string(...));

        return new DestinationReport(
            label: $label,
            verified: $problem === null && $this->damage === null && ! $isOpen,
            files: count($this->present),
            reused: $this->reused,
            hashes: $read,
            contents: array_values($this->contents === [] ? $read : $this->contents),
            problem: $problem ?? $this->damage,
        );
    }

    /** @return list<string> */
    private function rightPaths(): array
    {
        return array_map(strval(...), array_keys($this->readBackRight));
    }
}
