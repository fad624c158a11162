<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** How photographers order groups; they disagree, so all are there, and the computed one beside them. */
enum School: string
{
    case ReleaseDown = 'release-down';
    case BuildUp = 'build-up';
    case AsListed = 'as-listed';
    case LeastWaiting = 'least-waiting';
    case LeastWalking = 'least-walking';

    public function label(): string
    {
        return match ($this) {
            self::ReleaseDown => 'Release down: the biggest first, who is finished goes',
            self::BuildUp => 'Build up: a core, others added, nobody placed moves',
            self::AsListed => 'As listed: called by the couple',
            self::LeastWaiting => 'Least waiting, computed',
            self::LeastWalking => 'Least walking in and out, computed',
        };
    }
}
