<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Setups\PersonHours;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is everybody whom the plan needs called, for the hours in which they are needed, and is a minor there with a guardian? */
final readonly class CallSheetJudge
{
    private const NAMED = 5;

    /**
     * @param  list<CrewMember>  $members
     * @param  list<PersonHours>  $needed  by the plan, the elements and what is built before them
     * @param  list<string>  $wearing  who wears a look, at no hour of their own
     */
    public function __construct(private array $members, private array $needed, private string $hospital, private array $wearing = []) {}

    public function verdicts(): Verdicts
    {
        if ($this->members === []) {
            return new Verdicts();
        }
        $found = array_values(array_filter([$this->unclear(), ...$this->minors(), $this->missing(), ...$this->hours(), $this->noHospital()]));
        $people = array_map(static fn (PersonHours $p): string => "{$p->name} {$p->says()}", $this->needed);
        array_push($people, ...$this->onlyWearing());
        $looked = Looked::at(count($people), 'person', 'people');
        $isOpen = array_filter($found, static fn (Verdict $v): bool => $v->code !== 'crew.hospital') !== [];

        return new Verdicts([...$found, ...$isOpen || $looked === null ? [] : [Verdict::fine(
            'crew.called',
            'Everybody whom the plan names is called for their hours.',
            "{$looked->words}: ".implode(', ', $people).'.',
            $looked,
        )]]);
    }

    private function member(string $name): ?CrewMember
    {
        $called = $this->called($name);

        return count($called) === 1 ? $called[0] : null;
    }

    /** @return list<CrewMember> whom a name may mean: the one of just that name, else all whose first name it is */
    private function called(string $name): array
    {
        $called = array_values(array_filter($this->members, static fn (CrewMember $m): bool => $m->isCalled($name)));
        $same = array_values(array_filter($called, static fn (CrewMember $m): bool => mb_strtolower($m->name) === mb_strtolower(trim($name))));

        return $same === [] ? $called : $same;
    }

    /** A name that two of the sheet share says nothing of either. */
    private function unclear(): ?Verdict
    {
        $names = [...array_map(static fn (PersonHours $p): string => $p->name, $this->needed), ...$this->wearing];
        foreach ($this->members as $member) {
            array_push($names, ...$member->guardian === null ? [] : [$member->guardian]);
        }
        $unclear = array_values(array_unique(array_filter($names, fn (string $name): bool => count($this->called($name)) > 1)));

        return $unclear === [] ? null : Verdict::fix(
            'crew.which',
            "Which {$unclear[0]} is meant?",
            count($this->called($unclear[0])).' on the sheet have that first name'.
                (count($unclear) > 1 ? ', and '.Some::of(array_slice($unclear, 1), 3).' is shared too' : '').
                ': write the surname in the plan, so that the hours are held against the right call.',
            ['names' => count($unclear)],
        );
    }

    /** @return list<string> who wears a look and is named for no hour besides */
    private function onlyWearing(): array
    {
        $hasHours = array_map(fn (PersonHours $p): ?CrewMember => $this->member($p->name), $this->needed);

        return array_values(array_filter($this->wearing, function (string $name) use ($hasHours): bool {
            $member = $this->member($name);

            return $member === null || ! in_array($member, $hasHours, true);
        }));
    }

    private function missing(): ?Verdict
    {
        $missing = [];
        foreach ($this->needed as $person) {
            $missing += $this->called($person->name) !== [] ? [] : [$person->name => "{$person->name} is needed {$person->says()}"];
        }
        foreach ($this->onlyWearing() as $name) {
            $missing += $this->called($name) !== [] ? [] : [$name => "{$name} wears a look"];
        }

        return $missing === [] ? null : Verdict::fix(
            'crew.missing',
            count($missing) === 1 ? array_key_first($missing).' is not on the call sheet.' : count($missing).' people are not on the call sheet.',
            implode(', ', $missing).'.',
            ['people' => count($missing)],
        );
    }

    /** @return list<Verdict> */
    private function hours(): array
    {
        $verdicts = [];
        // Of guardians the hours are held against their child's.
        $told = array_map(fn (CrewMember $m): ?CrewMember => $m->guardian === null ? null : $this->member($m->guardian), $this->members);
        foreach ($this->needed as $person) {
            $member = $this->member($person->name);
            if ($member === null) {
                continue;
            }
            $told[] = $member;
            if ($member->from === null) {
                $verdicts[] = Verdict::mind('crew.no-time', "{$member->shown()} is called for no time.", "The plan needs them {$person->says()}.");
            } elseif ($member->from > $person->from || ($member->to !== null && $member->to < $person->to)) {
                $verdicts[] = Verdict::fix(
                    'crew.hours',
                    "{$member->shown()} is needed outside the hours of the call.",
                    "Needed {$person->says()}, called {$member->hours()}.",
                );
            }
        }
        foreach ($this->onlyWearing() as $name) {
            $member = $this->member($name);
            if ($member !== null && $member->from === null) {
                $told[] = $member;
                $verdicts[] = Verdict::mind('crew.no-time', "{$member->shown()} is called for no time.", 'A look waits for them.');
            }
        }
        $open = array_filter($this->members, static fn (CrewMember $m): bool => $m->from === null && ! in_array($m, $told, true));
        $names = array_values(array_map(static fn (CrewMember $m): string => $m->shown(), $open));
        if ($names !== []) {
            $verdicts[] = Verdict::mind(
                'crew.no-time',
                count($names) === 1 ? "{$names[0]} is called for no time." : count($names).' people are called for no time.',
                'The plan does not name '.Some::of($names, self::NAMED).'; whoever reads the sheet finds no hour there: 9:00 to 15:00 behind '.
                    'the name.',
                ['people' => count($names)],
            );
        }

        return $verdicts;
    }

    /** @return list<Verdict> */
    private function minors(): array
    {
        $verdicts = [];
        foreach (array_filter($this->members, static fn (CrewMember $m): bool => $m->isMinor()) as $minor) {
            $guardian = $minor->guardian === null ? null : $this->member($minor->guardian);
            $called = $minor->from === null || $minor->to === null ? null : $minor->to - $minor->from;
            if ($minor->guardian === null) {
                $verdicts[] = Verdict::stop(
                    'crew.guardian',
                    "{$minor->shown()} is a minor, and no guardian is named.",
                    'No minor on a set alone: name who is there.',
                );
            } elseif ($this->called($minor->guardian) === []) {
                $verdicts[] = Verdict::fix(
                    'crew.guardian-away',
                    "The guardian of {$minor->shown()} is not called.",
                    "{$minor->guardian} is not on the sheet.",
                );
            } elseif ($guardian !== null && $minor->from !== null && ($guardian->from === null || $guardian->from > $minor->from
                || ($guardian->to !== null && $minor->to !== null && $guardian->to < $minor->to))) {
                $verdicts[] = Verdict::fix(
                    'crew.guardian-away',
                    "The guardian of {$minor->shown()} is not there all the time.",
                    "{$guardian->name} is called ".($guardian->hours() ?: 'for no time').", {$minor->shown()} {$minor->hours()}.",
                );
            }
            if ($called !== null && $minor->mostMinutes !== null && $called > $minor->mostMinutes) {
                $verdicts[] = Verdict::fix(
                    'crew.minor-hours',
                    "{$minor->shown()} is called for longer than they may be there.",
                    Span::hours($called).' against '.Span::hours($minor->mostMinutes).' that are allowed: '.
                        ClockTime::face((int) $minor->from + $minor->mostMinutes).' is the end. Local law decides, breaks and school too.',
                );
            } elseif ($minor->mostMinutes === null) {
                $verdicts[] = Verdict::mind(
                    'crew.minor-law',
                    "For how long {$minor->shown()} may be there is not written.",
                    'Local law and a permit decide about the hours of minors: write them behind the name, 4 h at most.',
                );
            }
        }

        return $verdicts;
    }

    private function noHospital(): ?Verdict
    {
        return trim($this->hospital) !== '' ? null : Verdict::mind(
            'crew.hospital',
            'The nearest hospital is not on the call sheet.',
            'With its emergency entrance and the minutes to it.',
        );
    }
}
