<?php

declare(strict_types=1);

namespace Tests\Core\Wrap;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Boards\BoardCode;
use NorthSatchel\Plan\Boards\Product;
use NorthSatchel\Plan\Boards\ProductText;
use NorthSatchel\Verdict;
use NorthSatchel\Wrap\Boards\BoardFrame;
use NorthSatchel\Wrap\Boards\BoardJudge;
use NorthSatchel\Wrap\Boards\BoardRuns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Frames of a catalogue and the number boards in them. */
final class BoardsTest extends TestCase
{
    private const LIST = "42, Grey blanket, ×2\n43, Red blanket\n7, Cap, undyed, x 1";

    /**
     * Frames ten seconds apart: a number is its board, "-" a frame without one, "?" one that nobody read, "42+43" two boards, "=43" a frame
     * of which somebody says so, "!" one that cannot be read, "~" a long pause before the next.
     */
    private static function runs(string $frames): BoardRuns
    {
        $list = [];
        $at = 1000;
        foreach (explode(' ', $frames) as $i => $one) {
            if ($one === '~') {
                $at += 300;

                continue;
            }
            $boards = match ($one[0]) {
                '-', '=' => [],
                '?', '!' => null,
                default => array_map(intval(...), explode('+', $one)),
            };
            $list[] = new BoardFrame('frame-'.($i + 1), "F{$i}", $at += 10, $boards, $one[0] === '=' ? (int) substr($one, 1) : null, $one[0] === '!');
        }

        return new BoardRuns(ProductText::read(self::LIST), $list);
    }

    /** @return array<string, Verdict> by code */
    private static function judged(string $frames): array
    {
        $found = [];
        foreach (BoardJudge::of(self::runs($frames), count(explode(' ', $frames))) as $verdict) {
            $found[$verdict->code] = $verdict;
        }

        return $found;
    }

    public function test_products_are_read(): void
    {
        $this->assertEquals(
            [new Product(42, 'Grey blanket', 2), new Product(43, 'Red blanket', 1), new Product(7, 'Cap, undyed', 1)],
            ProductText::read(self::LIST),
        );
    }

