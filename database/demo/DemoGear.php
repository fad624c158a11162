<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Desks\CardLog;
use App\Desks\StandInDesk;
use App\Devices\Devices;
use App\Devices\StandIn\StandInDrive;
use App\Models\Body;
use App\Models\Card;
use App\Models\Destination;
use App\Models\Item;
use App\Models\Job;
use App\Models\Packing;
use Illuminate\Support\Carbon;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Kit\SaveMode;

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
        self::oldFrames($job, $c, $cards[6]);
        foreach ([[$a, 1, 1], [$a, 2, 2], [$b, 1, 3], [$b, 2, 4], [$c, 1, 5], [$c, 2, 6]] as [$body, $slot, $number]) {
            app(CardLog::class)->add($cards[$number], CardEventKind::Loaded, $job->id, $body->id, $slot, at: Carbon::now()->subHours(3));
        }
        self::drives();
        $job->load(['place', 'packing.item.body', 'packing.item.card', 'segments.shotLines']);
        app(StandInDesk::class)->fireTestFrames($job, time() - 7200);
    }

    private static function items(Job $job): void
    {
        $packed = [
            ['lens', 'Zoom 24–70', 'f/2.8', 24, 70, null, 'lead'],
            ['lens', 'Prime 85', 'f/1.8', 85, 85, null, 'lead'],
            ['lens', 'Prime 35', 'f/1.8', 35, 35, null, 'second'],
            ['flash', 'Flash 1', 'guide number 52', null, null, null, 'lead'],
            ['reader', 'Reader, two slots', '', null, null, null, 'lead'],
            ['drive', 'Drive Fir', '4 TB', null, null, null, 'lead'],
            ['drive', 'Drive Birch', '4 TB', null, null, null, 'second'],
        ];
        foreach ($packed as [$kind, $label, $description, $from, $to, $cell, $lane]) {
            $item = Item::query()->create(['kind' => $kind, 'label' => $label, 'description' => $description, 'focal_min_mm' => $from, 'focal_max_mm' => $to, 'cell_type' => $cell]);
            Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => $lane]);
        }
        Item::query()->create(['kind' => 'lens', 'label' => 'Zoom 70–200', 'description' => 'f/2.8', 'focal_min_mm' => 70, 'focal_max_mm' => 200]);
        Item::query()->create(['kind' => 'lens', 'label' => 'Wide 16–35', 'description' => 'f/4', 'focal_min_mm' => 16, 'focal_max_mm' => 35]);
        for ($i = 1; $i <= 8; $i++) {
            $cell = Item::query()->create(['kind' => 'cell', 'label' => "Cell {$i}", 'description' => '16 Wh', 'cell_type' => 'OV-16']);
            if ($i <= 4) {
                Packing::query()->create(['job_id' => $job->id, 'item_id' => $cell->id, 'lane' => $i <= 3 ? 'lead' : 'second']);
            }
        }
    }

    private static function body(Job $job, string $label, string $serial, string $lane): Body
    {
        $item = Item::query()->create(['kind' => 'body', 'label' => $label, 'description' => 'Ostervik M4', 'cell_type' => 'OV-16']);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => $lane]);

        return Body::query()->create([
            'item_id' => $item->id, 'serial' => $serial, 'raw_mb' => 52, 'jpeg_mb' => 11, 'frames_per_charge' => 620,
            'standby_hours_per_charge' => 40, 'crop_factor' => 1, 'planned_mode' => 'mirror',
        ])->setRelation('item', $item);
    }

    private static function card(Job $job, string $label): Card
    {
        $item = Item::query()->create(['kind' => 'card', 'label' => $label, 'description' => 'V60']);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $item->id, 'lane' => 'lead']);
        $folder = Devices::standIns().'/cards/'.$label;
        if (! is_dir($folder)) {
            mkdir($folder, 0777, true);
        }
        $card = Card::query()->create(['item_id' => $item->id, 'capacity_gb' => 128, 'folder' => $folder])->setRelation('item', $item);
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
            $exposures[] = new \App\Devices\StandIn\Exposure(time() - 20 * 86400 + $i * 40, 3600, 'Prime 35', 35, 125, 2.8, 1600, 'An earlier day');
        }
        $camera->shoot([$aside, (string) $card->folder], $exposures);
    }

    private static function drives(): void
    {
        foreach ([['Drive Fir', 'bag'], ['Drive Birch', 'on-you'], ['Home office', 'elsewhere']] as [$name, $kept]) {
            $folder = Devices::standIns().'/drives/'.str_replace(' ', '-', strtolower($name));
            StandInDrive::make($folder, sizeMb: 4000);
            Destination::query()->create(['name' => $name, 'folder' => realpath($folder), 'kept' => $kept, 'item_id' => Item::query()->where('label', $name)->value('id')]);
        }
    }
}
