<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** What is done before the first picture can be taken, as tasks to begin with: from the light of the setup that comes first. */
final class PreLight
{
    /** Common practice, no source. */
    private const MINUTES = [SetKind::Background->value => 15, SetKind::Light->value => 10, SetKind::Camera->value => 10];

    private const USUAL_MINUTES = 5;

    private const BOOM_MINUTES = 15;

    /** A line each, as tasks are typed. */
    public static function tasks(SetupLight $light): string
    {
        $lines = $after = [];
        $pieces = $light->pieces;
        // What stands farthest back first: nobody reaches over what stands already.
        usort($pieces, static fn (SetPiece $a, SetPiece $b): int => $a->towardsM() <=> $b->towardsM());
        foreach ($pieces as $piece) {
            if ($piece->kind === SetKind::Subject) {
                continue;
            }
            $name = str_replace(',', '', $piece->name);
            $minutes = $piece->isBoom ? self::BOOM_MINUTES : self::MINUTES[$piece->kind->value] ?? self::USUAL_MINUTES;
            $lines[] = "{$name}, {$minutes} min".($piece->isBoom ? ', 2 people' : '');
            $after[] = "after {$name}";
        }

        return $lines === [] ? '' : implode("\n", [
            ...$lines,
            'Test frame through the whole chain, 10 min, '.implode(', ', $after),
            'Marks measured and taped, 10 min, after Test frame through the whole chain',
        ]);
    }
}
