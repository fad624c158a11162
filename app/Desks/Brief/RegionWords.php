<?php

declare(strict_types=1);

namespace App\Desks\Brief;

/** How regions and countries are called in short; in small letters without accents. */
final class RegionWords
{
    private const COUNTRIES = [
        'uk' => 'united kingdom', 'gb' => 'united kingdom', 'great britain' => 'united kingdom', 'britain' => 'united kingdom',
        'usa' => 'united states', 'us' => 'united states', 'america' => 'united states', 'uae' => 'united arab emirates',
        'holland' => 'netherlands', 'the netherlands' => 'netherlands', 'nz' => 'new zealand', 'eire' => 'ireland',
    ];

    /** Postal abbreviations (United States Postal Service; Australia Post; Canada Post). */
    private const REGIONS = [
        'al' => 'alabama', 'ak' => 'alaska', 'az' => 'arizona', 'ar' => 'arkansas', 'ca' => 'california', 'co' => 'colorado', 'ct' => 'connecticut',
        'de' => 'delaware', 'fl' => 'florida', 'ga' => 'georgia', 'hi' => 'hawaii', 'id' => 'idaho', 'il' => 'illinois', 'in' => 'indiana',
        'ia' => 'iowa', 'ks' => 'kansas', 'ky' => 'kentucky', 'la' => 'louisiana', 'me' => 'maine', 'md' => 'maryland', 'ma' => 'massachusetts',
        'mi' => 'michigan', 'mn' => 'minnesota', 'ms' => 'mississippi', 'mo' => 'missouri', 'mt' => 'montana', 'ne' => 'nebraska', 'nv' => 'nevada',
        'nh' => 'new hampshire', 'nj' => 'new jersey', 'nm' => 'new mexico', 'ny' => 'new york', 'nc' => 'north carolina', 'nd' => 'north dakota',
        'oh' => 'ohio', 'ok' => 'oklahoma', 'or' => 'oregon', 'pa' => 'pennsylvania', 'ri' => 'rhode island', 'sc' => 'south carolina',
        'sd' => 'south dakota', 'tn' => 'tennessee', 'tx' => 'texas', 'ut' => 'utah', 'vt' => 'vermont', 'va' => 'virginia', 'wa' => 'washington',
        'wv' => 'west virginia', 'wi' => 'wisconsin', 'wy' => 'wyoming', 'dc' => 'district of columbia', 'nsw' => 'new south wales',
        'vic' => 'victoria', 'qld' => 'queensland', 'tas' => 'tasmania', 'act' => 'australian capital territory', 'bc' => 'british columbia',
        'on' => 'ontario', 'qc' => 'quebec', 'ab' => 'alberta', 'ns' => 'nova scotia', 'nb' => 'new brunswick', 'mb' => 'manitoba',
        'sk' => 'saskatchewan',
    ];

    /** Two regions of one abbreviation. */
    private const ALSO = ['wa' => 'western australia', 'sa' => 'south australia', 'nt' => 'northern territory'];

    /** @return non-empty-list<string> what it may stand for, itself among them */
    public static function meant(string $plain): array
    {
        return array_values(array_filter(array_unique([
            $plain,
            self::COUNTRIES[$plain] ?? '',
            self::REGIONS[$plain] ?? '',
            self::ALSO[$plain] ?? '',
        ]))) ?: [$plain];
    }
}
