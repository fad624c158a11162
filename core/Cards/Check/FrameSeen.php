<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Cards\Twin\DcfNumber;
use NorthSatchel\Picture\FrameKind;

/** A frame as it stands on a card in a body. */
final readonly class FrameSeen
{
    /**
     * @param  int|null  $clock  what the body's own clock showed, seconds; null without Exif
     * @param  int  $zoneS  how far that clock is meant to be ahead of UTC
     * @param  string|null  $hash  null when the card held too much to be read for a check
     */
    public function __construct(
        public string $path,
        public FrameKind $kind,
        public ?int $clock,
        public int $zoneS,
        public ?string $serial,
        public ?string $hash,
    ) {}

    /**
     * Sorts as the camera counted: folder, number, then name.
     *
     * @return array{int, int, string}
     */
    public function order(): array
    {
        $dcf = DcfNumber::of($this->path);

        return [$dcf->folder ?? 0, $dcf->number ?? 0, $this->path];
    }

    /** @return array{path: string, kind: string, clock: int|null, zone: int, serial: string|null, hash: string|null} */
    public function row(): array
    {
        return [
            'path' => $this->path,
            'kind' => $this->kind->value,
            'clock' => $this->clock,
            'zone' => $this->zoneS,
            'serial' => $this->serial,
            'hash' => $this->hash,
        ];
    }

    /** @param  array{path: string, kind: string, clock: int|null, zone: int, serial: string|null, hash: string|null}  $row */
    public static function ofRow(array $row): self
    {
        return new self($row['path'], FrameKind::from($row['kind']), $row['clock'], $row['zone'], $row['serial'], $row['hash']);
    }
}
