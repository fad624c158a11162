<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Brief\Job;
use NorthSatchel\Exposure\Evenness;
use NorthSatchel\Exposure\FlashGun;
use NorthSatchel\Exposure\FlashJudge;
use NorthSatchel\Exposure\FlashPlan;
use NorthSatchel\Exposure\FlashPower;
use NorthSatchel\Exposure\LightDrawing;
use NorthSatchel\Exposure\SecondLight;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Optics\CornerFit;
use NorthSatchel\Optics\Diffraction;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\FrameEdge;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Optics\Panning;
use NorthSatchel\Optics\Sensor;

/** The desk of flash and exposure: worked out from what stands in the address, nothing is stored. */
final class LightDesk
{
    /** What is asked where nothing is typed. */
    private const USUAL = [
        'under' => 1.0,
        'f' => 5.6,
        'iso' => 100.0,
        'distance' => 2.5,
        'lost' => 1.0,
        'people' => 4.0,
        'focal' => 50.0,
        'light_width' => 0.9,
        'depth' => 0.7,
        'speed' => 8.0,
        'away' => 12.0,
        'pan_focal' => 135.0,
        'pan_shutter' => 125.0,
        'room_width' => 4.0,
        'room_length' => 5.5,
        'room_focal' => 24.0,
        'near' => 1.2,
        'far' => 6.0,
        'bearing' => 270.0,
        'alone' => 4.0,
        'shots' => 800.0,
        'walk' => 5.0,
        'mounting' => 20.0,
        'fetching' => 10.0,
        'rim_power' => 0.0,
        'rim_distance' => 2.5,
    ];

    /** What may be none, or to the other side. */
    private const MAY_BE_NONE = [
        'under', 'lost', 'depth', 'light_width', 'speed', 'bearing', 'alone', 'shots', 'walk', 'mounting', 'fetching', 'rim_power',
    ];

    private const LEAST_ROOM_M = 0.5;

    public function __construct(private readonly NeedsDesk $needs, private readonly ShelfDesk $shelf) {}

    /**
     * What is asked: the typed numbers where they are numbers, else the usual ones.
     *
     * @param  array<string, mixed>  $query
     */
    public function asked(Job $job, array $query): AskedLight
    {
        $values = self::USUAL;
        $wrong = [];
        foreach (array_keys(self::USUAL) as $name) {
            $typed = str_replace(',', '.', trim(is_scalar($query[$name] ?? null) ? (string) $query[$name] : ''));
            $number = is_numeric($typed) ? (float) $typed : null;
            if ($typed !== '' && ($number === null || abs($number) >= 1e6)) {
                $wrong[$name] = 'This must be a number.';
            } elseif (
                $number !== null &&
                $number <= (str_starts_with($name, 'room_') && $name !== 'room_focal' ? self::LEAST_ROOM_M : 0) &&
                ! in_array($name, self::MAY_BE_NONE, true)
            ) {
                $wrong[$name] =
                    'This must be above '.(str_starts_with($name, 'room_') && $name !== 'room_focal' ? self::LEAST_ROOM_M : 0).'.';
            } else {
                $values[$name] = $number ?? $values[$name];
            }
        }
        if ($values['far'] < $values['near']) {
            $wrong['far'] = 'This must be farther than near.';
            $values['far'] = $values['near'] + 1;
        }
        $stretches = $this->needs->stretches($job);
        $segment =
            array_values(array_filter($stretches, static fn (PlannedStretch $s): bool => $s->id === (int) ($query['segment'] ?? 0)))[0] ??
            array_values(array_filter($stretches, static fn (PlannedStretch $s): bool => $s->frames() > 0))[0] ??
            ($stretches[0] ?? null);
        $flashes = array_values(array_filter($this->shelf->gear(), static fn (Gear $g): bool => $g->kind === GearKind::Flash));
        $gun =
            array_values(array_filter($flashes, static fn (Gear $g): bool => $g->id === (int) ($query['gun'] ?? 0)))[0] ??
            ($flashes[0] ?? null);
        $typedEv = is_numeric($query['ev'] ?? null) ? max(-6.0, min(20.0, (float) $query['ev'])) : null;
        $sync = is_numeric($query['sync'] ?? null) && (float) $query['sync'] >= 1 ? (float) $query['sync'] : $this->sync($job);

        return new AskedLight(
            $values,
            $wrong,
            $segment,
            $gun,
            $sync,
            $typedEv ?? round($segment->ev100 ?? 12.0, 1),
            array_filter($query, static fn (mixed $typed): bool => is_string($typed) && trim($typed) !== '') === [],
        );
    }

