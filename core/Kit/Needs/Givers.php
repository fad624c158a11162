<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\CountedNeed;
use NorthSatchel\Kit\Cover\CoverItem;
use NorthSatchel\Kit\LosableThing;
use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/**
 * What each thing gives of what is needed, and what it requires: a body its cells and cards, a lens a body that it
 * fits, a flash its cells. A lens that reaches far enough only on a body with a smaller sensor is a pair with that
 * body, which is no thing of its own.
 */
final class Givers
{
    /** @var array<int, array{gives: list<string>, requires: list<string>}> by gear */
    private array $things = [];

    /** @var array<string, array{gives: list<string>, requires: list<string>}> lenses on certain bodies, by name */
    private array $pairs = [];

    private readonly BodyKinds $bodies;

    /**
     * @param  list<Gear>  $gear
     * @param  list<Need>  $needs
     */
    public function __construct(private array $gear, private readonly array $needs)
    {
        $this->bodies = new BodyKinds($gear);
        foreach ($gear as $one) {
            $this->things[$one->id] = ['gives' => $this->givenBy($one), 'requires' => $this->requiredBy($one)];
            if ($one->kind === GearKind::Lens) {
                $this->onBodies($one);
            }
        }
    }

    /**
     * The same bag with more in it. What neither is a body nor goes on one changes nothing for the others.
     *
     * @param  list<Gear>  $more
     */
    public function with(array $more): self
    {
        $gear = [...$this->gear, ...$more];
        foreach ($more as $one) {
            if (in_array($one->kind, [GearKind::Body, GearKind::Lens], true)) {
                return new self($gear, $this->needs);
            }
        }
        $with = clone $this;
        $with->gear = $gear;
        foreach ($more as $one) {
            $with->things[$one->id] = ['gives' => $this->givenBy($one), 'requires' => $this->requiredBy($one)];
        }

        return $with;
    }

    public static function name(int $gearId): string
    {
        return "g{$gearId}";
    }

    public static function gearId(string $name): ?int
    {
        return preg_match('/^g(\d+)$/', $name, $m) === 1 ? (int) $m[1] : null;
    }

    /** When something is gone, what will just do counts. */
    public function loseOne(): LoseOne
    {
        $things = $needs = [];
        foreach ($this->things as $id => $thing) {
            $things[self::name($id)] = new LosableThing($thing['gives'], $thing['requires']);
        }
        foreach ($this->pairs as $name => $pair) {
            $things[$name] = new LosableThing($pair['gives'], $pair['requires'], canBeLost: false);
        }
        foreach ($this->needs as $need) {
            $needs[$need->id] = new CountedNeed(self::nearly($need), $need->count);
        }

        return new LoseOne($things, $needs);
    }

    /**
     * @param  array<int, float>  $heavier  by gear, how many times its weight it counts
     * @return list<CoverItem>
     */
    public function coverItems(array $heavier = []): array
    {
        $items = [];
        foreach ($this->gear as $one) {
            $items[] = new CoverItem(
                self::name($one->id),
                max(1, (int) round($one->grams() * ($heavier[$one->id] ?? 1.0))),
                $this->things[$one->id]['gives'],
                $this->things[$one->id]['requires'],
            );
        }
        foreach ($this->pairs as $name => $pair) {
            $items[] = new CoverItem($name, 0, $pair['gives'], $pair['requires']);
        }

        return $items;
    }

    /**
     * How often each capability must be given: as often as it is needed, and once more where a spare is wanted.
     *
     * @param  list<Need>  $needs
     * @return array<string, int>
     */
    public static function coverNeeds(array $needs, bool $hasSpares = true): array
    {
        $rows = [];
        foreach ($needs as $need) {
            $rows[$need->id] = max($rows[$need->id] ?? 0, $need->count);
            if ($need->wantsSpare && $hasSpares) {
                $rows[self::nearly($need)] = $need->count + 1;
            }
        }

        return $rows;
    }

