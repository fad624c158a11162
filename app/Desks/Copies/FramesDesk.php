<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\LoadOfCard;
use App\Desks\Cards\LoadOwners;
use App\Models\Brief\Job;
use App\Models\Cards\ClockOffset;
use App\Models\Cards\Frame;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\Clock\ClockOffsets;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Wrap\Caption;
use NorthSatchel\Wrap\TakenExposure;
use NorthSatchel\Wrap\XmpSidecar;

/** The index: frames of all bodies in one true order, previews, and sidecars. */
final class FramesDesk
{
    public const A_PAGE = 60;

    public function __construct(private readonly CardsDesk $cards, private readonly CardLog $log, private readonly CopyLedger $ledger) {}

    /** @var array<int, ClockOffsets> by job, for this request */
    private array $offsets = [];

    public function offsets(Job $job): ClockOffsets
    {
        return $this->offsets[$job->id] ??= new ClockOffsets(
            ClockOffset::query()
                ->where('job_id', $job->id)
                ->orderBy('id')
                ->get()
                ->mapWithKeys(static fn (ClockOffset $o): array => [$o->body_id => $o->offset_s])
                ->all(),
        );
    }

    /**
     * A page of exposures in the true order: raw and jpeg, and the twins of both cards, are one.
     */
    public function page(Job $job, int $page): FramePage
    {
        $offsets = $this->offsets($job);
        $one = fn (): Builder => $this->exposures($job);
        $count = DB::query()->fromSub($one(), 'exposures')->count();
        $rows = $one()
            ->orderByRaw(self::trueTime($offsets).', min(frames.id)')
            ->limit(self::A_PAGE)
            ->offset(self::A_PAGE * max(0, $page - 1))
            ->get();
        $copies = array_map(
            count(...),
            $this->ledger->mediaOf(
                $rows
                    ->whereNotNull('hash')
                    ->mapWithKeys(static fn (\stdClass $row): array => [(int) $row->id => (string) $row->hash])
                    ->all(),
            ),
        );
        $damage = $this->damage($job);
        $mounted = Card::query()
            ->whereIn('id', $rows->pluck('card_id')->unique())
            ->whereNotNull('folder')
            ->pluck('id')
            ->flip();
        $zone = new \DateTimeZone($job->place->timezone);
        $frames = [];
        foreach ($rows as $row) {
            $at = (new \DateTimeImmutable('@'.$offsets->trueTime((int) $row->body_id, (int) $row->taken_at)))->setTimezone($zone);
            $frames[] = new FrameRow(
                id: (int) $row->id,
                name: basename(Names::printable(FrameKind::frameOf((string) $row->path))),
                body: (int) $row->body_id,
                clock: $at->format('j M H:i:s'),
                exposure: implode(
                    ', ',
                    array_filter([
                        $row->f_number ? 'f/'.round((float) $row->f_number, 1) : '',
                        $row->shutter_s ? '1/'.round(1 / $row->shutter_s).' s' : '',
                        $row->iso ? "ISO {$row->iso}" : '',
                        (string) $row->lens,
                    ]),
                ),
                files: (int) $row->files,
                cards: (int) $row->cards,
                copies: $copies[(int) $row->id] ?? 0,
                damaged: $damage["{$row->body_id} ".FrameKind::frameOf(Names::printable((string) $row->path))] ?? null,
                isHere: $mounted->has((int) $row->card_id) || isset($copies[(int) $row->id]),
            );
        }

        return new FramePage(frames: $frames, count: $count);
    }

    /** @return array<int, string> labels of the bodies of a job, by body id */
    public function bodies(Job $job): array
    {
        return $this->cards->bodies($job)->mapWithKeys(static fn (Body $b): array => [$b->id => $b->item->label])->all();
    }