    /** @return list<Gear> */
    public function flashes(): array
    {
        return array_values(array_filter($this->shelf->gear(), static fn (Gear $g): bool => $g->kind === GearKind::Flash));
    }

    /** @throws ImpossibleValue */
    public function flash(AskedLight $asked): JudgedFlash
    {
        $v = $asked->values;
        $gear = $asked->gun;
        $gun = new FlashGun(
            $gear->label ?? 'A flash of guide number 50',
            $gear?->number('guide_number_m') ?? 50.0,
            $gear?->number('recycle_s') ?? 2.0,
            (int) ($gear?->number('pops_per_charge') ?? 200),
            $gear?->is('high_speed') ?? true,
        );
        $plan = new FlashPlan($gun, $asked->ev, $v['under'], $v['f'], $v['iso'], 1 / $asked->sync, $v['distance'], $v['lost']);
        $width = FieldOfView::of($v['focal'], Sensor::FULL_WIDTH_MM, 24, $v['people'])->widthM;
        $edge = FrameEdge::beside($v['focal'], Sensor::FULL_WIDTH_MM, $v['people'], $v['distance'], max(0.0, $v['light_width']));
        $even = Evenness::of($v['distance'], $v['distance'] + max(0.0, $v['depth']));
        $frames =
            $asked->segment === null ? 0 : $asked->segment->frames();

        return new JudgedFlash(
            $plan,
            new LightDrawing($v['people'], $width, $edge, max(0.0, $v['depth'])),
            $edge,
            $even,
            FlashJudge::of($plan, $even, $v['depth'], $frames, $edge, self::rim($v, $gun, 1 / $asked->sync)),
        );
    }

    /**
     * A second light like the first, at the power that is typed; none where none is.
     *
     * @param  array<string, float>  $v
     *
     * @throws ImpossibleValue
     */
    private static function rim(array $v, FlashGun $gun, float $syncS): ?SecondLight
    {
        $power = $v['rim_power'] > 0 ? FlashPower::atLeast(1 / max(1.0, $v['rim_power'])) : null;

        return $power === null
            ? null
            : SecondLight::of($gun->label, $gun->guideNumberM, $power, $v['rim_distance'], $v['f'], $v['iso'], $syncS);
    }

    /**
     * @param  array<string, float>  $v
     *
     * @throws ImpossibleValue
     */
    public function motionAndRoom(array $v, float $pixelUm): MotionAndRoom
    {
        return new MotionAndRoom(
            blur: MotionBlur::of($v['speed'], $v['away'], $v['pan_focal'], 1 / max(0.001, $v['pan_shutter']), $pixelUm),
            pan: Panning::of($v['speed'], $v['away'], $v['pan_focal'], 1 / max(0.001, $v['pan_shutter']), $pixelUm),
            freeze: Panning::freezing($v['speed'], $v['away'], $v['pan_focal'], $pixelUm),
            fit: CornerFit::of($v['room_focal'], Sensor::FULL_WIDTH_MM, $v['room_width'], $v['room_length']),
            best: Diffraction::of($v['room_focal'], $v['near'], $v['far']),
        );
    }

    /** Width of a pixel of the first body, micrometres. */
    public function pixelUm(Job $job): float
    {
        $body = $this->bodyOf($job);

        return round(Sensor::pixelUm($body?->number('megapixels') ?? 24.0, $body?->crop() ?? 1.0), 2);
    }

    public function bodyOf(Job $job): ?Gear
    {
        return array_values(array_filter($this->needs->bag($job), static fn (Gear $g): bool => $g->kind === GearKind::Body))[0] ?? null;
    }

    private function sync(Job $job): float
    {
        return $this->bodyOf($job)?->number('sync_denominator') ?? 200.0;
    }
}
