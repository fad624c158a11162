<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** A caption as it was typed: of a frame, or of what was taken from a minute on. */
final readonly class CaptionLine
{
    /**
     * @param  string|null  $frame  its name, without folder and ending
     * @param  int|null  $seconds  of the day's clock
     */
    public function __construct(public string $text, public ?string $frame, public ?int $seconds) {}
}
