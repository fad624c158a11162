<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Time\Priority;

/** Shelves, days and wishes as they may be typed, half of it left out. */
final class MadeUpKit
{
    private const GRIDS = [
        'mount' => ['OV', 'OV', 'OV', 'NK', ''],
        'cell_type' => ['OV-16', 'OV-16', 'NK-2', 'AA', ''],
        'crop_factor' => [1.0, 1.0, 1.5],
        'megapixels' => [24.0, 60.0],
        'raw_mb' => [25.0, 50.0, 60.0],
        'jpeg_mb' => [0.0, 10.0],
        'frames_per_charge' => [100, 400, 600],
        'standby_hours_per_charge' => [4.0, 8.0, 40.0],
        'sync_denominator' => [200.0, 250.0],
        'card_type' => ['K', 'K', 'Q', ''],
        'slots' => [1, 2, 2],
        'focal_min_mm' => [14, 24, 35, 50, 70, 100],
        'focal_max_mm' => [35, 50, 70, 100, 140, 200],
        'widest_stop' => [1.4, 1.8, 2.8, 4.0],
        'widest_stop_long' => [2.8, 4.0, 5.6],
        'nearest_m' => [0.3, 1.0],
        'guide_number_m' => [20.0, 40.0, 50.0, 60.0],
        'least_power' => [64.0, 128.0],
        'recycle_s' => [0.5, 1.5, 3.0],
        'pops_per_charge' => [50, 100, 240],
        'cells' => [1, 4],
        'radio' => ['R', 'R', 'S', ''],
        'channel' => [1, 2],
        'stops_lost' => [0.0, 1.0, 2.0],
        'cell_wh' => [16.0, 100.0, 101.0, 160.0, 161.0],
        'bays' => [1, 2, 4],
        'hours_per_charge' => [1.0, 2.5],
        'capacity_gb' => [32.0, 64.0, 128.0],
        'write_mb_s' => [20.0, 60.0, 250.0],
        'read_mb_s' => [40.0, 250.0],
        'capacity_tb' => [0.05, 0.1, 1.0, 2.0],
        'inches' => [15.0, 24.0],
        'length_m' => [1.0, 2.0, 3.0, 4.6, 5.0],
        'standard' => ['usb 2', 'usb 3', 'usb 3.2', ''],
        'rate_mb_s' => [12.0, 20.0, 30.0, 300.0],
        'height_m' => [0.6, 2.0, 3.0],
        'carries_kg' => [1.0, 2.0, 5.0],
        'width_m' => [0.8, 1.1],
        'pieces' => [10, 12],
    ];

    /** How often each kind is on a shelf. */
    private const KINDS = [
        'body' => 3, 'lens' => 5, 'flash' => 2, 'modifier' => 1, 'trigger' => 2, 'cell' => 6, 'charger' => 1, 'card' => 5, 'reader' => 1,
        'drive' => 2, 'computer' => 1, 'display' => 1, 'cable' => 2, 'stand' => 2, 'clamp' => 1, 'safety cable' => 1, 'tool' => 1,
        'reflector' => 1, 'ladder' => 1, 'consumable' => 1, 'paper' => 1,
    ];

    private const TITLES = [
        'Getting ready', 'Ceremony', 'Family groups', 'Portraits', 'Speeches', 'Dance', 'First half', 'Second half', 'Dinner', 'Meal',
        'Details', 'Room', 'Stage', 'Podium',
    ];

    public function __construct(private readonly Sayings $say) {}

    /** @return list<Gear> */
    public function shelf(): array
    {
        $gear = [];
        foreach (self::KINDS as $kind => $most) {
            for ($i = $this->say->whole($this->say->often(70) ? 1 : 0, $most); $i > 0; $i--) {
                $gear[] = $this->thing(count($gear) + 1, GearKind::from($kind), $i);
            }
        }

        return $gear;
    }

