<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\JobDay;
use App\Devices\Devices;
use App\Devices\StandIn\Exposure;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Time\ClockTime;

/** The photographer's hands on the stand-in cameras: fire test frames, change the menu, shoot the day. */
final class StandInDesk
{
    private const TEST_FRAMES = 2;

    private const FIRINGS_APART_S = 10;

    /** Of each body, over a day that is played. */
    private const FRAMES_ALONG = 240;

    private const ALONG_KEPT_S = 30 * 86400;

    public function __construct(private readonly CardsDesk $cards) {}

    /** Every body with two stand-in cards fires at the same moment. */
    public function fireTestFrames(Job $job, ?int $at = null): void
    {
        $at ??= $this->momentAfterLast($job);
        foreach ($this->loadedBodies($job) as [$body, $folders]) {
            $exposures = [];
            for ($i = 0; $i < self::TEST_FRAMES; $i++) {
                $exposures[] = $this->exposure($job, $body, $at + $i, 'Test frame');
            }
            Devices::camera($body)->shoot($folders, $exposures);
        }
    }

    public function setMode(Body $body): void
    {
        $camera = Devices::camera($body);
        $camera->set($camera->settings()->with(mode: SaveMode::from($body->planned_mode), raw: true));
    }

    public function setClock(Body $body): void
    {
        $camera = Devices::camera($body);
        $camera->set($camera->settings()->with(clockErrorS: 0));
    }

    /**
     * Shoots the planned day: each body takes so many frames, spread over the segments of its lane in
     * the share of their planned frames. Of a catalogue: each product behind its board.
     *
     * @param  list<StruckCard>  $faults  each strikes another frame
     * @return int frames taken
     */
    public function shootDay(Job $job, int $framesABody, int $seed = 1, array $faults = []): int
    {
        $taken = 0;
        $products = ProductMoments::of($job);
        foreach ($this->loadedBodies($job) as [$body, $folders, $cards]) {
            $moments = $products ?: $this->moments($job, $this->laneOf($job, $body), $framesABody, $seed + $body->id);
            if ($moments === []) {
                continue;
            }
            $exposures = array_map(fn (ShotMoment $m): Exposure => $this->exposure($job, $body, $m->at, $m->shown, $m->board), $moments);
            $struck = [];
            foreach ($faults as $index => $one) {
                foreach ([1, 2] as $slot) {
                    if ($cards[$slot]->item->label === $one->label) {
                        $struck[intdiv(count($exposures) * ($index + 1), count($faults) + 1)] = [$slot, $one->fault];
                    }
                }
            }
            $taken += Devices::camera($body)->shoot($folders, $exposures, $struck);
        }
        if ($taken === 0) {
            throw ValidationException::withMessages([
                'shoot' => 'Nothing could be shot: no body has two cards in it, or nothing is planned for its photographer.',
            ]);
        }

        return $taken;
    }

    /**
     * While a day is played the cameras shoot along with its plan: what falls between the last time and now.
     *
     * @return int frames taken
     */
    public function shootAlong(Job $job): int
    {
        $now = (int) now()->format('U');
        $key = "shot-along-{$job->id}";
        $last = (int) Cache::get($key, $now);
        Cache::put($key, $now, self::ALONG_KEPT_S);
        $taken = 0;
        // A clock that was set back begins anew.
        foreach ($last < $now ? $this->loadedBodies($job) : [] as [$body, $folders]) {
            $moments = array_filter(
                $this->moments($job, $this->laneOf($job, $body), self::FRAMES_ALONG, $body->id),
                static fn (ShotMoment $m): bool => $m->at >= $last && $m->at < $now,
            );
            $exposures = array_map(fn (ShotMoment $m): Exposure => $this->exposure($job, $body, $m->at, $m->shown), array_values($moments));
            $taken += $exposures === [] ? 0 : Devices::camera($body)->shoot($folders, $exposures);
        }

        return $taken;
    }

