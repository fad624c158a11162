<?php

declare(strict_types=1);

namespace App\Desks\Copies;

/** An exposure in the index: its files, and on how many cards and copies they lie. */
final readonly class FrameRow
{
    public function __construct(
        public int $id,
        public string $name,
        public int $body,
        public string $clock,
        public string $exposure,
        public int $files,
        public int $cards,
        public int $copies,
        public ?string $damaged,
        public bool $isHere,
    ) {}
}
