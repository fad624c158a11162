<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use NorthSatchel\Exposure\ExposureValue;
use NorthSatchel\Exposure\Flash;
use NorthSatchel\Exposure\FlashPower;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\Optics\MotionBlur;

/** Exposure and what moves while the shutter is open. */
final class ExposureTopics
{
    /** @return array<string, float> */
    public static function exposure(\stdClass $input): array
    {
        $in = new Fields($input, ['f_number', 'shutter_s', 'iso', 'scene']);
        $exposure = ExposureValue::of(
            fNumber: $in->number('f_number', above: 0),
            shutterS: $in->number('shutter_s', above: 0),
            iso: $in->number('iso', above: 0),
        );
        $scene = $in->isText('scene') ? $in->oneOf('scene', Scene::class)->ev100() : $in->object('scene', ['ev100'])->number('ev100');

        return ['ev100' => $exposure->ev100, 'scene_ev100' => $scene, 'stops_over_scene' => $exposure->stopsOver($scene)];
    }

    /** @return array<string, float|bool> */
    public static function flash(\stdClass $input): array
    {
        $in = new Fields($input, [
            'guide_number_m', 'iso', 'power', 'distance_m', 'shutter_s', 'sync_s', 'modifier_stops',
            'high_speed_loss_stops',
        ]);
        $flash = Flash::of(
            guideNumberM: $in->number('guide_number_m', above: 0),
            iso: $in->number('iso', above: 0),
            powerShare: $in->oneOf('power', FlashPower::class)->share(),
            distanceM: $in->number('distance_m', above: 0),
            shutterS: $in->number('shutter_s', above: 0),
            syncS: $in->number('sync_s', above: 0),
            modifierStops: $in->number('modifier_stops', min: 0, default: 0),
            highSpeedLossStops: $in->number('high_speed_loss_stops', min: 0, default: Flash::HIGH_SPEED_LOSS_STOPS),
        );

        return [
            'f_number' => $flash->fNumber,
            'high_speed_sync' => $flash->isHighSpeedSync,
            'guide_number_effective_m' => $flash->guideNumberM,
        ];
    }

    /** @return array<string, float> */
    public static function motionBlur(\stdClass $input): array
    {
        $in = new Fields($input, ['speed_m_s', 'distance_m', 'focal_mm', 'shutter_s', 'pixel_um', 'tracking_error']);
        $blur = MotionBlur::of(
            speedMS: $in->number('speed_m_s', min: 0),
            distanceM: $in->number('distance_m', above: 0),
            focalMm: $in->number('focal_mm', above: 0),
            shutterS: $in->number('shutter_s', above: 0),
            pixelUm: $in->number('pixel_um', above: 0),
            trackingError: $in->number('tracking_error', min: 0, max: 1, default: 1),
        );

        return ['blur_mm' => $blur->mm, 'blur_px' => $blur->pixels];
    }
}
