<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\StandInDesk;
use App\Desks\Kit\ShelfDesk;
use App\Devices\Devices;
use App\Devices\PlaceMark;
use App\Devices\StandIn\StandInDrive;
use App\Models\Brief\Job;
use App\Models\Copies\Destination;
use App\Models\Kit\Bag;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use App\Models\Kit\ItemTest;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use Illuminate\Support\Carbon;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\GearKind;

/**
 * The demo's shelf and what is wrong with it: body B is set to split, the clock of body C is off, and
 * an old card with frames that are safe nowhere sits in body C. Makers and models are invented.
 */
final class DemoGear
{
    private const CLOCK_ERROR_S = -1420;

    public static function put(Job $job): void
    {
        $a = self::body($job, 'Body A', 'OV40117', 'lead');
        $b = self::body($job, 'Body B', 'OV40231', 'lead');
        $c = self::body($job, 'Body C', 'OV51902', 'second');
        $camera = Devices::camera($b);
        $camera->set($camera->settings()->with(mode: SaveMode::Split, jpeg: true, folder: 100, nextNumber: 9981));
        $camera = Devices::camera($c);
        $camera->set($camera->settings()->with(clockErrorS: self::CLOCK_ERROR_S, jpeg: true, nextNumber: 3310));
        $camera = Devices::camera($a);
        $camera->set($camera->settings()->with(jpeg: true, nextNumber: 412));

        self::items($job);
        $cards = [];
        for ($i = 1; $i <= 8; $i++) {
            $cards[$i] = self::card($job, sprintf('S%02d', $i));
        }
        Packing::query()
            ->where('job_id', $job->id)
            ->whereNull('bag_id')
            ->update(['bag_id' => Bag::query()->where('name', 'Roller case')->value('id')]);
        self::oldFrames($job, $c, $cards[6]);
        foreach ([[$a, 1, 1], [$a, 2, 2], [$b, 1, 3], [$b, 2, 4], [$c, 1, 5], [$c, 2, 6]] as [$body, $slot, $number]) {
            app(CardLog::class)->add($cards[$number], CardEventKind::Loaded, $job->id, $body->id, $slot, at: Carbon::now()->subHours(3));
        }
        self::drives();
        $job->load(['place', 'packing.item.body', 'packing.item.card', 'segments.shotLines']);
        app(StandInDesk::class)->fireTestFrames($job, time() - 7200);
    }

