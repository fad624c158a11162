<?php

declare(strict_types=1);

namespace App\Devices;

use App\Devices\StandIn\StandInCamera;
use App\Devices\StandIn\StandInDrive;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Copies\DestinationBag;

/** From what is stored to the thing itself: cards and drives as volumes, stand-in bodies. */
final class Devices
{
    /**
     * The card as it is mounted now.
     *
     * @throws FolderNotAllowed when it has no folder, or one that is gone or not allowed
     */
    public static function card(Card $card): LocalVolume
    {
        if ($card->folder === null) {
            throw FolderNotAllowed::notMounted($card->item->label);
        }

        return LocalVolume::at(AllowedRoots::now()->folder($card->folder));
    }

    /** @throws FolderNotAllowed */
    public static function destination(Destination $destination): LocalVolume
    {
        $folder = AllowedRoots::now()->folder($destination->folder);
        $mark = $destination->mark === null ? null : PlaceMark::read($folder);
        if ($destination->mark !== $mark) {
            throw FolderNotAllowed::away($destination->name, $folder, $mark !== null);
        }

        return self::isStandIn($folder) ? StandInDrive::plugIn($folder) : LocalVolume::at($folder);
    }

    /**
     * A place that is about to be written to: no card, and known again by the mark that is left on it.
     *
     * @throws FolderNotAllowed
     */
    public static function placeForCopies(Destination $destination): LocalVolume
    {
        $volume = self::destination($destination);
        $why = (new PlaceRule())->against($volume->root(), self::cardFolders());
        if ($why !== null) {
            throw FolderNotAllowed::noPlace($destination->name, $why);
        }
        if ($destination->mark === null) {
            $destination->update(['mark' => PlaceMark::leave($volume->root())]);
        }

        return $volume;
    }

    /** @return array<string, string> where cards are mounted, by their names */
    public static function cardFolders(): array
    {
        $folders = [];
        foreach (Card::query()->with('item')->whereNotNull('folder')->get() as $card) {
            $real = realpath((string) $card->folder);
            if ($real !== false) {
                $folders[$card->item->label] = $real;
            }
        }

        return $folders;
    }

    /**
     * A bag to be written there, read back by a process of its own.
     *
     * @throws FolderNotAllowed
     */
    public static function bag(Destination $destination, string $name): DestinationBag
    {
        $volume = self::placeForCopies($destination);

        return new DestinationBag(
            $volume,
            $destination->name,
            $name,
            config('satchel.reads_beside') === true ? new ReadBackBeside($volume) : null,
        );
    }

    /**
     * What tells one medium from another, also when it is plugged in again: partitions of one disk are one.
     *
     * @throws FolderNotAllowed
     */
    public static function mediumOf(Destination $destination): Medium
    {
        $folder = AllowedRoots::now()->folder($destination->folder);
        $disks = self::isStandIn($folder) ? ['stand-in '.StandInDrive::diskOf($folder)] : (new DiskBehind())->of($folder)->lasting ?? [];

        return $destination->medium_said === null ? Medium::found($disks) : Medium::said($destination->medium_said, $disks);
    }

    public static function camera(Body $body): StandInCamera
    {
        return StandInCamera::of(self::standIns(), $body->serial);
    }

    public static function isStandIn(string $folder): bool
    {
        $root = realpath(self::standIns());

        return $root !== false && str_starts_with($folder, $root.'/');
    }

    public static function standIns(): string
    {
        $root = (string) config('satchel.standins');
        if (! is_dir($root)) {
            mkdir($root, 0777, true);
        }

        return $root;
    }
}
