<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\KeptFindings;
use App\Desks\Copies\FrameImages;
use App\Desks\Copies\FramesDesk;
use App\Desks\Plan\ElementsDesk;
use App\Devices\BoardReader;
use App\Devices\NoBoardReader;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Plan\StudioRecord;
use App\Models\Wrap\BoardReading;
use App\Models\Wrap\BoardWord;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Boards\BoardCode;
use NorthSatchel\Plan\Boards\Product;
use NorthSatchel\Plan\Boards\ProductText;
use NorthSatchel\Verdicts;
use NorthSatchel\Wrap\Boards\BoardFrame;
use NorthSatchel\Wrap\Boards\BoardJudge;
use NorthSatchel\Wrap\Boards\BoardRuns;
use NorthSatchel\Wrap\TakenExposure;

/** Which frames are of which product, by the number boards in them. */
final class BoardsDesk
{
    private const IDS_A_QUERY = 800;

    private const READ_AT_ONCE = 30;

    public function __construct(
        private readonly FramesDesk $frames,
        private readonly FrameImages $images,
        private readonly ElementsDesk $elements,
    ) {}

    public function of(Job $job): StudioRecord
    {
        return $this->elements->of($job);
    }

    /** @return list<Product> */
    public static function products(StudioRecord $record): array
    {
        return ProductText::read((string) $record->products);
    }

    /** @return list<BoardFrame> in the order of time */
    public function boardFrames(Job $job): array
    {
        $taken = $this->frames->taken($job);
        $read = [];
        foreach (array_chunk(array_map(static fn (TakenExposure $t): int => $t->id, $taken), self::IDS_A_QUERY) as $ids) {
            $read += BoardReading::query()->whereIn('frame_id', $ids)->get()->pluck('codes', 'frame_id')->all();
        }
        $key = $this->of($job)->boardKey();
        $said = BoardWord::query()->where('job_id', $job->id)->orderBy('id')->get()->pluck('product', 'frame_id')->all();

        return array_map(static function (TakenExposure $t) use ($key, $read, $said): BoardFrame {
            $codes = $read[$t->id] ?? null;
            $numbers = $codes === null ? null : array_map(static fn (string $code): ?int => BoardCode::read($key, $code), $codes);

            return new BoardFrame(
                $t->id,
                $t->name,
                $t->at,
                $numbers === null ? null : array_values(array_filter($numbers, static fn (?int $n): bool => $n !== null)),
                isset($said[$t->id]) ? (int) $said[$t->id] : null,
                array_key_exists($t->id, $read) && $codes === null,
            );
        }, $taken);
    }

    /** @throws ImpossibleValue naming the line */
    public function keep(Job $job, string $products): void
    {
        $record = $this->of($job)->fill(['products' => $products]);
        self::products($record);
        $record->save();
    }

    /** @throws ValidationException when it is no frame of the job, or no product of its list */
    public function say(Job $job, int $frame, int $product): void
    {
        $isFrame = in_array($frame, array_map(static fn (TakenExposure $t): int => $t->id, $this->frames->taken($job)), true);
        $isListed = $product === 0 || in_array($product, array_map(static fn (Product $p): int => $p->number, self::products($this->of($job))), true);
        if (! $isFrame || ! $isListed) {
            throw ValidationException::withMessages([
                $isFrame ? 'product' : 'frame' => $isFrame ? 'That is no product of the list.' : 'That is no frame of this job.',
            ]);
        }
        BoardWord::query()->create(['job_id' => $job->id, 'frame_id' => $frame, 'product' => $product]);
    }

    /**
     * Looks for boards in the frames that nobody has looked at, the first taken first; so many at a time, for others wait too.
     *
     * @param  int  $from  place in the order of time
     * @return int|null  where to go on; null at the end
     *
     * @throws NoBoardReader
     */
    public function read(Job $job, BoardReader $reader, int $from = 0): ?int
    {
        $count = 0;
        foreach (array_slice($this->boardFrames($job), $from, preserve_keys: false) as $place => $frame) {
            if ($count === self::READ_AT_ONCE) {
                return $from + $place;
            }
            $stored = $frame->boards === null && ! $frame->isBlind ? Frame::query()->find($frame->id) : null;
            if ($stored === null) {
                continue;
            }
            $jpeg = $this->images->shownBytes($stored);
            // A card that is not here now may come back.
            if ($jpeg !== null) {
                $codes = $jpeg === '' ? null : $reader->codes($jpeg);
                DB::table('board_readings')->insertOrIgnore(['frame_id' => $frame->id, 'codes' => json_encode($codes, JSON_THROW_ON_ERROR)]);
                $count++;
            }
        }

        return null;
    }

    /** Of a job with products; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'products')) {
            return new Verdicts();
        }

        // Frames are added with an event of their card, and that counts as a change.
        return KeptFindings::of($job, 'boards', function () use ($job): Verdicts {
            try {
                $frames = $this->boardFrames($job);

                return BoardJudge::of(new BoardRuns(self::products($this->of($job)), $frames), count($frames));
            } catch (ImpossibleValue) {
                // The page says beside the field what cannot be read.
                return new Verdicts();
            }
        });
    }
}
