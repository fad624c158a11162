<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** Two setups against each other: what stands in both, by its name, and what in one only. */
final readonly class SetupDifference
{
    /** @var list<PieceDifference> */
    public array $both;

    /** @var list<SetPiece> */
    public array $onlyFrom;

    /** @var list<SetPiece> */
    public array $onlyTo;

    /** @param  float|null  $toSubjectM  of the second; null: as it says itself */
    public function __construct(public SetupLight $from, public SetupLight $to, ?float $toSubjectM = null)
    {
        $both = $onlyFrom = [];
        foreach ($from->pieces as $piece) {
            $other = $to->piece($piece->name);
            if ($piece->kind === SetKind::Subject) {
                continue;
            }
            if ($other === null) {
                $onlyFrom[] = $piece;
            } else {
                $both[] = new PieceDifference($piece, $other, $from->subjectHeightM(), $toSubjectM ?? $to->subjectHeightM());
            }
        }
        $this->both = $both;
        $this->onlyFrom = $onlyFrom;
        $this->onlyTo = array_values(array_filter(
            $to->pieces,
            static fn (SetPiece $p): bool => $p->kind !== SetKind::Subject && $from->piece($p->name) === null,
        ));
    }

    /** What of a piece of the first is other in the second, in words. */
    public function says(SetPiece $piece): string
    {
        foreach ($this->both as $one) {
            if ($one->from === $piece) {
                return $one->says() ?: 'alike';
            }
        }

        return $piece->kind === SetKind::Subject ? '' : 'not there';
    }
}
