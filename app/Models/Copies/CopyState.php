<?php

declare(strict_types=1);

namespace App\Models\Copies;

/** What is known of a card's copy at one place. The first three are written into the log; the others follow from what came after. */
enum CopyState: string
{
    case Verified = 'verified';
    case Failed = 'failed';
    /** Written, not read back: only in logs of before. */
    case Copied = 'copied';
    /** What others wrote lacks files, or the reading did not take in all that the card held. */
    case Partly = 'partly';
    /** Its drive came back, and nobody has read it since. */
    case Unread = 'unread';
    /** Another satchel said so. */
    case Told = 'told';
    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::None => 'not there',
            self::Unread => 'back, not read since',
            self::Told => 'told, not read here',
            self::Partly => 'not all of it',
            default => $this->value,
        };
    }

    public static function ofReading(bool $isWhole): self
    {
        return $isWhole ? self::Verified : self::Failed;
    }

    /** Something lies there that no reading here has vouched for. */
    public function isDoubtful(): bool
    {
        return $this === self::Unread || $this === self::Told;
    }

    public function isHalf(): bool
    {
        return $this === self::Copied || $this === self::Partly;
    }
}
