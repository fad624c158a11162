<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A list to begin with, by the kind of picture (common practice, no source). */
enum ElementTemplate: string
{
    case Product = 'product';
    case Splash = 'splash';
    case Catalogue = 'catalogue';
    case Food = 'food';
    case Interior = 'interior';

    public function label(): string
    {
        return match ($this) {
            self::Product => 'One product',
            self::Splash => 'Composite with splashes',
            self::Catalogue => 'Row of a catalogue',
            self::Food => 'Food',
            self::Interior => 'Interior with people',
        };
    }

    public function text(): string
    {
        return match ($this) {
            self::Product => <<<'TEXT'
                Product
                    Table, soft from above
                        Front ×2, 20 min
                        Label, 10 min, after Front
                        Detail, 15 min, nice, after Front
                        Plain background, 5 min
                TEXT,
            self::Splash => <<<'TEXT'
                Product in a splash
                    Dark ground, hard key
                        Clean pack ×2, 15 min
                        Lid, 10 min, after Clean pack
                        Label, 10 min, after Clean pack
                        Wet pack ×2, 20 min, after Clean pack, after Label
                    Tank, light from behind
                        Splash left ×3, 25 min, thrown, after Wet pack
                        Splash right ×3, 25 min, thrown, after Wet pack
                        Liquid alone ×2, 15 min
                        Plain background, 5 min
                TEXT,
            self::Catalogue => <<<'TEXT'
                Product 1
                    White table
                        Board with its number, 1 min
                        Front, 4 min, after Board with its number
                        Back, 3 min, after Front
                        Detail, 4 min, nice, after Front
                TEXT,
            self::Food => <<<'TEXT'
                Plate
                    Window light
                        Empty plate, 5 min
                        Stand-in for light and focus, 15 min, after Empty plate
                        Hero ×3, 10 min, after Stand-in for light and focus
                        Half eaten, 5 min, nice, after Hero
                        Plain background, 5 min
                TEXT,
            self::Interior => <<<'TEXT'
                Room with people
                    Corner, window light
                        Empty room in its bracket, 10 min
                        Lamps on, 5 min, after Empty room in its bracket
                        People ×4, 15 min, after Empty room in its bracket
                        Reflections held off, 10 min, after Empty room in its bracket
                TEXT,
        };
    }
}
