<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Kit\Body;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use App\Models\Kit\ItemTest;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearField;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\TestResult;

/** The shelf: everything the owner has. */
final class ShelfDesk
{
    /** @var \Illuminate\Database\Eloquent\Collection<int, ItemTest>|null for this request */
    private ?\Illuminate\Database\Eloquent\Collection $tests = null;

    /** Fields that have columns of their own. */
    private const OF_ITEM = ['focal_min_mm', 'focal_max_mm', 'cell_type'];

    private const OF_BODY = ['serial', 'raw_mb', 'jpeg_mb', 'frames_per_charge', 'standby_hours_per_charge', 'crop_factor'];

    private const OF_CARD = ['capacity_gb'];

    public const COMMON = ['description', 'weight_g', 'lead_days', 'ownership', 'from_whom', 'due_on', 'bought_on'];

    /** @var Collection<int, Item>|null for this request */
    private ?Collection $items = null;

    /** @var array<int, Gear>|null */
    private ?array $gear = null;

    /** @return Collection<int, Item> */
    public function items(): Collection
    {
        return $this->items ??= Item::query()
            ->with(['body', 'card'])
            ->whereNull('returned_on')
            ->orderBy('kind')
            ->orderBy('label')
            ->get()
            ->values();
    }

    /** @return Collection<string, Collection<int, Item>> */
    public function byKind(): Collection
    {
        return $this->items()->groupBy('kind')->sortKeysUsing(static fn (string $a, string $b): int => self::rank($a) <=> self::rank($b));
    }

    /** @return array<int, Gear> by item id */
    public function gear(): array
    {
        return $this->gear ??= $this->items()->mapWithKeys(static fn (Item $i): array => [$i->id => self::of($i)])->all();
    }

    public static function of(Item $item): Gear
    {
        $kind = GearKind::tryFrom($item->kind) ?? GearKind::Other;

        return new Gear(
            $item->id,
            $item->label,
            $kind,
            self::specs($item),
            $item->weight_g,
            $item->lead_days,
            $item->ownership,
            $item->from_whom,
            $item->due_on,
        );
    }

    /** @return array<string, int|float|string|bool> of the kind's own fields, wherever they are stored */
    public static function specs(Item $item): array
    {
        $all = $item->specs ?? [];
        foreach ([[$item, self::OF_ITEM], [$item->body, [...self::OF_BODY, 'planned_mode']], [$item->card, self::OF_CARD]] as [$model, $names]) {
            foreach ($model === null ? [] : $names as $name) {
                $value = $model->getAttribute($name);
                if ($value !== null) {
                    $all[$name] = $value;
                }
            }
        }

        return $all;
    }

    /**
     * @param  array<string, string>  $typed  by field name
     * @return array<string, string> what is wrong, by field name
     */
    public static function wrong(GearKind $kind, array $typed): array
    {
        $wrong = [];
        foreach ($kind->fields() as $field) {
            $sentence = $field->wrong($typed[$field->name] ?? '');
            if ($sentence !== null) {
                $wrong[$field->name] = $sentence;
            }
        }
        if (
            $kind === GearKind::Lens &&
            $wrong === [] &&
            $kind->field('focal_min_mm')?->value($typed['focal_min_mm'] ?? '') >
                $kind->field('focal_max_mm')?->value($typed['focal_max_mm'] ?? '')
        ) {
            $wrong['focal_max_mm'] = 'The range is upside down: the longer end comes second.';
        }

        return $wrong;
    }

    /**
     * Puts a thing on the shelf, or changes one; the fields are right already.
     *
     * @param  array<string, string>  $typed
     * @param  array<string, string|int|null>  $common  label, and what every kind has
     */
    public function save(GearKind $kind, array $typed, array $common, ?Item $item = null): Item
    {
        $values = [];
        foreach ($kind->fields() as $field) {
            $value = $field->value($typed[$field->name] ?? '');
            if ($value !== null && $value !== false) {
                $values[$field->name] = $value;
            }
        }
        $this->items = $this->gear = null;

        return DB::transaction(static function () use ($kind, $values, $common, $item): Item {
            $of = static fn (array $names): array => array_intersect_key($values, array_flip($names));
            $own = array_diff_key(
                $values,
                array_flip([
                    ...self::OF_ITEM,
                    ...$kind === GearKind::Body ? self::OF_BODY : [],
                    ...$kind === GearKind::Card ? self::OF_CARD : [],
                ]),
            );
            $item ??= new Item();
            $item
                ->fill([
                    ...$common,
                    'kind' => $kind->value,
                    ...array_fill_keys(self::OF_ITEM, null),
                    ...$of(self::OF_ITEM),
                    'specs' => $own,
                ])
                ->save();
            if ($kind === GearKind::Body) {
                Body::query()->updateOrCreate(['item_id' => $item->id], ['crop_factor' => 1, ...$of(self::OF_BODY)]);
            }
            if ($kind === GearKind::Card) {
                Card::query()->updateOrCreate(['item_id' => $item->id], $of(self::OF_CARD));
            }

            return $item->load(['body', 'card']);
        });
    }

    /** @return array<int, TestResult> the last test of each thing */
    public function lastTests(string $timezone): array
    {
        $last = [];
        foreach ($this->tests ??= ItemTest::query()->orderBy('id')->get() as $test) {
            $last[$test->item_id] = new TestResult(
                $test->at->timezone($timezone)->format('Y-m-d'),
                $test->result === 'passed',
                (string) $test->note,
            );
        }

        return $last;
    }

    /** What a field holds, as it would be typed. */
    public static function typed(?Item $item, GearField $field): string
    {
        $value = $item === null ? null : self::specs($item)[$field->name] ?? null;

        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            default => (string) $value,
        };
    }

    private static function rank(string $kind): int
    {
        return (int) array_search(GearKind::tryFrom($kind) ?? GearKind::Other, GearKind::cases(), true);
    }
}
