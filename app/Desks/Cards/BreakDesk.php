<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Day\DayDesk;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\ClockOffset;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\TakenFrame;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;

/** The cards in the bodies, read at a break and put back: nothing is written anywhere, and nothing of it is kept. */
final readonly class BreakDesk
{
    public function __construct(private CardsDesk $cards, private DayDesk $day, private CameraSignsDesk $signs) {}

    public function read(Job $job): BreakRead
    {
        $lanes = $job->packing->pluck('lane', 'item_id');
        $ahead = ClockOffset::query()->where('job_id', $job->id)->orderBy('id')->get()->pluck('offset_s', 'body_id');
        $bodies = $this->cards->bodies($job)->keyBy('id');
        $frames = $read = $problems = [];
        foreach ($this->cards->slots($job) as $bodyId => $slots) {
            $body = $bodies->get($bodyId);
            if (! $body instanceof Body) {
                continue;
            }
            foreach ($slots as $card) {
                try {
                    $found = $this->frames($job, $card, $body, (string) ($lanes[$body->item_id] ?? 'lead'), (int) ($ahead[$bodyId] ?? 0));
                    $read[] = "{$card->item->label} in {$body->item->label}: ".count($found).' frames';
                    // Both cards of a body hold the same frame once.
                    $frames += array_column(array_map(static fn (TakenFrame $f): array => ["{$bodyId} {$f->name}", $f], $found), 1, 0);
                } catch (FolderNotAllowed|UnableToRead $e) {
                    $problems[] = "{$card->item->label}: {$e->getMessage()}";
                }
            }
        }
        $segments = $this->day->lived($job);

        $bumps = $read === [] ? [] : $this->signs->bumps($job);

        return new BreakRead(new FrameMatch($segments, array_values($frames)), $segments, $read, $problems, $bumps);
    }

    /**
     * @return list<TakenFrame> raw and jpeg of one name once
     *
     * @throws FolderNotAllowed
     * @throws UnableToRead
     */
    private function frames(Job $job, Card $card, Body $body, string $lane, int $aheadS): array
    {
        $zone = new \DateTimeZone($job->place->timezone);
        $volume = Devices::card($card);
        $frames = [];
        foreach ($volume->entries() as $entry) {
            if ($entry->kind !== EntryKind::File || FrameKind::of($entry->path) === null || preg_match('//u', $entry->path) !== 1) {
                continue;
            }
            $stem = (string) preg_replace('/\.[^.\/]+$/', '', $entry->path);
            $exif = isset($frames[$stem]) ? null : PictureInspector::exif($volume, $entry->path);
            if ($exif?->clock !== null) {
                $at = $exif->clock - ($exif->offsetS ?? $zone->getOffset(new \DateTimeImmutable($job->date, $zone))) - $aheadS;
                $frames[$stem] = new TakenFrame($stem, (float) $at, $lane, $body->item->label, $exif->focal35Mm ?? $exif->focalMm);
            }
        }

        return array_values($frames);
    }
}
