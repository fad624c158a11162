<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Station;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The capture station as it is in the bag: camera, cable with what it is lengthened or split with, computer, two drives; as fast as its slowest. */
final readonly class Station
{
    /** @var list<StationLink> from the camera on */
    public array $links;

    /** @var list<StationLink> beside the wire: what fires the lights, and where others look; without a display the computer shows it */
    public array $beside;

    /** The wire that is drawn: the first cable, with every extension and hub. */
    private ?Wire $wire;

    /** Seconds a frame; null where a rate is not known, or a part is missing. */
    public ?float $secondsAFrame;

    /**
     * @param  list<Gear>  $bag
     * @param  float  $frameMb  of the files of one frame
     */
    public function __construct(array $bag, public float $frameMb)
    {
        $of = static fn (GearKind $kind): array => array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === $kind));
        $wires = array_values(array_filter($of(GearKind::Cable), static fn (Gear $g): bool => $g->is('for_tether')));
        $joints = array_values(array_filter($wires, static fn (Gear $g): bool => $g->is('is_joint')));
        $cables = array_values(array_filter($wires, static fn (Gear $g): bool => ! $g->is('is_joint')));
        $drives = $of(GearKind::Drive);
        $links = [
            self::link('camera', $of(GearKind::Body), null),
            self::link('cable', $cables, 'rate_mb_s'),
            ...array_map(static fn (Gear $g): StationLink => new StationLink('joint', $g, $g->number('rate_mb_s'), 0), $joints),
            self::link('computer', $of(GearKind::Computer), 'write_mb_s'),
            self::link('drive', $drives, 'write_mb_s'),
            new StationLink('second drive', $drives[1] ?? null, ($drives[1] ?? null)?->number('write_mb_s'), max(0, count($drives) - 2)),
        ];
        $triggers = $of(GearKind::Trigger);
        $displays = $of(GearKind::Display);
        $this->beside = [
            ...$triggers === [] ? [] : [self::link('trigger', $triggers, null)],
            ...$displays === [] ? [] : [self::link('display', $displays, null)],
        ];
        // What a frame waits for: the wire and the computer; the drives are written to behind it.
        $this->wire = Wire::allOf($bag)[0] ?? null;
        $least = $this->wire?->rateMbS;
        $this->secondsAFrame = $this->wire?->seconds($frameMb);
        $this->links = array_map(static fn (StationLink $l): StationLink => new StationLink(
            $l->role,
            $l->gear,
            $l->rateMbS,
            $l->spares,
            $least !== null && $l->rateMbS === $least && in_array($l->role, ['cable', 'joint', 'computer'], true),
        ), $links);
    }

    /** @param  list<Gear>  $gear */
    private static function link(string $role, array $gear, ?string $rate): StationLink
    {
        $first = $gear[0] ?? null;

        return new StationLink($role, $first, $rate === null ? null : $first?->number($rate), max(0, count($gear) - ($role === 'drive' ? 2 : 1)));
    }

    /** @param  array<StationLink>  $links */
    private static function names(array $links): string
    {
        return implode(', ', array_map(static fn (StationLink $l): string => $l->label(), $links));
    }

    /** Under which part of the wire one beside it is drawn: a trigger under the camera, a display under the computer. */
    public function under(StationLink $beside): int
    {
        $roles = array_map(static fn (StationLink $l): string => $l->role, $this->links);

        return (int) array_search($beside->role === 'display' ? 'computer' : 'camera', $roles, true);
    }

    /** Whether anything of it is in the bag: a wire, or a computer to shoot into. */
    public function isThere(): bool
    {
        foreach ($this->links as $link) {
            if (in_array($link->role, ['cable', 'computer'], true) && $link->gear !== null) {
                return true;
            }
        }

        return false;
    }

    /** How long a frame takes through the wire that is drawn, or what has to be written down first. */
    public function paceSays(): string
    {
        if ($this->secondsAFrame === null) {
            $open = $this->wire?->openFor($this->frameMb) ?? ['which cable there is'];

            return 'How long a frame takes nobody can say; not written down: '.implode('; ', $open).'.';
        }

        return sprintf(
            '%s MB a frame: %s s until the next can follow, %d a minute at most.',
            round($this->frameMb),
            number_format($this->secondsAFrame, 1),
            floor(60 / $this->secondsAFrame),
        );
    }

    /** Others on a set look at a screen of their own, or stand behind the operator; and colour is not judged on just any. */
    private function display(): ?Verdict
    {
        $display = array_values(array_filter($this->beside, static fn (StationLink $l): bool => $l->role === 'display'))[0] ?? null;

        return match (true) {
            $display === null => Verdict::mind(
                'station.no-display',
                'Nobody but the operator sees the frames large.',
                'No display is in the bag: client and stylist would stand behind the computer. Put one in, or give them the link to the picks.',
            ),
            $display->gear?->is('is_calibrated') !== true => Verdict::mind(
                'station.colour',
                "{$display->label()} is not calibrated.",
                'A client who decides on colour there decides on something else than what is sent.',
            ),
            default => null,
        };
    }

    /** Missing parts, and parts of which there is one only; how fast, the wire's own judge says. */
    public function verdicts(): Verdicts
    {
        if (! $this->isThere()) {
            return new Verdicts();
        }
        $missing = array_filter($this->links, static fn (StationLink $l): bool => $l->gear === null);
        $parts = [...$this->links, ...$this->beside];
        $alone = array_filter($parts, static fn (StationLink $l): bool => $l->gear !== null && $l->spares === 0 && $l->role !== 'display');
        $looked = Looked::at(count($parts), 'part');
        $found = array_values(array_filter([
            $missing === [] ? null : Verdict::fix(
                'station.missing',
                'The station is not whole.',
                ucfirst(self::names($missing)).': camera, cable, computer, a drive by itself and one by hand.',
            ),
            $alone === [] ? null : Verdict::mind(
                'station.no-spare',
                count($alone) === 1 ? reset($alone)->label().' has no spare.' : count($alone).' parts of the station have no spare.',
                self::names($alone).': where one fails, its part of the work waits. A card in the camera goes on while it is mended.',
            ),
            $this->display(),
        ]));

        return new Verdicts($found !== [] || $looked === null ? $found : [Verdict::fine(
            'station.whole',
            'Every part of the station has a spare of its kind.',
            "{$looked->words}: ".self::names($parts).'.',
            $looked,
        )]);
    }
}
