<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use App\Devices\StandIn\StandInDrive;
use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\CopyConflict;
use NorthSatchel\Copies\CopyPhase;
use NorthSatchel\Copies\CopyReport;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\Progress;
use NorthSatchel\Volume\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\PowerCut;
use Tests\Support\TempFolder;

final class CopierTest extends TestCase
{
    use TempFolder;

    /** @var array<string, string> */
    private array $cardBefore;

    protected function setUp(): void
    {
        $this->file('card/DCIM/100OSTVK/OSTV0001.DNG', random_bytes(2_300_000));
        $this->file('card/DCIM/100OSTVK/OSTV0002.DNG', random_bytes(40_000));
        $this->file('card/DCIM/101OSTVK/OSTV0001.DNG', random_bytes(50_000));
        $this->file('card/MISC/EMPTY.DAT', '');
        $this->folder('fir');
        $this->folder('birch');
        $this->cardBefore = $this->contentsOf($this->temp.'/card');
    }

    protected function tearDown(): void
    {
        foreach ($this->cardBefore as $path => $hash) {
            $this->assertSame($hash, md5_file($this->temp.'/card/'.$path), "{$path} on the card is untouched");
        }
    }

    private function copy(?Volume $card = null, ?Volume $fir = null, ?Volume $birch = null, ?Progress $progress = null): CopyReport
    {
        return (new Copier(
            $card ?? LocalVolume::at($this->temp.'/card'),
            [
                new DestinationBag($fir ?? LocalVolume::at($this->temp.'/fir'), 'fir', 'load'),
                new DestinationBag($birch ?? LocalVolume::at($this->temp.'/birch'), 'birch', 'load'),
            ],
            ['External-Identifier' => 'load'],
            '2026-05-04',
            $progress,
        ))->run();
    }

    private function isValid(string $drive): bool
    {
        try {
            return (new BagVerifier(LocalVolume::at($this->temp.'/'.$drive.'/load')))->check()->valid;
        } catch (BrokenBag) {
            return false;
        }
    }

    private function assertWhole(string $drive): void
    {
        $this->assertTrue($this->isValid($drive), "{$drive} is valid");
        foreach ($this->cardBefore as $path => $hash) {
            $this->assertSame($hash, md5_file("{$this->temp}/{$drive}/load/data/{$path}"));
        }
    }

    public function test_a_card_goes_whole_into_a_bag_at_each_destination(): void
    {
        $report = $this->copy();
        $this->assertTrue($report->isWhole());
        $this->assertSame(4, $report->files);
        $this->assertSame(2_390_000, $report->bytes);
        $this->assertWhole('fir');
        $this->assertWhole('birch');
        $this->assertSame(0, $report->destinations[0]->reused);
        $this->assertFileDoesNotExist($this->temp.'/fir/load/'.BagLayout::UNFINISHED);
    }

    /** Reference: coreutils' b2sum (BLAKE2b, RFC 7693) checks every list of the bag. */
    public function test_coreutils_accepts_the_lists(): void
    {
        $this->copy();
        foreach ([BagLayout::MANIFEST, BagLayout::TAG_MANIFEST] as $list) {
            $out = [];
            exec('cd '.escapeshellarg($this->temp.'/fir/load').' && b2sum --strict -c '.$list.' 2>&1', $out, $exit);
            $this->assertSame(0, $exit, implode("\n", $out));
        }
    }

    /** RFC 8493, 2.1.1 and 2.2.2. */
    public function test_the_bag_declares_itself_and_names_its_bytes(): void
    {
        $this->copy();
        $this->assertSame(
            "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n",
            file_get_contents($this->temp.'/fir/load/bagit.txt'),
        );
        $info = (string) file_get_contents($this->temp.'/fir/load/bag-info.txt');
        $this->assertStringContainsString("Payload-Oxum: 2390000.4\n", $info);
        $this->assertStringContainsString("Bagging-Date: 2026-05-04\n", $info);
    }

    public function test_a_second_run_reuses_everything(): void
    {
        $this->copy();
        $before = $this->contentsOf($this->temp.'/fir');
        $report = $this->copy();
        $this->assertTrue($report->isWhole());
        $this->assertSame(4, $report->destinations[0]->reused);
        $this->assertSame($before, $this->contentsOf($this->temp.'/fir'));
    }

