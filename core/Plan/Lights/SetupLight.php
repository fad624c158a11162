<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** The light of a setup: what stands where. */
final readonly class SetupLight
{
    /** Of what stands on a table (common practice, no source). */
    public const USUAL_SUBJECT_M = 1.0;

    /** @param  list<SetPiece>  $pieces */
    public function __construct(public string $setup, public array $pieces) {}

    public function subjectHeightM(): float
    {
        return $this->saidSubjectM() ?? self::USUAL_SUBJECT_M;
    }

    /** Null where nobody said how high it is. */
    public function saidSubjectM(): ?float
    {
        foreach ($this->pieces as $piece) {
            if ($piece->kind === SetKind::Subject && $piece->heightM !== null) {
                return $piece->heightM;
            }
        }

        return null;
    }

    /** @return list<SetPiece> */
    public function lights(): array
    {
        return array_values(array_filter($this->pieces, static fn (SetPiece $p): bool => $p->kind === SetKind::Light));
    }

    /** The one called key; else the one that gives most, else the first. */
    public function key(): ?SetPiece
    {
        return $this->called('key') ?? $this->strongest() ?? $this->lights()[0] ?? null;
    }

    /** Key above fill in stops; null where either is not there or its power not known, or only one of them says its energy. */
    public function keyAboveFill(): ?float
    {
        [$key, $fill] = [$this->called('key'), $this->called('fill')];
        if ($key === null || $fill === null || ($key->energyWs === null) !== ($fill->energyWs === null)) {
            return null;
        }
        [$k, $f] = [$key->stops($this->subjectHeightM()), $fill->stops($this->subjectHeightM())];

        return $k === null || $f === null ? null : $k - $f;
    }

    public function piece(string $name): ?SetPiece
    {
        foreach ($this->pieces as $piece) {
            if (mb_strtolower($piece->name) === mb_strtolower($name)) {
                return $piece;
            }
        }

        return null;
    }

    private function called(string $word): ?SetPiece
    {
        foreach ($this->lights() as $light) {
            if (preg_match("/\\b{$word}\\b/iu", $light->name) === 1) {
                return $light;
            }
        }

        return null;
    }

    private function strongest(): ?SetPiece
    {
        $best = null;
        foreach ($this->lights() as $light) {
            $stops = $light->stops($this->subjectHeightM());
            if ($stops !== null && ($best === null || $stops > $best->stops($this->subjectHeightM()))) {
                $best = $light;
            }
        }

        return $best;
    }
}
