<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;

/** Tries and keepers of each element, and the setups that were struck, by the taps. */
final readonly class ElementCount
{
    /** @var array<int, list<bool>> by element: each try, whether it was good */
    private array $tries;

    /** The element that was tried last; null where none was. */
    private ?int $last;

    /** When something was counted last, Unix seconds; null where nothing was. */
    public ?float $at;

    /** @var array<int, string> by number of the setup: who said so, and why */
    public array $struck;

    public function __construct(TapLog $log)
    {
        $tries = $struck = [];
        $last = $at = null;
        foreach ($log->ofKind(TapKind::Tried, TapKind::Kept, TapKind::Dropped, TapKind::Struck, TapKind::Stands) as $tap) {
            $of = $tap->subject();
            [$last, $at] = $tap->kind === TapKind::Tried || $tap->kind === TapKind::Kept ? [$of, $tap->at] : [$last, $at];
            match ($tap->kind) {
                TapKind::Tried, TapKind::Kept => $tries[$of][] = $tap->kind === TapKind::Kept,
                TapKind::Struck => $struck[$of] = $tap->words('words'),
                TapKind::Stands => $struck = array_diff_key($struck, [$of => true]),
                default => $tries[$of] = array_slice($tries[$of] ?? [], 0, -1),
            };
        }
        $this->tries = $tries;
        $this->struck = $struck;
        $this->last = $last;
        $this->at = $at;
    }

    /** @return array<int, list<bool>> by element: each try, whether it was good */
    public function all(): array
    {
        return array_filter($this->tries);
    }

    public function last(): ?int
    {
        return $this->last;
    }

    /** @return list<int> ids of elements of which something was tapped */
    public function counted(): array
    {
        return array_keys(array_filter($this->tries));
    }

    public function tries(int $element): int
    {
        return count($this->tries[$element] ?? []);
    }

    public function keepers(int $element): int
    {
        return count(array_filter($this->tries[$element] ?? []));
    }

    public function missing(WantedElement $element): int
    {
        return max(0, $element->wanted - $this->keepers($element->id));
    }
}