    public function test_new_frames_on_the_card_are_added_and_none_is_taken_away(): void
    {
        $this->copy();
        $this->file('card/DCIM/101OSTVK/OSTV0002.DNG', 'a new frame');
        unlink($this->temp.'/card/MISC/EMPTY.DAT');
        unset($this->cardBefore['MISC/EMPTY.DAT']);
        $report = $this->copy();
        $this->assertTrue($report->isWhole());
        $this->assertSame(3, $report->destinations[0]->reused);
        $this->assertSame(4, $report->destinations[0]->files);
        $this->assertFileExists($this->temp.'/fir/load/data/MISC/EMPTY.DAT');
        $this->assertTrue($this->isValid('fir'));
    }

    public function test_other_content_under_a_known_name_stops_the_run_before_anything_is_written(): void
    {
        $this->copy();
        $before = [$this->contentsOf($this->temp.'/fir'), $this->contentsOf($this->temp.'/birch')];
        $this->file('card/DCIM/100OSTVK/OSTV0002.DNG', 'numbers rolled over, another frame');
        $this->file('card/DCIM/100OSTVK/OSTV0000.DNG', 'sorts before it');
        $this->cardBefore = $this->contentsOf($this->temp.'/card');
        try {
            $this->copy();
            $this->fail('It went on.');
        } catch (CopyConflict $e) {
            $this->assertStringContainsString('OSTV0002.DNG', $e->getMessage());
        }
        $this->assertSame($before, [$this->contentsOf($this->temp.'/fir'), $this->contentsOf($this->temp.'/birch')]);
    }

    /** @return array<string, array{string}> */
    public static function takenBy(): array
    {
        return ['a folder with pictures' => ['birch/load/holiday.jpg'], 'a file' => ['birch/load']];
    }

    #[DataProvider('takenBy')]
    public function test_a_name_taken_by_something_else_is_left_alone(string $path): void
    {
        $this->file($path, 'mine');
        try {
            $this->copy();
            $this->fail('It went on.');
        } catch (CopyConflict) {
            $this->assertSame('mine', file_get_contents($this->temp.'/'.$path));
            $this->assertSame([], $this->contentsOf($this->temp.'/fir'), 'the other destination was not begun either');
        }
    }

    public function test_a_full_drive_fails_alone(): void
    {
        StandInDrive::make($this->temp.'/birch', sizeMb: 2);
        $report = $this->copy(birch: StandInDrive::plugIn($this->temp.'/birch'));
        $this->assertFalse($report->isWhole());
        $this->assertTrue($report->destinations[0]->verified);
        $this->assertFalse($report->destinations[1]->verified);
        $this->assertStringContainsString('the drive is full', (string) $report->destinations[1]->problem);
        $this->assertWhole('fir');
        $this->assertFalse($this->isValid('birch'));
    }

    public function test_a_drive_pulled_out_goes_on_when_it_is_back(): void
    {
        StandInDrive::make($this->temp.'/birch', sizeMb: 100, goneAfterMb: 1.5);
        $this->assertStringContainsString(
            'gone',
            (string) $this->copy(birch: StandInDrive::plugIn($this->temp.'/birch'))->destinations[1]->problem,
        );
        $this->assertTrue($this->copy()->isWhole());
        $this->assertWhole('birch');
    }

    public function test_a_byte_that_turns_on_the_way_is_found_and_written_anew(): void
    {
        $faulty = new FaultyVolume($this->temp.'/fir');
        $faulty->flips = '0002.DNG';
        $report = $this->copy(fir: $faulty);
        $this->assertFalse($report->destinations[0]->verified);
        $this->assertStringContainsString('OSTV0002.DNG does not read back', (string) $report->destinations[0]->problem);
        $this->assertTrue($report->destinations[1]->verified);
        $this->assertFalse($this->isValid('fir'));
        $this->assertTrue($this->copy()->isWhole());
        $this->assertWhole('fir');
    }

    public function test_a_byte_that_turns_as_a_frame_is_added_to_a_finished_bag_is_written_anew(): void
    {
        $this->copy();
        $this->file('card/DCIM/101OSTVK/OSTV0007.DNG', 'a new frame');
        $faulty = new FaultyVolume($this->temp.'/fir');
        $faulty->flips = '0007.DNG';
        $this->assertFalse($this->copy(fir: $faulty)->destinations[0]->verified);
        $this->assertTrue($this->copy()->isWhole());
        $this->assertSame('a new frame', file_get_contents($this->temp.'/fir/load/data/DCIM/101OSTVK/OSTV0007.DNG'));
    }