    /** @return list<string> need ids that a thing gives by itself or on a certain body */
    public function needsOf(int $gearId): array
    {
        $needs = array_column($this->needs, 'id');
        $gives = $this->things[$gearId]['gives'] ?? [];
        foreach ($this->pairs as $pair) {
            if (in_array(self::name($gearId), $pair['requires'], true)) {
                $gives = [...$gives, ...$pair['gives']];
            }
        }

        return array_values(array_intersect($needs, $gives));
    }

    /** Whether a thing gives a need when what will just do counts. */
    public function givesNearly(int $gearId, Need $need): bool
    {
        $gives = $this->things[$gearId]['gives'] ?? [];
        $capability = self::nearly($need);

        return in_array($capability, $gives, true) || isset($this->pairs["{$capability} by ".self::name($gearId)]);
    }

    public function countNearly(Need $need): int
    {
        return count(array_filter($this->gear, fn (Gear $g): bool => $this->givesNearly($g->id, $need)));
    }

    /** Whether one thing gives something that another requires. */
    public function isRequiredBy(int $gearId, int $otherId): bool
    {
        return $gearId !== $otherId &&
            array_intersect($this->things[$gearId]['gives'] ?? [], $this->things[$otherId]['requires'] ?? []) !== [];
    }

    /** @return list<string> */
    private function givenBy(Gear $gear): array
    {
        $gives = [self::name($gear->id)];
        if ($gear->kind === GearKind::Body) {
            $gives[] = BodyKinds::name($gear);
            foreach ($this->gear as $lens) {
                if ($lens->kind === GearKind::Lens && $lens->fits($gear)) {
                    $gives[] = BodyKinds::forLens($lens);
                }
            }
        }
        if ($gear->kind === GearKind::Cell) {
            $gives[] = 'cells '.mb_strtolower($gear->text('cell_type'));
        }
        foreach ($this->needs as $need) {
            foreach (self::ways($need) as $capability => $isCroppedIn) {
                if ($need->what === NeedWhat::Reach ? $this->isGivenOnAll($need, $gear, $isCroppedIn) : $need->isGivenBy($gear)) {
                    $gives[] = $capability;
                }
            }
        }

        return array_values(array_unique($gives));
    }

    /** @return list<string> */
    private function requiredBy(Gear $gear): array
    {
        $cell = mb_strtolower($gear->text('cell_type'));

        return match ($gear->kind) {
            GearKind::Body, GearKind::Flash, GearKind::Trigger => $cell === '' ? [] : ["cells {$cell}"],
            GearKind::Lens => [BodyKinds::forLens($gear)],
            default => [],
        };
    }

    private function isGivenOnAll(Need $need, Gear $lens, bool $isCroppedIn): bool
    {
        if ($lens->kind !== GearKind::Lens) {
            return false;
        }
        $fitting = $this->bodies->fitting($lens);

        return $fitting !== [] && count($this->bodies->reaching($need, $lens, $isCroppedIn)) === count($fitting);
    }

    /** Needs that a lens meets on some of the bodies only. */
    private function onBodies(Gear $lens): void
    {
        foreach ($this->needs as $need) {
            foreach (self::ways($need) as $capability => $isCroppedIn) {
                $classes = $need->what === NeedWhat::Reach ? $this->bodies->reaching($need, $lens, $isCroppedIn) : [];
                if ($classes === [] || count($classes) === count($this->bodies->fitting($lens))) {
                    continue;
                }
                $by = "{$capability} by ".self::name($lens->id);
                $this->pairs[$by] = ['gives' => [$capability], 'requires' => [self::name($lens->id), $by]];
                foreach ($classes as $class) {
                    $this->pairs["{$by} on {$class}"] = ['gives' => [$by], 'requires' => [$class]];
                }
            }
        }
    }

    /** The capability of a need when what will just do counts too. */
    public static function nearly(Need $need): string
    {
        return $need->what === NeedWhat::Reach ? "{$need->id} or nearly" : $need->id;
    }

    /** @return array<string, bool> capabilities of a need, and whether what will just do counts */
    private static function ways(Need $need): array
    {
        return $need->what === NeedWhat::Reach ? [$need->id => false, self::nearly($need) => true] : [$need->id => false];
    }
}
