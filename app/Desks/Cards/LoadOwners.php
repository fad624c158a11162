<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\KeptFindings;
use App\Models\Brief\Job;
use App\Models\Cards\ClockOffset;
use App\Models\Cards\FrameClaim;
use App\Models\Kit\Card;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Cards\Owner\FrameShares;
use NorthSatchel\Cards\Owner\JobHours;
use NorthSatchel\Cards\Owner\Share;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** Whose frames are on a load: by corrected time against the jobs' hours, unless a person said otherwise. */
final class LoadOwners
{
    /** Frames taken so long before or after the hours of a job may still be its own. */
    private const BESIDE_S = 12 * 3600;

    private const A_DAY_S = 86400;

    /** @var array<int, list<LoadOfCard>> by job, for this request */
    private array $loads = [];

    /** @var list<array{int, int, int, list<int>, array<int, int>}>|null of every job, for this request */
    private ?array $around = null;

    /** @var array<string, array{int, int, int|null}>|null of every load, for this request */
    private ?array $spans = null;

    /** @var array<string, Collection<int, FrameClaim>> by "card fill", for this request */
    private array $claims = [];

    public function __construct(private readonly CardLog $log) {}

    /**
     * The loads that concern a job: cards that were loaded for it, and all that hold frames of it.
     *
     * @param  Collection<int, Card>  $packed
     * @return list<LoadOfCard>
     */
    public function of(Job $job, Collection $packed): array
    {
        return $this->loads[$job->id] ??= $this->kept($job, $packed);
    }

    /**
     * Found anew only when the database has changed.
     *
     * @param  Collection<int, Card>  $packed
     * @return list<LoadOfCard>
     */
    private function kept(Job $job, Collection $packed): array
    {
        $rows = KeptFindings::of(
            $job,
            'loads',
            fn (): array => array_map(
                static fn (LoadOfCard $l): array => [$l->card->id, $l->fill, $l->loadedFor, $l->isPresent, $l->shares, $l->mine],
                $this->find($job, $packed),
            ),
        );
        $cards = $this->cards(array_map(static fn (array $row): string => "{$row[0]} {$row[1]}", $rows), $packed);

        return array_map(
            static fn (array $row): LoadOfCard => new LoadOfCard($cards[$row[0]], $row[1], $row[2], $row[3], $row[4], $row[5]),
            $rows,
        );
    }

    public function forget(): void
    {
        $this->loads = [];
        $this->around = $this->spans = null;
    }

    /** Only the frames of a job among those of its loads. */
    public static function only(Builder $frames, LoadOfCard ...$loads): Builder
    {
        return $frames->where(static function (Builder $any) use ($loads): void {
            $loads === [] ? $any->whereRaw('0 = 1') : null;
            foreach ($loads as $load) {
                $any->orWhere(static function (Builder $of) use ($load): void {
                    $of->where('frames.card_id', $load->card->id)->where('frames.fill', $load->fill);
                    if (count($load->jobs()) > 1) {
                        $of->where(static function (Builder $when) use ($load): void {
                            $when->whereRaw('0 = 1');
                            foreach ($load->mine as $share) {
                                $when->orWhereBetween('frames.taken_at', [$share->from, $share->to]);
                            }
                        });
                    }
                });
            }
        });
    }

    /**
     * @param  Collection<int, Card>  $packed
     * @return list<LoadOfCard>
     */
    private function find(Job $job, Collection $packed): array
    {
        $hours = array_values(array_filter($this->around(), static fn (array $j): bool => $j[0] === $job->id))[0] ?? null;
        $wanted = [];
        foreach ($packed as $card) {
            $life = $this->log->lifeOf($card);
            foreach ($life->pastFills as $fill => $of) {
                $wanted["{$card->id} {$fill}"] = $of === $job->id;
            }
            $wanted["{$card->id} {$life->fill}"] = $life->jobId === $job->id && ! $life->isFree();
        }
        foreach ($hours === null ? [] : $this->spans() as $key => [$first, $last]) {
            if ($last >= $hours[1] - self::BESIDE_S && $first <= $hours[2] + self::BESIDE_S) {
                $wanted[$key] ??= false;
            }
        }
        $spans = array_intersect_key($this->spans(), $wanted);
        $cards = $this->cards(array_keys($wanted), $packed);
        $claims = $this->claims;
        $found = [];
        foreach ($wanted as $key => $isLoadedForIt) {
            [$id, $fill] = array_map(intval(...), explode(' ', $key));
            $card = $cards[$id] ?? null;
            if ($card === null) {
                continue;
            }
            $life = $this->log->lifeOf($card);
            $loadedFor = $life->fill === $fill ? $life->jobId : $life->pastFills[$fill] ?? null;
            $shares = isset($spans[$key])
                ? $this->shares($this->around(), $spans[$key], $loadedFor, array_values(($claims[$key] ?? new Collection())->all()))
                : [];
            $mine = array_values(array_filter($shares, static fn (Share $s): bool => $s->jobId === $job->id));
            if ($mine !== [] || $isLoadedForIt) {
                $found[] = new LoadOfCard($card, $fill, $loadedFor, $life->fill === $fill && ! $life->isFree(), $shares, $mine);
            }
        }
        usort(
            $found,
            static fn (LoadOfCard $a, LoadOfCard $b): int => [$a->isPresent, $a->card->item->label, $a->fill] <=> [
                $b->isPresent,
                $b->card->item->label,
                $b->fill,
            ],
        );

        return $found;
    }

