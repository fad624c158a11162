<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Picture\PictureState;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/**
 * Compares the two cards of one body, names and contents, and says which side of a difference is
 * whole: by decoding, by structure, by a digest the file carries, and by length.
 */
final class TwinCheck
{
    private const PIECE = 1 << 20;

    /** Pictures that are the same on both cards are decoded only while that is quick; larger ones are judged by structure. */
    private const DECODE_TWINS_UP_TO = 4_000_000;

    /** @param  \Closure(int, int, string): void|null  $onFile files done, files in all, path */
    public function __construct(
        private readonly Volume $a,
        private readonly Volume $b,
        private readonly ?\Closure $onFile = null,
    ) {}

    /** @throws UnableToRead when a card cannot be listed */
    public function report(): TwinReport
    {
        $onA = $this->files($this->a);
        $onB = $this->files($this->b);
        $paths = array_map(strval(...), array_keys($onA + $onB));
        sort($paths, SORT_STRING);
        $files = [];
        foreach ($paths as $index => $path) {
            $files[] = match (true) {
                ! isset($onB[$path]) => $this->alone($path, $this->a, isOnA: true),
                ! isset($onA[$path]) => $this->alone($path, $this->b, isOnA: false),
                default => $this->pair($path, $onA[$path], $onB[$path]),
            };
            if ($this->onFile !== null) {
                ($this->onFile)($index + 1, count($paths), $path);
            }
        }

        return new TwinReport($files);
    }

    /** @return array<string, int> bytes + 1 by path, links and special files left out */
    private function files(Volume $card): array
    {
        $files = [];
        foreach ($card->entries() as $entry) {
            if ($entry->kind === EntryKind::Folder) {
                throw UnableToRead::fromPath($entry->path, 'the folder cannot be looked into');
            }
            if ($entry->kind === EntryKind::File) {
                $files[$entry->path] = $entry->bytes + 1;
            }
        }

        return $files;
    }

    private function alone(string $path, Volume $card, bool $isOnA): TwinFile
    {
        [$side, $why] = $this->sideOfOne($path, $card);

        return $isOnA
            ? new TwinFile($path, $side, null, isIdentical: false, whyA: $why)
            : new TwinFile($path, null, $side, isIdentical: false, whyB: $why);
    }

    private function pair(string $path, int $sizeA, int $sizeB): TwinFile
    {
        try {
            if ($sizeA === $sizeB && $this->commonBytes($path) === $sizeA - 1) {
                [$side, $why] = $this->sideOfOne($path, $this->a, isTwice: true);

                return new TwinFile($path, $side, $side, isIdentical: true, whyA: $why, whyB: $why);
            }
        } catch (UnableToRead) {
            // The inspection below says which side it was.
        }
        if (FrameKind::of($path) === null) {
            return new TwinFile($path, Side::Unknown, Side::Unknown, isIdentical: false, whyA: 'no picture', whyB: 'no picture');
        }
        [$stateA, $whyA] = PictureInspector::judge($this->a, $path);
        [$stateB, $whyB] = PictureInspector::judge($this->b, $path);
        [$a, $b] = $this->weigh($stateA, $stateB);
        if ($a === Side::Unknown && $b === Side::Unknown && $sizeA !== $sizeB && $this->isPrefix($path, min($sizeA, $sizeB) - 1)) {
            [$a, $b] = $sizeA < $sizeB ? [Side::Damaged, Side::Intact] : [Side::Intact, Side::Damaged];
            $short = 'it stops where the other goes on';
            [$whyA, $whyB] = $sizeA < $sizeB ? [$short, null] : [null, $short];
        }

        return new TwinFile($path, $a, $b, isIdentical: false, whyA: $whyA, whyB: $whyB);
    }

    /**
     * Two files that differ cannot both be what the camera wrote. A carried digest proves one; else
     * two that decode leave both unknown.
     *
     * @return array{Side, Side}
     */
    private function weigh(PictureState $a, PictureState $b): array
    {
        if ($a === PictureState::Damaged || $b === PictureState::Damaged) {
            return [self::besideDamage($a), self::besideDamage($b)];
        }
        if (($a === PictureState::Proved) !== ($b === PictureState::Proved)) {
            return $a === PictureState::Proved ? [Side::Intact, Side::Unknown] : [Side::Unknown, Side::Intact];
        }

        return [Side::Unknown, Side::Unknown];
    }

    private static function besideDamage(PictureState $state): Side
    {
        return match ($state) {
            PictureState::Damaged => Side::Damaged,
            PictureState::Unknown => Side::Unknown,
            default => Side::Intact,
        };
    }

    /** @return array{Side, string|null} a file with nothing that differs from it: intact unless something speaks against it */
    private function sideOfOne(string $path, Volume $card, bool $isTwice = false): array
    {
        if (FrameKind::of($path) === null) {
            return [Side::Intact, null];
        }
        [$state, $why] = PictureInspector::judge($card, $path, $isTwice ? self::DECODE_TWINS_UP_TO : null);

        return [$state === PictureState::Damaged ? Side::Damaged : Side::Intact, $why];
    }

    /** How many bytes agree from the start on, counted in whole pieces once they differ. */
    private function commonBytes(string $path): int
    {
        $a = $this->a->open($path);
        $b = $this->b->open($path);
        $common = 0;
        try {
            while (($piece = $a->read(self::PIECE)) !== '') {
                if ($piece !== $b->read(self::PIECE)) {
                    return $common;
                }
                $common += strlen($piece);
            }

            return $common;
        } finally {
            $a->close();
            $b->close();
        }
    }

    private function isPrefix(string $path, int $length): bool
    {
        $a = $this->a->open($path);
        $b = $this->b->open($path);
        try {
            for ($at = 0; $at < $length; $at += self::PIECE) {
                $take = max(1, min(self::PIECE, $length - $at));
                if ($a->readAt($at, $take) !== $b->readAt($at, $take)) {
                    return false;
                }
            }

            return true;
        } finally {
            $a->close();
            $b->close();
        }
    }
}
