<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\SendingDesk;
use App\Models\Brief\Job;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Sending\SentPart;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** What a phone takes along of a list that is counted, or sent, while it goes on: elements of a studio day, what an event wants early. */
final readonly class PocketStudio
{
    public function __construct(private ElementsDesk $elements, private SendingDesk $sendings) {}

    /** @return list<PocketElement> in the order of work, those without a setup last */
    public function elements(Job $job): array
    {
        if (! BriefDesk::has($job, 'elements')) {
            return [];
        }
        try {
            $list = ElementsDesk::list($this->elements->of($job));
            $elements = $list->byId();
            $order = array_map(intval(...), $list->order()->order);
        } catch (ImpossibleValue) {
            return [];
        }

        return array_map(
            static fn (int $id): PocketElement => new PocketElement(
                $id,
                $elements[$id]->name,
                $elements[$id]->picture,
                $elements[$id]->setup ?? 'no setup',
                $elements[$id]->wanted,
            ),
            [...$order, ...array_diff(array_keys($elements), $order)],
        );
    }

    /** @return list<PocketWanted> by when they are due, with the gaps in which they go */
    public function wanted(Job $job, LocalDay $day): array
    {
        if (! BriefDesk::has($job, 'sending')) {
            return [];
        }
        try {
            $sending = $this->sendings->sending($job, $this->sendings->of($job));
            $parts = $sending->gaps === [] ? [] : $sending->plan()->parts;
            $wanted = [];
            foreach ($sending->wanted as $number => $one) {
                $own = array_filter($parts, static fn (SentPart $p): bool => str_starts_with($p->id, "{$number} "));
                $gaps = array_values(array_unique(array_map(static fn (SentPart $p): string => $p->gap, $own)));
                $wanted[] = new PocketWanted(
                    $one->what.($one->count > 1 ? " ×{$one->count}" : ''),
                    $day->instantOf(ClockTime::ofMinutes($one->due->minutes)),
                    implode(', ', $gaps),
                );
            }
        } catch (ImpossibleValue) {
            return [];
        }
        usort($wanted, static fn (PocketWanted $a, PocketWanted $b): int => $a->dueAt <=> $b->dueAt);

        return $wanted;
    }
}
