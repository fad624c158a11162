<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/**
 * What a bag lies on: what the system says of the disk behind its folder, or what its owner calls it.
 *
 * Partitions of one disk are one medium, and so are all disks of which the system says nothing. Two that the owner
 * gave different names are two; one with a name and one without, on the same disk, are one.
 */
final readonly class Medium
{
    /** A disk of which the system says nothing. */
    public const UNKNOWN = 'a disk of which the system says nothing';

    /** @param  non-empty-list<string>  $disks  behind it; several where one file system lies across them */
    private function __construct(public string $name, public bool $isSaid, public array $disks) {}

    /** @param  list<string>  $disks  as the system tells them apart; none where it says nothing */
    public static function found(array $disks): self
    {
        $disks = array_values(array_unique($disks));
        sort($disks, SORT_STRING);

        return $disks === [] ? new self(self::UNKNOWN, false, [self::UNKNOWN]) : new self(implode(' and ', $disks), false, $disks);
    }

    /** @param  list<string>  $disks  what the system says all the same */
    public static function said(string $name, array $disks = []): self
    {
        return new self($name, true, self::found($disks)->disks);
    }

    public function isSameAs(self $other): bool
    {
        if ($this->isSaid && $other->isSaid) {
            return $this->name === $other->name;
        }

        return array_intersect($this->disks, $other->disks) !== [];
    }

    /**
     * As many of these as can be taken so that no two are one medium: the largest such choice.
     *
     * @param  list<self>  $media
     * @return list<self>
     */
    public static function different(array $media): array
    {
        $distinct = [];
        foreach ($media as $medium) {
            $distinct[($medium->isSaid ? 'said ' : '').$medium->name.' '.implode(' ', $medium->disks)] = $medium;
        }
        ksort($distinct, SORT_STRING);

        return self::most(array_values($distinct));
    }

    /**
     * The one that is the same as most others is either left out, or it is in and they are out; bags are few.
     *
     * @param  list<self>  $media
     * @return list<self>
     */
    private static function most(array $media): array
    {
        $same = array_map(
            static fn (self $one): array => array_filter($media, static fn (self $other): bool => $other !== $one && $one->isSameAs($other)),
            $media,
        );
        $counts = array_map(count(...), $same);
        if ($counts === [] || max($counts) === 0) {
            return $media;
        }
        $at = (int) array_search(max($counts), $counts, true);
        $without = self::most(array_values(array_filter($media, static fn (self $m): bool => $m !== $media[$at])));
        $with = [
            $media[$at],
            ...self::most(
                array_values(array_filter($media, static fn (self $m): bool => $m !== $media[$at] && ! in_array($m, $same[$at], true))),
            ),
        ];

        return count($with) >= count($without) ? $with : $without;
    }
}
