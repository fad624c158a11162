<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** The weight of any set of merged people: looked up by chunks of twelve. */
final readonly class WeightTables
{
    private const CHUNK = 12;

    /** @param  list<list<int|float>>  $chunks  by chunk and set of its people, for loops that cannot call of() each time */
    private function __construct(public array $chunks) {}

    /** @param  list<int|float>  $weights  by merged person */
    public static function from(array $weights): self
    {
        $chunks = [];
        for ($from = 0; $from < OrderProblem::MOST_BITS; $from += self::CHUNK) {
            $table = [0];
            for ($bit = 0; $bit < self::CHUNK; $bit++) {
                $weight = $weights[$from + $bit] ?? 0;
                foreach ($table as $sum) {
                    $table[] = $sum + $weight;
                }
            }
            $chunks[] = $table;
        }

        return new self($chunks);
    }

    /** @param  int  $people  as bits */
    public function of(int $people): int|float
    {
        $sum = 0;
        for ($i = 0; $people !== 0; $i++, $people >>= self::CHUNK) {
            $sum += $this->chunks[$i][$people & 0xFFF];
        }

        return $sum;
    }
}