    /**
     * @param  list<string>  $loads
     * @param  Collection<int, Card>  $packed
     * @return array<int, Card> by id
     */
    private function cards(array $loads, Collection $packed): array
    {
        $known = $packed->keyBy('id')->all();
        $more = array_values(array_diff(array_map(intval(...), $loads), array_keys($known)));
        if ($more !== []) {
            $others = Card::query()->with('item')->whereIn('id', $more)->get();
            $this->log->prepare($others);
            $known += $others->keyBy('id')->all();
        }

        return $known;
    }

    /**
     * @return array<string, array{int, int, int|null}> first and last frame of every load, by the camera's clock, and the body, by "card
     * fill"
     */
    private function spans(): array
    {
        return $this->spans ??= DB::table('loads')
            ->get()
            ->mapWithKeys(
                static fn (\stdClass $l): array => [
                    "{$l->card_id} {$l->fill}" => [
                        (int) $l->first_taken,
                        (int) $l->last_taken,
                        $l->body_id === null ? null : (int) $l->body_id,
                    ],
                ],
            )
            ->all();
    }

    /**
     * @return list<array{int, int, int, list<int>, array<int, int>}> of every job: its number, from, to, bodies, seconds by which each
     * body's clock is ahead
     */
    private function around(): array
    {
        if ($this->around !== null) {
            return $this->around;
        }
        $this->around = [];
        $jobs = DB::table('jobs')
            ->join('places', 'places.id', '=', 'jobs.place_id')
            ->orderBy('jobs.id')
            ->get([
                'jobs.id',
                'date',
                'timezone',
                'covered_from',
                'covered_to',
                DB::raw('(select max(day) from segments where segments.job_id = jobs.id and segments.deleted_at is null) as days'),
                DB::raw(
                    '(select group_concat(bodies.id) from packing join bodies on bodies.item_id = packing.item_id where packing.job_id '.
                        '= jobs.id) as bodies',
                ),
                DB::raw('exists (select 1 from clock_offsets) as has_offsets'),
                DB::raw('exists (select 1 from frame_claims) as has_claims'),
            ]);
        $offsets = (int) $jobs->max('has_offsets') === 0 ? new Collection() : ClockOffset::query()->orderBy('id')->get()->groupBy('job_id');
        $this->claims =
            (int) $jobs->max('has_claims') === 0
                ? []
                : FrameClaim::query()->orderBy('id')->get()->groupBy(static fn (FrameClaim $c): string => "{$c->card_id} {$c->fill}")->all();
        foreach ($jobs as $job) {
            $hours = self::hours(
                (string) $job->date,
                (string) $job->timezone,
                (string) $job->covered_from,
                (string) $job->covered_to,
                (int) $job->days,
            );
            if ($hours !== null) {
                $this->around[] = [
                    (int) $job->id,
                    $hours[0],
                    $hours[1],
                    array_map(intval(...), explode(',', (string) $job->bodies)),
                    ($offsets[$job->id] ?? new Collection())
                        ->mapWithKeys(static fn (ClockOffset $o): array => [$o->body_id => $o->offset_s])
                        ->all(),
                ];
            }
        }

        return $this->around;
    }

    /**
     * @param  list<array{int, int, int, list<int>, array<int, int>}>  $around
     * @param  array{int, int, int|null}  $span
     * @param  list<FrameClaim>  $claims
     * @return list<Share>
     */
    private function shares(array $around, array $span, ?int $loadedFor, array $claims): array
    {
        [$first, $last, $body] = $span;
        $jobs = array_map(
            static fn (array $j): JobHours => new JobHours($j[0], $j[1] + ($j[4][$body ?? 0] ?? 0), $j[2] + ($j[4][$body ?? 0] ?? 0), $j[3]),
            $around,
        );
        $near = array_values(
            array_filter($jobs, static fn (JobHours $j): bool => $j->from <= $last + self::BESIDE_S && $j->to >= $first - self::BESIDE_S),
        );
        $shares = FrameShares::of($near, $body, $first, $last, $loadedFor);
        if ($shares === [] && $loadedFor !== null) {
            $shares = [new Share($loadedFor, $first, $last)];
        }
        foreach ($claims as $claim) {
            $shares = FrameShares::claimed(
                $shares,
                new Share($claim->job_id, max($first, $claim->from_taken ?? $first), min($last, $claim->to_taken ?? $last)),
            );
        }

        return $shares;
    }

    /** @return array{int, int}|null unix seconds of the covered hours, of all days */
    private static function hours(string $date, string $timezone, string $from, string $to, int $lastDay): ?array
    {
        try {
            $day = LocalDay::of($date, $timezone);

            return [$day->instantOf(ClockTime::of($from)), $day->instantOf(ClockTime::of($to)) + self::A_DAY_S * $lastDay];
        } catch (ImpossibleValue) {
            return null;
        }
    }
}
