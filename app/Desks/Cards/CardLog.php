<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Kit\CardsInUse;
use App\Models\Brief\Job;
use App\Models\Cards\CardEventRecord;
use App\Models\Kit\Card;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthSatchel\Cards\CardEvent;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;

/** The lives of the cards: lines are added, states are computed. Only the cards at hand are read. */
final class CardLog implements CardsInUse
{
    /** What is tapped may have waited on a phone, and has its place by the time it was tapped. */
    private const TAPPED = ['loaded', 'unloaded', 'clashed'];

    private const KEPT_S = 30 * 86400;

    /** @var array<int, CardLife> by card id, for this request */
    private array $lives = [];

    /** @var array<int, string|null>|null by card id, the last line of each log as it stood when first asked for */
    private ?array $lastLines = null;

    public function lifeOf(Card $card): CardLife
    {
        $this->prepare([$card]);

        return $this->lives[$card->id];
    }

    /** @param  iterable<Card>  $cards  whose lives are about to be asked for */
    public function prepare(iterable $cards): void
    {
        $keys = $asked = [];
        foreach ($cards as $card) {
            if (! isset($this->lives[$card->id])) {
                $asked[] = $card->id;
            }
        }
        // What follows from a log is kept until the log has another last line; those of all cards are asked for at once.
        $lastLine = DB::table('card_events')
            ->select('event_id')
            ->whereColumn('card_events.card_id', 'cards.id')
            ->orderByDesc('card_events.id')
            ->limit(1);
        $this->lastLines ??=
            $asked === [] ? null : DB::table('cards')->select('id')->selectSub($lastLine, 'last_line')->pluck('last_line', 'id')->all();
        foreach (array_intersect($asked, array_keys($this->lastLines ?? [])) as $id) {
            $keys[$id] =
                'life '.hash('xxh32', (string) config('database.connections.sqlite.database'))." {$id} {$this->lastLines[$id]}";
        }
        $unknown = array_values(array_diff($asked, array_keys($keys)));
        $kept = $keys === [] ? [] : Cache::many(array_values($keys));
        foreach ($keys as $id => $key) {
            if ($kept[$key] instanceof CardLife) {
                $this->lives[$id] = $kept[$key];
            } else {
                $unknown[] = $id;
            }
        }
        foreach ($this->read($unknown) as $id => $life) {
            if (isset($keys[$id])) {
                Cache::put($keys[$id], $life, self::KEPT_S);
            }
        }
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
        $this->lastLines = null;
    }

    /**
     * Noted of a card where it is now.
     *
     * @param  array<string, mixed>  $data
     */
    public function note(Job $job, Card $card, CardEventKind $kind, array $data = []): void
    {
        $life = $this->lifeOf($card);
        $this->add($card, $kind, $job->id, $life->bodyId, $life->slot, $data);
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
        // A card in use for years has thousands of lines: they are read as they lie, without a model for each.
        foreach (
            $ids === []
                ? []
                : DB::table('card_events')
                    ->whereIn('card_id', $ids)
                    ->orderBy('id')
                    ->get(['card_id', 'job_id', 'body_id', 'slot', 'kind', 'data', 'at']) as $row
        ) {
            $at = (float) strtotime("{$row->at} UTC");
            $at += (float) ('0'.strstr((string) $row->at, '.'));
            $data = $row->data === null || $row->data === '{}' ? [] : json_decode((string) $row->data, true);
            if (! in_array($row->kind, self::TAPPED, true)) {
                $at = $latest[$row->card_id] = max($latest[$row->card_id] ?? $at, $at);
            }
            $events[$row->card_id][] = new CardEvent(
                CardEventKind::from($row->kind),
                $at,
                $row->job_id,
                $row->body_id,
                $row->slot,
                is_array($data) ? $data : [],
            );
        }
        $lives = array_map(static fn (?array $list): CardLife => CardLife::of($list ?? []), $events);
        $this->lives = $lives + $this->lives;

        return $lives;
    }

    public function unusable(Collection $cards, int $jobId): array
    {
        $this->prepare($cards);
        $full = [];
        foreach ($cards as $card) {
            $life = $this->lifeOf($card);
            $isOthers = $life->jobId !== $jobId && in_array($life->state, [CardState::Shot, CardState::Permitted], true);
            if ($isOthers || in_array($life->state, [CardState::Aside, CardState::Retired], true)) {
                $full[$card->item_id] = true;
            }
        }

        return $full;
    }
}