    /**
     * What is on the shelf: kind, label, description, specs, weight, days until another comes, bag and lane where it is packed.
     * Three things are single on the list: the zoom from 24 to 70 mm, the reader and the trigger; the shelf has a mend for each.
     *
     * @return list<array{string, string, string, array<string, int|float|string|bool>, int, int|null, string|null, string}>
     */
    private static function shelf(): array
    {
        $lens = static fn (int $from, int $to, float $stop, float $nearest): array => [
            'focal_min_mm' => $from,
            'focal_max_mm' => $to,
            'mount' => 'OV',
            'widest_stop' => $stop,
            'nearest_m' => $nearest,
        ];
        $flash = [
            'guide_number_m' => 52.0,
            'least_power' => 128.0,
            'recycle_s' => 1.6,
            'pops_per_charge' => 420,
            'cell_type' => 'FL-9',
            'cells' => 1,
            'radio' => 'Lind',
            'high_speed' => true,
        ];

        return [
            ['lens', 'Zoom 24–70', 'f/2.8', $lens(24, 70, 2.8, 0.38), 805, 4, 'Roller case', 'lead'],
            ['lens', 'Prime 85', 'f/1.8', $lens(85, 85, 1.8, 0.8), 470, 4, 'Roller case', 'lead'],
            ['lens', 'Prime 35', 'f/1.8', $lens(35, 35, 1.8, 0.25), 365, 4, 'Shoulder bag', 'second'],
            ['lens', 'Prime 50', 'f/1.8', $lens(50, 50, 1.8, 0.45), 290, 4, 'Shoulder bag', 'second'],
            ['flash', 'Flash 1', 'guide number 52', $flash, 430, 3, 'Roller case', 'lead'],
            ['flash', 'Flash 2', 'guide number 52', $flash, 430, 3, 'Roller case', 'lead'],
            ['trigger', 'Trigger 1', 'for the flashes', ['radio' => 'Lind', 'channel' => 7], 85, 6, 'Hip pouch', 'lead'],
            ['cell', 'Flash cell 1', '20 Wh', ['cell_type' => 'FL-9', 'cell_wh' => 20.0], 110, 3, 'Hip pouch', 'lead'],
            ['cell', 'Flash cell 2', '20 Wh', ['cell_type' => 'FL-9', 'cell_wh' => 20.0], 110, 3, 'Hip pouch', 'lead'],
            ['cell', 'Flash cell 3', '20 Wh', ['cell_type' => 'FL-9', 'cell_wh' => 20.0], 110, 3, 'Hip pouch', 'lead'],
            ['stand', 'Stand 1', 'with a weight', ['height_m' => 2.6], 1450, null, 'Roller case', 'lead'],
            [
                'charger',
                'Charger OV-16',
                'two bays',
                ['cell_type' => 'OV-16', 'bays' => 2, 'hours_per_charge' => 2.5],
                190,
                3,
                'Roller case',
                'lead',
            ],
            ['reader', 'Reader, two slots', '', ['read_mb_s' => 250.0], 90, 2, 'Hip pouch', 'lead'],
            ['drive', 'Drive Fir', '4 TB', ['capacity_tb' => 4.0, 'write_mb_s' => 400.0], 170, 2, 'Roller case', 'lead'],
            ['drive', 'Drive Birch', '4 TB', ['capacity_tb' => 4.0, 'write_mb_s' => 400.0], 170, 2, 'Shoulder bag', 'second'],
            ['paper', 'Key list and passes', '', [], 20, null, 'Hip pouch', 'lead'],
            ['lens', 'Zoom 70–200', 'f/2.8', $lens(70, 200, 2.8, 0.96), 1240, 5, null, ''],
            ['lens', 'Wide 16–35', 'f/4', $lens(16, 35, 4.0, 0.28), 560, 5, null, ''],
            ['lens', 'Prime 135', 'f/2', $lens(135, 135, 2.0, 0.7), 820, 5, null, ''],
            ['trigger', 'Trigger 2', 'older, same system', ['radio' => 'Lind', 'channel' => 7], 95, 6, null, ''],
            ['reader', 'Reader, one slot', '', ['read_mb_s' => 90.0], 40, 2, null, ''],
            ['stand', 'Stand 2', '', ['height_m' => 2.2], 1200, null, null, ''],
            ['modifier', 'Softbox 90', 'one stop', ['stops_lost' => 1.0], 620, null, null, ''],
            ['reflector', 'Reflector, silver', '', ['width_m' => 1.1], 580, null, null, ''],
            ['tool', 'Tape, hex keys, clamps', '', [], 420, null, null, ''],
            ['ladder', 'Two-step ladder', '', ['height_m' => 0.45], 3100, null, null, ''],
        ];
    }

