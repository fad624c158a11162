<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** An exposure with its caption, and what keeps it from going out. */
final readonly class CaptionedFrame
{
    /**
     * @param  bool  $isTyped  whether a line was typed for it; else it says where and when it was only
     * @param  list<string>  $unclear
     * @param  list<string>  $doubts  what does not keep it from going out
     * @param  bool  $isOtherDay  whether it was taken on another day than the job, and no line was typed for it
     * @param  bool  $isUnchecked  whether it names somebody of whom nobody knows whether they play today
     */
    public function __construct(
        public TakenExposure $frame,
        public Caption $caption,
        public bool $isTyped,
        public array $unclear,
        public array $doubts = [],
        public bool $isUnchecked = false,
        public bool $isOtherDay = false,
    ) {}
}
