<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Time\Priority;

/**
 * The groups that a family like this one wants (common practice, no source): the two with each set of parents,
 * with each divorced parent and their partner, with brothers and sisters, grandparents, the close and the wide
 * family of each side, the attendants, everybody. Where two must never be in one frame, a group comes once
 * without the one and once without the other, each with their partners.
 */
final class GroupRules
{
    /** @var array<string, FamilyGroup> by who is in it */
    private array $groups = [];

    private function __construct(private readonly Family $family) {}

    /** @return list<FamilyGroup> */
    public static function of(Family $family): array
    {
        $rules = new self($family);
        $couple = $family->couple();
        if ($couple === []) {
            return [];
        }
        foreach ($couple as $one) {
            $rules->side($one, $couple);
        }
        $rules->bothSides($couple);

        return array_values($rules->groups);
    }

    /**
     * A group that holds two who are never to be in one frame, once without the one and once without the other, each with their partners; where
     * one of them is of the couple, without the other alone.
     *
     * @return list<FamilyGroup> of two or more people each
     */
    public static function apart(Family $family, FamilyGroup $group, string $one, string $other): array
    {
        $rules = new self($family);
        $couple = $family->couple();
        $groups = [];
        foreach (array_diff([$one, $other], $couple) ?: [$other] as $gone) {
            $without = array_values(array_diff($group->people, array_diff($rules->withPartners([$gone]), $couple)));
            $title = GroupTitle::without($group->title, $gone);
            $groups[] = new FamilyGroup($title === $group->title ? "{$title}, without {$gone}" : $title, $without, $group->priority, $group->after);
        }

        return array_values(array_filter($groups, static fn (FamilyGroup $g): bool => count($g->people) > 1));
    }

    /** @param  list<string>  $couple */
    private function side(string $one, array $couple): void
    {
        $family = $this->family;
        $parents = $family->parentsOf($one);
        $areApart = $this->areApart($parents);
        foreach ($areApart ? array_map(static fn (string $p): array => [$p], $parents) : [$parents] as $set) {
            $with = count($set) === 1 ? $this->withPartners($set) : $set;
            $this->add('The two with '.self::names($with), [...$couple, ...$with], Priority::Must, $set);
        }
        $siblings = $family->siblingsOf($one);
        $theirs = self::called($siblings, 'brothers and sisters');
        $this->add("{$one} with {$theirs}", [$one, ...$siblings], Priority::Should, $siblings);
        $this->add(
            'The two with '.self::called($family->withTheirs($siblings), "{$one}'s brothers and sisters and theirs"),
            [...$couple, ...$family->withTheirs($siblings)],
            Priority::Should,
            $siblings,
        );
        $grandparents = $family->grandparentsOf($one);
        $elders = self::called($grandparents, "{$one}'s grandparents");
        $this->add("The two with {$elders}", [...$couple, ...$grandparents], Priority::Must, $grandparents);
        $close = [...$this->withPartners($parents), ...$family->withTheirs($siblings), ...$grandparents];
        $this->add("{$one}'s close family", [...$couple, ...$close], Priority::Must, array_diff($close, $parents));
        $wide = $family->withTheirs($family->wideOf($one));
        $this->add("{$one}'s wide family", [...$couple, ...$close, ...$wide], Priority::Should, $wide);
        $attendants = $family->attendantsOf($one);
        $this->add("{$one} with ".self::called($attendants, 'attendants'), [$one, ...$attendants], Priority::Should, $attendants);
    }

    /** @param  list<string>  $couple */
    private function bothSides(array $couple): void
    {
        $family = $this->family;
        $parents = array_merge(...array_map($family->parentsOf(...), $couple));
        $this->add('The two with all parents', [...$couple, ...$parents], Priority::Must, count($parents) > 2 ? $parents : []);
        $grandparents = array_merge(...array_map($family->grandparentsOf(...), $couple));
        $this->add('All grandparents', $grandparents, Priority::Should, count($grandparents) > 1 ? $grandparents : []);
        $attendants = $family->attendantsOf('');
        $this->add('The two with '.self::called($attendants, 'all attendants'), [...$couple, ...$attendants], Priority::Must, $attendants);
        $everybody = array_map(static fn (Relative $r): string => $r->name, $family->guests());
        $this->add('Everybody', $everybody, Priority::Should, $everybody);
    }

