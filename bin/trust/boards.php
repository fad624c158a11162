<?php

declare(strict_types=1);

use App\Devices\BoardReader;
use NorthSatchel\Plan\Boards\BoardCode;
use Tests\Support\BoardPictures;

/** Number boards in so many pictures that are cluttered, turned, dim, soft and askew: how many are read, and that none is read as another. */
function boards(int $runs, int $from): bool
{
    $reader = new BoardReader();
    $right = $wrong = 0;
    for ($seed = $from; $seed < $from + $runs; $seed++) {
        $codes = $reader->codes((new BoardPictures($seed))->harmed(BoardCode::of(8, $seed))) ?? [];
        $numbers = array_filter(array_map(static fn (string $code): ?int => BoardCode::read(8, $code), $codes));
        $right += $numbers === [$seed] ? 1 : 0;
        $wrong += $numbers === [] || $numbers === [$seed] ? 0 : 1;
    }
    $large = BoardPictures::jpeg([BoardCode::of(8, 42)], 6000, 4000);
    $started = microtime(true);
    $isRead = $reader->codes($large) === [BoardCode::of(8, 42)];
    $seconds = microtime(true) - $started;
    printf(
        "%d of %d harmed boards read, %d as another; one in 24 megapixels %s in %.1f s.\n",
        $right,
        $runs,
        $wrong,
        $isRead ? 'read' : 'NOT read',
        $seconds,
    );

    return $wrong === 0 && $right >= 0.95 * $runs && $isRead;
}
