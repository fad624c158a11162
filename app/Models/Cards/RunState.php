<?php

declare(strict_types=1);

namespace App\Models\Cards;

/** How far long work has come. */
enum RunState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Paused = 'paused';
    case Done = 'done';
    case Trouble = 'trouble';

    public function isUnderWay(): bool
    {
        return $this === self::Waiting || $this === self::Running;
    }
}