    /**
     * What no name, size or time tells: on the twins of the first shot pair one raw file is another picture from now on.
     *
     * @return string which, in words
     *
     * @throws ValidationException when nothing was shot
     */
    public function changeBehindItsBack(Job $job): string
    {
        foreach ($this->cards->shot($job) as $card) {
            $raws = $card->folder !== null && Devices::isStandIn($card->folder) ? (glob("{$card->folder}/DCIM/*/*.DNG") ?: []) : [];
            $twin = $this->cards->twinOf($job, $card);
            $body = Body::query()->find($this->cards->lifeOf($card)->bodyId);
            if ($raws === [] || $twin?->folder === null || $body === null) {
                continue;
            }
            $file = substr($raws[intdiv(count($raws), 2)], strlen((string) $card->folder));
            $bytes = Devices::camera($body)->another(
                (int) filemtime($card->folder.$file),
                $this->exposure($job, $body, (int) filemtime($card->folder.$file), 'Another picture'),
            );
            foreach ([$card->folder.$file, $twin->folder.$file] as $at) {
                if (is_file($at) && filesize($at) === strlen($bytes)) {
                    $time = (int) filemtime($at);
                    file_put_contents($at, $bytes);
                    touch($at, $time);
                }
            }

            return basename($file).
                " on {$card->item->label} and {$twin->item->label} is another picture now, of the same name, size and time.";
        }
        throw ValidationException::withMessages(['shoot' => 'Nothing is shot yet: shoot the planned day and seal the cards first.']);
    }

    /** @return list<array{Body, array{string, string}, array<int, Card>}> */
    private function loadedBodies(Job $job): array
    {
        $slots = $this->cards->slots($job);
        $loaded = [];
        foreach ($this->cards->bodies($job) as $body) {
            $in = $slots[$body->id] ?? [];
            if (
                isset($in[1], $in[2]) &&
                $in[1]->folder !== null &&
                $in[2]->folder !== null &&
                Devices::isStandIn($in[1]->folder) &&
                Devices::isStandIn($in[2]->folder)
            ) {
                $loaded[] = [$body, [$in[1]->folder, $in[2]->folder], $in];
            }
        }

        return $loaded;
    }

    private function laneOf(Job $job, Body $body): string
    {
        return $job->packing->firstWhere('item_id', $body->item_id)->lane ?? 'lead';
    }

    /** @return list<ShotMoment> in order */
    private function moments(Job $job, string $lane, int $count, int $seed): array
    {
        $day = JobDay::of($job);
        $weights = [];
        foreach ($job->segments->where('lane', $lane)->sortBy('start_clock') as $segment) {
            $weights[$segment->id] = max(1, (int) $segment->shotLines->sum('frames'));
        }
        $total = array_sum($weights);
        $moments = [];
        mt_srand($seed, MT_RAND_MT19937);
        foreach ($job->segments->whereIn('id', array_keys($weights))->sortBy('start_clock') as $segment) {
            $frames = max(1, (int) round(($count * $weights[$segment->id]) / $total));
            $start = $day->instantOf(ClockTime::of($segment->start_clock));
            $step = ($segment->minutes * 60) / $frames;
            for ($i = 0; $i < $frames; $i++) {
                $moments[] = new ShotMoment((int) ($start + $i * $step + mt_rand(0, max(0, (int) $step - 1))), $segment->title);
            }
        }

        return $moments;
    }

    private function exposure(Job $job, Body $body, int $at, string $scene, ?string $board = null): Exposure
    {
        $zone = new \DateTimeZone($job->place->timezone);
        $lens = $job->packing->where('lane', $this->laneOf($job, $body))->first(static fn ($p): bool => $p->item->kind === 'lens');

        return new Exposure(
            at: $at,
            offsetS: $zone->getOffset(new \DateTimeImmutable('@'.$at)),
            lens: $lens->item->label ?? 'Ostervik 50 f/2',
            focalMm: $lens->item->focal_min_mm ?? 50,
            shutterDenominator: 250,
            fNumber: 2.8,
            iso: 800,
            scene: substr((string) preg_replace('/[^\x20-\x7E]/', '', $scene), 0, 40),
            board: $board,
        );
    }

    /** Two firings are kept apart, so that each is a test of its own. */
    private function momentAfterLast(Job $job): int
    {
        $last = (int) Cache::get("last-firing-{$job->id}", 0);
        $at = max(time(), $last + self::FIRINGS_APART_S);
        Cache::put("last-firing-{$job->id}", $at, 3600);

        return $at;
    }
}
