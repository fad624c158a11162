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

    /** By the first word of its name; what is none of the others is a light. */
    public static function named(string $name): self
    {
        $first = mb_strtolower(explode(' ', trim($name))[0]);

        return match (true) {
            in_array($first, ['card', 'reflector', 'white'], true) => self::Card,
            in_array($first, ['black', 'negative'], true) => self::Black,
            in_array($first, ['flag', 'gobo', 'cutter'], true) => self::Flag,
            in_array($first, ['background', 'backdrop'], true) => self::Background,
            $first === 'camera' => self::Camera,
            $first === 'subject' => self::Subject,
            default => self::Light,
        };
    }
}
