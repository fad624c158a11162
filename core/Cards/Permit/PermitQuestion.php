<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Cards\Look;
use NorthSatchel\Cards\Twin\Side;

/** All that is known when somebody asks whether a card may be formatted. */
final readonly class PermitQuestion
{
    /**
     * @param  Proof  $proof  of everything on the card by its last seal
     * @param  array<string, Side>  $notWhole  frames that are damaged or in doubt, with no intact twin and not given up, by name
     * @param  list<string>  $changed  paths that are new, gone or of another size or time since the card was sealed
     * @param  list<string>  $differing  paths that hold something else than was sealed, found by reading them
     * @param  string|null  $unreadable  why the card could not be looked at now
     * @param  list<string>  $fallen  evidence that counted once and does not now, a sentence each
     * @param  bool  $isAlone  it has no twin: more copies are wanted for that
     * @param  Look|null  $look  how frames were looked at 1:1 since it was sealed
     * @param  bool  $asksForLook  whether the rule asks for it
     * @param  string|null  $readAgain  what was read again, and what not, when it was asked for; null where nobody has asked yet
     */
    public function __construct(
        public int $cardId,
        public string $card,
        public bool $isSealed,
        public bool $isTwinChecked,
        public Proof $proof,
        public array $notWhole = [],
        public array $changed = [],
        public array $differing = [],
        public ?string $unreadable = null,
        public array $fallen = [],
        public bool $isAlone = false,
        public ?Look $look = null,
        public bool $asksForLook = false,
        public ?string $readAgain = null,
    ) {}
}
