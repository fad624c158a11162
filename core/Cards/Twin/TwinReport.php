<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Picture\FrameKind;

/** Two cards of one body, compared file by file. */
final readonly class TwinReport
{
    public TwinVerdict $verdict;

    /** @param  list<TwinFile>  $files in the order of their paths */
    public function __construct(public array $files)
    {
        $this->verdict = $this->decide();
    }

    /** Raw and jpeg of one name count as one. */
    public function frames(): int
    {
        return count($this->frameNames($this->frameFiles()));
    }

    public function identical(): int
    {
        return count(array_filter($this->files, static fn (TwinFile $f): bool => $f->isIdentical));
    }

    /** @return list<TwinFile> */
    public function onlyInA(): array
    {
        return $this->where(static fn (TwinFile $f): bool => $f->b === null);
    }

    /** @return list<TwinFile> */
    public function onlyInB(): array
    {
        return $this->where(static fn (TwinFile $f): bool => $f->a === null);
    }

    /** @return list<TwinFile> */
    public function different(): array
    {
        return $this->where(static fn (TwinFile $f): bool => $f->differs());
    }

    /** @return list<TwinFile> frame files that are whole on neither side */
    public function lost(): array
    {
        return $this->where(static fn (TwinFile $f): bool => $f->kind() !== null && $f->isLost());
    }

    /** @return list<TwinFile> */
    private function where(\Closure $condition): array
    {
        return array_values(array_filter($this->files, $condition));
    }

    /** @return list<TwinFile> */
    private function frameFiles(): array
    {
        return $this->where(static fn (TwinFile $f): bool => $f->kind() !== null);
    }

    /**
     * @param  list<TwinFile>  $files
     * @return list<string>
     */
    private function frameNames(array $files): array
    {
        return array_values(array_unique(array_map(static fn (TwinFile $f): string => FrameKind::frameOf($f->path), $files)));
    }

    private function decide(): TwinVerdict
    {
        $frames = $this->frameFiles();
        if ($this->lost() !== []) {
            return TwinVerdict::Loss;
        }
        if ($this->identical() === count($this->files)) {
            return TwinVerdict::Twins;
        }
        $onA = array_values(array_filter($frames, static fn (TwinFile $f): bool => $f->a !== null));
        $onB = array_values(array_filter($frames, static fn (TwinFile $f): bool => $f->b !== null));
        if ($frames !== [] && count($onA) + count($onB) === count($frames)) {
            if ($this->isSplit($onA, $onB) || $this->isSplit($onB, $onA)) {
                return TwinVerdict::Split;
            }
            if ($this->goesOn($onA, $onB) || $this->goesOn($onB, $onA)) {
                return TwinVerdict::Overflow;
            }
        }
        foreach ($frames as $file) {
            if (! $file->isIntactSomewhere()) {
                return TwinVerdict::Undecided;
            }
        }

        return TwinVerdict::Repairable;
    }

    /**
     * @param  list<TwinFile>  $raw
     * @param  list<TwinFile>  $jpeg
     */
    private function isSplit(array $raw, array $jpeg): bool
    {
        $names = [$this->frameNames($raw), $this->frameNames($jpeg)];
        sort($names[0]);
        sort($names[1]);

        return self::areAll($raw, FrameKind::Raw) && self::areAll($jpeg, FrameKind::Jpeg) && $names[0] === $names[1];
    }

    /** @param  list<TwinFile>  $files */
    private static function areAll(array $files, FrameKind $kind): bool
    {
        return array_filter($files, static fn (TwinFile $f): bool => $f->kind() !== $kind) === [];
    }

    /**
     * Whether the second card's numbers follow the first's: 0123 → 0124, or 9999 → 0001 in the next
     * folder (CIPA DC-009).
     *
     * @param  list<TwinFile>  $first
     * @param  list<TwinFile>  $second
     */
    private function goesOn(array $first, array $second): bool
    {
        $before = DcfNumber::all($first);
        $after = DcfNumber::all($second);

        return $before !== [] && $after !== [] && max($before)->isFollowedBy(min($after));
    }
}
