<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;

/** Who was found, which groups are shot, who was found by then, and which were put off, by the taps. */
final readonly class CallState implements \JsonSerializable
{
    /** @var list<int> people */
    public array $found;

    /** @var list<int> groups */
    public array $shot;

    /** @var list<int> groups */
    public array $later;

    /** @var array<int, list<int>> by group: the people who were found when it was shot last */
    public array $there;

    public function __construct(TapLog $log)
    {
        $this->found = $log->standing(TapKind::Found);
        $this->shot = $log->standing(TapKind::Shot);
        $this->later = $log->standing(TapKind::Later);
        $there = [];
        foreach ($log->ofKind(TapKind::Shot) as $tap) {
            $there[$tap->subject()] = $log->until($tap)->standing(TapKind::Found);
        }
        $this->there = $there;
    }

    /** @return array<string, mixed> an object where a list would lose the ids */
    public function jsonSerialize(): array
    {
        return ['found' => $this->found, 'shot' => $this->shot, 'later' => $this->later, 'there' => (object) $this->there];
    }
}
