<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

/** twin, copy and verify as docs/compute.md states them. */
final class FilesTest extends TestCase
{
    use CommandLine;
    use TempFolder;

    protected function setUp(): void
    {
        foreach (['a', 'b'] as $card) {
            foreach ([1, 2] as $number) {
                $this->file(sprintf('%s/DCIM/100OSTVK/OSTV%04d.JPG', $card, $number), Pictures::jpeg($number));
                $this->file(sprintf('%s/DCIM/100OSTVK/OSTV%04d.DNG', $card, $number), Pictures::dng($number));
            }
        }
        $this->folder('fir');
        $this->folder('birch');
    }

    /**
     * @param  list<string>  $arguments
     * @return array{answer: array<string, mixed>, exit: int, err: string}
     */
    private function json(array $arguments): array
    {
        $run = $this->satchel([...$arguments, '--json']);
        $this->assertLessThanOrEqual(1, substr_count($run['err'], "\n"), $run['err']);

        return ['answer' => json_decode($run['out'], true, 16, JSON_THROW_ON_ERROR), 'exit' => $run['exit'], 'err' => $run['err']];
    }

    /** @return list<string> */
    private function copyArguments(string ...$more): array
    {
        return ['copy', "{$this->temp}/a", '--to', "{$this->temp}/fir", '--to', "{$this->temp}/birch", '--name', 'load 1', ...$more];
    }

    public function test_twin_of_twins(): void
    {
        $run = $this->json(['twin', "{$this->temp}/a", "{$this->temp}/b"]);
        $this->assertSame(0, $run['exit']);
        $this->assertSame(
            [
                'frames' => 2,
                'files' => 4,
                'identical' => 4,
                'only_in_a' => [],
                'only_in_b' => [],
                'different' => [],
                'verdict' => 'twins',
            ],
            $run['answer'],
        );
    }

    public function test_twin_of_a_damaged_pair_with_an_odd_name(): void
    {
        file_put_contents($this->temp.'/b/DCIM/100OSTVK/OSTV0001.JPG', substr(Pictures::jpeg(1), 0, 7000));
        file_put_contents($this->temp."/a/DCIM/n\xE9.JPG", Pictures::jpeg(9));
        $run = $this->json(['twin', "{$this->temp}/a", "{$this->temp}/b"]);
        $this->assertSame(1, $run['exit']);
        $this->assertSame('repairable', $run['answer']['verdict']);
        $this->assertSame(['DCIM/n%E9.JPG'], $run['answer']['only_in_a']);
        $this->assertSame([['name' => 'DCIM/100OSTVK/OSTV0001.JPG', 'a' => 'intact', 'b' => 'damaged']], $run['answer']['different']);
    }

    public function test_copy_then_verify_from_another_folder(): void
    {
        $run = $this->json($this->copyArguments());
        $this->assertSame(0, $run['exit'], $run['err']);
        $this->assertSame(['files', 'bytes', 'destinations', 'skipped', 'seconds'], array_keys($run['answer']));
        $this->assertSame(
            ['path' => "{$this->temp}/fir", 'verified' => true, 'files' => 4, 'reused' => 0],
            $run['answer']['destinations'][0],
        );
        $verify = $this->json(['verify', "{$this->temp}/birch/load 1"]);
        $this->assertSame(0, $verify['exit']);
        $this->assertSame(['valid' => true, 'files' => 4, 'missing' => [], 'damaged' => [], 'extra' => []], $verify['answer']);
        $again = $this->json($this->copyArguments());
        $this->assertSame([0, 4], [$again['exit'], $again['answer']['destinations'][1]['reused']]);
    }

    public function test_a_link_on_the_card_is_an_exit_of_1_unless_allowed(): void
    {
        symlink('/etc/hostname', $this->temp.'/a/link.jpg');
        $this->assertSame(1, $this->json($this->copyArguments())['exit']);
        $allowed = $this->json($this->copyArguments('--allow-skips'));
        $this->assertSame(0, $allowed['exit']);
        $this->assertSame('link.jpg', $allowed['answer']['skipped'][0]['name']);
    }

