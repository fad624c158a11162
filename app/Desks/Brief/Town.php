<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use NorthSatchel\Sky\GeoPoint;

/** A town of the gazetteer. */
final readonly class Town
{
    /** @param  string  $country  two letters (ISO 3166-1) */
    public function __construct(
        public string $name,
        public string $region,
        public string $country,
        public float $lat,
        public float $lng,
        public string $zone,
    ) {}

    public function countryName(): string
    {
        return (string) \Locale::getDisplayRegion("-{$this->country}", 'en');
    }

    public function words(): string
    {
        return implode(', ', array_filter([$this->name, $this->region === $this->name ? '' : $this->region, $this->countryName()]));
    }

    /**
     * Two that would read alike are told with their coordinates, which can be typed.
     *
     * @param  list<Town>  $towns
     */
    public static function told(array $towns): string
    {
        $often = array_count_values(array_map(static fn (self $t): string => $t->words(), $towns));

        return implode(
            '; ',
            array_map(
                static fn (self $t): string => $often[$t->words()] === 1 ? $t->words() : sprintf('%s (%.2F, %.2F)', $t->words(), $t->lat, $t->lng),
                $towns,
            ),
        );
    }

    public function point(): GeoPoint
    {
        return GeoPoint::of($this->lat, $this->lng);
    }
}
