<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\Boards;

use NorthSatchel\Plan\Boards\Product;

/** From board to board frames belong to that product, in the order of time; what somebody says counts like a board. */
final class BoardRuns
{
    /** @var array<int, list<BoardFrame>> by product: its frames, without its board */
    public array $of;

    /** @var list<BoardFrame> before the first board, behind one that is not on the list, or of no product by somebody's word */
    public array $unclaimed = [];

    /** @var list<BoardFrame> with several boards: what follows belongs to nobody until the next one */
    public array $twoBoards = [];

    /** @var list<BoardFrame> */
    public array $unread = [];

    /** @var list<BoardFrame> raws that carry no picture and have no jpeg beside them */
    public array $blind = [];

    /** @var list<int> numbers of boards in the order in which they were shown, one after another once */
    public array $shown = [];

    /** @var array<int, list<BoardFrame>> by number: boards that are not on the list */
    public array $unknown = [];

    /**
     * @param  list<Product>  $products
     * @param  list<BoardFrame>  $frames  in the order of time
     */
    public function __construct(public readonly array $products, array $frames)
    {
        $numbers = array_map(static fn (Product $p): int => $p->number, $products);
        $this->of = array_fill_keys($numbers, []);
        $now = null;
        $isOpen = false;
        foreach ($frames as $frame) {
            if ($frame->isBlind) {
                $this->blind[] = $frame;
            } elseif ($frame->boards === null) {
                $this->unread[] = $frame;
                $isOpen = true;
            }
            $isOpen = $isOpen && $frame->said === null && ($frame->boards ?? []) === [];
            // One that nobody has read may show a board: whose what follows is stays open until the next one.
            if ($isOpen) {
                $now = null;

                continue;
            }
            $boards = array_values(array_unique($frame->boards ?? []));
            if ($frame->said !== null) {
                $now = in_array($frame->said, $numbers, true) ? $frame->said : null;
                $this->show($frame->said);
            } elseif (count($boards) > 1) {
                $this->twoBoards[] = $frame;
                $now = null;

                continue;
            } elseif (count($boards) === 1) {
                $now = in_array($boards[0], $numbers, true) ? $boards[0] : null;
                $this->show($boards[0]);
                if ($now === null) {
                    $this->unknown[$boards[0]][] = $frame;
                }

                continue;
            }
            if ($now === null) {
                $this->unclaimed[] = $frame;
            } else {
                $this->of[$now][] = $frame;
            }
        }
    }

    private function show(int $number): void
    {
        if ($number !== 0 && ($this->shown[count($this->shown) - 1] ?? null) !== $number) {
            $this->shown[] = $number;
        }
    }

    /**
     * Where a board may have been forgotten: a product has no frame, and the one before it on the list has a pause that is far longer than
     * its others.
     *
     * @return list<ForgottenBoard>
     */
    public function forgotten(): array
    {
        $found = [];
        foreach ($this->products as $i => $product) {
            $before = $this->products[$i - 1] ?? null;
            if ($before === null || $this->of[$product->number] !== [] || in_array($product->number, $this->shown, true)) {
                continue;
            }
            $at = self::longPause($this->of[$before->number]);
            if ($at !== null) {
                $found[] = new ForgottenBoard($product, $before, ...$at);
            }
        }

        return $found;
    }

    /**
     * @param  list<BoardFrame>  $frames
     * @return array{BoardFrame, int}|null the frame after the longest pause, and its seconds; null where none stands out
     */
    private static function longPause(array $frames): ?array
    {
        $pauses = [];
        foreach ($frames as $i => $frame) {
            $last = $frames[$i - 1]->at ?? null;
            if ($i > 0 && $last !== null && $frame->at !== null) {
                $pauses[$i] = $frame->at - $last;
            }
        }
        if (count($pauses) < 2) {
            return null;
        }
        arsort($pauses);
        [$longest, $next] = array_slice(array_values($pauses), 0, 2);

        return $longest >= ForgottenBoard::TIMES * max(ForgottenBoard::LEAST_S, $next) ? [$frames[array_key_first($pauses)], $longest] : null;
    }
}
