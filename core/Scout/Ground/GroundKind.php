<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

/** The usual grounds, with the sizes and the places that they usually have. */
enum GroundKind: string
{
    case Pitch = 'pitch';
    case Court = 'court';
    case HallCourt = 'hall court';
    case Track = 'track';
    case Stage = 'stage';
    case Shore = 'shore';
    case Hall = 'hall';
    case Own = 'own';

    /** Words of a job or its place, the more special first (common practice, no source). */
    private const WORDS = [
        'hall court' => '/\b(?:handball|futsal|floorball|hall hockey|indoor (?:football|hockey))/iu',
        'court' => '/\b(?:basket|netball|court)/iu',
        'track' => '/\b(?:athletics|running|track|velodrome|marathon)/iu',
        'shore' => '/\b(?:regatta|rowing|sail|surf|shore|beach|swim|harbour race)/iu',
        'stage' => '/\b(?:concert|stage|theatre|festival|opera|gig|premiere)/iu',
        'pitch' => '/\b(?:football|soccer|rugby|hockey|pitch|stadium|match|cup)/iu',
        'hall' => '/\b(?:hall|gala|fair|conference|congress|awards?|prizes?)/iu',
    ];

    /** What it most likely is, by those words; a pitch where they tell nothing. */
    public static function likely(string $words): self
    {
        foreach (self::WORDS as $kind => $pattern) {
            if (preg_match($pattern, $words) === 1) {
                return self::from($kind);
            }
        }

        return self::Pitch;
    }

    public function label(): string
    {
        return match ($this) {
            self::Pitch => 'A pitch with two goals',
            self::Court => 'A court with two baskets',
            self::HallCourt => 'A hall court with two goals',
            self::Track => 'A running track',
            self::Stage => 'A stage',
            self::Shore => 'A shore',
            self::Hall => 'A hall',
            self::Own => 'Something of your own',
        };
    }

    /** Metres along it. */
    public function lengthM(): float
    {
        return match ($this) {
            self::Pitch => 105.0,
            self::Court => 28.0,
            self::HallCourt => 40.0,
            self::Track => 176.9,
            self::Stage => 12.0,
            self::Shore => 400.0,
            self::Hall => 30.0,
            self::Own => 50.0,
        };
    }

    /** Metres across it. */
    public function widthM(): float
    {
        return match ($this) {
            self::Pitch => 68.0,
            self::Court => 15.0,
            self::HallCourt => 20.0,
            self::Track => 92.5,
            self::Stage => 8.0,
            self::Shore => 120.0,
            self::Hall => 20.0,
            self::Own => 30.0,
        };
    }

    /** Where the size comes from. */
    public function source(): string
    {
        return match ($this) {
            self::Pitch => 'within the international sizes of the Laws of the Game, law 1 (100 to 110 by 64 to 75 m)',
            self::Court => 'the official basketball rules, article 2 (28 by 15 m)',
            self::HallCourt => 'the rules of handball, rule 1 (40 by 20 m)',
            self::Track => 'the standard 400 m oval: straights of 84.39 m, bends of 36.5 m radius, eight lanes of 1.22 m (from memory)',
            default => 'common practice, no source',
        };
    }

    /** Zones as they are typed. */
    public function zones(): string
    {
        [$l, $w] = [$this->lengthM(), $this->widthM()];
        $at = static fn (string $name, float $x, float $y, string $role, int $worth): string => sprintf('%s, %g, %g, %s, %d',
            $name, round($x * $l, 1), round($y * $w, 1), $role, $worth);

        return implode("\n", match ($this) {
            self::Pitch, self::HallCourt => [
                $at('Left goal', 0, 0.5, 'main', 5), $at('Right goal', 1, 0.5, 'main', 5), $at('Midfield', 0.5, 0.5, 'main', 3),
                $at('Bench', 0.5, -0.06, 'bench', 2), $at('Celebration left', 0.05, 0.1, 'reaction', 3),
                $at('Celebration right', 0.95, 0.1, 'reaction', 3), $at('Stand', 0.5, 1.15, 'crowd', 1),
            ],
            self::Court => [
                $at('Left basket', 0.06, 0.5, 'main', 5), $at('Right basket', 0.94, 0.5, 'main', 5), $at('Centre', 0.5, 0.5, 'main', 2),
                $at('Benches', 0.5, -0.15, 'bench', 3), $at('Who just scored', 0.5, 0.3, 'reaction', 3),
            ],
            self::Track => [
                $at('Start', 0.25, 0, 'main', 4), $at('Finish', 0.74, 0, 'main', 9), $at('Back straight', 0.5, 1, 'main', 3),
                $at('Behind the finish', 0.8, 0, 'reaction', 6), $at('Infield', 0.5, 0.5, 'detail', 2),
            ],
            self::Stage => [
                $at('Lectern', 0.2, 0.6, 'main', 4), $at('Middle', 0.5, 0.6, 'main', 5), $at('Handing over', 0.7, 0.6, 'main', 5),
                $at('Front rows', 0.5, -0.6, 'reaction', 4), $at('Audience', 0.5, -1.5, 'crowd', 1),
            ],
            self::Shore => [
                $at('Left peak', 0.3, 0.7, 'main', 5), $at('Right peak', 0.7, 0.7, 'main', 5), $at('Water\'s edge', 0.5, 0.2, 'reaction', 3),
                $at('Judges', 0.5, -0.1, 'detail', 1),
            ],
            self::Hall => [
                $at('Door', 0, 0.5, 'main', 2), $at('Middle', 0.5, 0.5, 'main', 3), $at('Stage', 1, 0.5, 'main', 5),
                $at('Tables', 0.5, 0.3, 'reaction', 3),
            ],
            self::Own => [$at('Where it happens', 0.5, 0.5, 'main', 5), $at('Who watches', 0.5, 0.1, 'reaction', 3)],
        });
    }

    /** Posts as they are typed. */
    public function posts(): string
    {
        [$l, $w] = [$this->lengthM(), $this->widthM()];
        $at = static fn (string $name, float $x, float $y, string $more = ''): string => sprintf('%s, %g, %g', $name, round($x, 1), round($y, 1)).
            ($more === '' ? '' : ", {$more}");

        return implode("\n", match ($this) {
            self::Stage => [
                $at('Front left', -1, -4, 'knees'), $at('Front right', $l + 1, -4, 'knees'), $at('Aisle', $l / 2, -18),
                $at('Gallery', $l / 2, -22, 'up 5 m, stairs 3 min'), $at('Wings', $l + 2, $w * 0.7, 'pass'),
            ],
            self::Shore => [
                $at('Left point', 0, 0), $at('Middle', $l / 2, -5, 'holds 2'), $at('Right point', $l, 0),
                $at('Dune', $l / 2, -60, 'up 8 m, stairs 4 min'),
            ],
            self::Hall, self::Own => [
                $at('Near left', 1, 1), $at('Near right', $l - 1, 1), $at('Far left', 1, $w - 1), $at('Far right', $l - 1, $w - 1),
            ],
            default => [
                $at('Near left corner', -3, -3, 'holds 2, seat'), $at('Near right corner', $l + 3, -3, 'holds 2, seat'),
                $at('Far left corner', -3, $w + 3, 'seat'), $at('Far right corner', $l + 3, $w + 3, 'seat'),
                $at('Near touchline', round(0.3 * $l, 1), -4, 'knees'), $at('High', $l / 2, $w + 20, 'up 15 m, stairs 5 min, power'),
            ],
        });
    }
}
