<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Signed;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** What is said of a camera that stands alone (M12). */
final readonly class RemoteJudge
{
    /** Within so many degrees of the lens's axis the sun is in the picture or flares (common practice, no source). */
    private const FLARE_DEG = 35.0;

    public function __construct(private RemotePlan $plan) {}

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        return [
            ...$this->plan->lampsEv === null ? [$this->light(), $this->sun()] : [$this->lamps()],
            $this->cells(),
            $this->cards(),
            ...$this->plan->rounds?->verdicts() ?? [],
            Verdict::mind(
                'remote.rig',
                'A clamp and a second safety cable, and nobody below while rigging.',
                'Fresh cells, focus taped, the channel tested from where you will fire, the first frame looked at before you go. Things '.
                    'overhead are for licensed riggers where the house says so.',
            ),
        ];
    }

    private function light(): Verdict
    {
        $change = round($this->plan->change(), 1);
        $e = $this->plan->exposures();

        return abs($change) < 0.5
            ? Verdict::fine(
                'remote.light',
                'The light is the same when it fires.',
                "EV {$this->ev($this->plan->evMounted)} when mounted, {$this->then()}, under a clear sky.",
                Looked::one('the light at these hours'),
                ['stops' => $change],
            )
            : Verdict::fix(
                'remote.light',
                'The light '.($change < 0 ? 'falls by ' : 'rises by ').abs($change).' stops while it hangs.',
                "EV {$this->ev($this->plan->evMounted)} when mounted, {$this->then()}. Either set it for its first frames now: ".
                    "f/{$e->fixed->fNumber}, 1/{$e->fixed->shutter} s, ".
                    "ISO {$e->fixed->iso}; or fix 1/{$e->shutter} s and let ISO run ".
                    "from {$e->isoFrom} to {$e->isoTo}.{$e->tooDark()}",
                ['stops' => $change],
            );
    }

    private function lamps(): Verdict
    {
        return Verdict::mind(
            'remote.light',
            'Its light is that of lamps and windows: nobody knows it before it is measured.',
            "Indoors about EV {$this->ev($this->plan->evFired)} is usual there. Measure it with the lamps of that hour; a window in its frame is ".
                'brighter by day and black after dusk.'.$this->plan->exposures()->tooDark(),
        );
    }

    private function sun(): Verdict
    {
        $up = array_values(array_filter([$this->plan->fired, ...$this->plan->firing], static fn (SunPosition $s): bool => $s->elevationDeg > 0));
        if ($up === []) {
            return Verdict::mind(
                'remote.sun',
                'The sun is down while it fires.',
                'Its elevation is '.round($this->plan->fired->elevationDeg, 1).'°.',
            );
        }
        usort($up, fn (SunPosition $a, SunPosition $b): int => $this->offAxis($a) <=> $this->offAxis($b));
        $worst = $up[0];
        $off = $this->offAxis($worst);
        $bears = 'It bears '.round($worst->azimuthDeg).'° and is '.round($worst->elevationDeg).'° high';

        return $off < self::FLARE_DEG
            ? Verdict::fix(
                'remote.sun',
                'The sun stands in its lens when it fires.',
                "{$bears}, ".round($off)."° off the axis: shade it, or point it {$this->further($worst)}° further away.",
                ['off_deg' => round($off)],
            )
            : Verdict::fine(
                'remote.sun',
                'The sun stands clear of its lens.',
                "{$bears} when it comes nearest, ".round($off).'° off the axis.',
                Looked::one('the sun while it fires'),
                ['off_deg' => round($off)],
            );
    }

    /** The angle between the sun and a lens that points level: its cosine is that of the height times that of the turn. */
    private function offAxis(SunPosition $sun): float
    {
        return rad2deg(acos(cos(deg2rad($sun->elevationDeg)) * cos(deg2rad($this->turn($sun)))));
    }

    private function turn(SunPosition $sun): float
    {
        return abs(Bearing::turn($this->plan->bearingDeg, $sun->azimuthDeg));
    }

    /** By how many whole degrees it has to be turned so that the sun stands clear. */
    private function further(SunPosition $sun): int
    {
        $clear = rad2deg(acos(cos(deg2rad(self::FLARE_DEG)) / cos(deg2rad($sun->elevationDeg))));

        return (int) ceil($clear - $this->turn($sun));
    }

    private function cells(): Verdict
    {
        $because =
            Span::hours((int) round(60 * $this->plan->hoursAlone))." alone and {$this->plan->framesOfMain} frames with the main camera, ".
                'at '.Signed::of($this->plan->temperatureC)." °C: {$this->plan->charges} ".
            Plural::of($this->plan->charges, 'charge', 'charges').
            ', 15 % kept back.';

        return match (true) {
            $this->plan->charges > $this->plan->cellsIn => Verdict::fix(
                'remote.cells',
                'Its cells do not last.',
                $because." It holds {$this->plan->cellsIn}: a grip or an outside supply{$this->walk()}.",
                ['charges' => $this->plan->charges],
            ),
            $this->plan->framesOfMain === 0 => self::noFrames('remote.cells', 'cells'),
            default => Verdict::fine(
                'remote.cells',
                'Its cells last.',
                $because,
                Looked::one("{$this->plan->framesOfMain} frames and {$this->plan->hoursAlone} h"),
                ['charges' => $this->plan->charges],
            ),
        };
    }

    private function cards(): Verdict
    {
        $because =
            "It fires with the main camera: {$this->plan->framesOfMain} frames × ".
            ($this->plan->body->rawMb + $this->plan->body->jpegMb).
            " MB on cards of {$this->plan->body->cardGb} GB.";

        return match (true) {
            $this->plan->framesOfMain === 0 => self::noFrames('remote.cards', 'cards'),
            $this->plan->cardPairs === null => Verdict::fix('remote.cards', 'Its cards do not hold one frame.', $because.' Larger cards.'),
            $this->plan->cardPairs > 1 => Verdict::fix(
                'remote.cards',
                "Its cards are full before the end: {$this->plan->cardPairs} pairs are needed.",
                $because.' Larger cards, or jpeg alone there: while it fires nobody walks to it.',
                ['pairs' => $this->plan->cardPairs],
            ),
            default => Verdict::fine(
                'remote.cards',
                'Its cards hold it all.',
                $because,
                Looked::one("{$this->plan->framesOfMain} frames"),
                ['pairs' => 1],
            ),
        };
    }

    private function then(): string
    {
        [$low, $high] = [$this->ev($this->plan->evLowest), $this->ev($this->plan->evHighest)];

        return $low === $high
            ? "{$low} when it fires"
            : "{$this->ev($this->plan->evFired)} when it begins to fire, {$low} to {$high} while it does";
    }

    /** What else helps cells that do not last. */
    private function walk(): string
    {
        return match (true) {
            $this->plan->rounds === null => ', or a walk to it in a break',
            $this->plan->isHelpedByFreshCell() => ', or a fresh cell at '.
                $this->plan->rounds->clock((int) $this->plan->rounds->freshAt).': that one lasts',
            default => '; no walk to it before it fires is enough',
        };
    }

    private static function noFrames(string $code, string $what): Verdict
    {
        return Verdict::mind(
            $code,
            "Whether its {$what} last nobody can say: no frames are planned.",
            'Plan frames in the segments it stands for, or type how many its main camera takes.',
        );
    }

    private function ev(float $ev): string
    {
        return Signed::of(round($ev, 1));
    }
}
