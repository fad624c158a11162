<?php

declare(strict_types=1);

namespace Tests\Core\CommandLine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\CommandLine;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

/** permit as docs/compute.md states it, and that copy says verified only where verify says valid. */
final class PermitCommandTest extends TestCase
{
    use CommandLine;
    use TempFolder;

    protected function setUp(): void
    {
        foreach (
            ['JPG' => Pictures::jpeg(1), 'DNG' => Pictures::dng(1), 'MOV' => random_bytes(9000), 'HIF' => random_bytes(900)] as $ending => $bytes
        ) {
            $this->file("card/DCIM/100OSTVK/OSTV0001.{$ending}", $bytes);
        }
        $this->file('card/.DS_Store', 'from a computer');
        foreach (['fir', 'birch'] as $place) {
            $this->folder($place);
        }
        $this->satchel([
            'copy',
            "{$this->temp}/card",
            '--to',
            "{$this->temp}/fir",
            '--to',
            "{$this->temp}/birch",
            '--name',
            'load',
            '--json',
        ]);
    }

    /**
     * @param  list<string>  $more
     * @return array{exit: int, granted: bool, files: int, safe: int, unsafe: list<array{name: string, why: string,
     *     on: list<string>}>, media: list<array{bag: string, medium: string, said: bool}>}
     */
    private function permit(array $more = ['%/fir/load', '--medium', 'Fir', '%/birch/load', '--medium', 'Birch']): array
    {
        $run = $this->satchel([
            'permit',
            "{$this->temp}/card",
            ...array_map(fn (string $a): string => str_replace('%', $this->temp, $a), $more),
            '--json',
        ]);
        $this->assertLessThanOrEqual(1, $run['exit'], $run['err']);

        return [...json_decode($run['out'], true, 16, JSON_THROW_ON_ERROR), 'exit' => $run['exit']];
    }

    public function test_all_of_it_on_two_media_by_the_owners_word(): void
    {
        $answer = $this->permit();
        $this->assertSame([0, true, 5, 5, []], [$answer['exit'], $answer['granted'], $answer['files'], $answer['safe'], $answer['unsafe']]);
        $this->assertSame(
            [
                ['bag' => "{$this->temp}/fir/load", 'medium' => 'Fir', 'said' => true],
                ['bag' => "{$this->temp}/birch/load", 'medium' => 'Birch', 'said' => true],
            ],
            $answer['media'],
        );
    }

    public function test_two_folders_on_one_disk_are_one_medium_and_so_is_one_named_and_one_not(): void
    {
        $answer = $this->permit(['%/fir/load', '%/birch/load']);
        $this->assertSame([1, false, 0], [$answer['exit'], $answer['granted'], $answer['safe']]);
        $this->assertSame($answer['media'][0]['medium'], $answer['media'][1]['medium']);
        $this->assertCount(1, $answer['unsafe'][0]['on']);
        $mixed = $this->permit(['%/fir/load', '--medium', 'Fir', '%/birch/load']);
        $this->assertSame([false, true, false], [$mixed['granted'], $mixed['media'][0]['said'], $mixed['media'][1]['said']]);
        $this->assertFalse(
            $this->permit(['%/fir/load', '--medium', 'Fir', '%/fir/load', '--medium', 'Birch'])['granted'],
            'one folder under two names',
        );
        $this->assertFalse($this->permit(['%/fir/load', '--medium', 'Fir', '%/birch/load', '--medium', 'Fir'])['granted'], 'one name');
        $this->assertTrue($this->permit(['%/fir/load', '--copies', '1'])['granted']);
        $this->assertFalse(
            $this->permit(['%/fir/load', '--medium', 'Fir', '%/birch/load', '--medium', 'Birch', '--copies', '3'])['granted'],
        );
    }

