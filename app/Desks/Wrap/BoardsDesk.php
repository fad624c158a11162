<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\KeptFindings;
use App\Desks\Copies\FrameImages;
use App\Desks\Copies\SessionFrames;
use App\Desks\Plan\ElementsDesk;
use App\Devices\BoardReader;
use App\Devices\NoBoardReader;
use App\Jobs\ReadBoards;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Boards\Product;
use NorthSatchel\Plan\Boards\ProductText;
use NorthSatchel\Verdicts;
use NorthSatchel\Wrap\Boards\BoardFrame;
use NorthSatchel\Wrap\Boards\BoardJudge;
use NorthSatchel\Wrap\Boards\BoardRuns;

/** Which frames are of which product, by the number boards in them. */
final class BoardsDesk
{
    private const READ_AT_ONCE = 30;

    public function __construct(
        private readonly BoardFrames $frames,
        private readonly SessionFrames $session,
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
        return $this->frames->of($job, $this->of($job)->boardKey());
    }

    /** @throws ImpossibleValue naming the line */
    public function keep(Job $job, string $products): void
    {
        $record = $this->of($job)->fill(['products' => $products]);
        self::products($record);
        $record->save();
    }

    /** @throws ValidationException when it is no frame of the job, or no product of its list */
    public function say(Job $job, string $frame, int $product): void
    {
        $isFrame = in_array($frame, array_map(static fn (BoardFrame $f): string => $f->id, $this->boardFrames($job)), true);
        $isListed = $product === 0 || in_array($product, array_map(static fn (Product $p): int => $p->number, self::products($this->of($job))), true);
        if (! $isFrame || ! $isListed) {
            throw ValidationException::withMessages([
                $isFrame ? 'product' : 'frame' => $isFrame ? 'That is no product of the list.' : 'That is no frame of this job.',
            ]);
        }
        $this->frames->say($job, $frame, $product);
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
            if ($frame->boards === null && ! $frame->isBlind && $this->frames->read($frame, $reader)) {
                $count++;
            }
        }

        return null;
    }

    /** A small jpeg of a frame; null where there is none, or it is not here. */
    public function picture(string $frame): ?string
    {
        return FrameImages::small((string) $this->frames->shownBytes($frame));
    }

    /** What came into a session folder is looked through at once, where boards are used. */
    public static function readSoon(int $job): void
    {
        if (BoardReader::isThere() && StudioRecord::query()->where('job_id', $job)->where('products', '!=', '')->exists()) {
            ReadBoards::dispatch($job);
        }
    }

    /** Of a job with products; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'products')) {
            return new Verdicts();
        }

        // Frames of cards are added with an event of their card, and that counts as a change; those of a session are not counted.
        return KeptFindings::of($job, 'boards', function () use ($job): Verdicts {
            try {
                $frames = $this->boardFrames($job);

                return BoardJudge::of(new BoardRuns(self::products($this->of($job)), $frames), count($frames));
            } catch (ImpossibleValue) {
                // The page says beside the field what cannot be read.
                return new Verdicts();
            }
        }, BriefDesk::has($job, 'session') ? $this->session->stamp($job) : '');
    }
}
