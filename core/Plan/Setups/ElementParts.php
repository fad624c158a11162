<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Priority;
use NorthSatchel\TypedLine;

/** What one line says of an element: "Label ×2, 15 min, after Clean pack, with Ida, throws Bo". */
final class ElementParts
{
    private const MOST_WANTED = 40;

    private const MOST_MINUTES = 600;

    /** Words of what has to be tried again and again (common practice, no source). */
    private const THROWN = '/\b(?:thrown|throws?|splash(?:es)?|drop(?:ped|s)?|pour(?:ed|ing|s)?|toss(?:ed)?)\b/iu';

    private const DOES = [
        'throws' => '/^(?:throws|thrown by)\s*:?\s+(.+)$/iu',
        'catches' => '/^(?:catches|caught by)\s*:?\s+(.+)$/iu',
        'keepsDry' => '/^(?:keeps dry|kept dry by)\s*:?\s+(.+)$/iu',
    ];

    public string $name;

    public int $wanted = 1;

    public int $minutes = WantedElement::USUAL_MINUTES;

    /** @var list<string> names of elements */
    public array $after = [];

    /** @var list<string> names of elements */
    public array $before = [];

    public ?Throwing $throwing = null;

    public Priority $priority = Priority::Must;

    /** @var list<string> */
    private array $with = [];

    /** @var array<string, string> */
    private array $who = [];

    private bool $isThrown;

    /** @throws ImpossibleValue naming the line */
    public function __construct(TypedLine $line)
    {
        $this->name = $line->parts[0];
        if (preg_match('/^(.+?)(?:\s+x|\s*×)\s*(\d{1,3})$/u', $this->name, $found) === 1) {
            [$this->name, $this->wanted] = [$found[1], (int) $found[2]];
        }
        $this->isThrown = preg_match(self::THROWN, $this->name) === 1;
        foreach ($line->rest() as $part) {
            if (! $this->isNumber($part) && ! $this->isOrder($part) && ! $this->isPeople($part)) {
                $line->refuse("“{$part}” is not understood: ×3, 15 min, nice, after Clean pack, with Ida, throws Bo, catches Ida, keeps dry Cia");
            }
        }
        if ($this->wanted < 1 || $this->wanted > self::MOST_WANTED || $this->minutes < 1 || $this->minutes > self::MOST_MINUTES) {
            $line->refuse('from 1 to '.self::MOST_WANTED.' alternatives and from 1 to '.self::MOST_MINUTES.' minutes can be');
        }
        $this->throwing = $this->isThrown || $this->who !== [] ? new Throwing(...$this->who) : null;
    }

    /** @return list<string> who must be there */
    public function people(): array
    {
        return array_values(array_unique([...$this->with, ...$this->throwing?->people() ?? []]));
    }

    private function isNumber(string $part): bool
    {
        $times = TypedLine::said($part, '/^[×x]\s*(\d{1,3})$/u') ?? TypedLine::said($part, '/^(\d{1,3})\s*(?:alternatives?|times)$/i');
        $minutes = TypedLine::minutes($part);
        $priority = Priority::said($part);
        $this->priority = $priority ?? $this->priority;
        $this->wanted = (int) ($times ?? $this->wanted);
        $this->minutes = (int) ($minutes ?? $this->minutes);

        return $times !== null || $minutes !== null || $priority !== null;
    }

    private function isOrder(string $part): bool
    {
        $after = TypedLine::said($part, '/^(?:then )?after\s+(.+)$/iu');
        $before = TypedLine::said($part, '/^before\s+(.+)$/iu');
        $this->after = [...$this->after, ...$after === null ? [] : [$after]];
        $this->before = [...$this->before, ...$before === null ? [] : [$before]];

        return $after !== null || $before !== null;
    }

    private function isPeople(string $part): bool
    {
        $with = TypedLine::said($part, '/^with\s+(.+)$/iu') ?? TypedLine::said($part, '/^(.+?)\s+needed$/iu');
        $this->with = [...$this->with, ...$with === null ? [] : TypedLine::names($with)];
        $isThrown = preg_match('/^thrown$/iu', $part) === 1;
        $this->isThrown = $this->isThrown || $isThrown;
        foreach (self::DOES as $does => $pattern) {
            $who = TypedLine::said($part, $pattern);
            if ($who !== null) {
                $this->who[$does] = $who;

                return true;
            }
        }

        return $with !== null || $isThrown;
    }
}
