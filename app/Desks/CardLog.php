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

/** The lives of the cards: lines are added, states are computed. */
final class CardLog
{
    /** @var array<int, CardLife>|null by card id, for this request */
    private ?array $lives = null;

    public function lifeOf(Card $card): CardLife
    {
        $this->lives ??= $this->readAll();

        return $this->lives[$card->id] ?? CardLife::of([]);
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
        $this->lives = null;
    }

    /** @return array<int, CardLife> */
    private function readAll(): array
    {
        $events = [];
        foreach (CardEventRecord::query()->orderBy('id')->get() as $row) {
            $events[$row->card_id][] = new CardEvent(
                CardEventKind::from($row->kind),
                (float) $row->at->format('U.v'),
                $row->job_id,
                $row->body_id,
                $row->slot,
                $row->data ?? [],
            );
        }

        return array_map(CardLife::of(...), $events);
    }
}
