<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

/** A name in a sentence: as a word of its own, so that "Bo Li" is not in "Bo Lind"; anywhere in scripts that put no space between words. */
final readonly class NameInText
{
    private const UNSPACED = '/[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}]/u';

    /** Shorter ones are words as often as names. */
    private const LEAST_LETTERS = 2;

    private string $pattern;

    public function __construct(public string $name, bool $isAnyCase = true)
    {
        [$before, $after] = preg_match(self::UNSPACED, $name) === 1 ? ['', ''] : ['(?<![\p{L}\p{M}\p{N}])', '(?![\p{L}\p{M}\p{N}])'];
        $this->pattern = '/'.$before.preg_quote($name, '/').$after.'/u'.($isAnyCase ? 'i' : '');
    }

    public function isIn(string $text): bool
    {
        return preg_match($this->pattern, $text) === 1;
    }

    public function takenOutOf(string $text): string
    {
        return (string) preg_replace($this->pattern, ' ', $text);
    }

    /** @return list<self> the words of a name, each as it is written: "Ada", "Berg" */
    public static function partsOf(string $name): array
    {
        $words = array_filter(
            preg_split('/\s+/u', trim($name)) ?: [],
            static fn (string $word): bool => mb_strlen($word) >= self::LEAST_LETTERS,
        );

        return array_map(static fn (string $word): self => new self($word, false), array_values($words));
    }
}
