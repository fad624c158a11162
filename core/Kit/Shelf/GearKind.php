<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Shelf;

/** The kinds of things on a shelf, and what the arithmetic asks of each. */
enum GearKind: string
{
    case Body = 'body';
    case Lens = 'lens';
    case Flash = 'flash';
    case Modifier = 'modifier';
    case Trigger = 'trigger';
    case Cell = 'cell';
    case Charger = 'charger';
    case Card = 'card';
    case Reader = 'reader';
    case Drive = 'drive';
    case Computer = 'computer';
    case Display = 'display';
    case Cable = 'cable';
    case Stand = 'stand';
    case Clamp = 'clamp';
    case SafetyCable = 'safety cable';
    case Tool = 'tool';
    case Reflector = 'reflector';
    case Ladder = 'ladder';
    case Consumable = 'consumable';
    case Paper = 'paper';
    case Other = 'other';

    /** @return list<GearField> beside label, description and weight */
    public function fields(): array
    {
        return match ($this) {
            self::Body => [
                GearField::text('serial', 'serial number', true),
                GearField::text('mount', 'mount'),
                GearField::text('cell_type', 'cell type', true),
                GearField::number('crop_factor', 'crop factor', 0.3, 5),
                GearField::number('megapixels', 'megapixels', 1, 400),
                GearField::number('raw_mb', 'raw, MB a frame', 0.1, 2000, true),
                GearField::number('jpeg_mb', 'jpeg, MB a frame (0: none)', 0, 500, true),
                GearField::number('frames_per_charge', 'frames a charge', 1, 20000, true, true),
                GearField::number('standby_hours_per_charge', 'standby hours a charge', 0.1, 2000, true),
                GearField::number('sync_denominator', 'sync speed, 1/…s', 10, 4000),
                GearField::text('card_type', 'card type'),
                GearField::number('slots', 'slots', 1, 2, false, true),
            ],
            self::Lens => [
                GearField::number('focal_min_mm', 'from, mm', 4, 2000, true, true),
                GearField::number('focal_max_mm', 'to, mm', 4, 2000, true, true),
                GearField::text('mount', 'mount'),
                GearField::number('widest_stop', 'widest stop at the short end, f/', 0.7, 32),
                GearField::number('widest_stop_long', 'at the long end, f/', 0.7, 32),
                GearField::number('nearest_m', 'nearest focus, m', 0.01, 20),
                GearField::yes('has_shift', 'shifts'),
            ],
            self::Flash => [
                GearField::number('guide_number_m', 'guide number, m at ISO 100', 1, 500),
                GearField::number('least_power', 'lowest power, 1/…', 1, 256),
                GearField::number('recycle_s', 'recycle at full power, s', 0.05, 60),
                GearField::number('pops_per_charge', 'full pops a charge', 1, 20000, false, true),
                GearField::text('cell_type', 'cell type'),
                GearField::number('cells', 'cells in it', 1, 12, false, true),
                GearField::text('radio', 'radio system'),
                GearField::yes('high_speed', 'high-speed sync'),
            ],
            self::Modifier => [GearField::number('stops_lost', 'stops lost', 0, 8)],
            self::Trigger => [
                GearField::text('radio', 'radio system'),
                GearField::number('channel', 'channel', 1, 64, false, true),
                GearField::text('cell_type', 'cell type'),
            ],
            self::Cell => [GearField::text('cell_type', 'cell type', true), GearField::number('cell_wh', 'watt-hours', 0.1, 2000)],
            self::Charger => [
                GearField::text('cell_type', 'cell type'),
                GearField::number('bays', 'bays', 1, 20, false, true),
                GearField::number('hours_per_charge', 'hours a charge', 0.1, 48),
            ],
            self::Card => [
                GearField::number('capacity_gb', 'size, GB', 0.1, 100000, true),
                GearField::text('card_type', 'card type'),
                GearField::number('write_mb_s', 'lasting write, MB/s', 1, 5000),
            ],
            self::Reader => [GearField::text('card_type', 'card type'), GearField::number('read_mb_s', 'MB/s', 1, 10000)],
            self::Drive => [GearField::number('capacity_tb', 'size, TB', 0.01, 200), GearField::number('write_mb_s', 'MB/s', 1, 20000)],
            self::Computer => [GearField::text('cell_type', 'cell type'), GearField::number('write_mb_s', 'disk writes, MB/s', 1, 20000)],
            self::Display => [GearField::number('inches', 'across, inches', 3, 200), GearField::yes('is_calibrated', 'calibrated')],
            self::Cable => [
                GearField::number('length_m', 'length, m', 0.05, 200),
                GearField::text('standard', 'standard'),
                GearField::number('rate_mb_s', 'MB/s', 0.1, 20000),
                GearField::yes('for_tether', 'for tethering'),
                GearField::yes('is_joint', 'an extension or a hub'),
            ],
            self::Stand => [GearField::number('height_m', 'height, m', 0.1, 15)],
            self::Ladder => [GearField::number('height_m', 'height, m', 0.1, 15)],
            self::Clamp, self::SafetyCable => [GearField::number('carries_kg', 'carries, kg', 0.1, 500)],
            self::Reflector => [GearField::number('width_m', 'width, m', 0.1, 5)],
            self::Consumable => [GearField::number('pieces', 'pieces', 1, 10000, false, true)],
            self::Tool, self::Paper, self::Other => [],
        };
    }

    public function field(string $name): ?GearField
    {
        foreach ($this->fields() as $field) {
            if ($field->name === $name) {
                return $field;
            }
        }

        return null;
    }

    /** @return array<string, GearField> every field of any kind, by name */
    public static function allFields(): array
    {
        $all = [];
        foreach (self::cases() as $kind) {
            foreach ($kind->fields() as $field) {
                $all[$field->name] ??= $field;
            }
        }

        return $all;
    }

    /** Whose loss stops the job (common practice, no source): body, lens, flash, trigger, card, reader, cable, cell, charger, computer. */
    public function isCritical(): bool
    {
        return in_array(
            $this,
            [
                self::Body,
                self::Lens,
                self::Flash,
                self::Trigger,
                self::Card,
                self::Reader,
                self::Cable,
                self::Cell,
                self::Charger,
                self::Computer,
                self::Drive,
            ],
            true,
        );
    }

    /** What is tried out before a job; cells show it on the charger, cards and drives when they are read back. */
    public function isTried(): bool
    {
        return $this->isCritical() && ! in_array($this, [self::Card, self::Cell, self::Drive], true);
    }
}