    public function test_what_rots_in_a_finished_bag_is_named_and_never_replaced(): void
    {
        $this->copy();
        $rotten = $this->temp.'/fir/load/data/DCIM/100OSTVK/OSTV0002.DNG';
        $bytes = (string) file_get_contents($rotten);
        $bytes[7] = chr(ord($bytes[7]) ^ 1);
        file_put_contents($rotten, $bytes);
        $report = $this->copy();
        $this->assertFalse($report->destinations[0]->verified);
        $this->assertSame($bytes, file_get_contents($rotten));
        $this->assertTrue($report->destinations[1]->verified);
    }

    /** A turned bit in a list of a finished bag: it is not called good, and nothing is written to it. */
    public function test_a_damaged_list_of_a_finished_bag_is_named_and_never_replaced(): void
    {
        foreach (['bagit.txt', 'bag-info.txt', 'manifest-blake2b512.txt', 'tagmanifest-blake2b512.txt'] as $list) {
            $this->copy();
            $path = "{$this->temp}/fir/load/{$list}";
            $good = (string) file_get_contents($path);
            foreach ([3, strlen($good) - 6] as $byte) {
                $bad = $good;
                $bad[$byte] = chr(ord($bad[$byte]) ^ 4);
                file_put_contents($path, $bad);
                $report = $this->copy();
                $this->assertFalse($report->destinations[0]->verified, "{$list} {$byte}");
                $this->assertNotNull($report->destinations[0]->problem);
                $this->assertTrue($report->destinations[1]->verified, 'the other destination goes on');
                $this->assertSame($bad, file_get_contents($path));
                $this->assertFalse($this->isValid('fir'));
            }
            file_put_contents($path, $good);
            $this->assertTrue($this->copy()->destinations[0]->verified);
        }
    }

    public function test_a_file_that_cannot_be_read_is_named_and_the_rest_is_copied(): void
    {
        $card = new FaultyVolume($this->temp.'/card');
        $card->unreadable = '0002.DNG';
        $report = $this->copy(card: $card);
        $this->assertSame(3, $report->files);
        $this->assertSame('DCIM/100OSTVK/OSTV0002.DNG', $report->skipped[0]->name);
        $this->assertFalse($report->isWhole(allowSkips: true));
        $this->assertTrue($report->destinations[0]->verified);
        $this->assertTrue($this->isValid('fir'));
    }

    public function test_a_file_that_grows_while_it_is_read_is_not_taken(): void
    {
        $card = new FaultyVolume($this->temp.'/card');
        $card->growsWhileRead = '0002.DNG';
        $report = $this->copy(card: $card);
        unset($this->cardBefore['DCIM/100OSTVK/OSTV0002.DNG']);
        $this->assertStringContainsString('changed', $report->skipped[0]->why);
        $this->assertFileDoesNotExist($this->temp.'/fir/load/data/DCIM/100OSTVK/OSTV0002.DNG');
        $this->assertTrue($this->isValid('fir'));
    }

    public function test_links_special_files_and_odd_bytes_are_listed_and_left(): void
    {
        symlink('/etc/hostname', $this->temp.'/card/DCIM/link.jpg');
        posix_mkfifo($this->temp.'/card/DCIM/pipe.jpg', 0600);
        file_put_contents($this->temp."/card/DCIM/odd\xFFname.jpg", 'x');
        $report = $this->copy();
        $this->assertEqualsCanonicalizing(
            ['DCIM/link.jpg', 'DCIM/pipe.jpg', 'DCIM/odd%FFname.jpg'],
            array_column($report->skipped, 'name'),
        );
        $this->assertFalse($report->isWhole());
        $this->assertFalse($report->isWhole(allowSkips: true), 'an odd name is a frame that was left behind');
        $this->assertTrue($this->isValid('fir'));
    }

    public function test_a_folder_that_goes_too_deep_is_named_and_the_rest_is_copied(): void
    {
        $this->file('card/'.str_repeat('d/', 70).'deep.jpg', 'x');
        $report = $this->copy();
        $this->assertSame([4, 'a folder that cannot be looked into'], [$report->files, $report->skipped[0]->why]);
        $this->assertFalse($report->isWhole(allowSkips: true));
        $this->assertTrue($this->isValid('fir'));
    }

