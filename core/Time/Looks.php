<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

/** Patience for so many looks. */
final class Looks implements Patience
{
    private function __construct(private int $left, private readonly ?self $of = null) {}

    public static function upTo(int $looks): self
    {
        return new self($looks);
    }

    public static function endless(): self
    {
        return new self(PHP_INT_MAX);
    }

    public function isOver(): bool
    {
        if ($this->left <= 0 || $this->of?->isOver() === true) {
            return true;
        }
        $this->left--;

        return false;
    }

    public function part(float $share, float $mostSeconds = INF): self
    {
        return new self($this->left === PHP_INT_MAX ? PHP_INT_MAX : (int) ($share * $this->left), $this);
    }
}