    public function test_other_content_in_a_finished_bag_is_an_exit_of_1_with_a_word(): void
    {
        $this->json($this->copyArguments());
        $this->file('a/DCIM/100OSTVK/OSTV0001.JPG', Pictures::jpeg(55));
        $run = $this->satchel($this->copyArguments('--json'));
        $this->assertSame(1, $run['exit']);
        $this->assertStringContainsString('OSTV0001.JPG', $run['err']);
        $this->assertSame(1, substr_count($run['err'], "\n"));
    }

    public function test_verify_tells_damage_from_no_bag(): void
    {
        $this->json($this->copyArguments());
        file_put_contents($this->temp.'/fir/load 1/data/DCIM/100OSTVK/OSTV0002.DNG', 'x', FILE_APPEND);
        $run = $this->json(['verify', "{$this->temp}/fir/load 1"]);
        $this->assertSame(1, $run['exit']);
        $this->assertSame(['data/DCIM/100OSTVK/OSTV0002.DNG'], $run['answer']['damaged']);
        $this->assertSame(2, $this->satchel(['verify', "{$this->temp}/a", '--json'])['exit']);
    }

    /** @return array<string, array{list<string>}> */
    public static function unusable(): array
    {
        return [
            'no card' => [['copy', '%/nothing', '--to', '%/fir', '--name', 'x']],
            'no destination' => [['copy', '%/a', '--name', 'x']],
            'a missing destination' => [['copy', '%/a', '--to', '%/oak', '--name', 'x']],
            'a destination inside the card' => [['copy', '%/a', '--to', '%/a/DCIM', '--name', 'x']],
            'the card itself' => [['copy', '%/a', '--to', '%/a', '--name', 'x']],
            'the same twice' => [['copy', '%/a', '--to', '%/fir', '--to', '%/fir/../fir', '--name', 'x']],
            'a name that is a path' => [['copy', '%/a', '--to', '%/fir', '--name', '../x']],
            'no name' => [['copy', '%/a', '--to', '%/fir']],
            'an unknown option' => [['copy', '%/a', '--to', '%/fir', '--name', 'x', '--force']],
            'an empty card' => [['copy', '%/birch', '--to', '%/fir', '--name', 'x']],
            'twin of one' => [['twin', '%/a']],
            'twin of a card and itself' => [['twin', '%/a', '%/a/../a']],
            'twin with nothing' => [['twin', '%/a', '%/nothing']],
            'verify nothing' => [['verify', '%/nothing']],
        ];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('unusable')]
    public function test_unusable_input_is_an_exit_of_2_and_writes_nothing(array $arguments): void
    {
        $before = $this->contentsOf($this->temp);
        $run = $this->satchel([...array_map(fn (string $a): string => str_replace('%', $this->temp, $a), $arguments), '--json']);
        $this->assertSame(2, $run['exit'], $run['err']);
        $this->assertSame('', $run['out']);
        $this->assertSame(1, substr_count($run['err'], "\n"), $run['err']);
        $this->assertSame($before, $this->contentsOf($this->temp));
    }

    public function test_nine_destinations_are_too_many(): void
    {
        $to = [];
        for ($i = 1; $i <= 9; $i++) {
            $to = [...$to, '--to', $this->folder("d{$i}")];
        }
        $this->assertSame(2, $this->satchel(['copy', "{$this->temp}/a", ...$to, '--name', 'x', '--json'])['exit']);
    }

