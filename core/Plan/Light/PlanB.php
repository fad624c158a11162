<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Time\LocalDay;

/** Where a segment outdoors goes when it cannot stay: two fallbacks in order, and until when that is decided. */
final readonly class PlanB
{
    private const FALLBACKS = 2;

    /** @param  list<SpotChoice>  $fallbacks  that serve, in order */
    private function __construct(public Segment $segment, public array $fallbacks, public ?string $decideBy, public ?string $trigger) {}

    /**
     * Under a roof, and not where it is now; what was written down as its plan B comes first where it serves.
     *
     * @param  list<SpotChoice>  $choices  the best first
     */
    public static function of(Segment $segment, array $choices, LocalDay $day): self
    {
        $now = array_values(array_filter($choices, static fn (SpotChoice $c): bool => $c->try->isNow))[0] ?? null;
        $written = mb_strtolower((string) $now?->try->spot->planB);
        $roofs = array_values(
            array_filter($choices, static fn (SpotChoice $c): bool => ! $c->try->isNow && $c->try->spot->isIndoor && $c->serves()),
        );
        $isWritten = static fn (SpotChoice $c): bool => $written !== '' && str_contains($written, mb_strtolower($c->try->spot->name));
        $others = array_filter($roofs, static fn (SpotChoice $c): bool => ! $isWritten($c));
        $fallbacks = array_slice([...array_filter($roofs, $isWritten), ...$others], 0, self::FALLBACKS);
        $times = array_map(static fn (SpotChoice $c): int => $c->try->wayMinutes, $fallbacks);
        $farthest = $fallbacks[(int) array_search($times === [] ? 0 : max($times), $times, true)] ?? null;

        return new self($segment, $fallbacks, $farthest?->decideBy($segment, $day), $now?->try->spot->planBTrigger);
    }

    public function says(): string
    {
        if ($this->fallbacks === []) {
            return "No spot under a roof serves {$this->segment->title}: scout one, or agree on another hour.";
        }
        $names = array_map(static fn (SpotChoice $c): string => $c->try->spot->name, $this->fallbacks);

        return ($this->trigger === null ? 'If it cannot stay outdoors' : ucfirst($this->trigger)).": {$names[0]}".
            (isset($names[1]) ? ", else {$names[1]}" : '')." – decide at the first that serves, by {$this->decideBy}.";
    }
}
