<?php

declare(strict_types=1);

namespace App\Devices;

use App\Devices\StandIn\StandInCamera;
use App\Devices\StandIn\StandInDrive;
use App\Models\Body;
use App\Models\Card;
use App\Models\Destination;
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
            throw FolderNotAllowed::absent($card->item->label);
        }

        return LocalVolume::at(AllowedRoots::now()->folder($card->folder));
    }

    /** @throws FolderNotAllowed */
    public static function destination(Destination $destination): LocalVolume
    {
        $folder = AllowedRoots::now()->folder($destination->folder);

        return self::isStandIn($folder) ? StandInDrive::plugIn($folder) : LocalVolume::at($folder);
    }

    /**
     * A bag to be written there, read back by a process of its own.
     *
     * @throws FolderNotAllowed
     */
    public static function bag(Destination $destination, string $name): DestinationBag
    {
        $volume = self::destination($destination);

        return new DestinationBag($volume, $destination->name, $name, new ReadBackBeside($volume));
    }

    /**
     * What tells one device from another: two folders on one disk are one device.
     *
     * @throws FolderNotAllowed
     */
    public static function deviceOf(Destination $destination): string
    {
        $folder = AllowedRoots::now()->folder($destination->folder);
        if (self::isStandIn($folder)) {
            return 'stand-in '.basename($folder);
        }
        $stat = stat($folder);

        return 'device '.($stat === false ? $folder : $stat['dev']);
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
