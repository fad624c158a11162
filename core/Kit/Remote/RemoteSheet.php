<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Plural;
use NorthSatchel\Severity;
use NorthSatchel\Verdict;

/** What is done to a camera that stands alone, in the order in which it is done (M12). Common practice, no source. */
final readonly class RemoteSheet
{
    /**
     * @param  float  $bearingDeg  to which the lens points
     * @param  float  $freezeS  the longest shutter that freezes what passes, seconds
     * @param  MotionBlur  $blur  of what passes at the shutter that blurs by intent
     * @param  float  $blurShutter  that shutter, as 1/… s
     * @param  string  $passing  how fast, how far and with which lens, in words; empty where nobody said
     */
    public function __construct(
        private RemotePlan $plan,
        private RemoteRounds $rounds,
        private float $bearingDeg,
        private float $freezeS,
        private MotionBlur $blur,
        private float $blurShutter,
        private string $passing = '',
    ) {}

    /** @return list<RemoteStep> */
    public function steps(): array
    {
        $e = $this->plan->exposures();

        return [
            new RemoteStep(
                $this->rounds->clock($this->rounds->setsOutAt),
                'Set out with the camera, its clamp, a second safety cable, tape, '.
                    Plural::of($this->plan->charges, 'a fresh cell', "{$this->plan->charges} fresh cells").
                    ' and an empty pair of cards.',
            ),
            new RemoteStep(
                null,
                'Nobody below while it is rigged. The cable is on before the hands leave it; the house’s riggers decide, where it has them.',
            ),
            new RemoteStep(null, 'Point it to '.round($this->bearingDeg).'°. Focus by hand on the spot, then tape the ring and the zoom.'),
            new RemoteStep(
                null,
                "Exposure, {$e->says()} ".
                    ($this->plan->lampsEv === null ? 'Under a clear sky: look at a frame.' : 'By the usual light of a room: measure it.'),
            ),
            new RemoteStep(
                null,
                "Frozen: at 1/{$e->fixed->shutter} s what passes streaks over ".
                    $this->pixels($this->blur->pixels * $this->blurShutter / $e->fixed->shutter).
                    ', at 1/'.(int) ceil(1 / $this->freezeS).' s nobody sees any. By intent: '.
                    "1/{$this->number($this->blurShutter)} s streaks it over ".
                    $this->pixels($this->blur->pixels).($this->passing === '' ? '' : " ({$this->passing})").'. One of each, if two hang.',
            ),
            new RemoteStep(null, 'Fire it from where you will stand, on its own channel, with the others switched on.'),
            new RemoteStep(
                $this->rounds->clock($this->rounds->mountedAt),
                'It stands. Look at its first frame: sharp, level, nothing in the way, its clock like the others. Tap “placed” on the phone.',
            ),
            ...$this->more(),
            new RemoteStep(
                $this->rounds->clock($this->rounds->fetchedAt),
                'Fetch it: camera, clamp, cable, trigger, cards. Nobody below. Tap “fetched”.',
            ),
        ];
    }

    /** @return list<string> what is still to be mended, a sentence each: a sheet does not hide it */
    public function open(): array
    {
        return array_values(array_map(
            static fn (Verdict $v): string => $v->finding,
            array_filter($this->plan->verdicts(), static fn (Verdict $v): bool => $v->severity === Severity::Fix),
        ));
    }

    /** @return list<RemoteStep> what its cells and cards want besides */
    private function more(): array
    {
        $more = [];
        if ($this->plan->isHelpedByFreshCell()) {
            $more[] = new RemoteStep($this->rounds->clock((int) $this->rounds->freshAt), 'A fresh cell: the one of the mounting does not last.');
        } elseif ($this->plan->charges > $this->plan->cellsIn) {
            $more[] = new RemoteStep(null, 'Its cells do not last: a grip or an outside supply, on a cable that nobody pulls.');
        }
        if (($this->plan->cardPairs ?? 2) > 1) {
            $more[] = new RemoteStep(null, 'Its cards do not hold it all: larger ones, or jpeg alone.');
        }

        return $more;
    }

    private function pixels(float $pixels): string
    {
        return Plural::of((int) round($pixels), '1 pixel', round($pixels).' pixels');
    }

    private function number(float $value): string
    {
        return (string) round($value, 1);
    }
}
