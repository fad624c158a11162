<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\People\Calling;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\StandTime;

/**
 * The calling list as a phone takes it along: the groups, and for each person an order for as long as they are missing: the others first,
 * theirs at the end.
 */
final readonly class CallTable implements \JsonSerializable
{
    /**
     * @param  list<CallLine>  $lines  in the order in which they are called
     * @param  array<int, string>  $names  of everybody in a group, by id
     * @param  array<int, list<int>>  $around  by who is missing: the groups in order
     * @param  list<string>  $inNone  names of who is in no group
     */
    private function __construct(public array $lines, public array $names, public array $around, public array $inNone) {}

    /**
     * @param  array<int, FamilyGroup>  $groups  by id, in the order in which they are called
     * @param  array<string, list<FamilyGroup>>  $orders  by who is missing, of the groups without them; where none was worked out yet they
     *                                                    stay as they are called
     * @param  array<string, int>  $ids  of people, by name
     * @param  bool  $isGathered  everybody stands by from the start
     */
    public static function of(array $groups, Family $family, array $orders, array $ids, bool $isGathered): self
    {
        $lines = $around = [];
        $turns = (new StandTime(array_values($groups), $family, $isGathered))->groups;
        foreach (array_keys($groups) as $i => $id) {
            $group = $groups[$id];
            $people = array_values(array_filter(array_map(static fn (string $name): ?int => $ids[$name] ?? null, $group->people)));
            $lines[] = new CallLine($id, $group->title, $people, round($turns[$i]->to - ($i === 0 ? 0.0 : $turns[$i - 1]->to), 1));
        }
        $in = array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, array_values($groups)) ?: [[]]);
        $in = array_intersect_key($ids, array_flip($in));
        // The two are everywhere: without them nothing goes on.
        foreach (array_diff_key($in, array_flip($family->couple())) as $name => $id) {
            $going = array_filter($groups, static fn (FamilyGroup $g): bool => ! in_array($name, $g->people, true));
            $order = array_map(static fn (FamilyGroup $g): int => (int) array_search($g, $going, false), $orders[$name] ?? array_values($going));
            $around[$id] = [...$order, ...array_keys(array_diff_key($groups, $going))];
        }

        return new self($lines, array_flip($in), $around, (new Calling($family, $groups, [], [], []))->inNone());
    }

    /** @return array<string, mixed> objects where a list would lose the ids */
    public function jsonSerialize(): array
    {
        return [
            'lines' => $this->lines,
            'names' => (object) $this->names,
            'around' => (object) $this->around,
            'inNone' => $this->inNone,
        ];
    }
}