    /** @return array<string, array{\Closure(string): void, list<string>}> what is done, and which files are not safe then */
    public static function deeds(): array
    {
        $film = 'DCIM/100OSTVK/OSTV0001.MOV';

        return [
            'a picture changed on the card after the copy, its size and time put back' => [
                static function (string $t) use ($film): void {
                    $file = "{$t}/card/{$film}";
                    $time = filemtime($file);
                    $bytes = (string) file_get_contents($file);
                    file_put_contents($file, chr(ord($bytes[0]) ^ 1).substr($bytes, 1));
                    touch($file, (int) $time);
                },
                [$film],
            ],
            'a file added to the card' => [static fn (string $t) => file_put_contents("{$t}/card/late.WAV", 'one more'), ['late.WAV']],
            'a byte of a copy rotted' => [
                static fn (string $t) => file_put_contents("{$t}/fir/load/data/{$film}", 'x', FILE_APPEND),
                [$film],
            ],
            'a copy deleted, its list still naming it' => [static fn (string $t) => unlink("{$t}/birch/load/data/{$film}"), [$film]],
            'a copy moved outside of data' => [
                static fn (string $t) => rename("{$t}/birch/load/data/{$film}", "{$t}/birch/load/film.MOV"),
                [$film],
            ],
            'a copy replaced by a link to the card' => [
                static function (string $t) use ($film): void {
                    unlink("{$t}/birch/load/data/{$film}");
                    symlink("{$t}/card/{$film}", "{$t}/birch/load/data/{$film}");
                },
                [$film],
            ],
            'a copy replaced by the very file of the card, under a second name' => [
                static function (string $t) use ($film): void {
                    unlink("{$t}/birch/load/data/{$film}");
                    link("{$t}/card/{$film}", "{$t}/birch/load/data/{$film}");
                },
                [$film],
            ],
            'the declaration gone' => [
                static fn (string $t) => unlink("{$t}/birch/load/bagit.txt"),
                ['.DS_Store', 'DCIM/100OSTVK/OSTV0001.DNG', 'DCIM/100OSTVK/OSTV0001.HIF', 'DCIM/100OSTVK/OSTV0001.JPG', $film],
            ],
            'a list that says otherwise beside the true one' => [
                static fn (string $t) => file_put_contents("{$t}/birch/load/manifest-md5.txt", md5('x')."  data/{$film}\n"),
                [$film],
            ],
            'the copy under another name, listed by it' => [
                static function (string $t) use ($film): void {
                    rename("{$t}/birch/load/data/{$film}", "{$t}/birch/load/data/other.bin");
                    $list = "{$t}/birch/load/manifest-blake2b512.txt";
                    file_put_contents($list, str_replace("data/{$film}", 'data/other.bin', (string) file_get_contents($list)));
                },
                [],
            ],
            'a link and a pipe on the card' => [
                static function (string $t): void {
                    symlink('/etc/hostname', "{$t}/card/link");
                    posix_mkfifo("{$t}/card/pipe", 0600);
                },
                ['link', 'pipe'],
            ],
        ];
    }

    /**
     * @param  \Closure(string): void  $deed
     * @param  list<string>  $unsafe
     */
    #[DataProvider('deeds')]
    public function test_content_decides(\Closure $deed, array $unsafe): void
    {
        $deed($this->temp);
        $answer = $this->permit();
        $this->assertSame($unsafe, array_column($answer['unsafe'], 'name'));
        $this->assertSame($unsafe === [], $answer['granted']);
        $this->assertSame($unsafe === [] ? 0 : 1, $answer['exit']);
        $odd = array_filter($answer['unsafe'], static fn (array $u): bool => $u['why'] === 'not a file');
        $this->assertSame($answer['files'], $answer['safe'] + count($unsafe) - count($odd));
    }

