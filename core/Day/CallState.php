<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;

/** Who was found, which groups are shot and which were put off, by the taps. */
final readonly class CallState
{
    /** @var list<int> people */
    public array $found;

    /** @var list<int> groups */
    public array $shot;

    /** @var list<int> groups */
    public array $later;

    public function __construct(TapLog $log)
    {
        $this->found = $log->standing(TapKind::Found);
        $this->shot = $log->standing(TapKind::Shot);
        $this->later = $log->standing(TapKind::Later);
    }
}
