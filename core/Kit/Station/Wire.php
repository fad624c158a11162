<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Station;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** The wire from a camera to the disk of a computer: as long as all of it, as fast as its slowest part. */
final readonly class Wire
{
    /** Longest passive cable by standard (USB 2.0: 5 m; faster ones about 3 m and 2 m; from memory). */
    private const LONGEST_M = ['usb 2' => 5.0, 'usb 3' => 3.0, 'usb 3.2' => 2.0, 'usb 4' => 0.8];

    /** Null where no part has its length written down. */
    public ?float $lengthM;

    /** What the standard carries without a repeater; null where no standard of it is known. */
    public ?float $longestM;

    public string $standard;

    /** Null where a part has no rate written down, and without a computer. */
    public ?float $rateMbS;

    /** The part that sets the rate. */
    public string $slowest;

    /** @var list<string> of what the rate is not written down */
    public array $unknown;

    /** @param  non-empty-list<Gear>  $links  the cable, then what it is lengthened or split with */
    public function __construct(public array $links, public ?Gear $computer)
    {
        $lengths = array_filter(array_map(static fn (Gear $g): ?float => $g->number('length_m'), $links));
        $this->lengthM = $lengths === [] ? null : round(array_sum($lengths), 2);
        [$longest, $standard] = [null, ''];
        foreach ($links as $link) {
            $allowed = self::LONGEST_M[mb_strtolower($link->text('standard'))] ?? null;
            if ($allowed !== null && ($longest === null || $allowed < $longest)) {
                [$longest, $standard] = [$allowed, $link->text('standard')];
            }
        }
        [$this->longestM, $this->standard] = [$longest, $standard];
        $rates = [];
        foreach ($links as $link) {
            $rates[] = [$link->label, $link->number('rate_mb_s')];
        }
        if ($computer !== null) {
            $rates[] = ["the disk of {$computer->label}", $computer->number('write_mb_s')];
        }
        $unknown = array_filter($rates, static fn (array $of): bool => ($of[1] ?? 0.0) <= 0.0);
        $this->unknown = array_column($unknown, 0);
        usort($rates, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        [$this->slowest, $least] = $rates[0];
        $this->rateMbS = $unknown !== [] || $computer === null ? null : $least;
    }

    /**
     * The first wire of a bag, or each of them: every cable is lengthened with all extensions and hubs that come along.
     *
     * @param  list<Gear>  $bag
     * @return list<self>
     */
    public static function allOf(array $bag): array
    {
        $wires = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Cable && $g->is('for_tether')));
        $joints = array_values(array_filter($wires, static fn (Gear $g): bool => $g->is('is_joint')));
        $cables = array_values(array_filter($wires, static fn (Gear $g): bool => ! $g->is('is_joint')));
        $computer = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Computer))[0] ?? null;

        return array_map(static fn (Gear $cable): self => new self([$cable, ...$joints], $computer), $cables);
    }

    public function name(): string
    {
        return implode(' with ', array_map(static fn (Gear $g): string => $g->label, $this->links));
    }

    public function isTooLong(): bool
    {
        return $this->longestM !== null && $this->lengthM !== null && $this->lengthM > $this->longestM;
    }

    /** Seconds a frame of so many MB takes; null where a rate, or the size of a frame, is not known. */
    public function seconds(float $frameMb): ?float
    {
        return $this->rateMbS === null || $frameMb <= 0.0 ? null : $frameMb / $this->rateMbS;
    }

    /** @return list<string> what nobody has written down, of all that says how long a frame takes */
    public function openFor(float $frameMb): array
    {
        return [
            ...array_map(static fn (string $part): string => "the rate of {$part}", $this->unknown),
            ...$this->computer === null ? ['which computer it goes into'] : [],
            ...$frameMb > 0.0 ? [] : ['how large a frame of the camera is'],
        ];
    }
}
