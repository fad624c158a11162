<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Kit\Body;
use App\Models\Kit\Item;
use App\Tables\CsvTable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;

/** The shelf as a table for spreadsheets, out and in: a line a thing, all of it or nothing. */
final class ShelfTable
{
    private const MOST_LINES = 2000;

    public function __construct(private readonly ShelfDesk $shelf) {}

    public function out(): string
    {
        $names = self::columns();

        return CsvTable::write($names, $this->shelf->items()->map(static fn (Item $item): array => self::cells($item, $names))->values()->all());
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function cells(Item $item, array $names): array
    {
        $kind = GearKind::tryFrom($item->kind) ?? GearKind::Other;
        $common = ['kind', 'label', ...ShelfDesk::COMMON];

        return array_map(static function (string $name) use ($item, $kind, $common): string {
            $field = $kind->field($name);

            return $field !== null ? ShelfDesk::typed($item, $field) : (in_array($name, $common, true) ? (string) $item->getRawOriginal($name) : '');
        }, $names);
    }

    /**
     * A label that is there already is changed, others are added.
     *
     * @return int how many things it names
     *
     * @throws ValidationException naming line and column; nothing is changed then
     */
    public function in(string $text): int
    {
        $lines = self::lines($text);
        $known = Item::query()
            ->with(['body', 'card'])
            ->get()
            ->keyBy('label');
        $serials = Body::query()->pluck('item_id', 'serial');
        $seen = [];
        foreach ($lines as $number => $line) {
            $kind =
                GearKind::tryFrom(mb_strtolower($line['kind'] ?? '')) ??
                self::refuse(
                    "line {$number}: “".
                        mb_strimwidth($line['kind'] ?? '', 0, 30, '…').
                        '” is no kind; it must be one of '.
                        implode(', ', array_map(static fn (GearKind $k): string => $k->value, GearKind::cases())),
                );
            $label = $line['label'] ?? '';
            if ($label === '' || mb_strlen($label) > 60 || isset($seen[$label])) {
                self::refuse(
                    "line {$number}: ".
                        ($label === ''
                            ? 'the label is missing'
                            : (isset($seen[$label])
                                ? "“{$label}” is there twice"
                                : 'a label has at most 60 characters')),
                );
            }
            $seen[$label] = true;
            $old = $known->get($label);
            if ($old !== null && $old->kind !== $kind->value) {
                self::refuse("line {$number}: “{$label}” is a {$old->kind} on the shelf");
            }
            // All that is wrong with a line at once, so that nobody tries it field by field.
            $wrong = ShelfDesk::wrong($kind, $line);
            $said = array_map(static fn (string $field, string $s): string => "{$field}: ".lcfirst(rtrim($s, '.')), array_keys($wrong), $wrong);
            if ($said !== []) {
                self::refuse("line {$number}, ".implode('; ', $said));
            }
            self::checkCommon($line, $number);
            $serial = $line['serial'] ?? '';
            if ($kind === GearKind::Body && isset($serials[$serial]) && $serials[$serial] !== $old?->id) {
                self::refuse("line {$number}: another body has the serial number {$serial}");
            }
            $serials[$serial] = $old?->id;
        }
        DB::transaction(function () use ($lines, $known): void {
            foreach ($lines as $line) {
                $common = ['label' => $line['label'], 'ownership' => 'owned'];
                foreach (ShelfDesk::COMMON as $name) {
                    if (($line[$name] ?? '') !== '') {
                        $common[$name] = in_array($name, ['weight_g', 'lead_days'], true) ? (int) $line[$name] : $line[$name];
                    }
                }
                $this->shelf->save(GearKind::from(mb_strtolower($line['kind'])), $line, $common, $known->get($line['label']));
            }
        });

        return count($lines);
    }

    /** @return list<string> */
    private static function columns(): array
    {
        return ['kind', 'label', ...ShelfDesk::COMMON, ...array_keys(GearKind::allFields())];
    }

    /** @return array<string, string> what the form calls a field, and its column; what means two things is neither */
    private static function also(): array
    {
        $also = ['name' => 'label', 'weight, g' => 'weight_g', 'weight' => 'weight_g', 'another takes, days' => 'lead_days', 'whose' => 'ownership',
            'due back' => 'due_on', 'from whom' => 'from_whom', 'bought' => 'bought_on', 'serial number' => 'serial',
        ];
        $fields = [];
        foreach (GearKind::cases() as $kind) {
            foreach ($kind->fields() as $field) {
                $label = mb_strtolower($field->label);
                $fields[$label][$field->name] = $fields[str_replace(',', '', $label)][$field->name] = true;
            }
        }
        foreach ($fields as $label => $names) {
            $also += count($names) === 1 && ! in_array($label, self::columns(), true) ? [$label => (string) array_key_first($names)] : [];
        }

        foreach (self::columns() as $name) {
            $also += [str_replace('_', ' ', $name) => $name];
        }

        return $also;
    }

    /** @return array<int, array<string, string>> by line number, cells by column */
    private static function lines(string $text): array
    {
        if (preg_match('//u', $text) !== 1) {
            self::refuse('it must be text in UTF-8');
        }
        $table = CsvTable::read($text, self::also());
        $head = $table->columns;
        $unknown = array_diff($head, self::columns());
        if ($unknown !== []) {
            self::refuse(
                'it has columns that nobody here knows: '.
                    implode(
                        ', ',
                        array_map(static fn (string $c): string => mb_strimwidth($c, 0, 30, '…'), array_slice(array_values($unknown), 0, 4)),
                    ).
                    '. Known are '.
                    implode(', ', self::columns()),
            );
        }
        if (! in_array('kind', $head, true) || ! in_array('label', $head, true)) {
            self::refuse('its first line must name the columns kind and label');
        }
        $lines = [];
        foreach ($table->lines as $number => $cells) {
            if (implode('', $cells) === '') {
                continue;
            }
            if (count($cells) > count($head)) {
                self::refuse("line {$number} has more cells than the first line has columns");
            }
            $lines[$number] = array_combine(array_slice($head, 0, count($cells)), $cells);
            if (count($lines) > self::MOST_LINES) {
                self::refuse('it has more than '.self::MOST_LINES.' lines');
            }
        }

        return $lines === [] ? self::refuse('nothing is in it') : $lines;
    }

    /** @param  array<string, string>  $line */
    private static function checkCommon(array $line, int $number): void
    {
        $ownership = $line['ownership'] ?? '';
        if ($ownership !== '' && Ownership::tryFrom($ownership) === null) {
            self::refuse("line {$number}, ownership: must be ".implode(', ', array_column(Ownership::cases(), 'value')));
        }
        foreach (['weight_g' => 100000, 'lead_days' => 365] as $name => $most) {
            $value = $line[$name] ?? '';
            if ($value !== '' && (! ctype_digit($value) || (int) $value > $most)) {
                self::refuse("line {$number}, {$name}: must be a whole number up to {$most}");
            }
        }
        foreach (['due_on', 'bought_on'] as $name) {
            $value = $line[$name] ?? '';
            $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $value);
            if ($value !== '' && ($day === false || $day->format('Y-m-d') !== $value)) {
                self::refuse("line {$number}, {$name}: must be a day as YYYY-MM-DD");
            }
        }
    }

    private static function refuse(string $why): never
    {
        throw ValidationException::withMessages(['file' => ucfirst($why).'. Nothing was changed.']);
    }
}
