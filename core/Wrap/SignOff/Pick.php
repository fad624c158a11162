<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\SignOff;

/** A frame that is shown to the client for a final picture. */
final readonly class Pick
{
    /** @param  int  $addedAt  Unix seconds */
    public function __construct(public int $id, public string $picture, public string $name, public int $addedAt, public string $note = '') {}
}
