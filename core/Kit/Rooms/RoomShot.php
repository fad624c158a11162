<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Exposure\Bracket;
use NorthSatchel\Optics\CornerFit;
use NorthSatchel\Optics\Diffraction;
use NorthSatchel\Optics\Sensor;

/** How a room is taken from its corner: which lens takes it in, at what stop, focused where, in which bracket. */
final readonly class RoomShot
{
    /** From where on it is wanted sharp. */
    private const NEAR_M = 1.0;

    /** The camera's eye in a room, level (common practice, no source). */
    public const HEIGHT_M = 1.3;

    public ?CornerFit $fit;

    public ?Diffraction $depth;

    public ?Bracket $bracket;

    /** @param  float|null  $widestMm  the shortest focal length along, as on full format */
    public function __construct(public Room $room, public ?float $widestMm)
    {
        $isRoom = $room->widthM !== null && $room->lengthM !== null;
        $this->fit = $isRoom
            ? CornerFit::of($widestMm ?? Sensor::FULL_WIDTH_MM, Sensor::FULL_WIDTH_MM, $room->widthM, $room->lengthM)
            : null;
        $this->depth = $isRoom && $widestMm !== null
            ? Diffraction::of($widestMm, self::NEAR_M, max(self::NEAR_M, hypot($room->widthM, $room->lengthM)))
            : null;
        $this->bracket = $room->windowEv !== null && $room->roomEv !== null ? Bracket::of($room->windowEv, $room->roomEv) : null;
    }

    /** Whether the lens takes in the whole room from its corner; null where that is not known. */
    public function isWhole(): ?bool
    {
        return $this->fit === null || $this->widestMm === null ? null : $this->fit->missingDeg() <= 0.0;
    }

    public function says(): string
    {
        if ($this->room->facesDeg !== null) {
            return '';
        }
        if ($this->fit === null || $this->widestMm === null) {
            return $this->fit === null ? 'its size is not typed' : 'no lens is on the list';
        }

        return $this->isWhole() === true
            ? round($this->widestMm).' mm takes in the whole room from the corner'
            : round($this->widestMm).' mm misses '.ceil($this->fit->missingDeg()).'°: '.number_format($this->fit->focalForCornerMm, 1).
                ' mm would do; from the door, or two pictures shifted';
    }

    /** Stop and focus; in a room one stops down no farther than diffraction allows. */
    public function focusSays(): string
    {
        return $this->depth === null
            ? ''
            : 'f/'.max(8, $this->depth->bestStop).', focus '.number_format($this->depth->focusM, 1).' m';
    }
}