    public function test_names_with_line_breaks_and_per_cents_survive(): void
    {
        $this->file("card/100%\r\nsure.jpg", 'x');
        $this->cardBefore = $this->contentsOf($this->temp.'/card');
        $this->assertTrue($this->copy()->isWhole());
        $this->assertWhole('fir');
        $this->assertStringContainsString(
            'data/100%25%0D%0Asure.jpg',
            (string) file_get_contents($this->temp.'/fir/load/'.BagLayout::MANIFEST),
        );
    }

    public function test_a_link_inside_an_unfinished_bag_is_not_written_through(): void
    {
        $this->folder('elsewhere');
        $this->folder('fir/load');
        file_put_contents($this->temp.'/fir/load/'.BagLayout::UNFINISHED, '');
        symlink($this->temp.'/elsewhere', $this->temp.'/fir/load/data');
        $report = $this->copy();
        $this->assertFalse($report->destinations[0]->verified);
        $this->assertSame([], $this->contentsOf($this->temp.'/elsewhere'));
    }

    /** The power goes before any one operation on a drive; the next run ends whole. */
    public function test_after_a_power_cut_at_any_point_the_next_run_ends_whole(): void
    {
        $count = new FaultyVolume($this->temp.'/fir');
        $this->copy(fir: $count);
        $points = $count->operations();
        $this->assertGreaterThan(20, $points);
        for ($point = 0; $point < $points; $point++) {
            exec('rm -rf '.escapeshellarg($this->temp.'/fir').' '.escapeshellarg($this->temp.'/birch'));
            $this->folder('fir');
            $this->folder('birch');
            $dying = new FaultyVolume($this->temp.'/fir');
            $dying->diesAfter = $point;
            try {
                $this->copy(fir: $dying);
                $this->fail("The power did not go at {$point}.");
            } catch (PowerCut) {
                // What is left must never pass for a whole bag unless it is one.
            }
            if ($this->isValid('fir')) {
                $this->assertWhole('fir');
            }
            $this->assertTrue($this->copy()->isWhole(), "after a power cut at {$point}");
            $this->assertWhole('fir');
            $this->assertWhole('birch');
        }
    }

    /** The same while frames are added to a finished bag. */
    public function test_a_power_cut_while_adding_never_costs_what_was_there(): void
    {
        $this->copy();
        exec('cp -r '.escapeshellarg($this->temp.'/fir').' '.escapeshellarg($this->temp.'/kept'));
        $this->file('card/DCIM/101OSTVK/OSTV0002.DNG', random_bytes(9000));
        $this->cardBefore = $this->contentsOf($this->temp.'/card');
        for ($point = 0; $point < 12; $point++) {
            exec(
                'rm -rf '.
                    escapeshellarg($this->temp.'/fir').
                    ' && cp -r '.
                    escapeshellarg($this->temp.'/kept').
                    ' '.
                    escapeshellarg($this->temp.'/fir'),
            );
            $dying = new FaultyVolume($this->temp.'/fir');
            $dying->diesAfter = $point;
            try {
                $this->copy(fir: $dying);
            } catch (PowerCut) {
                // Either still the old bag, or an unfinished one.
            }
            $this->assertTrue($this->copy()->isWhole(), "after a power cut at {$point}");
            $this->assertWhole('fir');
        }
    }

    public function test_progress_runs_to_the_end_through_all_phases(): void
    {
        $progress = new class implements Progress
        {
            /** @var list<array{CopyPhase, int, int}> */
            public array $told = [];

            public function at(CopyPhase $phase, int $bytesDone, int $bytesTotal, string $file): void
            {
                $this->told[] = [$phase, $bytesDone, $bytesTotal];
            }
        };
        $this->copy(progress: $progress);
        $done = array_column($progress->told, 1);
        $sorted = $done;
        sort($sorted);
        $this->assertSame($sorted, $done);
        $this->assertSame(3 * 2_390_000, end($progress->told)[2], 'one read of the card, one read-back of each drive');
        $this->assertSame(3 * 2_390_000, end($done));
        $this->assertSame(
            [CopyPhase::Copying, CopyPhase::ReadingBack],
            array_values(array_unique(array_column($progress->told, 0), SORT_REGULAR)),
        );
    }
}
