<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Cards\CardLoad;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Cards\Permit\Medium;

/** Which bags hold how much of a card load, by content. */
final class CoverageDesk
{
    private const LOADS_A_QUERY = 50;

    /** @var array<string, Coverage> by "card fill", for this request */
    private array $known = [];

    public function __construct(private readonly CopyLedger $ledger, private readonly Places $places) {}

    /**
     * @param  list<CardLoad>  $loads
     * @return array<string, Coverage> by "card fill"
     */
    public function prepared(array $loads): array
    {
        $this->prepare($loads);

        return $this->known;
    }

    /** @param  array<string, Coverage>  $known  what was found before, while nothing has changed */
    public function keep(array $known): void
    {
        $this->known += $known;
    }

    /**
     * @param  list<CardLoad>  $loads
     */
    public function prepare(array $loads): void
    {
        $loads = array_values(array_filter($loads, fn (CardLoad $load): bool => ! isset($this->known[$load->key()])));
        foreach (array_chunk($loads, self::LOADS_A_QUERY) as $some) {
            $this->read($some);
        }
    }

    /** @param  list<string>  $givenUp */
    public function of(int $cardId, int $fill, array $givenUp = []): Coverage
    {
        $load = new CardLoad($cardId, $fill, $givenUp);
        $this->prepare([$load]);

        return $this->known[$load->key()];
    }

    /**
     * Files that lie in the same bags are counted together: a load of thousands has few such groups.
     *
     * @param  list<CardLoad>  $loads
     */
    private function read(array $loads): void
    {
        $seals = Frame::ofLoads($loads)->groupBy('card_id', 'fill')->selectRaw('card_id as c, fill as f, max(seal) as s')->toBase();
        $each = DB::table('frames')
            ->joinSub(
                $seals,
                'seals',
                static fn (JoinClause $on) => $on->on('frames.card_id', '=', 'c')->on('frames.fill', '=', 'f')->on('frames.seal', '=', 's'),
            )
            ->leftJoin('copies', 'copies.content', '=', DB::raw('substr(frames.hash, 1, 64)'))
            ->groupBy('frames.id')
            ->selectRaw('frames.id as id, frames.card_id, frames.fill, group_concat(copies.copy_event_id) as events')
            ->orderBy('copies.copy_event_id');
        foreach ($loads as $load) {
            if ($load->givenUp !== []) {
                $each->whereNot(static fn (Builder $of) => $of
                    ->where('frames.card_id', $load->card)
                    ->where('frames.fill', $load->fill)
                    ->whereIn('path', $load->givenUp));
            }
        }
        $groups = DB::query()
            ->fromSub($each, 'each')
            ->groupBy('card_id', 'fill', 'events')
            ->selectRaw('card_id, fill, events, count(*) as files')
            ->get();
        $events = $this->events($groups->pluck('events')->filter()->all(), $loads);
        $byLoad = $groups->groupBy(static fn (\stdClass $g): string => "{$g->card_id} {$g->fill}");
        foreach ($loads as $load) {
            $this->known[$load->key()] = $this->coverage(($byLoad[$load->key()] ?? new Collection())->all(), $events);
        }
    }

    /**
     * @param  array<int, \stdClass>  $groups
     * @param  array<int, CopyEvent>  $events
     */
    private function coverage(array $groups, array $events): Coverage
    {
        $found = $media = [];
        $count = 0;
        foreach ($groups as $group) {
            $count += (int) $group->files;
            $on = [];
            foreach (array_unique(explode(',', (string) $group->events)) as $id) {
                $event = $events[(int) $id] ?? null;
                if ($event !== null) {
                    $found[$event->id] = ($found[$event->id] ?? 0) + (int) $group->files;
                    $on = $this->ledger->counts($event) ? [...$on, $this->places->medium($event)] : $on;
                }
            }
            $media[] = count(Medium::different($on));
        }

        return new Coverage($count, $found, $media === [] ? 0 : min($media));
    }

    /**
     * @param  array<array-key, mixed>  $lists  of ids, with commas between them
     * @param  list<CardLoad>  $loads  whose own events are at hand
     * @return array<int, CopyEvent> by id
     */
    private function events(array $lists, array $loads): array
    {
        $this->ledger->prepare($loads);
        $known = [];
        foreach ($loads as $load) {
            foreach ($this->ledger->lastEvents($load->card, $load->fill) as $event) {
                $known[$event->id] = $event;
            }
        }
        $ids = array_unique(
            array_map(
                intval(...),
                $lists === [] ? [] : explode(',', implode(',', array_map(static fn (mixed $l): string => is_string($l) ? $l : '', $lists))),
            ),
        );
        $more = array_values(array_diff($ids, array_keys($known)));

        return $known + ($more === [] ? [] : CopyEvent::query()->whereIn('id', $more)->get()->keyBy('id')->all());
    }
}