    /**
     * Two frames of one moment set the clock of the second's body in the index.
     *
     * @throws ValidationException when they do not tell anything
     */
    public function sameMoment(Job $job, int $first, int $second): string
    {
        $ids = new Collection(array_map(static fn (LoadOfCard $l): int => $l->card->id, $this->cards->loads($job)));
        [$a, $b] = [Frame::query()->whereIn('card_id', $ids)->find($first), Frame::query()->whereIn('card_id', $ids)->find($second)];
        if ($a?->taken_at === null || $b?->taken_at === null || $a->body_id === null || $b->body_id === null) {
            throw ValidationException::withMessages(['moment' => 'Choose two frames of this job that say when they were taken.']);
        }
        if ($a->body_id === $b->body_id) {
            throw ValidationException::withMessages(['moment' => 'Both are of the same body: its clock agrees with itself.']);
        }
        $offset = $this->offsets($job)->offsetFor($a->body_id, $a->taken_at, $b->taken_at);
        ClockOffset::query()->create([
            'job_id' => $job->id,
            'body_id' => $b->body_id,
            'offset_s' => $offset,
            'how' => 'two frames of one moment',
            'at' => now(),
        ]);
        unset($this->offsets[$job->id]);

        return ($this->bodies($job)[$b->body_id] ?? 'The body').
            ': its clock was '.
            ClockOffsets::inWords($offset).
            '; corrected in the index, not in the files.';
    }

    /** @return list<TakenExposure> in the order of time, their clocks set right */
    public function taken(Job $job): array
    {
        $offsets = $this->offsets($job);
        $taken = [];
        foreach ($this->exposures($job)->orderByRaw(self::trueTime($offsets).', min(frames.id)')->get() as $row) {
            $taken[] = new TakenExposure(
                (int) $row->id,
                basename(Names::printable(FrameKind::frameOf((string) $row->path))),
                $row->taken_at === null ? null : $offsets->trueTime((int) $row->body_id, (int) $row->taken_at),
                $row->hash === null ? [] : [(string) $row->hash],
            );
        }

        return $taken;
    }

    /**
     * @param  array<int, Caption>  $captions  by exposure
     * @return array<string, string> sidecars by name, one an exposure
     */
    public function sidecars(Job $job, string $creator, string $copyright, array $captions = []): array
    {
        $offsets = $this->offsets($job);
        $zone = new \DateTimeZone($job->place->timezone);
        $files = [];
        foreach ($this->exposures($job)->orderByRaw('min(frames.id)')->get() as $row) {
            $at =
                $row->taken_at === null
                    ? null
                    : (new \DateTimeImmutable('@'.$offsets->trueTime((int) $row->body_id, (int) $row->taken_at)))->setTimezone($zone);
            $label = (string) preg_replace('/[^A-Za-z0-9]+/', '-', $this->bodies($job)[(int) $row->body_id] ?? 'body');
            $files[$label.'/'.Names::printable(FrameKind::frameOf((string) $row->path)).'.xmp'] = XmpSidecar::of(
                $creator,
                $copyright,
                $at,
                $job->name,
                $captions[(int) $row->id] ?? null,
            );
        }

        return $files;
    }

    private function exposures(Job $job): Builder
    {
        $query = LoadOwners::only(DB::table('frames')->whereNotNull('kind'), ...$this->cards->loads($job));

        return $query
            ->groupByRaw('body_id, taken_at, substr(path, 1, length(path) - 4)')
            ->selectRaw(
                "coalesce(min(case when kind = 'jpeg' then frames.id end), min(frames.id)) as id, coalesce(min(case when kind = 'jpeg' ".
                    'then hash end), min(hash)) as hash, min(path) as path, min(card_id) as card_id, body_id, taken_at, min(f_number) '.
                    'as f_number, min(shutter_s) as shutter_s, min(iso) as iso, min(lens) as lens, count(*) as files, count(distinct '.
                    'card_id) as cards',
            );
    }

    /** @return array<string, string> where a frame is not whole, by body and name, as the last twin checks say */
    private function damage(Job $job): array
    {
        $damage = [];
        foreach ($this->cards->cards($job) as $card) {
            $life = $this->log->lifeOf($card);
            foreach ($life->twinCheck->states ?? [] as $name => $side) {
                if ($side !== Side::Intact) {
                    $key = "{$life->bodyId} ".FrameKind::frameOf((string) $name);
                    $word = ($side === Side::Damaged ? 'damaged on ' : 'in doubt on ').$card->item->label;
                    $damage[$key] = isset($damage[$key]) && ! str_contains($damage[$key], $word) ? "{$damage[$key]}, {$word}" : $word;
                }
            }
        }

        return $damage;
    }

    /** The offsets are few, so the order is worked out by the database. */
    private static function trueTime(ClockOffsets $offsets): string
    {
        if ($offsets->seconds === []) {
            return 'taken_at';
        }
        $cases = implode(
            ' ',
            array_map(static fn (int $body, int $s): string => "when {$body} then {$s}", array_keys($offsets->seconds), $offsets->seconds),
        );

        return "taken_at - (case body_id {$cases} else 0 end)";
    }
}
