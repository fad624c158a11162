<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\FaceLight;

/** The exposure that a segment begins with in a light, with what is planned and allowed there. */
final class PlannedExposure
{
    public static function of(Segment $segment, FaceLight $light, DialLimits $limits = new DialLimits()): SceneExposure
    {
        return SceneExposure::of(
            $segment->title,
            $light->ev100,
            $segment->setting->hasFlash,
            $limits,
            $segment->setting->scene,
            $segment->setting->mayFlash,
        );
    }
}
