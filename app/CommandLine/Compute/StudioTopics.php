<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\KeepersNeeded;
use NorthSatchel\Plan\Setups\SetupChanges;
use NorthSatchel\Plan\Setups\SetupElement;
use NorthSatchel\Plan\Setups\SetupSearch;
use NorthSatchel\Wrap\Learnt;

/** The order of a studio day, how often something is thrown, and what the logs teach. */
final class StudioTopics
{
    /** A day has 1,440. */
    private const MOST_MINUTES = 100_000;

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public static function setupOrder(\stdClass $input): array
    {
        $in = new Fields($input, ['elements', 'changes', 'change_minutes', 'start']);
        $fields = $in->objects('elements', ['id', 'setup', 'minutes', 'after']);
        $ids = PlanTopics::ids($fields);
        $elements = [];
        foreach ($fields as $number => $f) {
            $setup = $f->text('setup');
            $after = array_values(array_unique($f->texts('after', $ids)));
            $elements[] = new SetupElement(
                $ids[$number],
                $setup === '' ? throw $f->refusal('setup', 'must not be empty') : $setup,
                $f->whole('minutes', 0, self::MOST_MINUTES),
                $after,
            );
        }
        $listed = [];
        foreach ($in->objects('changes', ['from', 'to', 'minutes'], isOptional: true) as $f) {
            [$from, $to] = [$f->text('from'), $f->text('to')];
            if ($from === $to || isset($listed[$from][$to])) {
                throw $f->refusal('to', $from === $to ? 'must be another setup' : 'must be listed once from there');
            }
            $listed[$from][$to] = $f->whole('minutes', 0, self::MOST_MINUTES);
        }
        $start = $in->textIfGiven('start');
        $setups = array_map(static fn (SetupElement $e): string => $e->setup, $elements);
        foreach ($listed as $from => $ways) {
            $setups = [...$setups, (string) $from, ...array_map(strval(...), array_keys($ways))];
        }
        $usual = $in->wholeIfGiven('change_minutes', 0, self::MOST_MINUTES) ?? SetupChanges::USUAL_MINUTES;
        $changes = new SetupChanges(array_values(array_unique([...$setups, ...$start === null ? [] : [$start]])), $listed, $usual);
        $order = SetupSearch::best($elements, $changes, $start);

        return [
            'order' => $order->order,
            'minutes' => $order->minutes,
            'changes' => $order->changes,
            'lower_bound' => $order->lowerBound,
            'optimal' => $order->isOptimal,
        ];
    }

    /**
     * @return array<string, float|int|null>
     *
     * @throws Refusal
     * @throws ImpossibleValue
     */
    public static function keepers(\stdClass $input): array
    {
        $in = new Fields($input, ['throws', 'keepers', 'want', 'confidence']);
        $throws = $in->whole('throws', 0);
        $needed = KeepersNeeded::of(
            $throws,
            $in->whole('keepers', 0, $throws),
            $in->whole('want', 0),
            $in->number('confidence', above: 0, below: 1),
        );

        return ['rate' => $needed->rate, 'throws_needed' => $needed->throws];
    }

    /**
     * @return array<string, float>
     *
     * @throws Refusal
     * @throws ImpossibleValue
     */
    public static function learn(\stdClass $input): array
    {
        $in = new Fields($input, ['prior', 'minutes']);
        $prior = $in->object('prior', ['low', 'likely', 'high', 'weight']);
        [$low, $likely, $high] = [$prior->number('low', min: 0), $prior->number('likely', min: 0), $prior->number('high', min: 0)];
        if ($low > $likely || $likely > $high) {
            throw $prior->refusal($low > $likely ? 'likely' : 'high', 'must not be less than '.($low > $likely ? 'low' : 'likely'));
        }
        $weight = $prior->number('weight', min: 0, default: Learnt::USUAL_WEIGHT);
        $learnt = (new Learnt($low, $likely, $high, $weight))->from($in->wholes('minutes', 1, self::MOST_MINUTES));

        return ['low' => $learnt->low, 'likely' => $learnt->likely, 'high' => $learnt->high, 'weight' => $learnt->weight];
    }
}