    private function thing(int $id, GearKind $kind, int $number): Gear
    {
        $specs = [];
        foreach ($kind->fields() as $field) {
            // What the arithmetic must know is there more often.
            if ($this->say->often($field->isRequired ? 95 : 75)) {
                $specs[$field->name] = isset(self::GRIDS[$field->name]) ? $this->say->one(self::GRIDS[$field->name]) : $this->say->often(60);
            }
        }
        if ($kind === GearKind::Lens && isset($specs['focal_min_mm'])) {
            $specs['focal_max_mm'] = max($specs['focal_min_mm'], $specs['focal_max_mm'] ?? $specs['focal_min_mm']);
        }
        unset($specs['serial']);

        return new Gear(
            $id,
            ucfirst($kind->value)." {$number}",
            $kind,
            $specs,
            $this->say->often(60) ? 50 * $this->say->whole(1, 40) : null,
            $this->say->often(30) ? $this->say->whole(0, 4) : null,
            $this->say->one([Ownership::Owned, Ownership::Owned, Ownership::Borrowed, Ownership::Hired]),
            $this->say->often(50) ? 'Ida' : null,
            $this->say->often(30) ? '2030-06-0'.$this->say->whole(1, 9) : null,
        );
    }

    /** @return list<PlannedStretch> */
    public function day(): array
    {
        $stretches = [];
        $clock = 9 * 60;
        for ($i = 1, $count = $this->say->whole(1, 7); $i <= $count; $i++) {
            $clock += $this->say->rather([0, 5, 10, 30, 60], [1, 2, 3, 15, 29, 31]);
            $minutes = $this->say->one([10, 15, 20, 30, 60, 90]);
            $shots = [];
            for ($k = $this->say->whole(0, 3); $k > 0; $k--) {
                $shots[] = new PlannedShot(
                    $this->say->one(['Rings', 'The two', 'Wide of the room', 'From the back', 'Goal', 'Hands']),
                    $this->say->one(Priority::cases()),
                    $this->say->rather([5, 10, 60, 300, 600], [0, 1, 2]),
                    $this->say->often(60) ? $this->say->rather([24, 35, 49, 50, 70, 100, 140, 200, 300], [14, 34, 71, 99, 101]) : null,
                    $this->say->often(20),
                    $this->say->one([null, null, null, 'against', 'flash']),
                );
            }
            $from = 1_900_000_000 + 60 * $clock;
            $stretches[] = new PlannedStretch(
                $i,
                $this->say->one(self::TITLES),
                $this->say->one([['lead'], ['lead'], ['lead', 'second'], ['second'], ['lead', 'assistant']]),
                $from,
                $from + 60 * $minutes,
                sprintf('%02d:%02d', intdiv($clock, 60), $clock % 60),
                $this->say->one([1, 1, 2, null]),
                $this->say->one(Priority::cases()),
                $this->say->rather([null, -2.0, 2.0, 4.0, 5.0, 7.0, 8.0, 12.0, 15.0], [0.0, 1.0, 3.0, 4.5, 6.0, 6.5, 7.5, 10.0]),
                $shots,
                $this->say->often(20),
                $this->say->often(15),
                $this->say->often(20) ? 'the sun stands high' : null,
            );
            $clock += $this->say->often(85) ? $minutes : 0;
        }

        return $stretches;
    }

    /** @return list<Ask> */
    public function asks(int $stretches): array
    {
        $asks = [];
        for ($i = $this->say->whole(0, 4); $i > 0; $i--) {
            $asks[] = new Ask(
                $i,
                $this->say->one(NeedWhat::ASKABLE),
                $this->say->whole(1, 2),
                $this->say->one(Priority::cases()),
                $this->say->often(50) ? $this->say->whole(1, $stretches) : null,
                $this->say->one(['', 'for the veil']),
                $this->say->one([null, 2.0, 3.0, 5.0]),
                $this->say->one([null, 4.0, 8.0]),
                $this->say->one([100.0, 400.0]),
                $this->say->one([0.0, 1.0]),
                $this->say->rather([0.0, 2.0, 8.0], [0.5, 1.0]),
            );
        }

        return $asks;
    }
}
