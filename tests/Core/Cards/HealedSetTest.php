<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use App\Devices\LocalVolume;
use NorthSatchel\Cards\Twin\HealedSet;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinFile;
use NorthSatchel\Cards\Twin\TwinReport;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Volume\Entry;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use PHPUnit\Framework\TestCase;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

/** Two cards, one of them damaged here and the other there: together whole, in a bag that coreutils checks. */
final class HealedSetTest extends TestCase
{
    use TempFolder;

    private const DIR = 'DCIM/100OSTVK/OSTV';

    private function cards(): HealedSet
    {
        foreach ([1, 2, 3, 4] as $number) {
            foreach (['a', 'b'] as $card) {
                $this->file("{$card}/".self::DIR."000{$number}.JPG", Pictures::jpeg($number));
            }
        }
        $this->file('a/'.self::DIR.'0001.JPG', substr(Pictures::jpeg(1), 0, 4000));
        $this->file('b/'.self::DIR.'0002.JPG', substr(Pictures::jpeg(2), 0, 4000));
        unlink("{$this->temp}/b/".self::DIR.'0003.JPG');
        foreach (['a', 'b'] as $card) {
            $this->file("{$card}/".self::DIR.'0004.JPG', substr(Pictures::jpeg(4), 0, 3000));
        }
        $this->file('b/notes.txt', 'only here');

        return $this->open();
    }

    private function open(): HealedSet
    {
        [$a, $b] = [LocalVolume::at("{$this->temp}/a"), LocalVolume::at("{$this->temp}/b")];

        return new HealedSet($a, $b, (new TwinCheck($a, $b))->report());
    }

    public function test_of_each_file_the_intact_side_is_taken(): void
    {
        $set = $this->cards();
        $this->assertSame(
            [self::DIR.'0001.JPG', self::DIR.'0002.JPG', self::DIR.'0003.JPG', 'notes.txt'],
            array_map(static fn (Entry $e): string => $e->path, iterator_to_array($set->entries(), false)),
        );
        foreach ([1, 2, 3] as $number) {
            $this->assertSame(Pictures::jpeg($number), $set->contents(self::DIR."000{$number}.JPG"), "frame {$number}");
        }
        $this->assertSame([self::DIR.'0004.JPG'], $set->leftOut, 'damaged alike on both is whole nowhere');
        $this->assertSame([2, 2], $set->counts());
        $this->assertSame([EntryKind::File, null], [$set->kindOf('notes.txt'), $set->kindOf(self::DIR.'0004.JPG')]);
        $this->expectException(UnableToRead::class);
        $set->open(self::DIR.'0004.JPG');
    }

    /** Of every pair of sides, worked out by hand: the first card's, the second's, neither's. */
    public function test_which_side_is_taken(): void
    {
        [$whole, $hurt, $doubt, $none] = [Side::Intact, Side::Damaged, Side::Unknown, null];
        $wanted = [
            [$whole, $whole, 'a'], [$whole, $hurt, 'a'], [$whole, $doubt, 'a'], [$whole, $none, 'a'],
            [$hurt, $whole, 'b'], [$hurt, $hurt, ''], [$hurt, $doubt, ''], [$hurt, $none, ''],
            [$doubt, $whole, 'b'], [$doubt, $hurt, ''], [$doubt, $doubt, ''], [$doubt, $none, 'a'],
            [$none, $whole, 'b'], [$none, $hurt, ''], [$none, $doubt, 'b'],
        ];
        [$a, $b] = [LocalVolume::at($this->folder('a')), LocalVolume::at($this->folder('b'))];
        foreach ($wanted as [$first, $second, $side]) {
            $set = new HealedSet($a, $b, new TwinReport([new TwinFile('f.raw', $first, $second, false)]));
            $took = $set->leftOut !== [] ? '' : ($set->counts() === [1, 0] ? 'a' : 'b');
            $this->assertSame($side, $took, ($first->value ?? 'nothing').' beside '.($second->value ?? 'nothing'));
        }
        foreach ([[$doubt, true], [$whole, true], [$hurt, false]] as [$alike, $isTaken]) {
            $set = new HealedSet($a, $b, new TwinReport([new TwinFile('f.raw', $alike, $alike, true)]));
            $this->assertSame($isTaken, $set->leftOut === [], "the same on both, {$alike->value}");
        }
    }

    public function test_it_becomes_a_bag_and_the_cards_stay_as_they_are(): void
    {
        $set = $this->cards();
        $before = [$this->contentsOf("{$this->temp}/a"), $this->contentsOf("{$this->temp}/b")];
        $to = LocalVolume::at($this->folder('drive'));
        $report = (new Copier($set, [new DestinationBag($to, 'drive', 'healed')], [], '2030-06-08'))->run();
        $this->assertTrue($report->isWhole(allowSkips: false));
        $this->assertSame(4, $report->files);
        $this->assertTrue((new BagVerifier(LocalVolume::at("{$this->temp}/drive/healed")))->check()->valid);
        exec(
            'cd '.escapeshellarg("{$this->temp}/drive/healed").' && b2sum --strict --quiet -c manifest-blake2b512.txt 2>&1',
            $out,
            $exit,
        );
        $this->assertSame(0, $exit, implode("\n", $out));
        $this->assertSame($before, [$this->contentsOf("{$this->temp}/a"), $this->contentsOf("{$this->temp}/b")]);
    }

    public function test_nothing_is_ever_written_to_a_card(): void
    {
        $set = $this->cards();
        foreach (
            [
                static fn () => $set->create('x'),
                static fn () => $set->rename('notes.txt', 'y'),
                static fn () => $set->putTagFile('x', ''),
                static fn () => $set->appendTagFile('x', ''),
                static fn () => $set->removeOwn('notes.txt'),
                static fn () => $set->makeFolder('z'),
            ] as $write
        ) {
            try {
                $write();
                $this->fail('It was written.');
            } catch (UnableToWrite $e) {
                $this->assertStringContainsString('reading only', $e->reason);
            }
        }
        $this->assertFileDoesNotExist("{$this->temp}/a/x");
    }

    public function test_twins_are_taken_from_the_first_and_split_cards_from_both(): void
    {
        foreach ([1, 2] as $number) {
            $this->file('a/'.self::DIR."000{$number}.DNG", Pictures::dng($number));
            $this->file('b/'.self::DIR."000{$number}.JPG", Pictures::jpeg($number));
        }
        $this->assertSame([2, 2], $this->open()->counts());
        foreach ([1, 2] as $number) {
            $this->file('b/'.self::DIR."000{$number}.DNG", Pictures::dng($number));
            unlink("{$this->temp}/b/".self::DIR."000{$number}.JPG");
        }
        $this->assertSame([2, 0], $this->open()->counts());
        $this->assertSame([], $this->open()->leftOut);
    }
}
