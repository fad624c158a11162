<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plural;

/** What a plan can ask of a shelf. */
enum NeedWhat: string
{
    case Body = 'body';
    case Reach = 'reach';
    case Light = 'light';
    case Trigger = 'trigger';
    case Card = 'card';
    case Cell = 'cell';
    case Charger = 'charger';
    case Reader = 'reader';
    case Drive = 'drive';
    case Computer = 'computer';
    case Tether = 'tether';
    case Remote = 'remote';
    case Stand = 'stand';
    case Clamp = 'clamp';
    case SafetyCable = 'safety cable';
    case Modifier = 'modifier';
    case Reflector = 'reflector';
    case Ladder = 'ladder';
    case Tool = 'tool';
    case Consumable = 'consumable';
    case Paper = 'paper';

    /** What somebody may ask for by hand; the rest follows from the plan. */
    public const ASKABLE = [
        self::Light,
        self::Remote,
        self::Tether,
        self::Stand,
        self::Clamp,
        self::SafetyCable,
        self::Modifier,
        self::Reflector,
        self::Ladder,
        self::Computer,
        self::Tool,
        self::Consumable,
        self::Paper,
    ];

    /** So many of it, in words: “a body”, “3 bodies”. */
    public function counted(int $count): string
    {
        $many = match ($this) {
            self::Body => 'bodies',
            self::Reach => 'lenses',
            self::Light => 'lights',
            self::Tether => 'cables for tethering',
            self::Paper => 'papers',
            default => "{$this->value}s",
        };
        $one = match ($this) {
            self::Reach => 'lens',
            self::Tether => 'cable for tethering',
            default => $this->value,
        };

        return Plural::of($count, "a {$one}", "{$count} {$many}");
    }

    /** Whose loss stops the job, so that a spare goes along (common practice, no source). */
    public function isCritical(): bool
    {
        return in_array(
            $this,
            [
                self::Body,
                self::Reach,
                self::Light,
                self::Trigger,
                self::Card,
                self::Cell,
                self::Charger,
                self::Reader,
                self::Drive,
                self::Computer,
                self::Tether,
            ],
            true,
        );
    }
}
