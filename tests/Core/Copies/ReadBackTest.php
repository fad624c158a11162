<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use App\Devices\ReadBackBeside;
use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\CopyPhase;
use NorthSatchel\Copies\CopyReport;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\FileHash;
use NorthSatchel\Copies\Progress;
use NorthSatchel\Copies\ReadBack\ReadBack;
use NorthSatchel\Copies\ReadBack\ReadBackHere;
use NorthSatchel\Copies\ReadBack\Reading;
use NorthSatchel\Copies\ReadBack\SecondPass;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\NotedReadBack;
use Tests\Support\PowerCut;
use Tests\Support\TempFolder;

final class ReadBackTest extends TestCase
{
    use TempFolder;

    private LocalVolume $fir;

    private LocalVolume $birch;

    protected function setUp(): void
    {
        foreach (range(1, 6) as $number) {
            $this->file("card/DCIM/100OSTVK/OSTV000{$number}.DNG", random_bytes(30_000 * $number));
        }
        $this->fir = LocalVolume::at($this->folder('fir'));
        $this->birch = LocalVolume::at($this->folder('birch'));
    }

    private function copy(
        ?ReadBack $fir = null,
        ?ReadBack $birch = null,
        ?LocalVolume $volume = null,
        ?Progress $progress = null,
    ): CopyReport {
        return (new Copier(
            LocalVolume::at($this->temp.'/card'),
            [new DestinationBag($volume ?? $this->fir, 'fir', 'load', $fir), new DestinationBag($this->birch, 'birch', 'load', $birch)],
            [],
            '2030-06-08',
            $progress,
        ))->run();
    }

    private function assertCheckedByCoreutils(string $drive): void
    {
        exec(
            'cd '.
                escapeshellarg("{$this->temp}/{$drive}/load").
                ' && b2sum --strict -c manifest-blake2b512.txt tagmanifest-blake2b512.txt 2>&1',
            $out,
            $exit,
        );
        $this->assertSame(0, $exit, implode("\n", $out));
        $this->assertTrue((new BagVerifier(LocalVolume::at("{$this->temp}/{$drive}/load")))->check()->valid);
    }

    /** @return list<Reading> */
    private static function answersOf(ReadBack $readBack, int $count): array
    {
        $answers = [];
        for ($tries = 0; count($answers) < $count && $tries < 100; $tries++) {
            if (($answer = $readBack->answer(0.25)) !== null) {
                $answers[] = $answer;
            }
        }

        return $answers;
    }

    /** Reference: b2sum of coreutils, and xxhsum -H2 (the 128-bit XXH3 of its specification). */
    public function test_here_and_beside_read_what_the_reference_programs_read(): void
    {
        $card = LocalVolume::at($this->temp.'/card');
        foreach ([new ReadBackHere($card), new ReadBackBeside($card)] as $readBack) {
            $paths = array_map(static fn (int $n): string => "DCIM/100OSTVK/OSTV000{$n}.DNG", range(1, 6));
            foreach ($paths as $index => $path) {
                $readBack->ask($path, $index % 2 === 0);
            }
            foreach (self::answersOf($readBack, 6) as $index => $reading) {
                $full = escapeshellarg("{$this->temp}/card/{$paths[$index]}");
                $this->assertSame(30_000 * ($index + 1), $reading->bytes);
                $this->assertSame(substr((string) shell_exec("xxhsum -H2 {$full} 2>/dev/null"), 0, 32), $reading->hash->quick);
                $this->assertSame($index % 2 === 0 ? substr((string) shell_exec("b2sum {$full}"), 0, 128) : null, $reading->hash->digest);
            }
            $this->assertNull($readBack->answer(0.25), 'nothing more was asked');
            $readBack->close();
        }
    }

    public function test_a_file_that_is_not_there_is_an_answer_and_not_an_end(): void
    {
        foreach ([new ReadBackHere($this->fir), new ReadBackBeside($this->fir)] as $readBack) {
            $readBack->ask("odd\tname\n.DNG", true);
            $this->file('fir/next to it.DNG', 'abc');
            $readBack->ask('next to it.DNG', false);
            [$missing, $there] = self::answersOf($readBack, 2);
            $this->assertSame(['it is not there', 0, 3], [$missing->problem, $missing->bytes, $there->bytes]);
            $readBack->close();
        }
    }

