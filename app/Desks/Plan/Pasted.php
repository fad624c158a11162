<?php

declare(strict_types=1);

namespace App\Desks\Plan;

/** How many pasted lines found their segment, how many did not, and how many stood there already. */
final readonly class Pasted
{
    public function __construct(
        public int $placed,
        public int $free,
        public int $known,
    ) {}

    public function says(): string
    {
        $said = $this->placed === 1 ? 'One shot is placed' : "{$this->placed} shots are placed";
        $said .= $this->known > 0 ? ", {$this->known} stood there already" : '';

        return $said.($this->free > 0 ? ", {$this->free} stand free until a segment takes them." : '.');
    }
}
