<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use App\Devices\LocalVolume;
use NorthSatchel\Cards\Permit\BagReader;
use NorthSatchel\Cards\Permit\BagReading;
use NorthSatchel\Cards\Permit\CardFile;
use NorthSatchel\Cards\Permit\CardReader;
use NorthSatchel\Cards\Permit\Content;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Cards\Permit\Proof;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Cards\Twin\LoneCheck;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinVerdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

/** The proof: what lies where, by content, on which medium. */
final class ProofTest extends TestCase
{
    use TempFolder;

    /** @return array<string, array{list<Medium>, int}> media that hold a file, and on how many it lies */
    public static function media(): array
    {
        $disk = static fn (string ...$names): Medium => Medium::found(array_values($names));
        $said = Medium::said(...);

        return [
            'none' => [[], 0],
            'two disks' => [[$disk('a'), $disk('b')], 2],
            'two partitions of one disk' => [[$disk('a'), $disk('a')], 1],
            'two of which the system says nothing' => [[$disk(), $disk()], 1],
            'one it knows and one it does not' => [[$disk('a'), $disk()], 2],
            'two names on one disk' => [[$said('Fir', ['a']), $said('Birch', ['a'])], 2],
            'one name on two disks' => [[$said('Fir', ['a']), $said('Fir', ['b'])], 1],
            'a named and an unnamed one on one disk' => [[$said('Fir', ['a']), $disk('a')], 1],
            'two names and one without, all on one disk' => [[$disk('a'), $said('Fir', ['a']), $said('Birch', ['a'])], 2],
            'a named one on a disk nothing is said of, and an unnamed one' => [[$said('Fir'), $disk()], 1],
            'one that lies across two disks, and one on one of them' => [[$disk('a', 'b'), $disk('b')], 1],
            'across two, and both alone' => [[$disk('a', 'b'), $disk('a'), $disk('b')], 2],
        ];
    }

    /** @param  list<Medium>  $media */
    #[DataProvider('media')]
    public function test_media_are_told_apart(array $media, int $count): void
    {
        $this->assertCount($count, Medium::different($media));
        $this->assertCount($count, Medium::different(array_reverse($media)));
        $bags = array_map(static fn (Medium $m): BagReading => new BagReading('x', $m, ['a' => []]), $media);
        $this->assertSame($count >= 2, Proof::of([new CardFile('f', 'a')], $bags, 2)->isGranted());
    }

    public function test_why_a_file_is_not_proved_is_said(): void
    {
        $why = static fn (CardFile $file, bool $elsewhere = false, BagReading ...$bags): ?string => Proof::of([$file], [...$bags], 2, $elsewhere)
            ->files[0]->why;
        $bag = static fn (string $disk, bool $isElsewhere): BagReading => new BagReading(
            'x', Medium::found([$disk]), ['a' => []], isElsewhere: $isElsewhere,
        );
        $this->assertSame('what it holds lies on no medium', $why(new CardFile('f', 'a')));
        $this->assertSame('the file of its twin, which heals it, lies on no medium', $why(new CardFile('f', 'a', 'b')));
        $this->assertSame('it lies on one medium, and 2 are wanted', $why(new CardFile('f', 'a'), false, $bag('one', false)));
        $two = [$bag('one', false), $bag('two', false)];
        $this->assertNull($why(new CardFile('f', 'a'), false, ...$two));
        $this->assertSame('it lies nowhere outside the house and the bag', $why(new CardFile('f', 'a'), true, ...$two));
        $this->assertNull($why(new CardFile('f', 'a'), true, $two[0], $bag('two', true)));
        $this->assertSame('nobody has read it yet', $why(new CardFile('f', null)));
        $this->assertSame('it cannot be read', $why(new CardFile('f', 'a', null, false, 'it cannot be read')));
    }

