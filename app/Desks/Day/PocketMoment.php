<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** Something that comes at a minute of the day, whatever is planned. */
final readonly class PocketMoment
{
    public function __construct(public int $at, public string $says, public bool $isOfPeople = false) {}
}
