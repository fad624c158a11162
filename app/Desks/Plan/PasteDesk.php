<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Plan\Shots\ReadShot;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plan\Shots\ShotText;

/** Shot lists as they are pasted: into one segment, or for the whole job. */
final class PasteDesk
{
    public function __construct(private readonly ShotDesk $shots) {}

    /** @throws ValidationException when there are none, or too many */
    public function into(Segment $segment, string $text): Pasted
    {
        $shots = self::read($text);
        $known = DB::transaction(fn (): int => array_sum(
            array_map(fn (ReadShot $shot): int => $this->put($shot, $segment) ? 1 : 0, $shots),
        ));

        return new Pasted(placed: count($shots) - $known, free: 0, known: $known);
    }

    /**
     * Each line goes to the segment that its heading, its hour or its words name.
     *
     * @throws ValidationException when there are none, or too many
     */
    public function anywhere(Job $job, string $text): Pasted
    {
        $shots = self::read($text);
        $segments = ShotDesk::places($job);
        $placed = $known = 0;
        DB::transaction(function () use ($job, $shots, $segments, &$placed, &$known): void {
            foreach ($shots as $shot) {
                $id = ShotPlacer::place($shot->what, $shot->under, $segments, ShotDesk::hourOf($job, $shot->what));
                if ($id === null) {
                    $this->shots->addFree($job, self::columns($shot));
                } elseif ($this->put($shot, $job->segments->firstOrFail('id', $id))) {
                    $known++;
                } else {
                    $placed++;
                }
            }
        });

        return new Pasted(placed: $placed, free: count($shots) - $placed - $known, known: $known);
    }

    /** @return bool whether a line of these words was there already: it takes what the pasted one says more */
    private function put(ReadShot $shot, Segment $segment): bool
    {
        $words = static fn (string $what): string => mb_strtolower(trim($what, " \t.!"));
        $there = $segment->shotLines()->get()->first(static fn (ShotLine $l): bool => $words($l->what) === $words($shot->what));
        if ($there === null) {
            $this->shots->add($segment, self::columns($shot));

            return false;
        }
        $usual = self::columns(ShotText::read($shot->what)[0] ?? $shot);
        $there->update(array_diff_assoc(array_diff_key(self::columns($shot), ['what' => true]), $usual));

        return true;
    }

    /**
     * @return list<ReadShot>
     *
     * @throws ValidationException
     */
    private static function read(string $text): array
    {
        $shots = ShotText::read($text);
        if ($shots === [] || count($shots) > ShotText::MOST_LINES) {
            throw ValidationException::withMessages([
                'lines' => $shots === []
                        ? 'Paste at least one line.'
                        : count($shots).' lines are too many at once: '.ShotText::MOST_LINES.' at most. Nothing was added.',
            ]);
        }

        return $shots;
    }

    /** @return array<string, string|int|null> */
    private static function columns(ReadShot $shot): array
    {
        return [
            'what' => $shot->what,
            'priority' => $shot->priority,
            'minutes' => $shot->minutes,
            'frames' => $shot->frames,
            'focal_mm' => $shot->focalMm,
            'distance' => $shot->distance,
            'empty_percent' => $shot->emptyPercent,
            'light' => $shot->light,
            'height' => $shot->height,
            'side' => $shot->side,
        ];
    }
}
