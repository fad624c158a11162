<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\KnownCopies;
use App\Models\Kit\Card;
use NorthSatchel\Verdict;

/** Answers the cards from the ledger and the proof. */
final readonly class CopiesForCards implements KnownCopies
{
    public function __construct(private CopyLedger $ledger, private ProofDesk $proofs) {}

    public function isSafe(string $hash): bool
    {
        return $this->ledger->isSafe($hash);
    }

    public function againstFormat(Card $card): ?Verdict
    {
        return $this->proofs->answer($card)->verdicts->worst();
    }
}
