<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** What stands around a subject. */
enum SetKind: string
{
    case Light = 'light';
    /** White: it gives back what falls on it. */
    case Card = 'card';
    /** Black beside the subject: negative fill. */
    case Black = 'black';
    /** Keeps light off. */
    case Flag = 'flag';
    case Background = 'background';
    case Camera = 'camera';
    case Subject = 'subject';

    /** What a thing is that has one of these for its last word, whatever else its name says: a background light is a light. */
    private const LIGHTS = ['light', 'lamp', 'flash', 'head', 'key', 'kicker', 'rim', 'hair', 'backlight', 'spot', 'strip'];

    private const WORDS = [
        'flag' => self::Flag, 'gobo' => self::Flag, 'cutter' => self::Flag,
        'black' => self::Black, 'negative' => self::Black,
        'card' => self::Card, 'reflector' => self::Card, 'bounce' => self::Card,
        'background' => self::Background, 'backdrop' => self::Background,
        'camera' => self::Camera, 'subject' => self::Subject,
    ];

    /** By the words of its name; what is none of the others is a light. */
    public static function named(string $name): self
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if (array_intersect(array_slice($words, -1), self::LIGHTS) !== []) {
            return self::Light;
        }
        // A black flag keeps light off, and a black card takes it away.
        foreach (self::WORDS as $word => $kind) {
            if (in_array($word, $words, true)) {
                return $kind;
            }
        }

        return $words === ['white'] ? self::Card : self::Light;
    }
}
