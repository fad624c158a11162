<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Boards;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** Products in the order in which they are taken, a line each: "42, Grey blanket, ×4". */
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
        foreach (TypedLines::of($text, 'products', self::MOST_LINES) as $line) {
            $number = TypedLine::said($line->parts[0], '/^([1-9]\d{0,5})$/');
            if ($number === null) {
                $line->refuse("“{$line->parts[0]}” is no number of a board: 42, Grey blanket, ×4");
            }
            if (isset($products[(int) $number])) {
                $line->refuse("a board with {$number} is there already");
            }
            $rest = $line->rest();
            $last = $rest === [] ? null : TypedLine::said($rest[count($rest) - 1], '/^[×x]\s*(\d{1,3})$/u');
            $name = implode(', ', $last === null ? $rest : array_slice($rest, 0, -1));
            if ($name === '' || $last === '0') {
                $line->refuse($name === '' ? "it does not say what {$number} is: 42, Grey blanket" : 'at least one frame can be wanted');
            }
            $products[(int) $number] = new Product((int) $number, $name, (int) ($last ?? 1));
        }

        return array_values($products);
    }
}
