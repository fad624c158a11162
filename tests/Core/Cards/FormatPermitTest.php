<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Look;
use NorthSatchel\Cards\Permit\BagReading;
use NorthSatchel\Cards\Permit\CardFile;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\LossAtFormat;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Cards\Permit\PermitDrawing;
use NorthSatchel\Cards\Permit\PermitPaper;
use NorthSatchel\Cards\Permit\PermitQuestion;
use NorthSatchel\Cards\Permit\Proof;
use NorthSatchel\Cards\Twin\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormatPermitTest extends TestCase
{
    private const FRAME = 'DCIM/100OSTVK/OSTV0001.DNG';

    /** @param  array<string, list<string>>  $at  contents by place */
    private static function proof(array $at, CardFile ...$files): Proof
    {
        $bags = [];
        foreach ($at as $place => $contents) {
            $bags[] = new BagReading(
                'a bag',
                Medium::found([$place]),
                array_fill_keys($contents, []),
                1_000_000,
                $place === 'vault',
                $place,
            );
        }

        return Proof::of(array_values($files), $bags, 2);
    }

    /** @return list<string> codes of what speaks against it; none where it is granted */
    private static function against(PermitQuestion $question): array
    {
        $permit = FormatPermit::of($question);
        $codes = array_map(static fn ($v): string => $v->code, iterator_to_array($permit->verdicts));

        return $permit->isGranted ? array_values(array_diff($codes, ['permit.granted'])) : $codes;
    }

    /** @param  array<string, mixed>  $with */
    private static function ask(array $with = []): PermitQuestion
    {
        return new PermitQuestion(
            ...[
                ...[
                    'cardId' => 3,
                    'card' => 'S03',
                    'isSealed' => true,
                    'isTwinChecked' => true,
                    'proof' => self::proof(['fir' => ['a'], 'birch' => ['a']], new CardFile(self::FRAME, 'a')),
                ],
                ...$with,
            ],
        );
    }

    public function test_what_lies_on_two_media_may_go(): void
    {
        $permit = FormatPermit::of(self::ask());
        $this->assertTrue($permit->isGranted);
        $this->assertStringContainsString(
            'The one file on it is verified by content on 2 media (birch and fir)',
            (string) $permit->verdicts->worst()?->because,
        );
    }

    /** @return array<string, array{array<string, mixed>, list<string>}> what is asked with, and what speaks against it */
    public static function questions(): array
    {
        $one = self::proof(['fir' => ['a']], new CardFile(self::FRAME, 'a'));
        $none = self::proof([]);

        return [
            'on one medium' => [['proof' => $one], ['permit.copies']],
            'not sealed, and nothing else is asked then' => [
                ['isSealed' => false, 'isTwinChecked' => false, 'proof' => $none],
                ['permit.not-sealed'],
            ],
            'of nothing nothing is proved' => [['proof' => $none], ['permit.nothing']],
            'nobody read it' => [['proof' => self::proof([], new CardFile(self::FRAME, null))], ['permit.unread']],
            'a link on it' => [
                [
                    'proof' => self::proof(
                        ['fir' => ['a'], 'birch' => ['a']],
                        new CardFile(self::FRAME, 'a'),
                        new CardFile('DCIM/away', null, whyNot: 'a symbolic link'),
                    ),
                ],
                ['permit.not-a-file'],
            ],
            'a link given up in writing' => [
                [
                    'proof' => self::proof(
                        ['fir' => ['a'], 'birch' => ['a']],
                        new CardFile(self::FRAME, 'a'),
                        new CardFile('DCIM/away', null, isGivenUp: true, whyNot: 'a symbolic link'),
                    ),
                ],
                [],
            ],
            'not compared' => [['isTwinChecked' => false], ['permit.no-twin-check']],
            'changed since' => [['changed' => ['DCIM/late.MOV']], ['permit.changed']],
            'read and found to differ' => [['differing' => [self::FRAME]], ['permit.differs']],
            'cannot be looked at, and nothing else is said then' => [
                ['unreadable' => 'it is gone', 'proof' => $one, 'isTwinChecked' => false],
                ['permit.unreadable'],
            ],
            'damaged, however often its damage was copied' => [['notWhole' => [self::FRAME => Side::Damaged]], ['permit.damaged']],
            'nobody can say which side is right' => [['notWhole' => [self::FRAME => Side::Unknown]], ['permit.damaged']],
            'nobody looked' => [['asksForLook' => true], ['permit.not-looked']],
            'looked, and all was well' => [['asksForLook' => true, 'look' => new Look(9)], []],
            'looked, and typed that it is soft' => [
                ['asksForLook' => true, 'look' => new Look(9, words: 'soft and damaged', isWell: false)],
                ['permit.look-bad'],
            ],
            'looked, found one bad, and let it go in writing' => [
                ['asksForLook' => true, 'look' => new Look(9, ['OSTV0001.JPG'], 'nobody can jump again', false, true)],
                [],
            ],
            'all at once' => [
                ['proof' => $one, 'isTwinChecked' => false, 'changed' => ['x'], 'notWhole' => [self::FRAME => Side::Damaged]],
                ['permit.changed', 'permit.no-twin-check', 'permit.damaged', 'permit.copies'],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  list<string>  $codes
     */
    #[DataProvider('questions')]
    public function test_each_reason_against_it_is_named(array $with, array $codes): void
    {
        $this->assertSame($codes, self::against(self::ask($with)));
        $this->assertSame($codes === [], FormatPermit::of(self::ask($with))->isGranted);
    }

    public function test_where_it_falls_short_the_file_and_the_place_are_named_and_what_counts_no_more(): void
    {
        $because = (string) FormatPermit::of(
            self::ask([
                'proof' => self::proof(
                    ['fir' => ['a', 'b'], 'birch' => ['a']],
                    new CardFile(self::FRAME, 'a'),
                    new CardFile('DCIM/100OSTVK/OSTV0002.MOV', 'b'),
                ),
                'fallen' => ['birch does not count: its bag changed since it was read'],
            ]),
        )->verdicts->worst()?->because;
        $this->assertStringContainsString(
            '1 of 2 files lies by content on fewer than 2 media, the least 1: OSTV0002.MOV lies on fir alone.',
            $because,
        );
        $this->assertStringContainsString('Birch does not count: its bag changed since it was read.', $because);
    }

    /** By the owner's rule a card may have to wait until its off-site copy is verified. */
    public function test_a_card_that_must_wait_for_its_copy_elsewhere(): void
    {
        $ask = static fn (string $third): array => self::against(
            self::ask([
                'proof' => Proof::of(
                    [new CardFile(self::FRAME, 'a')],
                    [
                        new BagReading('x', Medium::found(['fir']), ['a' => []]),
                        new BagReading('x', Medium::found([$third]), ['a' => []], isElsewhere: $third === 'vault'),
                    ],
                    2,
                    isElsewhereAsked: true,
                ),
            ]),
        );
        $this->assertSame([], $ask('vault'));
        $this->assertSame(['permit.elsewhere'], $ask('birch'));
    }

    public function test_the_permit_names_healed_given_up_and_bad_frames_and_what_was_read_again(): void
    {
        $proof = self::proof(
            ['fir' => ['a', 'twin'], 'birch' => ['a', 'twin']],
            new CardFile(self::FRAME, 'a'),
            new CardFile('DCIM/100OSTVK/OSTV0002.DNG', 'cut', healing: 'twin'),
            new CardFile('DCIM/100OSTVK/OSTV0003.DNG', 'z', isGivenUp: true),
        );
        $permit = FormatPermit::of(
            self::ask([
                'proof' => $proof,
                'asksForLook' => true,
                'look' => new Look(2, ['OSTV0001.JPG'], 'nobody can jump again', false, true),
                'readAgain' => 'All of it was read again.',
            ]),
        );
        $this->assertSame([1, 1], [$permit->verdicts->worst()?->figures['healed'], $permit->verdicts->worst()?->figures['given_up']]);
        $this->assertStringContainsString(
            'Found bad at 1:1 and let go in writing: OSTV0001.JPG. All of it was read again.',
            (string) $permit->verdicts->worst()?->because,
        );
        $paper = PermitPaper::of($permit, 1_800_000_000, 'Ove', ['copies' => 2]);
        $this->assertSame(['2027-01-15T08:00:00Z', 'Ove', [0, 1]], [$paper['at'], $paper['who'], $paper['files'][0]['on']]);
        $this->assertSame(
            ['1970-01-12T13:46:40Z', true, true],
            [$paper['bags'][0]['read_at'], $paper['files'][1]['healed'], $paper['files'][2]['given_up']],
        );
        $this->assertSame('All 2 files lie on birch; all 2 files lie on fir.', PermitDrawing::of($paper)->inWords);
    }

    public function test_the_drawing_breaks_the_line_to_a_medium_where_a_file_is_missing_and_names_it(): void
    {
        $permit = FormatPermit::of(
            self::ask([
                'proof' => self::proof(
                    ['fir' => ['a', 'b'], 'birch' => ['a']],
                    new CardFile(self::FRAME, 'a'),
                    new CardFile('DCIM/100OSTVK/OSTV0002.MOV', 'b'),
                ),
            ]),
        );
        [$birch, $fir] = PermitDrawing::of(PermitPaper::of($permit, 0, '', []))->lines;
        $this->assertSame([false, ['OSTV0002.MOV'], true, []], [$birch->isWhole(), $birch->missing, $fir->isWhole(), $fir->missing]);
        $this->assertLessThan($fir->x2, $birch->x2, 'one on either side of the card');
        $this->assertSame(
            'Nothing of the card lies anywhere else.',
            PermitDrawing::of(PermitPaper::of(FormatPermit::of(self::ask(['proof' => self::proof([], new CardFile('x', 'a'))])), 0, '', []))
                ->inWords,
        );
    }

    public function test_a_format_under_a_void_permit_tells_what_may_be_lost_and_where_it_may_still_be(): void
    {
        $whole = self::proof(['fir' => ['a'], 'birch' => ['a']], new CardFile(self::FRAME, 'a'));
        $this->assertNull(LossAtFormat::of('S03', $whole, [], wasReleased: true));
        $this->assertSame('permit.unseen', LossAtFormat::of('S03', $whole, [], wasReleased: false)?->code);
        $lost = LossAtFormat::of(
            'S03',
            self::proof(['fir' => ['a']], new CardFile(self::FRAME, 'a'), new CardFile('DCIM/x.MOV', 'b')),
            ['birch does not count: its bag is not there any more'],
            wasReleased: true,
        );
        $this->assertSame('permit.lost', $lost?->code);
        $this->assertStringContainsString(
            'OSTV0001.DNG (lies on fir), x.MOV (lies nowhere that is known). Birch does not count',
            $lost->because,
        );
    }
}