    public function test_as_lists_and_tables_are_pasted(): void
    {
        $this->assertEquals(
            [
                new Product(3, 'Grey blanket', 1),
                new Product(4, 'Cap', 3),
                new Product(5, 'Cap, 60', 1),
                new Product(6, 'Scarf, wool', 2),
                new Product(7, 'Belt', 4),
                new Product(8, 'Bag', 2),
            ],
            ProductText::read("3 Grey blanket\nNo. 4: Cap, 3 frames\n5. Cap, 60\n6\tScarf, wool\t2\n7;Belt;4\n- #8, Bag, 2×"),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'no number' => ['Blanket', 'does not begin with the number of a board'];
        yield 'a number with a gap' => ['12 000, Blanket', 'does not begin'];
        yield 'twice' => ["42, A\n42, B", 'line 2'];
        yield 'no name' => ['42, ×2', 'what 42 is'];
        yield 'none wanted' => ['42, A, ×0', 'at least one'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        ProductText::read($text);
    }

    /** ISO 7064, MOD 97-10: two digits changed places or one misread never give a right code. */
    public function test_a_misread_code_names_nothing(): void
    {
        $this->assertSame(42, BoardCode::read(8, BoardCode::of(8, 42)));
        $this->assertNull(BoardCode::read(9, BoardCode::of(8, 42)), 'of another job');
        $this->assertNull(BoardCode::read(8, 'NSATCHEL-42-17'));
        $this->assertNull(BoardCode::read(8, 'https://example.test/42'));
        for ($number = 1; $number < 3000; $number += 7) {
            $code = BoardCode::of(8, $number);
            $digits = (string) $number;
            for ($i = 0; $i < strlen($digits); $i++) {
                for ($d = 0; $d < 10; $d++) {
                    $other = substr_replace($digits, (string) $d, $i, 1);
                    $this->assertSame($other === $digits ? $number : null, BoardCode::read(8, str_replace("-{$digits}-", "-{$other}-", $code)));
                }
            }
        }
    }

    public function test_from_board_to_board(): void
    {
        $runs = self::runs('42 - - 43 - 7 -');
        $names = static fn (int $number): string => implode(' ', array_map(static fn (BoardFrame $f): string => $f->name, $runs->of[$number]));
        $this->assertSame(['F1 F2', 'F4', 'F6'], [$names(42), $names(43), $names(7)]);
        $this->assertSame([[], [42, 43, 7]], [$runs->unclaimed, $runs->shown]);
    }

    public function test_all_is_claimed_or_it_is_said(): void
    {
        $this->assertSame(['boards.all'], array_keys(self::judged('42 - - 43 - 7 -')));
        $this->assertSame(['boards.all'], array_keys(self::judged('42 - 42 - 43 - 7 -')), 'its board shown again in between');
        foreach ([
            '- 42 - - 43 - 7 -' => 'boards.unclaimed',
            '42 - 43 - 7 -' => 'boards.lacking',
            '42 - - 42+43 - 43 - 7 -' => 'boards.two',
            '42 - - 99 - 43 - 7 -' => 'boards.unknown',
            '42 ? - - 43 - 7 -' => 'boards.unread',
            '42 ! - - 43 - 7 -' => 'boards.blind',
            '43 - 42 - - 7 -' => 'boards.order',
            '42 - - 43 - 42 - 7 -' => 'boards.order',
        ] as $frames => $code) {
            $found = self::judged($frames);
            $this->assertArrayHasKey($code, $found, $frames);
            $this->assertArrayNotHasKey('boards.all', $found, $frames);
        }
        $this->assertCount(1, self::runs('42 - - 42+43 - 43 - 7 -')->unclaimed, 'what follows two boards is of neither');
        $counts = static fn (string $frames): array => array_map(count(...), self::runs($frames)->of);
        $this->assertSame([42 => 1, 43 => 0, 7 => 1], $counts('42 - ? - - 7 -'), 'behind one that may show a board nothing is counted');
        $this->assertSame([], self::runs('42 - ? - - 7 -')->unclaimed);
        $this->assertSame([42 => 0, 43 => 2, 7 => 0], $counts('42 ? - =43 -'));
        $this->assertSame(['boards.unread'], array_keys(self::judged('42 ? - 7 -')), 'before all are read nothing is said to lack');
        $this->assertSame([], [...BoardJudge::of(new BoardRuns([], []), 0)], 'of nothing nothing is said');
    }

    public function test_somebodys_word_counts_like_a_board(): void
    {
        $this->assertSame(['boards.all'], array_keys(self::judged('42 - - =43 7 -')));
        $this->assertCount(1, self::runs('42 - - =0 43 - 7 -')->unclaimed, 'of none');
        $this->assertCount(2, self::runs('42 - - =43 - 7 -')->of[43], 'the frame itself is of it too');
        $this->assertArrayNotHasKey('boards.two', self::judged('42 - - 43 - 7 -'));
    }

    public function test_a_forgotten_board_is_asked_for_where_a_pause_stands_out(): void
    {
        $runs = self::runs('42 - - ~ - 7 -');
        $this->assertCount(1, $runs->forgotten());
        $forgotten = $runs->forgotten()[0];
        $this->assertSame([43, 42, 'F4', 310], [$forgotten->product->number, $forgotten->before->number, $forgotten->from->name, $forgotten->pauseS]);
        $remedy = self::judged('42 - - ~ - 7 -')['boards.forgotten']->remedy;
        $this->assertSame(['frame' => 'frame-5', 'product' => 43], $remedy?->on);
        $this->assertSame([], self::runs('42 - - - 7 -')->forgotten(), 'no pause stands out');
        $this->assertSame([], self::runs('42 - ~ - ~ - 7 -')->forgotten(), 'neither of two');
        $this->assertSame([], self::runs('42 - - ~ - 43 - 7 -')->forgotten(), 'it was shown');
    }
}