    public function test_a_damaged_card_wants_its_twins_frame_in_the_bags(): void
    {
        $file = 'DCIM/100OSTVK/OSTV0001.JPG';
        exec('cp -a '.escapeshellarg("{$this->temp}/card").' '.escapeshellarg("{$this->temp}/twin"));
        file_put_contents("{$this->temp}/card/{$file}", substr(Pictures::jpeg(1), 0, 3000));
        $both = ['%/fir/load', '--medium', 'Fir', '%/birch/load', '--medium', 'Birch'];
        $this->assertSame([$file], array_column($this->permit($both)['unsafe'], 'name'));
        $this->assertTrue($this->permit([...$both, '--twin', '%/twin'])['granted'], 'the whole one of the twin lies in both');
    }

    /** @return array<string, array{list<string>}> */
    public static function unusable(): array
    {
        return [
            'no card' => [['%/nothing', '%/fir/load']],
            'no bag' => [['%/card']],
            'a missing bag' => [['%/card', '%/fir/none']],
            'a card without files' => [['%/fir/hollow', '%/birch/load']],
            'no copies' => [['%/card', '%/fir/load', '--copies', '0']],
            'half a copy' => [['%/card', '%/fir/load', '--copies', '1.5']],
            'a bag inside the card' => [['%/card', '%/card/DCIM']],
            'the card inside a bag' => [['%/fir/load/data', '%/fir/load']],
            'by a link' => [['%/card', '%/door']],
            'a name of a medium before any bag' => [['%/card', '--medium', 'Fir', '%/fir/load']],
            'no name of a medium' => [['%/card', '%/fir/load', '--medium', ' ']],
            'an unknown option' => [['%/card', '%/fir/load', '--force']],
            'a twin that is not there' => [['%/card', '%/fir/load', '--twin', '%/none']],
            'the card as its own twin' => [['%/card', '%/fir/load', '--twin', '%/card']],
        ];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('unusable')]
    public function test_unusable_input_is_an_exit_of_2(array $arguments): void
    {
        $this->folder('fir/hollow/DCIM');
        symlink("{$this->temp}/card/DCIM", "{$this->temp}/door");
        $run = $this->satchel(['permit', ...array_map(fn (string $a): string => str_replace('%', $this->temp, $a), $arguments), '--json']);
        $this->assertSame([2, ''], [$run['exit'], $run['out']], $run['err']);
        $this->assertSame(1, substr_count($run['err'], "\n"), $run['err']);
    }

    /** @return array<string, array{\Closure(string): void}> what somebody does to a finished bag */
    public static function forgeries(): array
    {
        return [
            'nothing' => [static function (): void {}],
            'a file more' => [static fn (string $bag) => file_put_contents("{$bag}/data/extra.txt", 'x')],
            'a pipe more' => [static fn (string $bag) => posix_mkfifo("{$bag}/data/pipe", 0600)],
            'a link more' => [static fn (string $bag) => symlink('/etc/hostname', "{$bag}/data/link")],
            'an empty list' => [static fn (string $bag) => file_put_contents("{$bag}/manifest-blake2b512.txt", '')],
            'a line that leads out' => [
                static fn (string $bag) => file_put_contents(
                    "{$bag}/manifest-blake2b512.txt",
                    str_repeat('0', 128)."  ../../card/.DS_Store\n",
                    FILE_APPEND,
                ),
            ],
            'a line of a file that is not there' => [
                static fn (string $bag) => file_put_contents(
                    "{$bag}/manifest-blake2b512.txt",
                    str_repeat('0', 128)."  data/none\n",
                    FILE_APPEND,
                ),
            ],
            'the same, with the tag manifest made to fit' => [
                static function (string $bag): void {
                    file_put_contents("{$bag}/manifest-blake2b512.txt", str_repeat('0', 128)."  data/none\n", FILE_APPEND);
                    unlink("{$bag}/tagmanifest-blake2b512.txt");
                },
            ],
            'a payload that rotted and is not on the card any more' => [
                static function (string $bag): void {
                    $old = "{$bag}/data/old.jpg";
                    file_put_contents($old, 'old');
                    $hash = explode(' ', (string) shell_exec('b2sum '.escapeshellarg($old)))[0];
                    file_put_contents("{$bag}/manifest-blake2b512.txt", "{$hash}  data/old.jpg\n", FILE_APPEND);
                    unlink("{$bag}/tagmanifest-blake2b512.txt");
                    file_put_contents($old, 'OLD');
                },
            ],
            'a second list that lacks a file' => [
                static fn (string $bag) => file_put_contents(
                    "{$bag}/manifest-md5.txt",
                    md5_file("{$bag}/data/.DS_Store")."  data/.DS_Store\n",
                ),
            ],
            'the sum of sizes forged' => [
                static function (string $bag): void {
                    file_put_contents(
                        "{$bag}/bag-info.txt",
                        str_replace('Payload-Oxum: ', 'Payload-Oxum: 9', (string) file_get_contents("{$bag}/bag-info.txt")),
                    );
                    unlink("{$bag}/tagmanifest-blake2b512.txt");
                },
            ],
        ];
    }

