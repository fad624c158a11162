<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use NorthSatchel\Remedy;

/** What brings one more copy of a load: the drives at hand, one that sleeps elsewhere, or a drive that is not there yet. */
final readonly class NextCopy
{
    private const ELSEWHERE = 'elsewhere';

    public function __construct(private CopiesDesk $copies, private Places $places) {}

    public function of(GridRow $row): Remedy
    {
        $far = $this->lacking($row, true);

        return match (true) {
            $this->lacking($row, false) !== null => new Remedy('copy.start', 'Copy it to the drives', ['card' => $row->card->id]),
            $far !== null => self::to($far),
            default => new Remedy('folders.open', 'Add a drive, or say which disk is which'),
        };
    }

    /** The same where one of them has to sleep elsewhere. */
    public function elsewhere(GridRow $row): Remedy
    {
        $far = $this->lacking($row, true);

        return $far === null ? new Remedy('folders.open', 'Add a drive that sleeps elsewhere') : self::to($far);
    }

    private static function to(Destination $place): Remedy
    {
        return new Remedy('copy.to', "Copy to {$place->name}", ['destination' => $place->id]);
    }

    /** A place of ours that does not hold it, on a disk that holds no copy of it. */
    private function lacking(GridRow $row, bool $isElsewhere): ?Destination
    {
        $has = static fn (Destination $d): bool => ($row->cells[$d->id] ?? null) === CopyState::Verified;
        $holding = $this->copies->destinations()->filter($has);

        return $this->copies->ours()->first(
            fn (Destination $d): bool => ($d->kept === self::ELSEWHERE) === $isElsewhere && ! $has($d) &&
                ! $holding->contains(fn (Destination $h): bool => $this->places->areOne($h, $d)),
        );
    }
}
