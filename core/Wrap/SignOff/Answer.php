<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\SignOff;

/** What the client said of a pick, with name and time. */
final readonly class Answer
{
    /**
     * @param  bool|null  $isYes  null of a mark alone
     * @param  float|null  $markX  share of the picture's width at which something was pointed at
     * @param  float|null  $markY  share of its height
     * @param  int  $at  Unix seconds
     */
    public function __construct(
        public int $pick,
        public ?bool $isYes,
        public string $words,
        public string $name,
        public int $at,
        public ?float $markX = null,
        public ?float $markY = null,
    ) {}

    /** Where, in words: "left above", "in the middle". */
    public function where(): string
    {
        if ($this->markX === null || $this->markY === null) {
            return '';
        }
        $side = $this->markX < 1 / 3 ? 'left' : ($this->markX > 2 / 3 ? 'right' : '');
        $high = $this->markY < 1 / 3 ? 'above' : ($this->markY > 2 / 3 ? 'below' : '');

        return trim("{$side} {$high}") ?: 'in the middle';
    }
}