    /** @param  \Closure(string): void  $forge */
    #[DataProvider('forgeries')]
    public function test_copy_says_verified_only_where_verify_says_valid(\Closure $forge): void
    {
        $bag = "{$this->temp}/fir/load";
        $forge($bag);
        $copy = $this->satchel(['copy', "{$this->temp}/card", '--to', "{$this->temp}/fir", '--name', 'load', '--json']);
        $verify = $this->satchel(['verify', $bag, '--json']);
        $isValid = json_decode($verify['out'], true, 16, JSON_THROW_ON_ERROR)['valid'];
        $verified = $copy['out'] !== '' && json_decode($copy['out'], true, 16, JSON_THROW_ON_ERROR)['destinations'][0]['verified'];
        $this->assertSame($isValid, $verified, $copy['err'].$verify['out']);
        $this->assertSame($isValid ? 0 : 1, $copy['exit']);
    }

    public function test_a_bag_without_payload_is_not_valid(): void
    {
        $this->file('hollow/bagit.txt', "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n");
        $this->file('hollow/manifest-sha256.txt', '');
        $this->folder('hollow/data');
        $run = $this->satchel(['verify', "{$this->temp}/hollow", '--json']);
        $this->assertSame([1, false], [$run['exit'], json_decode($run['out'], true)['valid']]);
    }

    public function test_a_name_as_long_as_a_file_system_takes_is_copied(): void
    {
        $long = str_repeat('ä', 125).'x.JPG';
        $this->assertSame(255, strlen($long));
        $this->file("card/DCIM/{$long}", 'a picture');
        $run = $this->satchel(['copy', "{$this->temp}/card", '--to', "{$this->temp}/fir", '--name', 'long', '--json']);
        $this->assertSame(0, $run['exit'], $run['err']);
        $this->assertFileExists("{$this->temp}/fir/long/data/DCIM/{$long}");
        $this->assertSame(0, $this->satchel(['verify', "{$this->temp}/fir/long"])['exit']);
    }

    public function test_nothing_is_written_onto_a_card(): void
    {
        $this->file('other card/DCIM/100OSTVK/OSTV0001.JPG', 'x');
        symlink("{$this->temp}/other card/DCIM", "{$this->temp}/innocent");
        foreach (['other card', 'other card/DCIM/100OSTVK', 'innocent', 'card/DCIM'] as $to) {
            $before = $this->contentsOf($this->temp);
            $run = $this->satchel(['copy', "{$this->temp}/card", '--to', "{$this->temp}/{$to}", '--name', 'x', '--json']);
            $this->assertSame(2, $run['exit'], $to);
            $this->assertStringContainsString('card', $run['err']);
            $this->assertSame($before, $this->contentsOf($this->temp));
        }
        $run = $this->satchel(['copy', "{$this->temp}/card", '--to', $this->temp, '--name', 'card', '--json']);
        $this->assertSame(2, $run['exit'], 'a bag that would be the card itself');
    }
}
