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
     * @param  Looked|null  $looked  what was looked at; of everything that is called in order
     */
    private function __construct(
        public Severity $severity,
        public string $code,
        public string $finding,
        public string $because,
        public array $figures = [],
        public ?Remedy $remedy = null,
        public ?Looked $looked = null,
    ) {}

    /** The same with another remedy, and with words after the reason. */
    public function with(?Remedy $remedy, string $more = ''): self
    {
        return new self($this->severity, $this->code, $this->finding, $this->because.$more, $this->figures, $remedy, $this->looked);
    }

    /** The same with words in front of the finding. */
    public function headed(string $words): self
    {
        return new self($this->severity, $this->code, $words.$this->finding, $this->because, $this->figures, $this->remedy, $this->looked);
    }

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

    /**
     * In order: something was looked at, and could have been otherwise. Every such sentence stands in docs/claims.md.
     *
     * @param  array<string, int|float|string|null>  $figures
     */
    public static function fine(
        string $code,
        string $finding,
        string $because,
        Looked $looked,
        array $figures = [],
        ?Remedy $remedy = null,
    ): self {
        return new self(Severity::Fine, $code, $finding, $because, $figures, $remedy, $looked);
    }
}
