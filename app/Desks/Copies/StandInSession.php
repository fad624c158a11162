<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\ProductMoments;
use App\Desks\Cards\ShotMoment;
use App\Devices\AllowedRoots;
use App\Devices\FolderNotAllowed;
use App\Devices\StandIn\Exposure;
use App\Devices\StandIn\FrameMaker;
use App\Devices\StandIn\StandInCapture;
use App\Models\Brief\Job;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** The demo's capture program: it writes frames into the session folder as such programs do. */
final readonly class StandInSession
{
    private const PAUSE_MICROSECONDS = 40_000;

    private const MODEL = 'Fjord Tethered';

    public function __construct(private SessionDesk $sessions) {}

    /**
     * @return int how many frames were written
     *
     * @throws ValidationException when there is no session folder, or it is away
     */
    public function write(Job $job, int $frames): int
    {
        $folder = $this->sessions->of($job);
        try {
            $into = $folder === null ? null : AllowedRoots::now()->folder($folder->folder);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['shoot' => $e->getMessage()]);
        }
        if ($into === null) {
            throw ValidationException::withMessages(['shoot' => 'There is no session folder yet.']);
        }
        $capture = new StandInCapture($into, self::PAUSE_MICROSECONDS);
        $maker = new FrameMaker(self::MODEL, "T{$job->id}", 100);
        $number = count(scandir($into) ?: []);
        // Of a catalogue one product after another, each behind its board.
        $codes = array_map(static fn (ShotMoment $m): ?string => $m->board, ProductMoments::of($job));
        $first = count(glob("{$into}/*.jpg") ?: []);
        for ($i = 0; $i < $frames; $i++) {
            $board = $codes === [] ? null : $codes[($first + $i) % count($codes)];
            do {
                $name = sprintf('%s_%04d.jpg', preg_replace('/[^A-Za-z0-9]+/', '', basename($into)) ?: 'frame', ++$number);
            } while (file_exists("{$into}/{$name}"));
            $at = Carbon::now()->getTimestamp() + $i;
            $capture->write($name, $maker->jpeg(new Exposure($at, 0, 'Macro 100', 100, 160, 11.0, 100, 'Session', $board), 0, $number));
        }

        return $frames;
    }
}
