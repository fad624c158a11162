<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Verdict;
use PHPUnit\Framework\Assert;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What is said of made-up jobs, as it stands in tests/Core/said: a rule that changes shows there which sentences it changes. Written anew
 * by `SATCHEL_SAY=1 bin/phpunit tests/Core/…`; what has changed is then read, and worked out by hand. The made-up values stand on grids on
 * which the rules' own limits lie, so that "at the limit" comes up as often as on either side of it.
 */
final class Sayings
{
    private const FOLDER = __DIR__.'/../Core/said/';

    /** @var list<string> */
    private array $lines = [];

    private readonly Randomizer $dice;

    public function __construct(private readonly string $name, int $seed = 1)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }

    public function whole(int $from, int $to): int
    {
        return $this->dice->getInt($from, $to);
    }

    /** So often in a hundred. */
    public function often(int $percent): bool
    {
        return $this->dice->getInt(1, 100) <= $percent;
    }

    public function head(string $words): void
    {
        $this->lines[] = "# {$words}";
    }

    public function add(string $words): void
    {
        $this->lines[] = $words;
    }

    /** @param  iterable<Verdict|null>  $verdicts */
    public function verdicts(iterable $verdicts): void
    {
        foreach ($verdicts as $verdict) {
            $this->lines[] = $verdict === null ? '-' : self::line($verdict);
        }
    }

    public static function line(Verdict $v): string
    {
        $figures = array_map(static fn (mixed $value): mixed => is_float($value) ? round($value, 3) : $value, $v->figures);

        return "- {$v->severity->value} {$v->code}: {$v->finding} {$v->because}".
            ($v->remedy === null ? '' : " → {$v->remedy->label} ".json_encode($v->remedy->on, JSON_UNESCAPED_UNICODE)).
            ($figures === [] ? '' : ' '.json_encode($figures, JSON_UNESCAPED_UNICODE));
    }

    /** Holds what was said against the file. */
    public function keep(): void
    {
        $said = implode("\n", $this->lines)."\n";
        if (getenv('SATCHEL_SAY') === '1') {
            file_put_contents(self::FOLDER."{$this->name}.txt", $said);
        }
        Assert::assertStringEqualsFile(self::FOLDER."{$this->name}.txt", $said);
    }
}
