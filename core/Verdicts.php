<?php

declare(strict_types=1);

namespace NorthSatchel;

/**
 * The findings on one question, worst first.
 *
 * @implements \IteratorAggregate<int, Verdict>
 */
final readonly class Verdicts implements \Countable, \IteratorAggregate
{
    /** @var list<Verdict> */
    private array $list;

    /** @param  iterable<Verdict>  $verdicts */
    public function __construct(iterable $verdicts = [])
    {
        $list = is_array($verdicts) ? array_values($verdicts) : iterator_to_array($verdicts, false);
        usort($list, static fn (Verdict $a, Verdict $b): int => $a->severity->rank() <=> $b->severity->rank());
        $this->list = $list;
    }

    public function with(self $more): self
    {
        return new self([...$this->list, ...$more->list]);
    }

    /** @param  \Closure(Verdict): Verdict  $to */
    public function map(\Closure $to): self
    {
        return new self(array_map($to, $this->list));
    }

    /** The same with words in front of each finding. */
    public function headed(string $words): self
    {
        return $this->map(static fn (Verdict $v): Verdict => $v->headed($words));
    }

    public function worst(): ?Verdict
    {
        return $this->list[0] ?? null;
    }

    /** Findings that ask for something: stop and fix. */
    public function open(): int
    {
        return count(array_filter($this->list, static fn (Verdict $v): bool => $v->severity->isOpen()));
    }

    public function has(string $code): bool
    {
        foreach ($this->list as $verdict) {
            if ($verdict->code === $code) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, int> counts by severity, all four named */
    public function counts(): array
    {
        $counts = array_fill_keys(array_map(static fn (Severity $s): string => $s->value, Severity::cases()), 0);
        foreach ($this->list as $verdict) {
            $counts[$verdict->severity->value]++;
        }

        return $counts;
    }

    public function count(): int
    {
        return count($this->list);
    }

    /** @return \ArrayIterator<int, Verdict> */
    public function getIterator(): \ArrayIterator
    {
        return new \ArrayIterator($this->list);
    }
}
