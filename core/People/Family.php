<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/** The tree that the lines of a family make, looked at from the couple. */
final class Family
{
    /** @var array<string, Relative> by name in lower case */
    private array $people = [];

    private Links $links;

    /** @var list<Unclear> names in the lines of which nobody can tell whom they mean; nothing is made of them */
    public readonly array $unclear;

    public readonly Names $names;

    /**
     * @param  list<Relative>  $people
     *
     * @throws ImpossibleValue for somebody who is their own ancestor
     */
    public function __construct(array $people)
    {
        $read = ResolvedNames::of($people);
        [$this->names, $this->unclear, $this->people] = [$read->names, $read->unclear, $read->people];
        $this->links = new Links;
        foreach ($this->people as $person) {
            foreach ($person->relations as $relation) {
                $this->links->add($relation->kind, $person->name, $relation->of);
            }
        }
        foreach ($people as $person) {
            $this->refuseCircle($person->name);
        }
        foreach ($this->couple() as $one) {
            $two = CoParents::of($this, $one);
            foreach ([...$two === [] ? [] : [new NamePair($two[0]->name, $two[1]->name)], ...StepParents::of($this, $one)] as $pair) {
                foreach ([$pair->one => $pair->other, $pair->other => $pair->one] as $name => $partner) {
                    $key = mb_strtolower((string) $name);
                    $this->people[$key] = $this->people[$key]->withPartner($partner);
                }
                $this->links->add('partner', $pair->one, $pair->other);
            }
        }
    }

    /** @var array<string, true> by name: who leaves before all groups are taken */
    private array $hurrying = [];

    /**
     * The same family, some of whom leave before all groups are taken.
     *
     * @param  list<string>  $names
     */
    public function hurrying(array $names): self
    {
        $same = clone $this;
        $same->hurrying = array_fill_keys($names, true);

        return $same;
    }

    /** Whether somebody is there for the ceremony only, or leaves before all groups are taken. */
    public function isHurried(string $name): bool
    {
        return isset($this->hurrying[$name]) || ($this->person($name)->isForCeremonyOnly ?? false);
    }

    /** @return list<Relative> */
    public function people(): array
    {
        return array_values($this->people);
    }

    /** @return list<Relative> who can be called: without who does not come and, where two marry, who is there for the work */
    public function guests(): array
    {
        $out = $this->couple() === [] ? [Attendance::Absent] : [Attendance::Absent, Attendance::Works];

        return array_values(array_filter($this->people, static fn (Relative $r): bool => ! in_array($r->attendance, $out, true)));
    }

    /** @return list<string> names of the list of whom that is so */
    public function named(Attendance $attendance): array
    {
        $are = array_filter($this->people, static fn (Relative $r): bool => $r->attendance === $attendance);

        return array_values(array_map(static fn (Relative $r): string => $r->name, $are));
    }

    /** By the name as the list has it. */
    public function person(string $name): ?Relative
    {
        return $this->people[mb_strtolower($name)] ?? null;
    }

    /** @return list<string> the names of the two */
    public function couple(): array
    {
        return array_values(
            array_map(
                static fn (Relative $r): string => $r->name,
                array_filter($this->people, static fn (Relative $r): bool => $r->isOfTheCouple),
            ),
        );
    }

    /** @return list<string> */
    public function parentsOf(string $name): array
    {
        return $this->present($this->links->of('parent', $name));
    }

    /** @return list<string> theirs, and the parents of their parents */
    public function grandparentsOf(string $name): array
    {
        $found = $this->links->of('grandparent', $name);
        foreach ($this->links->of('parent', $name) as $parent) {
            $found = [...$found, ...$this->links->of('parent', $parent)];
        }

        return $this->present(array_values(array_unique($found)));
    }

    /** @return list<string> those named so, and who has a parent in common */
    public function siblingsOf(string $name): array
    {
        $found = $this->links->of('sibling', $name);
        foreach ($this->links->of('parent', $name) as $parent) {
            $found = [...$found, ...$this->childrenOf($parent)];
        }
        $others = array_filter(array_unique($found), static fn (string $n): bool => mb_strtolower($n) !== mb_strtolower($name));

        return $this->present(array_values($others));
    }

    /** @return list<string> */
    public function childrenOf(string $name): array
    {
        return $this->present($this->links->of('child', $name));
    }

    /** @return list<string> those named so, and the brothers, sisters and wider family of the parents */
    public function wideOf(string $name): array
    {
        $found = $this->links->of('wide', $name);
        $parents = $this->links->of('parent', $name);
        foreach ($parents as $parent) {
            $found = [...$found, ...$this->siblingsOf($parent), ...$this->links->of('wide', $parent)];
        }

        return $this->present(array_values(array_diff(array_unique($found), $parents)));
    }

    public function partnerOf(string $name): ?string
    {
        return $this->present($this->links->of('partner', $name))[0] ?? null;
    }

    public function wereTogether(string $one, string $other): bool
    {
        return in_array($other, $this->links->of('former', $one), true);
    }

    /** @return list<string> of one of the two; of both for the empty name */
    public function attendantsOf(string $name): array
    {
        return $this->present($name === '' ? $this->links->all('attendant') : $this->links->of('attendant', $name));
    }

    /**
     * @return list<array{string, string}> never in one frame
     */
    public function apart(): array
    {
        $pairs = [];
        foreach ($this->people as $person) {
            foreach ($person->apart as $name) {
                $other = $this->person($name)->name ?? $name;
                $pair = strcmp($person->name, $other) < 0 ? [$person->name, $other] : [$other, $person->name];
                $pairs[implode("\n", $pair)] = $pair;
            }
        }

        return array_values($pairs);
    }

    /**
     * People with their partners and their children's children, once each.
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    public function withTheirs(array $names): array
    {
        $all = $names;
        foreach ($names as $name) {
            $partner = $this->partnerOf($name);
            $all = [...$all, ...$partner === null ? [] : [$partner]];
        }
        foreach ($all as $name) {
            foreach ($this->childrenOf($name) as $child) {
                $all[] = $child;
            }
        }

        return array_values(array_unique($all));
    }

    /**
     * @param  list<string>  $names
     * @return list<string> without who has died or does not come
     */
    private function present(array $names): array
    {
        return array_values(array_filter($names, fn (string $name): bool => $this->person($name)?->attendance !== Attendance::Absent));
    }

    /** @throws ImpossibleValue */
    private function refuseCircle(string $name): void
    {
        $seen = [];
        $above = $this->links->of('parent', $name);
        while ($above !== []) {
            $next = [];
            foreach ($above as $parent) {
                if (mb_strtolower($parent) === mb_strtolower($name)) {
                    throw ImpossibleValue::of('people', "must not be their own ancestors: {$name} is");
                }
                if (! isset($seen[$parent])) {
                    $seen[$parent] = true;
                    $next = [...$next, ...$this->links->of('parent', $parent)];
                }
            }
            $above = $next;
        }
    }
}
