<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/**
 * When are the groups taken? Three schools: all after the ceremony; the closest before and the wide family
 * after; everything before, elsewhere, with a drive behind it.
 */
final class FormalsTiming
{
    /** A group of more than this is called only once all are there (common practice, no source). */
    private const CLOSE_UP_TO = 9;

    /**
     * @param  list<FamilyGroup>  $order
     * @param  int  $driveMinutes  from where groups before would be taken to the ceremony
     * @param  bool  $isGathered  whether everybody stands by from the start, as in all other minutes of the page
     * @param  int|null  $gapMinutes  between the end of the ceremony and the next anchor, ways taken off
     * @return list<TimingChoice> minutes before and after the
     * ceremony, how many must come early, minutes with guests or for portraits gained against all after, minutes of the gap that are left
     */
    public static function of(array $order, Family $family, int $driveMinutes, ?int $gapMinutes, bool $isGathered = false): array
    {
        $close = array_values(array_filter($order, static fn (FamilyGroup $g): bool => count($g->people) <= self::CLOSE_UP_TO));
        $wide = array_values(array_filter($order, static fn (FamilyGroup $g): bool => count($g->people) > self::CLOSE_UP_TO));
        $all = self::minutes($order, $family, $isGathered);
        $ways = [
            ['All after the ceremony', [], $order, 0],
            ['Close family before, wide family after', $close, $wide, 0],
            ['Everything before, elsewhere', $order, [], $driveMinutes],
        ];

        return array_map(static function (array $way) use ($family, $all, $gapMinutes, $isGathered): TimingChoice {
            [$school, $before, $after, $drive] = $way;
            $late = self::minutes($after, $family, $isGathered);
            $early = array_diff(array_unique(array_merge(...array_column($before, 'people') ?: [[]])), $family->couple());

            return new TimingChoice(
                school: $school,
                before: self::minutes($before, $family, $isGathered) + $drive,
                after: $late,
                early: count($early),
                gained: $all - $late,
                free: $gapMinutes === null ? null : $gapMinutes - $late,
            );
        }, $ways);
    }

    /** @param  list<FamilyGroup>  $groups */
    private static function minutes(array $groups, Family $family, bool $isGathered): int
    {
        return $groups === [] ? 0 : (int) ceil((new StandTime($groups, $family, $isGathered))->totalMinutes);
    }
}
