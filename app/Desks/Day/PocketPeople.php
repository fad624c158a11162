<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\People\CallOrderDesk;
use App\Desks\People\PeopleDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use NorthSatchel\Day\CallTable;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\Leaving;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Time\Priority;

/** What a phone takes along of the people: the groups as they are called, who leaves when, and when the sun does. */
final readonly class PocketPeople
{
    public function __construct(private PeopleDesk $people, private CallOrderDesk $orders) {}

    /** Where groups are called on that day. */
    public function calling(Job $job, int $number): ?CallTable
    {
        $groups = $this->people->named($job);
        if ($groups === [] || $job->segments->firstWhere('id', $job->formals_segment_id)?->day !== $number) {
            return null;
        }
        try {
            $family = $this->people->family($job);

            return CallTable::of(
                $groups,
                $family,
                $this->orders->around($job, $groups, $family),
                $job->people->mapWithKeys(static fn (Person $p): array => [$p->name => $p->id])->all(),
                $job->formals_gathered,
            );
        } catch (ImpossibleValue) {
            return null;
        }
    }

    /** @return list<PocketMoment> */
    public function moments(Job $job, PlannedDay $day): array
    {
        $moments = [];
        $golden = $day->sun?->goldenEvening();
        foreach (['golden light' => $golden?->from, 'sunset' => $day->sun?->sunset(), 'dark' => $day->sun?->evening(-6)] as $says => $at) {
            $moments[] = $at === null ? null : new PocketMoment($at, $says);
        }
        $formals = $this->people->segment($job);
        try {
            $family = $job->people->isEmpty() ? null : $this->people->family($job);
        } catch (ImpossibleValue) {
            $family = null;
        }
        $groups = $family === null ? [] : $this->people->named($job);
        foreach ($family === null || $formals === null ? [] : $family->guests() as $person) {
            $at = Leaving::at($person, $formals, $day->day);
            $musts = count(array_filter(
                $groups,
                static fn (FamilyGroup $g): bool => $g->priority === Priority::Must && in_array($person->name, $g->people, true),
            ));
            $in = $musts === 0 ? '' : ($musts === 1 ? ', who is in a must' : ", who is in {$musts} musts");
            $moments[] = $at === null ? null : new PocketMoment($at, "the leaving of {$person->name}{$in}", true);
        }
        $moments = array_values(array_filter($moments));
        usort($moments, static fn (PocketMoment $a, PocketMoment $b): int => $a->at <=> $b->at);

        return $moments;
    }
}
