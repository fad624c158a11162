<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Card;
use App\Models\CardEventRecord;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthSatchel\Cards\CardEvent;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardLife;

/** The lives of the cards: lines are added, states are computed. Only the cards at hand are read. */
final class CardLog
{
    /** What is tapped may have waited on a phone, and has its place by the time it was tapped. */
    private const TAPPED = ['loaded', 'unloaded', 'clashed'];

    /** @var array<int, CardLife> by card id, for this request */
    private array $lives = [];

    public function lifeOf(Card $card): CardLife
    {
        return $this->lives[$card->id] ?? $this->read([$card->id])[$card->id];
    }

    /** @param  iterable<Card>  $cards  whose lives are about to be asked for */
    public function prepare(iterable $cards): void
    {
        $ids = [];
        foreach ($cards as $card) {
            if (! isset($this->lives[$card->id])) {
                $ids[] = $card->id;
            }
        }
        $this->read($ids);
    }

    /** @param  array<string, mixed>  $data */
    public function add(
        Card $card,
        CardEventKind $kind,
        ?int $jobId = null,
        ?int $bodyId = null,
        ?int $slot = null,
        array $data = [],
        ?string $eventId = null,
        ?Carbon $at = null,
    ): void {
        CardEventRecord::query()->insertOrIgnore([
            'event_id' => $eventId ?? (string) Str::uuid(),
            'card_id' => $card->id,
            'job_id' => $jobId,
            'body_id' => $bodyId,
            'slot' => $slot,
            'kind' => $kind->value,
            'data' => json_encode((object) $data, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            'at' => ($at ?? now())->format('Y-m-d H:i:s.v'),
        ]);
        unset($this->lives[$card->id]);
    }

    /**
     * What the program itself noted stays in the order in which it was noted, whatever its clock said: a clock that is set
     * back must not put a format behind the seal that came after it.
     *
     * @param  list<int>  $ids
     * @return array<int, CardLife>
     */
    private function read(array $ids): array
    {
        $events = $latest = array_fill_keys($ids, null);
        foreach ($ids === [] ? [] : CardEventRecord::query()->whereIn('card_id', $ids)->orderBy('id')->get() as $row) {
            $at = (float) $row->at->format('U.v');
            if (! in_array($row->kind, self::TAPPED, true)) {
                $at = $latest[$row->card_id] = max($latest[$row->card_id] ?? $at, $at);
            }
            $events[$row->card_id][] = new CardEvent(CardEventKind::from($row->kind), $at, $row->job_id, $row->body_id, $row->slot, $row->data ?? []);
        }
        $lives = array_map(static fn (?array $list): CardLife => CardLife::of($list ?? []), $events);
        $this->lives = $lives + $this->lives;

        return $lives;
    }
}
