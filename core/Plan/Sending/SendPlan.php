<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** What is sent when, and what of it is there in time. */
final readonly class SendPlan
{
    /** @var list<string> wholly sent by when they are due, in the order of the pictures */
    public array $inTime;

    /** @var list<string> not wholly sent */
    public array $left;

    public float $worth;

    public float $of;

    /**
     * @param  list<SendPicture>  $pictures
     * @param  list<SentPart>  $parts  in the order of time
     */
    public function __construct(public array $pictures, public array $parts, public bool $isOptimal)
    {
        $sent = $ends = [];
        foreach ($parts as $part) {
            $sent[$part->id] = ($sent[$part->id] ?? 0) + $part->toMs - $part->fromMs;
            $ends[$part->id] = $part->toMs;
        }
        $inTime = $left = [];
        $worth = $of = 0.0;
        foreach ($pictures as $picture) {
            $of += $picture->worth;
            if (($sent[$picture->id] ?? 0) < $picture->lengthMs) {
                $left[] = $picture->id;
            } elseif ($ends[$picture->id] <= $picture->dueMs) {
                $inTime[] = $picture->id;
                $worth += $picture->worth;
            }
        }
        [$this->inTime, $this->left, $this->worth, $this->of] = [$inTime, $left, $worth, $of];
    }
}
