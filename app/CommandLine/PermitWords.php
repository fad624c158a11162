<?php

declare(strict_types=1);

namespace App\CommandLine;

/** What is asked with `satchel permit`: a card, bags each with the name of its medium where one is said, the twin, the rule. */
final readonly class PermitWords
{
    private const USAGE = './satchel permit CARD_DIR BAG_DIR [--medium NAME] [BAG_DIR …] [--twin CARD_DIR] [--copies N] [--json]';

    /**
     * @param  string  $card  real path
     * @param  non-empty-list<array{string, string, string|null}>  $bags  as given, real path, name of the medium
     * @param  string|null  $twin  real path
     */
    public function __construct(public string $card, public array $bags, public ?string $twin, public int $copies, public bool $asJson) {}

    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function of(array $arguments): self
    {
        $card = $twin = null;
        $copies = null;
        $asJson = false;
        $bags = [];
        while ($arguments !== []) {
            $word = array_shift($arguments);
            [$option, $value] = [...explode('=', $word, 2), null];
            if (in_array($option, ['--medium', '--twin', '--copies'], true)) {
                $value ??= array_shift($arguments) ?? throw Refusal::of($option, 'must be followed by a value');
            }
            match (true) {
                $option === '--medium' => ($bags = self::named($bags, (string) $value)),
                $option === '--twin' => ($twin = $twin === null ? (string) $value : throw Refusal::of('--twin', 'must be given once')),
                $option === '--copies' => ($copies =
                    $copies === null ? self::count((string) $value) : throw Refusal::of('--copies', 'must be given once')),
                $word === '--json' => ($asJson = true),
                str_starts_with($word, '--') => throw Refusal::of($option, 'is no option of this command'),
                $card === null => ($card = Options::folder($word, 'CARD_DIR')),
                default => ($bags[] = [$word, Options::folder($word, 'BAG_DIR'), null]),
            };
        }
        if ($card === null || $bags === []) {
            throw Refusal::because(($card === null ? 'CARD_DIR must be given: ' : 'BAG_DIR must be given at least once: ').self::USAGE);
        }
        $twin = $twin === null ? null : Options::folder($twin, '--twin');
        self::refuseNested($card, array_column($bags, 1), $twin);

        return new self($card, $bags, $twin, $copies ?? 2, $asJson);
    }

    /**
     * The name said of each bag: of one folder that was given twice it is one, and two names said of one folder are one name.
     *
     * @return list<string|null>
     */
    public function names(): array
    {
        $names = array_column($this->bags, 2);
        $folders = array_map(
            static fn (string $folder): string => implode(':', array_intersect_key(stat($folder) ?: [], ['dev' => 0, 'ino' => 0])),
            array_column($this->bags, 1),
        );
        do {
            $before = $names;
            foreach ($folders as $i => $folder) {
                foreach ($folders as $j => $other) {
                    if ($folder === $other && $names[$i] !== null && $names[$j] !== $names[$i]) {
                        $other = $names[$j];
                        $names[$j] = $names[$i];
                        $names =
                            $other === null ? $names : array_map(static fn (?string $n): ?string => $n === $other ? $names[$i] : $n, $names);
                    }
                }
            }
        } while ($names !== $before);

        return array_values($names);
    }

    /**
     * @param  list<array{string, string, string|null}>  $bags
     * @return list<array{string, string, string|null}>
     */
    private static function named(array $bags, string $name): array
    {
        $last = array_key_last($bags);
        if ($last === null || $bags[$last][2] !== null) {
            throw Refusal::of('--medium', 'must follow a BAG_DIR, once each');
        }
        if (trim($name) === '' || preg_match('//u', $name) !== 1) {
            throw Refusal::of('--medium', 'must be followed by a name');
        }
        $bags[$last][2] = trim($name);

        return $bags;
    }

    private static function count(string $value): int
    {
        if (preg_match('/^[1-9]\d{0,3}$/D', $value) !== 1) {
            throw Refusal::of('--copies', 'must be a whole number from 1 to 9999');
        }

        return (int) $value;
    }

    /** @param  list<string>  $bags */
    private static function refuseNested(string $card, array $bags, ?string $twin): void
    {
        $isIn = static fn (string $a, string $b): bool => str_starts_with($a.'/', rtrim($b, '/').'/');
        foreach ($bags as $bag) {
            foreach (array_filter([$card, $twin]) as $source) {
                if ($isIn($bag, $source) || $isIn($source, $bag)) {
                    throw Refusal::of('BAG_DIR', "must lie apart from the card: {$bag} and {$source} do not");
                }
            }
        }
        if ($twin !== null && ($isIn($twin, $card) || $isIn($card, $twin))) {
            throw Refusal::of('--twin', 'must be another card than CARD_DIR');
        }
    }
}
