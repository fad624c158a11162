<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\KeptFindings;
use App\Models\Brief\Job;
use App\Models\Cards\FrameClaim;
use App\Models\Kit\Card;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Cards\Owner\FrameShares;
use NorthSatchel\Cards\Owner\JobHours;
use NorthSatchel\Cards\Owner\Share;

/** Whose frames are on a load: by corrected time against the jobs' hours, unless a person said otherwise. */
final class LoadOwners
{
    /** Frames taken so long before or after the hours of a job may still be its own. */
    private const BESIDE_S = 12 * 3600;

    /** @var array<int, list<LoadOfCard>> by job, for this request */
    private array $loads = [];

    /** Every job, for this request. */
    private ?JobsAround $around = null;

    /** @var array<string, array{int, int, int|null}>|null of every load, for this request */
    private ?array $spans = null;

    /** @var array<string, Collection<int, FrameClaim>>|null by "card fill", for this request */
    private ?array $claims = null;

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
        $this->around = $this->spans = $this->claims = null;
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
        $hours = array_values(array_filter($this->around()->jobs, static fn (JobAround $j): bool => $j->id === $job->id))[0] ?? null;
        $wanted = [];
        foreach ($packed as $card) {
            $life = $this->log->lifeOf($card);
            foreach ($life->pastFills as $fill => $of) {
                $wanted["{$card->id} {$fill}"] = $of === $job->id;
            }
            $wanted["{$card->id} {$life->fill}"] = $life->jobId === $job->id && ! $life->isFree();
        }
        foreach ($hours === null ? [] : $this->spans() as $key => [$first, $last]) {
            if ($last >= $hours->from - self::BESIDE_S && $first <= $hours->to + self::BESIDE_S) {
                $wanted[$key] ??= false;
            }
        }
        $spans = array_intersect_key($this->spans(), $wanted);
        $cards = $this->cards(array_keys($wanted), $packed);
        $claims = $this->claims();
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
                ? $this->shares($this->around()->jobs, $spans[$key], $loadedFor, array_values(($claims[$key] ?? new Collection())->all()))
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

    private function around(): JobsAround
    {
        return $this->around ??= JobsAround::all();
    }

    /** @return array<string, Collection<int, FrameClaim>> by "card fill" */
    private function claims(): array
    {
        return $this->claims ??= $this->around()->hasClaims
            ? FrameClaim::query()->orderBy('id')->get()->groupBy(static fn (FrameClaim $c): string => "{$c->card_id} {$c->fill}")->all()
            : [];
    }

    /**
     * @param  list<JobAround>  $around
     * @param  array{int, int, int|null}  $span
     * @param  list<FrameClaim>  $claims
     * @return list<Share>
     */
    private function shares(array $around, array $span, ?int $loadedFor, array $claims): array
    {
        [$first, $last, $body] = $span;
        $jobs = array_map(static fn (JobAround $j): JobHours => $j->hoursBy($body), $around);
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
}
