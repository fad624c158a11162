<?php

declare(strict_types=1);

namespace NorthSatchel;

/** What a judge found: the one shape of every judgement in the program. */
final readonly class Verdict
{
    /**
     * @param  string  $code  stable, documented in docs/verdicts.md
     * @param  string  $finding  one sentence
     * @param  string  $because  the arithmetic in one sentence a photographer would say
     * @param  array<string, int|float|string|null>  $figures  the numbers behind it, units in their names
     */
    public function __construct(
        public Severity $severity,
        public string $code,
        public string $finding,
        public string $because,
        public array $figures = [],
        public ?Remedy $remedy = null,
    ) {}

    /** @param  array<string, int|float|string|null>  $figures */
    public static function stop(string $code, string $finding, string $because, array $figures = [], ?Remedy $remedy = null): self
    {
        return new self(Severity::Stop, $code, $finding, $because, $figures, $remedy);
    }

    /** @param  array<string, int|float|string|null>  $figures */
    public static function fix(string $code, string $finding, string $because, array $figures = [], ?Remedy $remedy = null): self
    {
        return new self(Severity::Fix, $code, $finding, $because, $figures, $remedy);
    }

    /** @param  array<string, int|float|string|null>  $figures */
    public static function mind(string $code, string $finding, string $because, array $figures = [], ?Remedy $remedy = null): self
    {
        return new self(Severity::Mind, $code, $finding, $because, $figures, $remedy);
    }

    /** @param  array<string, int|float|string|null>  $figures */
    public static function fine(string $code, string $finding, string $because, array $figures = [], ?Remedy $remedy = null): self
    {
        return new self(Severity::Fine, $code, $finding, $because, $figures, $remedy);
    }
}
