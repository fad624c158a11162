<?php

declare(strict_types=1);

namespace App\Desks\House;

/** Something that was found, and where it is. */
final readonly class Found
{
    public function __construct(
        public string $what,
        public string $text,
        public string $more,
        public string $url,
    ) {}
}
