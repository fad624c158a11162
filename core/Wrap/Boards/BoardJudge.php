<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\Boards;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Boards\Product;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Can every frame be told from its product, and has each product its frames (M16)? Found before the set is struck. */
final class BoardJudge
{
    private const NAMED = 5;

    /** @param  int  $frames  that were looked at */
    public static function of(BoardRuns $runs, int $frames): Verdicts
    {
        if ($runs->products === [] || $frames === 0) {
            return new Verdicts();
        }
        if ($runs->unread !== []) {
            return new Verdicts([self::unread(count($runs->unread))]);
        }
        $found = array_values(array_filter([
            self::blind($runs),
            self::lacking($runs),
            self::unclaimed($runs),
            self::twoBoards($runs),
            self::unknown($runs),
            self::order($runs),
            ...self::forgotten($runs),
        ]));
        $looked = Looked::at($frames, 'frame');

        return new Verdicts($found !== [] || $looked === null ? $found : [Verdict::fine(
            'boards.all',
            'Every frame belongs to a product, and every product has its frames.',
            "{$looked->words}, ".count($runs->products).' products, each board read from a picture or said by somebody.',
            $looked,
        )]);
    }

    /** Until all are looked through nobody knows whose any of them is. */
    private static function unread(int $count): Verdict
    {
        return Verdict::mind(
            'boards.unread',
            Plural::of($count, 'In 1 frame nobody has looked for a board.', "In {$count} frames nobody has looked for a board."),
            'Whose they are, and what lacks, is known once they are read; their card or a copy of it has to be at hand.',
            ['frames' => $count],
        );
    }

    private static function blind(BoardRuns $runs): ?Verdict
    {
        $count = count($runs->blind);

        return $count === 0 ? null : Verdict::mind(
            'boards.blind',
            Plural::of($count, '1 frame has no jpeg to look through.', "{$count} frames have no jpeg to look through."),
            'A board in them is not seen, and they count as frames of the product before them: save jpegs beside the raws, or say whose they are.',
            ['frames' => $count],
        );
    }

    private static function lacking(BoardRuns $runs): ?Verdict
    {
        $lacks = array_values(array_filter(
            $runs->products,
            static fn (Product $p): bool => count($runs->of[$p->number]) < $p->wanted,
        ));
        $said = array_map(
            static fn (Product $p): string => "{$p->number} {$p->name}: ".count($runs->of[$p->number])." of {$p->wanted}",
            $lacks,
        );

        return $lacks === [] ? null : Verdict::fix(
            'boards.lacking',
            count($lacks) === 1 ? "{$lacks[0]->number} {$lacks[0]->name} lacks frames." : count($lacks).' products lack frames.',
            Some::of($said, self::NAMED, '; ').'. Take them before the set is struck.',
            ['products' => count($lacks)],
        );
    }

    private static function unclaimed(BoardRuns $runs): ?Verdict
    {
        $count = count($runs->unclaimed);

        return $count === 0 ? null : Verdict::fix(
            'boards.unclaimed',
            Plural::of($count, '1 frame belongs to no product.', "{$count} frames belong to no product."),
            Some::of(array_map(static fn (BoardFrame $f): string => $f->name, $runs->unclaimed), self::NAMED).
                ': no board stands before them. Say whose they are while somebody still knows.',
            ['frames' => $count],
        );
    }

    private static function twoBoards(BoardRuns $runs): ?Verdict
    {
        $names = array_map(static fn (BoardFrame $f): string => $f->name.' ('.implode(' and ', $f->boards ?? []).')', $runs->twoBoards);

        return $names === [] ? null : Verdict::fix(
            'boards.two',
            count($names) === 1 ? '1 picture shows two boards.' : count($names).' pictures show two boards.',
            Some::of($names, self::NAMED).': what follows belongs to neither until the next board. Say whose it is.',
            ['frames' => count($names)],
        );
    }

    private static function unknown(BoardRuns $runs): ?Verdict
    {
        $numbers = array_keys($runs->unknown);

        return $numbers === [] ? null : Verdict::fix(
            'boards.unknown',
            count($numbers) === 1 ? "Board {$numbers[0]} is not on the list." : count($numbers).' boards are not on the list.',
            implode(', ', $numbers).': their frames belong to nothing until it is.',
            ['boards' => count($numbers)],
        );
    }

    private static function order(BoardRuns $runs): ?Verdict
    {
        $counted = array_count_values($runs->shown);
        $twice = array_keys(array_filter($counted, static fn (int $n): bool => $n > 1));
        $listed = array_map(static fn (Product $p): int => $p->number, $runs->products);
        $once = array_values(array_intersect(array_unique($runs->shown), $listed));
        $sorted = array_values(array_intersect($listed, $once));
        $says = array_filter([
            $twice === [] ? '' : 'shown again after another one: '.implode(', ', $twice),
            $once === $sorted ? '' : 'shown in another order than listed: '.implode(', ', array_slice($once, 0, 12)),
        ]);

        return $says === [] ? null : Verdict::mind(
            'boards.order',
            'The boards were not shown as they are listed.',
            ucfirst(implode('; ', $says)).'. Their frames are counted together; look whether the right thing was in front of the camera.',
        );
    }

    /** @return list<Verdict> */
    private static function forgotten(BoardRuns $runs): array
    {
        return array_map(static fn (ForgottenBoard $f): Verdict => Verdict::mind(
            'boards.forgotten',
            "Was the board of {$f->product->number} {$f->product->name} forgotten?",
            "It was never shown, and within the frames of {$f->before->number} {$f->before->name} there is a pause of {$f->pauseS} s before ".
                "{$f->from->name}.",
            ['pause_s' => $f->pauseS],
            new Remedy('boards.say', "From {$f->from->name} on it is {$f->product->number}", [
                'frame' => $f->from->id,
                'product' => $f->product->number,
            ]),
        ), $runs->forgotten());
    }
}