    public function test_a_copy_read_back_beside_is_whole_and_its_lists_are_checked_by_coreutils(): void
    {
        $report = $this->copy(new ReadBackBeside($this->fir), new ReadBackBeside($this->birch));
        $this->assertTrue($report->isWhole());
        $this->assertCount(6, $report->destinations[1]->hashes);
        foreach (['fir', 'birch'] as $drive) {
            $this->assertCheckedByCoreutils($drive);
        }
    }

    /** @return array<string, array{string, bool}> what the helper does, and whether this process takes over */
    public static function brokenHelpers(): array
    {
        return [
            'ends at once' => ['exit(1);', true],
            'ends after one question' => ['fgets(STDIN); exit(0);', true],
            'answers nonsense' => ['while (fgets(STDIN) !== false) { echo "7\tyes\n"; }', true],
            'forgets the hash for lists' => ['while (fgets(STDIN) !== false) { echo "7\t".str_repeat("0", 32)."\t\t\n"; }', true],
            'reads other bytes' => [
                'while (fgets(STDIN) !== false) { echo "7\t".str_repeat("0", 32)."\t".str_repeat("0", 128)."\t\n"; }',
                false,
            ],
        ];
    }

    /** What goes wrong beside makes a copy look damaged at worst, never the other way round. */
    #[DataProvider('brokenHelpers')]
    public function test_where_the_other_process_fails_this_one_reads(string $code, bool $takesOver): void
    {
        $report = $this->copy(new ReadBackBeside($this->fir, $this->file('helper.php', '<?php '.$code)));
        $this->assertSame([$takesOver, true], [$report->destinations[0]->verified, $report->destinations[1]->verified]);
        if ($takesOver) {
            $this->assertCheckedByCoreutils('fir');
        } else {
            $this->assertStringContainsString('does not read back', (string) $report->destinations[0]->problem);
        }
        $this->assertCheckedByCoreutils('birch');
    }

    public function test_destinations_give_the_hash_for_lists_in_turn(): void
    {
        [$fir, $birch] = [new NotedReadBack($this->fir), new NotedReadBack($this->birch)];
        $this->assertTrue($this->copy($fir, $birch)->isWhole());
        $this->assertSame([true, false, true, false, true, false], array_values($fir->asked));
        $this->assertSame([false, true, false, true, false, true], array_values($birch->asked));
        $this->assertTrue($fir->isClosed && $birch->isClosed);
        $this->assertCheckedByCoreutils('birch');
    }

    public function test_where_one_destination_turns_bytes_the_other_still_gets_every_hash(): void
    {
        $faulty = new FaultyVolume($this->temp.'/fir');
        $faulty->flips = '.DNG';
        $report = $this->copy(volume: $faulty);
        $this->assertFalse($report->destinations[0]->verified);
        $this->assertSame([], $report->destinations[0]->hashes);
        $this->assertTrue($report->destinations[1]->verified);
        $this->assertCount(6, $report->destinations[1]->hashes);
        $this->assertCheckedByCoreutils('birch');
        $this->assertFileExists($this->temp.'/fir/load/'.BagLayout::UNFINISHED);
        $this->assertTrue($this->copy()->isWhole());
        $this->assertCheckedByCoreutils('fir');
    }

    public function test_damage_on_one_drive_does_not_keep_the_rest_of_the_card_from_it(): void
    {
        $this->file('card/DCIM/100OSTVK/OSTV0009.DNG', random_bytes(2_000_000));
        $faulty = new FaultyVolume($this->temp.'/fir');
        $faulty->flips = '0001.DNG';
        $report = $this->copy(volume: $faulty);
        $this->assertSame(6, $report->destinations[0]->files);
        $this->assertStringContainsString('0001.DNG does not read back as it was written', (string) $report->destinations[0]->problem);
    }

    /** Asked some way behind only, so that a drive's own memory does not answer for its medium. */
    public function test_reading_back_stays_behind_writing(): void
    {
        $readBack = new NotedReadBack($this->fir);
        $bag = new DestinationBag($this->fir, 'fir', 'load', $readBack);
        $second = new SecondPass([$bag], static function (): void {});
        $half = intdiv(SecondPass::BEHIND, 2);
        foreach (['a', 'b', 'c'] as $index => $name) {
            $this->file("fir/load/data/{$name}", $name);
            $bag->reuse($name, Reading::of($this->fir, "load/data/{$name}", true)->hash);
            $second->add($name, $half, [0]);
            $this->assertCount(max(0, $index - 1), $readBack->asked);
        }
        $second->finish();
        $this->assertSame(['load/data/a', 'load/data/b', 'load/data/c'], array_keys($readBack->asked));
    }

