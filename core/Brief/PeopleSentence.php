<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** What is written among people and names nobody: "Laura and Uwe are not to stand next to each other", "We expect about 60 guests". */
final class PeopleSentence
{
    /** Words that no name holds; what somebody is or needs stands behind a comma. */
    private const NO_NAME = '(?:is|are|was|were|will|would|must|may|might|should|shall|can|cannot|could|does|did|has|have|had|not|never|no|'.
        '\p{L}+n[’\'`]t|we|they|you|please|keep|expect|to|about|each|only|if|when|because|who|speak|talk|hate|hates|needs|leaves|arrives|wants)';

    /** How a line begins that asks for something, or speaks of oneself. */
    private const BEGINS = '/^(?:please|keep|don[’\'`]t|do not|never|we|we[’\'`](?:re|ll|ve)|there|they|it|if|make sure|remember|note|nb|'.
        'about|around|roughly|everyone|everybody|all (?:of )?(?:the|our|my)|some|most)\b/iu';

    /** A line whose first part, up to a comma, a bracket or a dash, holds a verb. */
    public static function is(string $line): bool
    {
        $line = trim($line);
        $first = trim((string) (preg_split('/[,(:;]|\s[-–—]\s/u', $line, 2) ?: [''])[0]);

        return str_contains($first, ' ') && (preg_match(self::BEGINS, $first) === 1
            || preg_match('/(?<=\s)'.self::NO_NAME.'(?=\s|$)/u', $first) === 1);
    }
}
