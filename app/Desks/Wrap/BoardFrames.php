<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\FrameImages;
use App\Desks\Copies\FramesDesk;
use App\Desks\Copies\SessionDesk;
use App\Desks\Copies\SessionFrames;
use App\Devices\BoardReader;
use App\Devices\NoBoardReader;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Copies\SessionFileRow;
use App\Models\Wrap\BoardReading;
use App\Models\Wrap\BoardWord;
use App\Models\Wrap\SessionReading;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Plan\Boards\BoardCode;
use NorthSatchel\Wrap\Boards\BoardFrame;
use NorthSatchel\Wrap\TakenExposure;

/** The frames in which boards are looked for: those of cards and those of the session folder, each once, in the order of time. */
final readonly class BoardFrames
{
    private const IDS_A_QUERY = 800;

    private const OF_CARD = 'frame-';

    private const OF_SESSION = 'session-';

    public function __construct(
        private FramesDesk $frames,
        private SessionFrames $session,
        private SessionDesk $sessions,
        private FrameImages $images,
    ) {}

    /**
     * @param  int  $key  of the job's boards
     * @return list<BoardFrame>
     */
    public function of(Job $job, int $key): array
    {
        $exposures = $this->exposures($job);
        $read = $this->readings($job, $exposures);
        $said = $this->words($job);
        $frames = [];
        foreach ($exposures as $keys => $taken) {
            $ids = explode(' ', $keys);
            $known = [...$ids, ...$taken->contents];
            $codes = null;
            $isRead = false;
            foreach ($known as $one) {
                $isRead = $isRead || array_key_exists($one, $read);
                $codes ??= $read[$one] ?? null;
            }
            $words = array_filter(array_map(static fn (string $one): ?BoardWord => $said[$one] ?? null, $known));
            usort($words, static fn (BoardWord $a, BoardWord $b): int => $b->id <=> $a->id);
            $numbers = $codes === null ? null : array_map(static fn (string $code): ?int => BoardCode::read($key, $code), $codes);
            $frames[] = new BoardFrame(
                $ids[0],
                $taken->name,
                $taken->at,
                $numbers === null ? null : array_values(array_filter($numbers, static fn (?int $n): bool => $n !== null)),
                $words === [] ? null : $words[0]->product,
                $isRead && $codes === null,
            );
        }

        return $frames;
    }

    /** @return array<string, TakenExposure> by their ids, that of the session first; a frame that lies on a card too is one */
    private function exposures(Job $job): array
    {
        $session = BriefDesk::has($job, 'session') ? $this->session->taken($job) : [];
        $twins = $found = [];
        foreach ($session as $at => $taken) {
            foreach ([...$taken->contents, self::moment($taken)] as $sign) {
                $twins[$sign] ??= $at;
            }
        }
        $ids = array_map(static fn (TakenExposure $t): string => self::OF_SESSION.$t->id, $session);
        foreach ($this->frames->taken($job) as $taken) {
            $twin = null;
            foreach ([...$taken->contents, self::moment($taken)] as $sign) {
                $twin ??= $twins[$sign] ?? null;
            }
            if ($twin === null) {
                $found[self::OF_CARD.$taken->id] = $taken;
            } else {
                $ids[$twin] .= ' '.self::OF_CARD.$taken->id;
            }
        }
        foreach ($session as $at => $taken) {
            $found[$ids[$at]] = $taken;
        }
        // Equal times keep the order that each has for itself.
        uasort($found, static fn (TakenExposure $a, TakenExposure $b): int => $a->at <=> $b->at);

        return $found;
    }

    private static function moment(TakenExposure $taken): string
    {
        return mb_strtolower($taken->name).' '.($taken->at ?? 'at no time');
    }

    /**
     * @param  array<string, TakenExposure>  $exposures
     * @return array<string, list<string>|null> codes by id of a frame, or by content
     */
    private function readings(Job $job, array $exposures): array
    {
        $read = [];
        $ofCards = [];
        foreach (array_keys($exposures) as $keys) {
            foreach (explode(' ', (string) $keys) as $id) {
                if (str_starts_with($id, self::OF_CARD)) {
                    $ofCards[] = (int) substr($id, strlen(self::OF_CARD));
                }
            }
        }
        foreach (array_chunk($ofCards, self::IDS_A_QUERY) as $ids) {
            foreach (BoardReading::query()->whereIn('frame_id', $ids)->get() as $reading) {
                $read[self::OF_CARD.$reading->frame_id] = $reading->codes;
            }
        }
        $readings = ! BriefDesk::has($job, 'session') ? [] : SessionReading::query()
            ->join('session_files', 'session_files.id', '=', 'session_readings.session_file_id')
            ->join('session_folders', 'session_folders.id', '=', 'session_files.session_folder_id')
            ->where('session_folders.job_id', $job->id)
            ->get(['session_readings.*']);
        foreach ($readings as $reading) {
            $read[$reading->content] = $reading->codes;
        }

        return $read;
    }

    /** @return array<string, BoardWord> the last by id of a frame, and by content */
    private function words(Job $job): array
    {
        $said = [];
        $words = BoardWord::query()->where('job_id', $job->id)->orderBy('id')->get();
        $files = $words->pluck('session_file_id')->filter();
        $contents = $files->isEmpty() ? [] : SessionFileRow::query()->whereIn('id', $files)->pluck('hash', 'id');
        foreach ($words as $word) {
            $said[$word->frame_id === null ? self::OF_SESSION.$word->session_file_id : self::OF_CARD.$word->frame_id] = $word;
            $content = $contents[(int) $word->session_file_id] ?? null;
            if ($content !== null) {
                $said[(string) $content] = $word;
            }
        }

        return $said;
    }

    /** Keeps somebody's word about a frame of the job. */
    public function say(Job $job, string $frame, int $product): void
    {
        BoardWord::query()->create([
            'job_id' => $job->id,
            'frame_id' => self::numberIn($frame, self::OF_CARD),
            'session_file_id' => self::numberIn($frame, self::OF_SESSION),
            'product' => $product,
        ]);
    }

    /**
     * Looks for boards in a frame and keeps what was read.
     *
     * @return bool  false where it is not here now: a card may come back
     *
     * @throws NoBoardReader
     */
    public function read(BoardFrame $frame, BoardReader $reader): bool
    {
        $jpeg = $this->shownBytes($frame->id);
        if ($jpeg === null) {
            return false;
        }
        $codes = json_encode($jpeg === '' ? null : $reader->codes($jpeg), JSON_THROW_ON_ERROR);
        $session = self::numberIn($frame->id, self::OF_SESSION);
        if ($session === null) {
            DB::table('board_readings')->insertOrIgnore(['frame_id' => self::numberIn($frame->id, self::OF_CARD), 'codes' => $codes]);
        } else {
            DB::table('session_readings')->updateOrInsert(
                ['session_file_id' => $session],
                ['content' => (string) SessionFileRow::query()->find($session)?->hash, 'codes' => $codes],
            );
        }

        return true;
    }

    /** A jpeg that shows a frame; '' where its raw carries none; null where it is not here. */
    public function shownBytes(string $frame): ?string
    {
        $session = self::numberIn($frame, self::OF_SESSION);
        if ($session !== null) {
            $row = SessionFileRow::query()->find($session);

            return $row === null ? null : $this->sessions->shownBytes($row);
        }
        $stored = Frame::query()->find(self::numberIn($frame, self::OF_CARD));

        return $stored === null ? null : $this->images->shownBytes($stored);
    }

    private static function numberIn(string $frame, string $kind): ?int
    {
        return str_starts_with($frame, $kind) ? (int) substr($frame, strlen($kind)) : null;
    }
}
