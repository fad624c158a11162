<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** What a brief says of people who do not get on, held against the family's lines, in which it may not stand yet. */
final class SaidApart
{
    private const SIDE_BY_SIDE = '/\b(?:next to|beside|side by side|near|seated|sit|sitting|table)\b/iu';

    private const DIVORCED = '/\b(?:divorced|separated)\b/iu';

    /** Words that are said of people alone. */
    private const SURE = '/\b(?:divorced|estranged|speak|talk|speaking terms)\b/iu';

    private const PARENTS = '/\b(?:(?:the )?(bride|groom|\p{Lu}[\p{L}-]+)[\'’]s? (?:own )?parents|'.
        '(?i:parents of (?:the )?)(bride|groom|\p{Lu}[\p{L}-]+))/u';

    /**
     * @param  list<string>  $sentences  of the brief
     * @return list<Verdict>
     */
    public static function of(Family $family, array $sentences): array
    {
        $verdicts = [];
        foreach ($sentences as $sentence) {
            $who = self::named($family, $sentence);
            if (count($who) < 2 && ($who !== [] || preg_match(self::SURE, $sentence) === 1)) {
                $verdicts[] = Verdict::mind(
                    'people.said-apart',
                    'The brief says of two that they do not get on. Who are they?',
                    "“{$sentence}”: ".($who === [] ? 'nobody' : "only {$who[0]}").
                        ' in the list is called so. Write “apart from” or “not beside” and the name of the other behind one of them.',
                );
            }
            for ($i = 1; $i < count($who); $i++) {
                $verdicts[] = self::pair($family, $who[0], $who[$i], $sentence);
            }
        }

        return array_values(array_filter($verdicts));
    }

    private static function pair(Family $family, string $one, string $other, string $sentence): ?Verdict
    {
        $isKnown = static fn (string $a, string $b): bool => in_array(
            $b,
            [...$family->person($a)->apart ?? [], ...$family->person($a)->notBeside ?? []],
            true,
        );
        if ($isKnown($one, $other) || $isKnown($other, $one)) {
            return null;
        }
        // There is no group without one of the couple.
        $isBeside = preg_match(self::SIDE_BY_SIDE, $sentence) === 1 || array_intersect([$one, $other], $family->couple()) !== [];

        return Verdict::fix(
            'people.said-apart',
            "{$one} and {$other} do not get on, says the brief.",
            "“{$sentence}”: nothing in their lines says so yet, and the groups may put them ".($isBeside ? 'side by side.' : 'into one frame.'),
            [],
            new Remedy('people.apart', $isBeside ? 'Never side by side' : 'Never in one frame', [
                'one' => $one,
                'other' => $other,
                'how' => $isBeside ? 'beside' : 'apart',
                'former' => (int) preg_match(self::DIVORCED, $sentence),
            ]),
        );
    }

    /** @return list<string> of the family, in the order in which the sentence names them; a name that two have is nobody's */
    private static function named(Family $family, string $sentence): array
    {
        $found = [];
        if (preg_match(self::PARENTS, $sentence, $of) === 1) {
            $whose = $of[1] !== '' ? $of[1] : $of[2] ?? '';
            foreach ($family->couple() as $one) {
                if ($family->person($one)?->role === $whose || $family->names->meant($whose) === [$one]) {
                    return $family->parentsOf($one);
                }
            }

            return [];
        }
        preg_match_all('/\p{Lu}[\p{L}-]+(?: \p{Lu}[\p{L}-]+)*/u', $sentence, $words);
        foreach ($words[0] as $said) {
            foreach ([$said, ...explode(' ', $said)] as $name) {
                $meant = $family->names->meant($name);
                if (count($meant) === 1) {
                    $found[] = $meant[0];
                    break;
                }
            }
        }

        return array_values(array_unique($found));
    }
}