    /** A copier killed at random moments goes on, and what it leaves is never valid before it is whole. */
    public function test_a_killed_copy_goes_on_where_it_stopped(): void
    {
        for ($i = 10; $i < 60; $i++) {
            $this->file("a/DCIM/100OSTVK/OSTV00{$i}.DNG", random_bytes(300_000));
        }
        $before = $this->contentsOf($this->temp.'/a');
        foreach ([30_000, 90_000, 150_000, 220_000, 300_000] as $microseconds) {
            $pipes = [];
            $process = proc_open(
                ['php', dirname(__DIR__, 3).'/bin/satchel.php', ...$this->copyArguments('--json')],
                [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
                $pipes,
            );
            self::assertIsResource($process);
            usleep($microseconds);
            proc_terminate($process, SIGKILL);
            proc_close($process);
            $check = $this->satchel(['verify', "{$this->temp}/fir/load 1", '--json']);
            if ($check['exit'] === 0) {
                $this->assertSame(54, json_decode($check['out'], true)['files']);
            }
        }
        $this->assertSame(0, $this->json($this->copyArguments())['exit']);
        $this->assertSame(0, $this->satchel(['verify', "{$this->temp}/birch/load 1"])['exit']);
        $this->assertSame($before, $this->contentsOf($this->temp.'/a'));
        $this->assertSame($before, $this->contentsOf($this->temp.'/fir/load 1/data'));
    }

    /**
     * Two copies of one card at the same moment: one is made, the other is told; nothing half written stays, and nobody says more than is
     * so.
     */
    public function test_two_copies_at_the_same_time(): void
    {
        for ($i = 10; $i < 40; $i++) {
            $this->file("a/DCIM/100OSTVK/OSTV00{$i}.DNG", random_bytes(200_000));
        }
        $before = $this->contentsOf($this->temp.'/a');
        $told = 0;
        for ($try = 1; $try <= 6; $try++) {
            $running = [];
            foreach ([0, 1] as $which) {
                $pipes = [];
                $process = proc_open(
                    [
                        'php',
                        dirname(__DIR__, 3).'/bin/satchel.php',
                        'copy',
                        "{$this->temp}/a",
                        '--to',
                        "{$this->temp}/fir",
                        '--to',
                        "{$this->temp}/birch",
                        '--name',
                        "load {$try}",
                        '--json',
                    ],
                    [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
                    $pipes,
                );
                self::assertIsResource($process);
                $running[] = [$process, $pipes];
                usleep($which === 0 ? $try * 9_000 : 0);
            }
            $exits = [];
            foreach ($running as [$process, $pipes]) {
                $out = (string) stream_get_contents($pipes[1]);
                $err = (string) stream_get_contents($pipes[2]);
                $exits[] = $exit = proc_close($process);
                if ($exit !== 0) {
                    $told++;
                    $this->assertStringContainsString('another copy is being made into load', $err);
                } else {
                    $this->assertSame([34, 34], array_column(json_decode($out, true)['destinations'], 'files'));
                }
            }
            $this->assertContains(0, $exits, "try {$try}");
            foreach (['fir', 'birch'] as $drive) {
                $this->assertSame($before, $this->contentsOf("{$this->temp}/{$drive}/load {$try}/data"));
                $this->assertSame(0, $this->satchel(['verify', "{$this->temp}/{$drive}/load {$try}"])['exit'], "try {$try}");
            }
        }
        $this->assertGreaterThan(0, $told, 'they met at least once');
    }

    /**
     * What a run that was killed left half written goes with the next, of a file that is no longer on the card too; a file of the card
     * that is called like that stays.
     */
    public function test_what_a_dead_run_left_is_cleared(): void
    {
        $this->file('a/DCIM/100OSTVK/OSTV0009.JPG.satchel-part', 'a name of the card');
        $this->file('fir/load 1/copy-unfinished.txt', '');
        $this->file('fir/load 1/data/DCIM/100OSTVK/GONE0001.DNG.satchel-part', 'half');
        $this->file('fir/load 1/manifest-blake2b512.txt.satchel-part', 'half');
        $this->assertSame(0, $this->json($this->copyArguments())['exit']);
        $this->assertSame($this->contentsOf($this->temp.'/a'), $this->contentsOf($this->temp.'/fir/load 1/data'));
        $this->assertFileDoesNotExist($this->temp.'/fir/load 1/manifest-blake2b512.txt.satchel-part');
    }
}
