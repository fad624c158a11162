<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Time\Patience;

/** The list being called: what is shot, who is found, which group is next, who can go. */
final readonly class Calling
{
    /** Below this a person is a child, of whom no surname goes on a shared page. */
    private const CHILD_CM = 140;

    /**
     * @param  array<int, FamilyGroup>  $groups  by id, in the order of the list
     * @param  list<string>  $found  names
     * @param  list<int>  $shot  ids of groups
     * @param  list<int>  $later  ids of groups put off
     * @param  array<int, list<string>>  $thereWhenShot  by id of a shot group, who was found by then
     */
    public function __construct(
        private Family $family,
        private array $groups,
        private array $found,
        private array $shot,
        private array $later,
        private array $thereWhenShot = [],
    ) {}

    /** @return list<int> ids of the groups still to shoot: those put off come last */
    public function left(): array
    {
        $left = array_values(array_diff(array_keys($this->groups), $this->shot));

        return [...array_values(array_diff($left, $this->later)), ...array_values(array_intersect($this->later, $left))];
    }

    public function now(): ?int
    {
        return $this->left()[0] ?? null;
    }

    /** The group after this one; none when it is the last. */
    public function next(): ?int
    {
        return $this->left()[1] ?? null;
    }

    /**
     * The first group that could be shot at once: everybody is found. Null when the present one could, or none can.
     */
    public function couldGoFirst(): ?int
    {
        $now = $this->now();
        if ($now === null || $this->missing($now) === []) {
            return null;
        }
        foreach ($this->left() as $id) {
            if ($this->missing($id) === []) {
                return $id;
            }
        }

        return null;
    }

    /**
     * The groups still to shoot with those put last in which somebody of the present one is missing; null when
     * nobody is. The others go on in the order with the least waiting.
     *
     * @return list<int>|null ids
     */
    public function aroundTheMissing(bool $isGathered, ?Patience $patience = null): ?array
    {
        $now = $this->now();
        $missing = $now === null ? [] : $this->missing($now);
        if ($missing === []) {
            return null;
        }
        $left = $this->left();
        $waiting = array_values(array_filter($left, fn (int $id): bool => array_intersect($this->groups[$id]->people, $missing) !== []));
        $going = array_values(array_diff($left, $waiting));
        $solved = CallOrders::by(School::LeastWaiting, array_map($this->group(...), $going), $this->family, $isGathered, $patience);
        $ids = array_map(fn (FamilyGroup $g): int => (int) array_search($g, $this->groups, true), $solved);

        return [...$ids, ...$waiting];
    }

    /** @return list<string> who is in a group and not found yet; the two always are */
    public function missing(int $groupId): array
    {
        return array_values(array_diff($this->groups[$groupId]->people, $this->found, $this->family->couple()));
    }

    /** @return list<int> ids of the groups that are shot, in the order of the list */
    public function shot(): array
    {
        return array_values(array_intersect(array_keys($this->groups), $this->shot));
    }

    /** Whether a group was shot while nobody but the two was ticked as found in it. */
    public function isUnticked(int $groupId): bool
    {
        $others = array_diff($this->groups[$groupId]->people, $this->family->couple());

        return $others !== [] && array_intersect($others, $this->thereWhenShot[$groupId] ?? []) === [];
    }

    /** @return list<string> who belongs into a shot group and was not found by then; the two always are */
    public function absent(int $groupId): array
    {
        return array_values(
            array_diff($this->groups[$groupId]->people, $this->thereWhenShot[$groupId] ?? [], $this->family->couple()),
        );
    }

    /** @return list<string> who of the family is in no group, the two aside */
    public function inNone(): array
    {
        $in = array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, array_values($this->groups)) ?: [[]]);
        $all = array_map(static fn (Relative $r): string => $r->name, $this->family->guests());

        return array_values(array_diff($all, $in, $this->family->couple()));
    }

    /** @return list<string> who of the list is in no group, and need not be: does not come, or is there for the work */
    public function unasked(): array
    {
        $in = array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, array_values($this->groups)) ?: [[]]);
        $name = static fn (Relative $r): string => $r->name;
        $guests = array_map($name, $this->family->guests());

        return array_values(array_diff(array_map($name, $this->family->people()), $guests, $in, $this->family->couple()));
    }

    /** @return list<string> who has been in all of their groups */
    public function canGo(): array
    {
        $needed = array_merge(...array_map(fn (int $id): array => $this->groups[$id]->people, $this->left()) ?: [[]]);
        $been = $leftOut = [];
        foreach ($this->shot() as $id) {
            $been = [...$been, ...$this->groups[$id]->people];
            $leftOut = [...$leftOut, ...$this->isUnticked($id) ? [] : $this->absent($id)];
        }

        return array_values(array_diff(array_unique($been), $needed, $leftOut, $this->family->couple()));
    }

    /** Somebody with the two, as a group is called: names with commas. */
    public function withTheTwo(string $name): string
    {
        return implode(', ', [...$this->family->couple(), $name]);
    }

    public function isFound(string $name): bool
    {
        return in_array($name, $this->found, true);
    }

    public function isShot(int $groupId): bool
    {
        return in_array($groupId, $this->shot, true);
    }

    public function group(int $id): FamilyGroup
    {
        return $this->groups[$id];
    }

    /** The name as it may stand on a shared page: of a child only the first one. */
    public function shared(string $name): string
    {
        $person = $this->family->person($name);
        $isChild =
            $person !== null &&
            (in_array('infant', $person->needs, true) || ($person->heightCm !== null && $person->heightCm < self::CHILD_CM));

        return $isChild ? ShortNames::first($name) : $name;
    }

    public function knownBy(string $name): string
    {
        return $this->family->person($name)->knownBy ?? '';
    }
}
