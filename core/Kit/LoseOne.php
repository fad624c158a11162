<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/**
 * What breaks when a thing is gone. A thing is usable when another usable thing gives each capability that it
 * requires: the largest such set. A need is met when enough usable things give its capability.
 */
final class LoseOne
{
    /** @var array<string, list<string>> by capability, the things that require it */
    private array $requiring = [];

    /** @var array<string, true> usable when nothing is lost */
    private array $usable;

    /** @var array<string, int> usable givers by capability when nothing is lost */
    private array $givers = [];

    /** @var list<string> needs met when nothing is lost */
    public readonly array $met;

    /** @var list<string> */
    public readonly array $unmet;

    /**
     * @param  array<string, LosableThing>  $things  by id
     * @param  array<string, CountedNeed>  $needs  by id
     */
    public function __construct(private readonly array $things, private readonly array $needs)
    {
        foreach ($things as $id => $thing) {
            foreach ($thing->requires as $capability) {
                $this->requiring[$capability][] = (string) $id;
            }
            foreach ($thing->gives as $capability) {
                $this->givers[$capability] = ($this->givers[$capability] ?? 0) + 1;
            }
        }
        $this->usable = array_fill_keys(array_map(strval(...), array_keys($things)), true);
        $stuck = array_values(
            array_filter(array_map(strval(...), array_keys($things)), fn (string $id): bool => ! $this->works($id, $this->givers)),
        );
        foreach ($this->fallOut($stuck, $this->usable, $this->givers) as $id) {
            unset($this->usable[$id]);
        }
        $this->givers = $this->countGivers();
        $met = $unmet = [];
        foreach ($needs as $id => $need) {
            if (($this->givers[$need->capability] ?? 0) >= $need->count) {
                $met[] = (string) $id;
            } else {
                $unmet[] = (string) $id;
            }
        }
        $this->met = $met;
        $this->unmet = $unmet;
    }

    /**
     * Each thing whose loss leaves a met need unmet; with two losses each pair too that breaks more than its two
     * things alone.
     *
     * @return list<LostItems>
     */
    public function breaks(int $losses = 1): array
    {
        $ids = array_values(
            array_map(strval(...), array_keys(array_filter($this->things, static fn (LosableThing $t): bool => $t->canBeLost))),
        );
        $alone = $breaks = [];
        foreach ($ids as $id) {
            $alone[$id] = $this->without([$id]);
            if ($alone[$id] !== []) {
                $breaks[] = new LostItems(items: [$id], needs: $alone[$id]);
            }
        }
        if ($losses < 2) {
            return $breaks;
        }
        foreach ($ids as $i => $one) {
            for ($j = $i + 1; $j < count($ids); $j++) {
                $both = $this->without([$one, $ids[$j]]);
                if (array_diff($both, $alone[$one], $alone[$ids[$j]]) !== []) {
                    $breaks[] = new LostItems(items: [$one, $ids[$j]], needs: $both);
                }
            }
        }

        return $breaks;
    }

    /**
     * The met needs that are unmet once these are gone, in the order of the needs.
     *
     * @param  list<string>  $lost
     * @return list<string>
     */
    public function without(array $lost): array
    {
        $lost = array_values(array_filter(array_unique($lost), fn (string $id): bool => isset($this->usable[$id])));
        $givers = $this->givers;
        $this->fallOut($lost, $this->usable, $givers);
        $broken = [];
        foreach ($this->met as $id) {
            $need = $this->needs[$id];
            if ($givers[$need->capability] < $need->count) {
                $broken[] = $id;
            }
        }

        return $broken;
    }

    public function isUsable(string $id): bool
    {
        return isset($this->usable[$id]);
    }

    /**
     * Takes things out, and then whatever no longer works without them.
     *
     * @param  list<string>  $out
     * @param  array<string, true>  $usable
     * @param  array<string, int>  $givers  counted down
     * @return list<string> all that fell out
     */
    private function fallOut(array $out, array $usable, array &$givers): array
    {
        $gone = array_fill_keys($out, true);
        for ($i = 0; $i < count($out); $i++) {
            foreach ($this->things[$out[$i]]->gives as $capability) {
                $left = --$givers[$capability];
                // With one giver left, that giver itself may be the one that has lost what it requires.
                if ($left > 1) {
                    continue;
                }
                foreach ($this->requiring[$capability] ?? [] as $id) {
                    if (isset($usable[$id]) && ! isset($gone[$id]) && ! $this->works($id, $givers)) {
                        $gone[$id] = true;
                        $out[] = $id;
                    }
                }
            }
        }

        return $out;
    }

    /** @param  array<string, int>  $givers */
    private function works(string $id, array $givers): bool
    {
        $thing = $this->things[$id];
        foreach ($thing->requires as $capability) {
            if (($givers[$capability] ?? 0) - (in_array($capability, $thing->gives, true) ? 1 : 0) < 1) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, int> */
    private function countGivers(): array
    {
        $givers = array_fill_keys(array_column($this->needs, 'capability'), 0);
        foreach (array_keys($this->usable) as $id) {
            foreach ($this->things[$id]->gives as $capability) {
                $givers[$capability] = ($givers[$capability] ?? 0) + 1;
            }
        }

        return $givers;
    }
}
