<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/**
 * How bright ordinary scenes are, as EV at ISO 100: exposure guides after ANSI PH2.7 (from memory);
 * beside a large window 9 to 10 is common practice, no source.
 */
enum Scene: string
{
    case Sun = 'sun';
    case HazySun = 'hazy_sun';
    case BrightCloud = 'bright_cloud';
    case Overcast = 'overcast';
    case OpenShade = 'open_shade';
    case Sunset = 'sunset';
    case FloodlitSport = 'floodlit_sport';
    case BrightStage = 'bright_stage';
    case WindowSide = 'window_side';
    case BrightInterior = 'bright_interior';
    case HomeInterior = 'home_interior';
    case DimInterior = 'dim_interior';
    case Candle = 'candle';

    public function ev100(): float
    {
        return match ($this) {
            self::Sun => 15.0,
            self::HazySun => 14.0,
            self::BrightCloud => 13.0,
            self::Overcast, self::OpenShade, self::Sunset => 12.0,
            self::WindowSide => 9.5,
            self::FloodlitSport, self::BrightStage => 9.0,
            self::BrightInterior => 7.0,
            self::HomeInterior => 6.0,
            self::DimInterior => 5.0,
            self::Candle => 4.0,
        };
    }
}
