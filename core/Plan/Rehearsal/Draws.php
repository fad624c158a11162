<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Rehearsal;

/**
 * Uniform numbers for each stretch of a run, repeatable from a seed; with a correlation the ranks of all
 * stretches of a run go together (Gaussian copula, Pearson from Spearman: r = 2 sin(πρ ÷ 6)).
 */
final class Draws
{
    private const NORMAL_REACH = 6.0;

    private const NORMAL_STEPS = 4096;

    private readonly \Random\Randomizer $random;

    private readonly float $shared;

    private readonly float $own;

    /** @var list<float> the normal distribution function from −6 to 6 */
    private array $normal = [];

    public function __construct(int $seed, float $correlation)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed));
        $pearson = 2 * sin((M_PI * $correlation) / 6);
        $this->shared = sqrt($pearson);
        $this->own = sqrt(max(0.0, 1 - $pearson));
        if ($correlation > 0) {
            $this->normal = self::normalTable();
        }
    }

    /** @return list<float> one number from 0 to below 1 for each stretch */
    public function run(int $stretches): array
    {
        $uniform = $this->uniforms($this->normal === [] ? $stretches : 2 * ($stretches + 1));
        if ($this->normal === []) {
            return $uniform;
        }
        $common = $this->shared * self::gauss($uniform[0], $uniform[1]);
        $ranks = [];
        for ($i = 1; $i <= $stretches; $i++) {
            $z = $common + ($this->own > 0 ? $this->own * self::gauss($uniform[2 * $i], $uniform[2 * $i + 1]) : 0.0);
            $at =
                ((max(-self::NORMAL_REACH, min(self::NORMAL_REACH - 1e-9, $z)) + self::NORMAL_REACH) / (2 * self::NORMAL_REACH)) *
                self::NORMAL_STEPS;
            $low = (int) $at;
            $ranks[] = $this->normal[$low] + ($at - $low) * ($this->normal[$low + 1] - $this->normal[$low]);
        }

        return $ranks;
    }

    /** @return list<float> */
    private function uniforms(int $count): array
    {
        /** @var array<int, int> $words */
        $words = unpack('V*', $this->random->getBytes(4 * max(1, $count)));
        $uniform = [];
        foreach ($words as $word) {
            $uniform[] = $word / 4294967296.0;
        }

        return $uniform;
    }

    /** Box and Muller, 1958. */
    private static function gauss(float $u, float $v): float
    {
        return sqrt(-2 * log($u > 0 ? $u : 1e-12)) * cos(2 * M_PI * $v);
    }

    /** @return list<float> */
    private static function normalTable(): array
    {
        $sum = 0.0;
        $table = [0.0];
        $step = (2 * self::NORMAL_REACH) / self::NORMAL_STEPS;
        for ($i = 0; $i < self::NORMAL_STEPS; $i++) {
            $x = -self::NORMAL_REACH + ($i + 0.5) * $step;
            $sum += exp((-$x * $x) / 2);
            $table[] = $sum;
        }

        return array_map(static fn (float $c): float => min(1 - 1e-12, $c / $sum), $table);
    }
}
