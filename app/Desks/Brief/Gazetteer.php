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

    /** @return list<Town> whose name is that, else begins so; behind it a region or country narrows them, before it an address may stand */
    public function find(string $words): array
    {
        return array_slice($this->search($words)['towns'], 0, self::MOST);
    }

    /** @return list<Town> of that name, wherever they lie: where none lies in the region that was typed */
    public function called(string $words): array
    {
        $parts = self::parts($words);

        return $parts === [] ? [] : array_slice($this->named($parts[0]), 0, self::MOST);
    }

    /** The one that is meant: the only one of that name, even where others begin so; null where there are several, or none. */
    public function one(string $words): ?Town
    {
        ['name' => $name, 'towns' => $towns] = $this->search($words);
        $towns = array_slice($towns, 0, self::MOST);
        $same = array_filter($towns, static fn (Town $t): bool => self::plain($t->name) === $name);
        // Two that differ in an accent alone: who typed it means it.
        $typed = mb_strtolower(trim(explode(',', $words, 2)[0]));
        $written = array_filter($same, static fn (Town $t): bool => mb_strtolower($t->name) === $typed);
        foreach ([$towns, $same, $written] as $some) {
            if (count($some) === 1) {
                return array_values($some)[0];
            }
        }

        return null;
    }

    /** @return list<string> what stands between its commas, plain */
    private static function parts(string $words): array
    {
        $bare = (string) preg_replace('/^\s*(?:near|outside|just outside|close to|by|in)\s+(?=\p{L})/iu', '', $words);
        $parts = array_map(self::plain(...), array_slice(explode(',', $bare), 0, 6));

        return array_values(array_filter($parts, static fn (string $part): bool => $part !== ''));
    }

    /** @return array{name: string, towns: list<Town>} the name by which they were found */
    private function search(string $words): array
    {
        $parts = self::parts($words);
        for ($at = 0; $at < count($parts); $at++) {
            $named = $this->named($parts[$at]);
            $towns = self::within($named, array_slice($parts, $at + 1));
            if ($named !== []) {
                return ['name' => $parts[$at], 'towns' => $towns];
            }
        }
        // "Portland Oregon"
        $split = explode(' ', $parts[0] ?? '');
        for ($last = 1; $last < min(4, count($split)); $last++) {
            $name = implode(' ', array_slice($split, 0, -$last));
            $towns = self::within($this->named($name), [implode(' ', array_slice($split, -$last)), ...array_slice($parts, 1)]);
            if ($towns !== []) {
                return ['name' => $name, 'towns' => $towns];
            }
        }

        return ['name' => $parts[0] ?? '', 'towns' => []];
    }

    /** @return list<Town> */
    private function named(string $name): array
    {
        if (mb_strlen($name) < 2 || ! $this->isThere()) {
            return [];
        }
        foreach (array_unique([$name, (string) preg_replace(['/^st /', '/^saint(?= )/'], ['saint ', 'st'], $name)]) as $one) {
            $towns = $this->query('plain = ? OR (plain >= ? AND plain < ?)', [$one, "{$one} ", "{$one}!"]);
            if ($towns !== []) {
                return $towns;
            }
        }

        return $this->query('plain >= ? AND plain < ?', [$name, $name.'{']);
    }

    /**
     * @param  list<Town>  $towns
     * @param  list<string>  $regions  or countries, plain
     * @return list<Town>
     */
    private static function within(array $towns, array $regions): array
    {
        foreach ($regions as $region) {
            $meant = RegionWords::meant($region);
            $towns = array_filter($towns, static function (Town $t) use ($meant): bool {
                $of = [self::plain($t->region), self::plain($t->country), self::plain($t->countryName())];

                return array_filter($meant, static fn (string $m): bool => in_array($m, $of, true) ||
                    (strlen($m) > 3 && str_contains(implode(' ', $of), $m))) !== [];
            });
        }

        return array_values($towns);
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