    private static function items(Job $job): void
    {
        foreach (
            [['Roller case', 'case', 12, 14000], ['Hip pouch', 'hip', 3, 2000], ['Shoulder '.
                'bag', 'backpack', 6, 7000]] as [$name, $kind, $places, $limit]
        ) {
            Bag::query()->create(['name' => $name, 'kind' => $kind, 'places' => $places, 'limit_g' => $limit]);
        }
        $bags = Bag::query()->pluck('id', 'name');
        foreach (self::shelf() as [$kind, $label, $description, $specs, $grams, $lead, $bag, $lane]) {
            $item = app(ShelfDesk::class)->save(
                GearKind::from($kind),
                array_map(static fn (int|float|string|bool $v): string => is_bool($v) ? 'yes' : (string) $v, $specs),
                ['label' => $label, 'description' => $description, 'weight_g' => $grams, 'lead_days' => $lead, 'ownership' => 'owned'],
            );
            if ($bag !== null) {
                Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => $lane, 'bag_id' => $bags[$bag]]);
            }
        }
        Item::query()
            ->where('label', 'Zoom 70–200')
            ->update([
                'ownership' => 'borrowed',
                'from_whom' => 'Sigrid Foss',
                'due_on' => Carbon::parse($job->date)->addDays(2)->format('Y-m-d'),
            ]);
        for ($i = 1; $i <= 10; $i++) {
            $cell = Item::query()->create([
                'kind' => 'cell',
                'label' => "Cell {$i}",
                'description' => '16 Wh',
                'cell_type' => 'OV-16',
                'specs' => ['cell_wh' => 16.0],
                'weight_g' => 78,
                'lead_days' => 3,
            ]);
            if ($i <= 4) {
                Packing::query()->create([
                    'job_id' => $job->id,
                    'item_id' => $cell->id,
                    'lane' => $i <= 3 ? 'lead' : 'second',
                    'bag_id' => $bags[$i <= 3 ? 'Hip pouch' : 'Shoulder bag'],
                ]);
            }
        }
        foreach (['Body A' => 60, 'Body C' => 9, 'Flash 1' => 9, 'Zoom 24–70' => 9, 'Reader, two slots' => 9] as $label => $daysAgo) {
            ItemTest::query()->create([
                'item_id' => Item::query()->where('label', $label)->value('id'),
                'result' => 'passed',
                'at' => Carbon::now()->subDays($daysAgo),
            ]);
        }
        $dance = $job->segments()->where('title', 'First dance and the floor')->firstOrFail();
        KitAsk::query()->create([
            'job_id' => $job->id,
            'segment_id' => $dance->id,
            'what' => NeedWhat::Light->value,
            'count' => 1,
            'priority' => 'must',
            'note' => 'from behind the floor',
            'distance_m' => 5,
            'f_number' => 4,
            'iso' => 1600,
            'stops_lost' => 0,
        ]);
        $job->update(['settings_sheet' => ['slowest' => 100, 'highest_iso' => 6400, 'widest' => 1.8, 'smallest' => 11]]);
    }

    private static function body(Job $job, string $label, string $serial, string $lane): Body
    {
        $item = Item::query()->create([
            'kind' => 'body',
            'label' => $label,
            'description' => 'Ostervik M4',
            'cell_type' => 'OV-16',
            'weight_g' => 690,
            'lead_days' => 4,
            'specs' => ['mount' => 'OV', 'megapixels' => 33.0, 'sync_denominator' => 250.0, 'slots' => 2],
        ]);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => $lane]);

        return Body::query()
            ->create([
                'item_id' => $item->id,
                'serial' => $serial,
                'raw_mb' => 52,
                'jpeg_mb' => 11,
                'frames_per_charge' => 620,
                'standby_hours_per_charge' => 40,
                'crop_factor' => 1,
                'planned_mode' => 'mirror',
            ])
            ->setRelation('item', $item);
    }

    private static function card(Job $job, string $label): Card
    {
        $item = Item::query()->create(['kind' => 'card', 'label' => $label, 'description' => 'V60', 'weight_g' => 3, 'lead_days' => 2]);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => 'lead']);
        $folder = Devices::standIns().'/cards/'.$label;
        if (! is_dir($folder)) {
            mkdir($folder, 0777, true);
        }
        $card = Card::query()
            ->create(['item_id' => $item->id, 'capacity_gb' => 128, 'folder' => $folder])
            ->setRelation('item', $item);
        app(CardLog::class)->add($card, CardEventKind::Bought, at: Carbon::now()->subYear());

        return $card;
    }

    /** Three frames of some earlier day, on one card only. */
    private static function oldFrames(Job $job, Body $body, Card $card): void
    {
        $aside = Devices::standIns().'/aside';
        $camera = Devices::camera($body);
        $exposures = [];
        for ($i = 0; $i < 3; $i++) {
            $exposures[] = new \App\Devices\StandIn\Exposure(
                now()->getTimestamp() - 20 * 86400 + $i * 40,
                3600,
                'Prime 35',
                35,
                125,
                2.8,
                1600,
                'An earlier day',
            );
        }
        $camera->shoot([$aside, (string) $card->folder], $exposures);
    }

    private static function drives(): void
    {
        foreach ([['Drive Fir', 'bag'], ['Drive Birch', 'on-you'], ['Home office', 'elsewhere']] as [$name, $kept]) {
            $folder = Devices::standIns().'/drives/'.str_replace(' ', '-', strtolower($name));
            StandInDrive::make($folder, sizeMb: 4000);
            Destination::query()->create([
                'name' => $name,
                'folder' => realpath($folder),
                'mark' => PlaceMark::leave($folder),
                'kept' => $kept,
                'device_kind' => $kept === 'elsewhere' ? 'disk' : 'ssd',
                'mb_per_s' => $kept === 'elsewhere' ? 12 : 300,
                'item_id' => Item::query()->where('label', $name)->value('id'),
            ]);
        }
    }
}
