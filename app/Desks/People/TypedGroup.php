<?php

declare(strict_types=1);

namespace App\Desks\People;

/** A group as somebody typed it. */
final readonly class TypedGroup
{
    /**
     * @param  list<string>  $people
     * @param  int|null  $after  the group that is called before it
     */
    public function __construct(public string $title, public array $people, public string $priority, public ?int $after) {}
}