    public function test_a_pause_in_the_second_pass_ends_the_other_process(): void
    {
        $readBack = new NotedReadBack($this->fir);
        $pause = new class implements Progress
        {
            public function at(CopyPhase $phase, int $bytesDone, int $bytesTotal, string $file): void
            {
                if ($phase === CopyPhase::ReadingBack) {
                    throw new \LogicException('paused');
                }
            }
        };
        try {
            $this->copy($readBack, progress: $pause);
            $this->fail('It went on.');
        } catch (\LogicException) {
            $this->assertTrue($readBack->isClosed);
        }
        $report = $this->copy();
        $this->assertSame([true, 6, 6], [$report->isWhole(), $report->destinations[0]->reused, $report->destinations[1]->reused]);
        $this->assertCheckedByCoreutils('fir');
    }

    /** Cut off after the third file; that one is taken off the card before the run goes on. */
    private function cutOffAfterThree(): void
    {
        $stop = new class implements Progress
        {
            public function at(CopyPhase $phase, int $bytesDone, int $bytesTotal, string $file): void
            {
                if (str_ends_with($file, '0004.DNG')) {
                    throw new PowerCut();
                }
            }
        };
        try {
            $this->copy(progress: $stop);
            $this->fail('The power did not go.');
        } catch (PowerCut) {
            unlink($this->temp.'/card/DCIM/100OSTVK/OSTV0003.DNG');
        }
    }

    public function test_what_an_earlier_run_wrote_and_the_card_no_longer_has_is_read_back_and_listed_too(): void
    {
        $this->cutOffAfterThree();
        $report = $this->copy();
        $this->assertTrue($report->isWhole());
        $this->assertSame([5, 2], [$report->destinations[0]->files, $report->destinations[0]->reused]);
        $this->assertStringContainsString('OSTV0003.DNG', (string) file_get_contents($this->temp.'/fir/load/'.BagLayout::MANIFEST));
        $this->assertCheckedByCoreutils('fir');
    }

    public function test_and_is_not_listed_when_it_turned_meanwhile(): void
    {
        $this->cutOffAfterThree();
        $path = $this->temp.'/fir/load/data/DCIM/100OSTVK/OSTV0003.DNG';
        $bytes = (string) file_get_contents($path);
        $bytes[9] = chr(ord($bytes[9]) ^ 1);
        file_put_contents($path, $bytes);
        $report = $this->copy();
        $this->assertFalse($report->destinations[0]->verified);
        $this->assertStringContainsString('OSTV0003.DNG does not read back', (string) $report->destinations[0]->problem);
        $this->assertTrue($report->destinations[1]->verified);
    }

    /** The card was formatted and shot again in between, under the same names. */
    public function test_an_older_content_in_an_unfinished_bag_gives_way_to_the_cards(): void
    {
        $this->cutOffAfterThree();
        $this->file('card/DCIM/100OSTVK/OSTV0001.DNG', random_bytes(77_000));
        $report = $this->copy(new ReadBackBeside($this->fir), new ReadBackBeside($this->birch));
        $this->assertSame([true, 5, 1], [$report->isWhole(), $report->destinations[0]->files, $report->destinations[0]->reused]);
        foreach (['fir', 'birch'] as $drive) {
            $this->assertSame(
                md5_file($this->temp.'/card/DCIM/100OSTVK/OSTV0001.DNG'),
                md5_file("{$this->temp}/{$drive}/load/data/DCIM/100OSTVK/OSTV0001.DNG"),
            );
            $this->assertCheckedByCoreutils($drive);
        }
    }

