<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\JobDay;
use App\Desks\Kit\PackDesk;
use App\Desks\Kit\PlacedDesk;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\Pack\HomeLists;
use NorthSatchel\Kit\Pack\LeaveCheck;
use NorthSatchel\Kit\Pack\LightMarks;
use NorthSatchel\Kit\Pack\ListLine;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The lists before and after: the night before, the door, what was placed where, and the count at the end. */
final class HomeDesk
{
    public function __construct(
        private readonly PackDesk $packing,
        private readonly BodyCheckDesk $bodies,
        private readonly TapDesk $taps,
        private readonly PlacedDesk $placed,
    ) {}

    public function lists(Job $job): HomeLists
    {
        $items = $job->packing->map(static fn (Packing $p): Item => $p->item);
        $cells = $items->where('kind', 'cell')->countBy(static fn (Item $i): string => $i->cell_type ?? 'any')->all();
        $codes = array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($this->bodies->verdicts($job)));
        $isRead =
            array_intersect($codes, ['camera.not-read', 'camera.stale', 'camera.no-test-frames', 'camera.no-body']) === [] &&
            $items->where('kind', 'body')->isNotEmpty();
        $has = static fn (string ...$some): bool => array_intersect($codes, $some) !== [];

        return NightList::of(
            $cells,
            array_values($items->where('kind', 'body')->pluck('label')->all()),
            $this->bodies->seen($job, $isRead),
            $isRead ? ['clock' => ! $has('camera.clock'), 'mode' => ! $has('camera.mode', 'camera.no-raw')] : [],
            array_values(
                $job->packing
                    ->reject(fn (Packing $p): bool => $this->packing->isPacked($job, $p->item_id))
                    ->map(static fn (Packing $p): string => $p->item->label)
                    ->all(),
            ),
            $job->packing->count(),
            array_values($items->where('kind', 'paper')->pluck('label')->all()),
            JobDay::coveredMinutes($job) / 60,
            (float) $job->temperature_c,
        );
    }

    /** A number for a line of a list, the same each time. */
    public static function lineId(string $code): int
    {
        return (int) hexdec(substr(hash('xxh32', $code), 0, 7));
    }

    public function isChecked(Job $job, ListLine $line): bool
    {
        return $line->proved ?? $this->packing->ticked($job, TapKind::Check, self::lineId($line->code));
    }

    public function verdicts(Job $job): Verdicts
    {
        $packed = $job->packing->mapWithKeys(static fn (Packing $p): array => [$p->item_id => $p->item->label])->all();
        $home = array_fill_keys(
            array_filter(array_keys($packed), fn (int $id): bool => $this->packing->ticked($job, TapKind::Home, $id)),
            true,
        );

        return new Verdicts(LeaveCheck::of($this->placed->placements($job), $this->placed->leaving($job), $packed, $home));
    }

    /**
     * A thing put somewhere.
     *
     * @param  array<string, float>  $marks
     *
     * @throws ValidationException when it is not on the list
     */
    public function place(Job $job, int $itemId, string $place, array $marks): void
    {
        if (! $job->packing->contains('item_id', $itemId)) {
            throw ValidationException::withMessages(['item' => 'That is not on the list of this job.']);
        }
        $this->taps->press(TapKind::Placed, ['job' => $job->id, 'item' => $itemId, 'place' => $place, ...$marks]);
    }

    /** @param  array<string, float>  $now  measured again */
    public function compare(Job $job, int $itemId, array $now): Verdict
    {
        $standing = $this->placed->standing($job)[$itemId] ?? null;

        return LightMarks::compare($standing->label ?? 'It', $standing->marks ?? [], $now);
    }
}
