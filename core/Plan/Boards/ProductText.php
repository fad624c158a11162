<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Boards;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** Products in the order in which they are taken, a line each: "42, Grey blanket, ×4", or as a table gives them. */
final class ProductText
{
    private const MOST_LINES = 400;

    /**
     * @return list<Product>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $products = [];
        foreach (TypedLines::of($text, 'products', self::MOST_LINES, hasNumbers: true) as $line) {
            if (preg_match('/^(?:no\.?\s*|#)?([1-9]\d{0,5})(?:[.:)]?\s+(\D.*)|[.:)]?)$/isu', $line->parts[0], $first) !== 1) {
                $line->refuse("“{$line->parts[0]}” does not begin with the number of a board: 42, Grey blanket, ×4");
            }
            $number = $first[1];
            if (isset($products[(int) $number])) {
                $line->refuse("a board with {$number} is there already");
            }
            $rest = [...isset($first[2]) ? [trim($first[2])] : [], ...$line->rest()];
            // A number alone is how many only where a table has a column for it: a name may end with one.
            $isTable = preg_match('/[\t;]/', $line->text) === 1;
            $many = '/^(?|[×x]\s*(\d{1,3})|(\d{1,3})\s*(?:[×x]|frames?|pictures?)'.($isTable ? '?' : '').')$/iu';
            $last = $rest === [] ? null : TypedLine::said($rest[count($rest) - 1], $many);
            $name = implode(', ', $last === null ? $rest : array_slice($rest, 0, -1));
            if ($name === '' || $last === '0') {
                $line->refuse($name === '' ? "it does not say what {$number} is: 42, Grey blanket" : 'at least one frame can be wanted');
            }
            $products[(int) $number] = new Product((int) $number, $name, (int) ($last ?? 1));
        }

        return array_values($products);
    }
}