    public function test_an_older_content_at_one_destination_alone_gives_way_there_alone(): void
    {
        $this->cutOffAfterThree();
        $this->file('card/DCIM/100OSTVK/OSTV0001.DNG', random_bytes(77_000));
        copy($this->temp.'/card/DCIM/100OSTVK/OSTV0001.DNG', $this->temp.'/birch/load/data/DCIM/100OSTVK/OSTV0001.DNG');
        $journal = $this->temp.'/birch/load/'.BagLayout::UNFINISHED;
        $lines = file($journal) ?: [];
        file_put_contents($journal, implode('', array_filter($lines, static fn (string $line): bool => ! str_contains($line, '0001.DNG'))));
        $report = $this->copy();
        $this->assertSame([true, 1, 2], [$report->isWhole(), $report->destinations[0]->reused, $report->destinations[1]->reused]);
        $this->assertCheckedByCoreutils('fir');
        $this->assertCheckedByCoreutils('birch');
    }

    public function test_a_card_that_cannot_be_read_when_its_stale_file_is_brought_anew_leaves_the_bags_whole(): void
    {
        $this->cutOffAfterThree();
        $this->file('card/DCIM/100OSTVK/OSTV0001.DNG', random_bytes(77_000));
        $card = new class($this->temp.'/card') extends LocalVolume
        {
            private int $opened = 0;

            public function open(string $path): ReadableFile
            {
                if (str_ends_with($path, '0001.DNG') && ++$this->opened > 1) {
                    throw UnableToRead::fromPath($path, 'input/output error');
                }

                return parent::open($path);
            }
        };
        $report = (new Copier(
            $card,
            [new DestinationBag($this->fir, 'fir', 'load'), new DestinationBag($this->birch, 'birch', 'load')],
            [],
            '2030-06-08',
        ))->run();
        $this->assertSame(
            [4, 'DCIM/100OSTVK/OSTV0001.DNG', 'input/output error'],
            [$report->files, $report->skipped[0]->name, $report->skipped[0]->why],
        );
        $this->assertFalse($report->isWhole(allowSkips: true));
        $this->assertFileDoesNotExist($this->temp.'/fir/load/data/DCIM/100OSTVK/OSTV0001.DNG');
        $this->assertCheckedByCoreutils('fir');
    }

    public function test_a_file_that_a_finished_bag_has_and_the_card_no_longer_gives_is_named_and_kept(): void
    {
        $this->copy();
        $before = $this->contentsOf($this->temp.'/fir');
        $card = new FaultyVolume($this->temp.'/card');
        $card->unreadable = '0002.DNG';
        $report = (new Copier($card, [new DestinationBag($this->fir, 'fir', 'load')], [], '2030-06-08'))->run();
        $this->assertSame([5, 5], [$report->files, $report->destinations[0]->reused]);
        $this->assertSame(['DCIM/100OSTVK/OSTV0002.DNG', 'input/output error'], [$report->skipped[0]->name, $report->skipped[0]->why]);
        $this->assertSame($before, $this->contentsOf($this->temp.'/fir'));
    }

    /** Journals had the hash of the lists before they had the quick one. */
    public function test_a_journal_with_the_hash_of_lists_is_understood(): void
    {
        $this->cutOffAfterThree();
        foreach (['fir', 'birch'] as $drive) {
            $lines = '';
            foreach ([1, 2] as $number) {
                $path = "data/DCIM/100OSTVK/OSTV000{$number}.DNG";
                $lines .=
                    substr((string) shell_exec('b2sum '.escapeshellarg("{$this->temp}/{$drive}/load/{$path}")), 0, 128)."  {$path}\n";
            }
            file_put_contents("{$this->temp}/{$drive}/load/".BagLayout::UNFINISHED, $lines);
            unlink("{$this->temp}/{$drive}/load/data/DCIM/100OSTVK/OSTV0003.DNG");
        }
        $report = $this->copy();
        $this->assertSame([true, 2], [$report->isWhole(), $report->destinations[0]->reused]);
        $this->assertCheckedByCoreutils('birch');
    }

    public function test_hashes_are_of_one_content_only_by_a_hash_that_both_have(): void
    {
        $this->assertTrue((new FileHash('d', 'q'))->isSameAs(new FileHash(quick: 'q')));
        $this->assertTrue((new FileHash('d', 'q'))->isSameAs(new FileHash('d')));
        $this->assertFalse((new FileHash('d', 'q'))->isSameAs(new FileHash('e', 'q')), 'the stronger hash decides');
        $this->assertFalse((new FileHash('d'))->isSameAs(new FileHash(quick: 'q')), 'nothing in common');
        $this->assertFalse((new FileHash())->isSameAs(new FileHash()), 'nothing known');
    }
}
