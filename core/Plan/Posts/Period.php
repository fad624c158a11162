<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A stretch in which everybody stays at a post: a half, a heat, a set. */
final readonly class Period
{
    /**
     * @param  int  $breakMinutes  after it, for walking
     * @param  array<string, int>  $worth  of covering a zone in it, 0 and more
     */
    public function __construct(public string $id, public int $breakMinutes, public array $worth) {}
}
