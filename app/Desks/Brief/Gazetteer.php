<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use NorthSatchel\Sky\GeoPoint;

/** Towns with their coordinates and time zones, from the GeoNames gazetteer that ships (CC BY 4.0). */
final class Gazetteer
{
    private const MOST = 8;

    /** Half sides in degrees of the squares in which a nearest town is looked for. */
    private const AROUND = [0.3, 1.0, 4.0];

    private ?\PDO $db = null;

    public static function path(): string
    {
        return dirname(__DIR__, 3).'/storage/app/gazetteer.sqlite';
    }

    /** A name as it is looked for: small letters without accents. */
    public static function plain(string $name): string
    {
        static $plainer = null;
        $plainer ??= \Transliterator::create('Any-Latin; Latin-ASCII; Lower()');
        $plain = preg_match('/[^\x20-\x7e]/', $name) === 1 ? $plainer?->transliterate($name) : strtolower($name);

        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', is_string($plain) ? $plain : mb_strtolower($name)));
    }

    /** @return list<Town> whose name is that, else begins so; after a comma a region or country narrows them */
    public function find(string $words): array
    {
        $parts = array_map(self::plain(...), explode(',', $words, 3));
        $name = $parts[0];
        if (mb_strlen($name) < 2 || ! $this->isThere()) {
            return [];
        }
        $towns = $this->query('plain = ? OR (plain >= ? AND plain < ?)', [$name, "{$name} ", "{$name}!"]);
        $towns = $towns === [] ? $this->query('plain >= ? AND plain < ?', [$name, $name.'{']) : $towns;
        foreach (array_filter(array_slice($parts, 1)) as $more) {
            $towns = array_filter(
                $towns,
                static fn (Town $t): bool => str_contains(self::plain("{$t->region} {$t->country} {$t->countryName()}"), $more),
            );
        }

        return array_slice(array_values($towns), 0, self::MOST);
    }

    /** The one that is meant: the only one of that name, even where others begin so; null where there are several, or none. */
    public function one(string $words): ?Town
    {
        $towns = $this->find($words);
        $name = trim(explode(',', $words, 2)[0]);
        $same = array_filter($towns, static fn (Town $t): bool => self::plain($t->name) === self::plain($name));
        // Two that differ in an accent alone: who typed it means it.
        $written = array_filter($same, static fn (Town $t): bool => mb_strtolower($t->name) === mb_strtolower($name));
        foreach ([$towns, $same, $written] as $some) {
            if (count($some) === 1) {
                return array_values($some)[0];
            }
        }

        return null;
    }

    /** The time zone of a place: that of the nearest town; of the open sea that of its meridian. */
    public function zoneAt(GeoPoint $point): string
    {
        foreach ($this->isThere() ? self::AROUND : [] as $by) {
            $towns = $this->query('lat BETWEEN ? AND ? AND lng BETWEEN ? AND ?', [
                $point->latitudeDeg - $by,
                $point->latitudeDeg + $by,
                $point->longitudeDeg - $by,
                $point->longitudeDeg + $by,
            ]);
            if ($towns !== []) {
                usort($towns, static fn (Town $a, Town $b): int => $a->point()->kmTo($point) <=> $b->point()->kmTo($point));

                return $towns[0]->zone;
            }
        }
        $hours = (int) round($point->longitudeDeg / 15);

        return $hours === 0 ? 'UTC' : 'Etc/GMT'.($hours > 0 ? '-' : '+').abs($hours);
    }

    public function isThere(): bool
    {
        return is_file(self::path());
    }

    /**
     * @param  list<string|float>  $values
     * @return list<Town>
     */
    private function query(string $where, array $values): array
    {
        $this->db ??= new \PDO('sqlite:'.self::path(), options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $rows = $this->db->prepare(
            "SELECT name, region, country, lat, lng, zone FROM towns WHERE {$where} ORDER BY name, country, region LIMIT 4000",
        );
        $rows->execute($values);

        return array_map(
            static fn (array $r): Town => new Town((string) $r[0], (string) $r[1], (string) $r[2], (float) $r[3], (float) $r[4], (string) $r[5]),
            $rows->fetchAll(\PDO::FETCH_NUM),
        );
    }
}
