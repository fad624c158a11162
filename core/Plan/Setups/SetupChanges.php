<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** Minutes from setup to setup: the cheapest way through any of them (R. W. Floyd, 1962). */
final readonly class SetupChanges
{
    /** Where nobody says (common practice, no source). */
    public const USUAL_MINUTES = 10;

    /** @var array<string, array<string, int>> */
    private array $minutes;

    /**
     * @param  list<string>  $setups  all that are named anywhere
     * @param  array<string, array<string, int>>  $listed  by from and to; both ways unless the other way is listed
     */
    public function __construct(array $setups, private array $listed, int $usual = self::USUAL_MINUTES)
    {
        $minutes = [];
        foreach ($setups as $from) {
            foreach ($setups as $to) {
                $minutes[$from][$to] = $from === $to ? 0 : $listed[$from][$to] ?? $listed[$to][$from] ?? $usual;
            }
        }
        foreach ($setups as $by) {
            foreach ($setups as $from) {
                foreach ($setups as $to) {
                    $minutes[$from][$to] = min($minutes[$from][$to], $minutes[$from][$by] + $minutes[$by][$to]);
                }
            }
        }
        $this->minutes = $minutes;
    }

    /** @return list<ShorterChange> those that were typed and count less, by way of another setup */
    public function shorter(): array
    {
        $shorter = [];
        foreach ($this->listed as $from => $typed) {
            foreach ($typed as $to => $minutes) {
                $counted = $this->between((string) $from, (string) $to);
                $by = array_key_first(array_filter(
                    $this->minutes,
                    fn (string $by): bool => $by !== (string) $from && $by !== (string) $to &&
                        $this->between((string) $from, $by) + $this->between($by, (string) $to) === $counted,
                    ARRAY_FILTER_USE_KEY,
                ));
                if ($counted < $minutes && $by !== null) {
                    $shorter[] = new ShorterChange((string) $from, (string) $to, (string) $by, $minutes, $counted);
                }
            }
        }

        return $shorter;
    }

    public function between(string $from, string $to): int
    {
        return $this->minutes[$from][$to];
    }
}
