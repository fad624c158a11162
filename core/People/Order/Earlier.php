<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\ImpossibleValue;

/** Which group must come before which, as bits; what must come before one that must come before it is among them. */
final readonly class Earlier
{
    /**
     * @param  array<int, int>  $before  by group, those that must come before it
     * @param  array<int, int>  $after  by group, those that it must come before
     */
    private function __construct(public array $before, public array $after) {}

    /**
     * @param  list<array{int, int}>  $pairs  indexes of groups, the first earlier
     *
     * @throws ImpossibleValue when they run in a circle
     */
    public static function of(int $count, array $pairs): self
    {
        $before = $after = $count === 0 ? [] : array_fill(0, $count, 0);
        foreach ($pairs as [$first, $then]) {
            $before[$then] |= 1 << $first;
            $after[$first] |= 1 << $then;
        }
        $done = 0;
        do {
            $was = $done;
            foreach ($before as $group => $needed) {
                if (($needed & ~$done) === 0 && ($done >> $group & 1) === 0) {
                    $done |= 1 << $group;
                    foreach ($before as $earlier => $of) {
                        $before[$group] |= ($needed >> $earlier & 1) === 1 ? $of : 0;
                    }
                }
            }
        } while ($done !== $was);
        if ($done !== (1 << $count) - 1) {
            throw ImpossibleValue::of('before', 'must not run in a circle');
        }
        foreach ($before as $then => $needed) {
            foreach ($before as $first => $ignored) {
                $after[$first] |= ($needed >> $first & 1) === 1 ? 1 << $then : 0;
            }
        }

        return new self($before, $after);
    }

    /** @param  list<int>  $order */
    public function isKept(array $order): bool
    {
        $done = 0;
        foreach ($order as $group) {
            if (($this->before[$group] & ~$done) !== 0) {
                return false;
            }
            $done |= 1 << $group;
        }

        return true;
    }
}