    public function test_more_bags_never_take_a_permit_away(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(4));
        for ($i = 0; $i < 300; $i++) {
            $bags = [];
            $was = false;
            for ($n = 0; $n < 6; $n++) {
                $disks = array_slice($random->shuffleArray(['a', 'b', 'c']), 0, $random->getInt(0, 2));
                $medium =
                    $random->getInt(0, 1) === 1 ? Medium::said($random->shuffleArray(['Fir', 'Birch'])[0], $disks) : Medium::found($disks);
                $bags[] = new BagReading('x', $medium, $random->getInt(0, 3) > 0 ? ['a' => []] : []);
                $is = Proof::of([new CardFile('f', 'a')], $bags, 2)->isGranted();
                $this->assertTrue($is || ! $was);
                $was = $is;
            }
        }
    }

    public function test_one_file_of_the_file_system_under_two_names_is_one_copy(): void
    {
        $bag = static fn (string $medium, string ...$inodes): BagReading => new BagReading('x', Medium::said($medium), [
            'a' => array_values($inodes),
        ]);
        $granted = static fn (BagReading ...$bags): bool => Proof::of([new CardFile('f', 'a')], array_values($bags), 2)->isGranted();
        $this->assertFalse($granted($bag('Fir', '1:7'), $bag('Birch', '1:7')));
        $this->assertTrue($granted($bag('Fir', '1:7'), $bag('Birch', '1:7', '1:8')));
    }

    public function test_a_damaged_frame_wants_its_twin_elsewhere_and_its_own_damage_counts_for_nothing(): void
    {
        $file = new CardFile('f', 'cut', healing: 'whole');
        $on = static fn (string $content): BagReading => new BagReading('x', Medium::found([$content.random_int(1, PHP_INT_MAX)]), [
            $content => [],
        ]);
        $this->assertFalse(Proof::of([$file], [$on('cut'), $on('cut')], 2)->isGranted());
        $this->assertTrue(Proof::of([$file], [$on('whole'), $on('whole')], 2)->isGranted());
        $this->assertFalse(Proof::of([], [$on('whole')], 1)->isGranted(), 'of nothing, nothing is proved');
    }

    /** @param  array<string, string>  $payload  by name */
    private function bag(string $name, array $payload, ?string $list = null, string $algorithm = 'sha256'): LocalVolume
    {
        $lines = '';
        foreach ($payload as $path => $bytes) {
            $this->file("{$name}/data/{$path}", $bytes);
            $lines .= hash($algorithm === 'blake2b512' ? 'sha256' : $algorithm, $bytes)."  data/{$path}\n";
        }
        $this->file("{$name}/bagit.txt", "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n");
        $this->file("{$name}/manifest-{$algorithm}.txt", $list ?? $lines);

        return LocalVolume::at("{$this->temp}/{$name}");
    }

    /** The hash is the one of coreutils' b2sum, run beside it. */
    public function test_contents_are_told_by_the_hash_of_b2sum(): void
    {
        $file = $this->file('one', random_bytes(3_000_000));
        $out = (string) shell_exec('b2sum '.escapeshellarg($file));
        $this->assertSame(explode(' ', $out)[0], Content::of(LocalVolume::at($this->temp), 'one')->hash());
    }

    public function test_only_what_is_read_now_listed_by_that_hash_and_below_data_lies_in_a_bag(): void
    {
        $found = fn (LocalVolume $bag): array => array_merge(...array_values((new BagReader($bag))->found()));
        $this->assertSame(['data/a'], $found($this->bag('plain', ['a' => 'one'])));
        $this->assertSame(['data/a'], $found($this->bag('md5', ['a' => 'one'], algorithm: 'md5')));
        foreach (['*data/a', './data/a', '*./data/a'] as $i => $listed) {
            $list = hash('sha256', 'one')." {$listed}\n";
            $this->assertSame(['data/a'], $found($this->bag("way {$i}", ['a' => 'one'], $list)), 'as the lists of other programs name it');
        }
        $this->assertSame([], $found($this->bag('rotten', ['a' => 'two'], hash('sha256', 'one')."  data/a\n")));
        $this->assertSame([], $found($this->bag('empty list', ['a' => 'one'], '')));
        $this->assertSame(
            [],
            $found($this->bag('claimed', [], hash('sha256', 'one')."  data/a\n")),
            'what a list claims and nobody can read',
        );
        $this->assertSame(
            [],
            $found(
                $this->bag(
                    'outside',
                    ['a' => 'x'],
                    hash('sha256', 'one')."  ../a\n".hash('sha256', 'one')."  data/../../a\n".hash('sha256', 'one')."  a\n",
                ),
            ),
        );
        $both = $this->bag('two lists', ['a' => 'one']);
        $this->file('two lists/manifest-md5.txt', md5('other')."  data/a\n");
        $this->assertSame([], $found($both), 'where two lists disagree it does not count');
        $this->bag('no bag', ['a' => 'one']);
        unlink("{$this->temp}/no bag/bagit.txt");
        $this->assertSame([], $found(LocalVolume::at("{$this->temp}/no bag")));
        $linked = $this->bag('linked', ['b' => 'two'], hash('sha256', 'one')."  data/a\n");
        symlink($this->file('elsewhere', 'one'), "{$this->temp}/linked/data/a");
        $this->assertSame([], $found($linked));
        $odd = $this->bag('odd', ["50%\nreally" => 'one'], hash('sha256', 'one')."  data/50%25%0Areally\n");
        $this->assertSame(["data/50%\nreally"], $found($odd));
    }

    /** Every file counts, whatever its kind; links and the like are named. */
    public function test_everything_on_a_card_is_in_its_inventory(): void
    {
        foreach (
            ['DCIM/100OSTVK/OSTV0001.MOV', 'DCIM/100OSTVK/OSTV0001.HIF', 'NOTES/one.wav', '.DS_Store', 'System Volume '.
                'Information/x'] as $path
        ) {
            $this->file("card/{$path}", $path);
        }
        symlink('/etc/hostname', "{$this->temp}/card/link");
        posix_mkfifo("{$this->temp}/card/pipe", 0600);
        $card = CardReader::read(LocalVolume::at("{$this->temp}/card"));
        $this->assertCount(7, $card->files);
        $this->assertCount(5, array_filter($card->files, CardReader::isFile(...)), 'the link and the pipe are none');
        $this->assertTrue(CardReader::isFile(new CardFile('c', null, whyNot: 'it cannot be read: worn')), 'unread, and still a file');
        $this->assertSame(
            ['link', 'pipe'],
            array_values(
                array_map(
                    static fn (CardFile $f): string => $f->name,
                    array_filter($card->files, static fn (CardFile $f): bool => $f->whyNot === CardReader::NOT_A_FILE),
                ),
            ),
        );
    }

    public function test_a_cut_frame_wants_the_content_of_its_whole_twin(): void
    {
        $whole = Pictures::jpeg(7);
        $this->file('a/DCIM/100OSTVK/OSTV0001.JPG', substr($whole, 0, 3000));
        $this->file('b/DCIM/100OSTVK/OSTV0001.JPG', $whole);
        [$a, $b] = [LocalVolume::at("{$this->temp}/a"), LocalVolume::at("{$this->temp}/b")];
        $file = CardReader::read($a, (new TwinCheck($a, $b))->report(), $b)->files[0];
        $this->assertSame(Content::of($b, 'DCIM/100OSTVK/OSTV0001.JPG')->hash(), $file->healing);
        $alone = LoneCheck::of($a);
        $this->assertSame(
            [TwinVerdict::Alone, 1, Side::Damaged],
            [$alone->verdict, $alone->frames, $alone->stateOf('DCIM/100OSTVK/OSTV0001.JPG')],
        );
        $this->assertSame(Side::Intact, LoneCheck::of($b)->stateOf('DCIM/100OSTVK/OSTV0001.JPG'));
    }

    public function test_what_is_read_again(): void
    {
        $files = [];
        for ($i = 0; $i < 400; $i++) {
            $files["f{$i}"] = [10_000_000, $i, $i !== 3];
        }
        $all = ReadAgain::of('minute', $files, 4_000_000_000, 1);
        $this->assertSame([true, 400, 8_000_000_000], [$all->isAll, count($all->paths), $all->bytes], '53 s at 150 MB/s');
        $some = ReadAgain::of('minute', $files, 6_000_000_000, 1);
        $this->assertFalse($some->isAll);
        $this->assertContains('f399', $some->paths, 'the newest');
        $this->assertContains('f3', $some->paths, 'what nobody has read yet');
        $this->assertGreaterThan(30, count($some->paths));
        $this->assertLessThan(110, count($some->paths));
        $this->assertStringContainsString('of 400 files of the card were read again', $some->said);
        $this->assertTrue(ReadAgain::of('all', $files, 6_000_000_000, 1)->isAll);
        $this->assertFalse(ReadAgain::of('tenth', $files, 0, 1)->isAll);
        $this->assertNotSame($some->paths, ReadAgain::of('minute', $files, 6_000_000_000, 2)->paths, 'another tenth each time');
    }
}
