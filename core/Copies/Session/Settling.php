<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Session;

use NorthSatchel\Picture\PictureState;

/**
 * When a file that another program writes is whole: its length and its time stood still long enough. How long is enough depends on what the
 * content says of itself: a picture with its end needs no patience, one that is cut short may be written on after a pause.
 */
final class Settling
{
    /** Long enough for any file to be looked into. */
    public const LEAST_S = 0.6;

    private const UNKNOWN_S = 3.0;

    private const CUT_SHORT_S = 20.0;

    /** @var array<string, array{int, int, float}> by path: bytes, modified at, since when both are so */
    private array $seen = [];

    /** Seconds for which it has not changed, by the looks so far. */
    public function still(string $path, int $bytes, int $modifiedAt, float $now): float
    {
        [$hadBytes, $hadTime, $since] = $this->seen[$path] ?? [-1, -1, $now];
        if ($hadBytes !== $bytes || $hadTime !== $modifiedAt) {
            $since = $now;
        }
        $this->seen[$path] = [$bytes, $modifiedAt, $since];

        return $now - $since;
    }

    public function forget(string $path): void
    {
        unset($this->seen[$path]);
    }

    /** @param  PictureState|null  $state  null of what is no picture */
    public static function enoughS(?PictureState $state): float
    {
        return match ($state) {
            PictureState::Proved, PictureState::Intact => self::LEAST_S,
            PictureState::Damaged => self::CUT_SHORT_S,
            default => self::UNKNOWN_S,
        };
    }
}