    /**
     * @param  list<string>  $people
     * @param  array<string>  $needed  nothing is added when nobody of these is there
     */
    private function add(string $title, array $people, Priority $priority, array $needed): void
    {
        $people = array_values(array_unique($people));
        if ($needed === [] || count($people) < 2) {
            return;
        }
        $pairs = array_values(
            array_filter($this->family->apart(), static fn (array $pair): bool => array_diff($pair, $people) === []),
        );
        // No group lacks one of the couple.
        $couple = $this->family->couple();
        $theirs = array_values(array_unique(array_merge(...array_map(
            static fn (array $pair): array => array_intersect($pair, $couple) === [] ? [] : array_values(array_diff($pair, $couple)),
            $pairs,
        ) ?: [[]])));
        if ($theirs !== []) {
            $without = array_values(array_diff($people, array_diff($this->withPartners($theirs), $couple)));
            $this->add("{$title}, without ".self::names($theirs), $without, $priority, array_intersect($needed, $without));

            return;
        }
        if ($pairs !== []) {
            foreach (self::sides($pairs) as $gone) {
                $without = array_values(array_diff($people, $this->withPartners($gone)));
                $this->add("{$title}, without ".self::names($gone), $without, $priority, $needed);
            }

            return;
        }
        $key = $people;
        sort($key);
        $this->groups[implode("\n", $key)] ??= new FamilyGroup($title, $people, $priority);
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private function withPartners(array $names): array
    {
        $all = [];
        foreach ($names as $name) {
            $partner = $this->family->partnerOf($name);
            $all = [...$all, $name, ...$partner === null ? [] : [$partner]];
        }

        return array_values(array_unique($all));
    }

    /**
     * Several pairs make two groups, not one for every combination: in each, one of every pair is left out. Where three may not
     * meet each other it takes a group more.
     *
     * @param  non-empty-list<array{string, string}>  $pairs
     * @return list<list<string>> who is left out, by group
     */
    private static function sides(array $pairs): array
    {
        $sideOf = [];
        foreach ($pairs as [$one, $other]) {
            $sideOf[$one] ??= isset($sideOf[$other]) ? ($sideOf[$other] === 0 ? 1 : 0) : 0;
            for ($side = 0; ! isset($sideOf[$other]) || $sideOf[$other] === $sideOf[$one]; $side++) {
                $sideOf[$other] = $side;
            }
        }
        $sides = [];
        foreach (array_reverse(array_unique($sideOf)) as $here) {
            $sides[] = array_map(strval(...), array_keys(array_filter($sideOf, static fn (int $side): bool => $side !== $here)));
        }

        return $sides;
    }

    /**
     * Parents who were together, must not meet, or one of whom has somebody new.
     *
     * @param  list<string>  $parents
     */
    private function areApart(array $parents): bool
    {
        foreach ($parents as $one) {
            foreach ($parents as $other) {
                $isElsewhere = ! in_array($this->family->partnerOf($one), [null, $other], true);
                if ($one !== $other && ($isElsewhere || $this->family->wereTogether($one, $other) || $this->isKeptApart($one, $other))) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isKeptApart(string $one, string $other): bool
    {
        $pair = [$one, $other];
        sort($pair);

        return in_array($pair, $this->family->apart(), true);
    }

    /**
     * One or two are called by their names, more by what they are.
     *
     * @param  list<string>  $names
     */
    private static function called(array $names, string $many): string
    {
        return count($names) > 2 ? $many : self::names($names);
    }

    /** @param  list<string>  $names */
    private static function names(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
