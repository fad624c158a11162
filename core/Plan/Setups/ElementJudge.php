<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does every final picture get its elements (M17): planned, in the hours, and once one counts, in the can? */
final readonly class ElementJudge
{
    private const NAMED = 5;

    private const WET = '/\b(?:water|wet|splash(?:es)?|liquid|pour(?:ed|ing|s)?|rain|tank|ice|syrup)\b/iu';

    private const WATER = 'Water and mains do not go together: packs and plugs stand high and dry, on a breaker that trips, and one person '.
        'keeps the water away from them. ';

    /**
     * @param  ElementDay  $day  all of it; on the day what is left of it, from now on
     * @param  bool  $isOver  whether the day is gone: then no hour is said
     */
    public function __construct(
        private ElementList $list,
        private ElementDay $day,
        private ElementCount $count,
        private bool $isOver = false,
    ) {}

    public function verdicts(): Verdicts
    {
        $looked = Looked::at(count($this->list->elements()), 'element');
        if ($looked === null) {
            return new Verdicts([Verdict::mind(
                'elements.none',
                'No final picture is listed.',
                'List each with its setups and elements, or a house with its rooms: what is missing is else found in retouching, when the set '.
                'is struck.',
            )]);
        }

        return new Verdicts(array_values(array_filter([
            $this->withoutSetup(),
            ...$this->isOver ? [] : [$this->hours(), Welfare::ofElements($this->day), $this->typedOrder(), $this->shorterChange()],
            ...$this->missing($looked),
            ...$this->struck(),
            ...$this->thrown(),
            $this->gone(),
        ])));
    }

    private function withoutSetup(): ?Verdict
    {
        $names = array_map(
            static fn (WantedElement $e): string => $e->title(),
            array_filter($this->list->elements(), static fn (WantedElement $e): bool => $e->setup === null),
        );

        return $names === [] ? null : Verdict::fix(
            'elements.no-setup',
            count($names) === 1 ? reset($names).' is in no setup.' : count($names).' elements are in no setup.',
            Some::of($names, self::NAMED).': nobody knows under which light, and no order counts them. Put a setup above them.',
            ['elements' => count($names)],
        );
    }

    private function hours(): ?Verdict
    {
        $order = $this->day->order;
        $looked = Looked::at(count($order->order), 'element');
        if ($looked === null) {
            return null;
        }
        $isAll = array_filter($this->list->elements(), static fn (WantedElement $e): bool => $e->setup === null) === [];
        $ends = ClockTime::face($this->day->ends);
        $proven = $order->isOptimal ? 'no order takes less' : 'no order is known that takes less';
        $why = 'From '.ClockTime::face($this->day->frame->from).': '.Span::hours($order->minutes).' with '.
            Plural::of($order->changes, '1 change', "{$order->changes} changes")." of setup, {$proven}".$this->day->held();
        $late = $this->day->lateMinutes();
        if ($late > 0) {
            $gives = $this->day->gives();

            return Verdict::fix(
                'elements.late',
                "The last element is taken at {$ends}: ".Span::hours($late).($this->day->frame->before === null
                    ? ' after the hours are over.'
                    : " after “{$this->day->frame->before}” begins."),
                "{$why}. ".match (true) {
                    $gives === null => 'Nothing that may give is enough: mark what is only nice, begin earlier, or agree on more hours.',
                    default => 'What gives, keeping most: '.Some::of($gives, self::NAMED, ' ').' Or agree on more hours.',
                },
                ['late_minutes' => $late],
            );
        }
        $frame = $this->day->frame;
        $spare = $frame->free($this->day->ends);
        $left = Span::hours($spare).($frame->before === null ? ' are left.' : " are left until “{$frame->before}”.");

        return ! $isAll ? null : Verdict::fine(
            'elements.fit',
            "The last element is taken at {$ends}: all fit into the hours.",
            $looked->words.($looked->count < count($this->list->elements()) ? ' left' : '').". {$why}; {$left}",
            $looked,
            ['spare_minutes' => $spare],
        );
    }

    private function typedOrder(): ?Verdict
    {
        $typed = $this->list->typedMinutes();
        $more = ($typed ?? 0) - $this->day->order->minutes;

        return $typed === null || $more <= 0 || $this->count->counted() !== [] ? null : Verdict::mind(
            'elements.order',
            'In the order in which they are typed they take '.Span::hours($more).' more.',
            Span::hours($typed).' against '.Span::hours($this->day->order->minutes).': the order of work changes setups less.',
            ['more_minutes' => $more],
        );
    }

    /** A change that was typed longer than it counts. */
    private function shorterChange(): ?Verdict
    {
        $shorter = $this->list->changes()->shorter();
        $first = $shorter[0] ?? null;

        return $first === null ? null : Verdict::mind(
            'elements.change-through',
            "From “{$first->from}” to “{$first->to}” {$first->typed} min are typed, and {$first->counted} count.",
            "By way of “{$first->by}” it takes no more than {$first->counted}".
                (count($shorter) > 1 ? ', and '.(count($shorter) - 1).' more such' : '').
                '. Where that is no way, type more for the changes to and from it.',
            ['changes' => count($shorter)],
        );
    }

    /** @return list<Verdict> once one counts */
    private function missing(Looked $looked): array
    {
        if ($this->count->counted() === []) {
            return [];
        }
        $missing = array_filter($this->list->elements(), fn (WantedElement $e): bool => $this->count->missing($e) > 0);
        if ($missing === []) {
            return [Verdict::fine(
                'elements.all-in',
                'Every element is in the can, with all its alternatives.',
                "{$looked->words}, each with as many keepers as are wanted.",
                $looked,
            )];
        }
        $said = array_map(
            fn (WantedElement $e): string => $e->title().": {$this->count->keepers($e->id)} of {$e->wanted}",
            array_values($missing),
        );

        return [Verdict::fix(
            'elements.missing',
            count($missing) === 1 ? '1 element lacks alternatives.' : count($missing).' elements lack alternatives.',
            Some::of($said, self::NAMED, '; ').'. Nothing is struck before the list is empty, or somebody says so in writing.',
            ['elements' => count($missing)],
        )];
    }

    /** @return list<Verdict> setups that are gone while something of them lacks */
    private function struck(): array
    {
        $verdicts = [];
        foreach ($this->list->setups() as $setup) {
            $words = $this->count->struck[WantedElement::numberOfSetup($setup)] ?? null;
            $lacks = array_filter(
                $this->list->elements(),
                fn (WantedElement $e): bool => $e->setup === $setup && $this->count->missing($e) > 0,
            );
            if ($words === null || $lacks === []) {
                continue;
            }
            $names = Some::of(array_map(static fn (WantedElement $e): string => $e->title(), array_values($lacks)), self::NAMED);
            $verdicts[] = trim($words) === ''
                ? Verdict::fix(
                    'elements.struck-short',
                    "{$setup} is struck, and something of it lacks.",
                    "{$names}. It was in order when it was struck: build it again, or write down who goes without.",
                    ['elements' => count($lacks)],
                )
                : Verdict::mind('elements.struck-in-writing', "{$setup} is struck without all of it.", "{$names}. In writing: “{$words}”.");
        }

        return $verdicts;
    }

    /** @return list<Verdict> */
    private function thrown(): array
    {
        $verdicts = [];
        foreach ($this->list->elements() as $e) {
            if ($e->throwing === null) {
                continue;
            }
            $isWet = preg_match(self::WET, "{$e->name} {$e->setup}") === 1;
            $open = $e->throwing->open($isWet);
            if ($open !== []) {
                $verdicts[] = Verdict::mind(
                    'elements.nobody-throws',
                    "{$e->title()}: nobody is named who ".self::joined($open).'.',
                    ($isWet ? self::WATER : '').'Write it behind the element: throws Bo, catches Ida'.($isWet ? ', keeps dry Cia.' : '.'),
                );
            }
            $verdicts[] = ThrowsJudge::of($e, $this->count);
        }

        return array_values(array_filter($verdicts));
    }

    private function gone(): ?Verdict
    {
        $gone = array_diff($this->count->counted(), array_keys($this->list->byId()));
        $keepers = array_sum(array_map($this->count->keepers(...), $gone));

        return $keepers === 0 ? null : Verdict::mind(
            'elements.gone',
            Plural::of($keepers, '1 keeper was', "{$keepers} keepers were").' counted for what is not on the list any more.',
            'An element that is written anew is another one: write it as it was, or count it again.',
            ['keepers' => $keepers],
        );
    }

    /** @param  list<string>  $words */
    private static function joined(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." or {$last}";
    }
}
