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

    /** @var list<non-empty-list<string>> each with its head first */
    private array $parts = [['']];

    private readonly Randomizer $dice;

    /** @param  int  $whole  so many jobs stand in the file word for word, of the others a digest: when one differs, its words are told */
    public function __construct(private readonly string $name, int $seed = 1, private readonly int $whole = PHP_INT_MAX)
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

    /**
     * Of the usual ones in the jobs that are kept word for word; of all in the others, in which limits come up that are rare.
     *
     * @template T
     *
     * @param  non-empty-list<T>  $usual
     * @param  list<T>  $rare
     * @return T
     */
    public function rather(array $usual, array $rare): mixed
    {
        $of = count($this->parts) - 1 > $this->whole ? [...$usual, ...$rare] : $usual;

        return count($of) === 1 ? $of[0] : $this->one($of);
    }

    /** So often in a hundred. */
    public function often(int $percent): bool
    {
        return $this->dice->getInt(1, 100) <= $percent;
    }

    public function head(string $words): void
    {
        $this->parts[] = ["# {$words}"];
    }

    public function add(string $words): void
    {
        $this->parts[count($this->parts) - 1][] = $words;
    }

    /** @param  iterable<Verdict|null>  $verdicts */
    public function verdicts(iterable $verdicts): void
    {
        foreach ($verdicts as $verdict) {
            $this->add($verdict === null ? '-' : self::line($verdict));
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
        $parts = array_map(static fn (array $part): string => ltrim(implode("\n", $part), "\n"), $this->parts);
        $parts = array_values(array_filter($parts, static fn (string $part): bool => $part !== ''));
        [$words, $rest] = [array_slice($parts, 0, $this->whole), array_slice($parts, $this->whole)];
        $short = array_map(static fn (string $part): string => strtok($part, "\n").': '.substr(sha1($part), 0, 12), $rest);
        $file = self::FOLDER."{$this->name}.txt";
        if (getenv('SATCHEL_SAY') === '1') {
            file_put_contents($file, implode("\n", [...$words, ...$short])."\n");
        }
        $kept = (string) file_get_contents($file);
        foreach ($short as $at => $digest) {
            Assert::assertStringContainsString("\n{$digest}\n", $kept, "Another is kept; said is now:\n{$rest[$at]}");
        }
        Assert::assertStringEqualsFile($file, implode("\n", [...$words, ...$short])."\n");
    }
}
