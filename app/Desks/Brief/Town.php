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

    public function point(): GeoPoint
    {
        return GeoPoint::of($this->lat, $this->lng);
    }
}
