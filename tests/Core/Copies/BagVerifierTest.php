<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use NorthSatchel\Copies\BagCheck;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\TempFolder;

/** Bags written by hand here, as others write them (RFC 8493). */
final class BagVerifierTest extends TestCase
{
    use TempFolder;

    /** @param  list<string>  $algorithms */
    private function bag(array $algorithms = ['sha256']): void
    {
        $files = ['data/one.jpg' => 'first', 'data/deep/two words.dng' => 'second', 'data/odd%name.txt' => 'third'];
        foreach ($files as $path => $bytes) {
            $this->file('bag/'.$path, $bytes);
        }
        $this->file('bag/bagit.txt', "BagIt-Version: 0.97\nTag-File-Character-Encoding: UTF-8\n");
        $this->file('bag/bag-info.txt', "Source-Organization: Somebody else\nPayload-Oxum: 16.3\n");
        foreach ($algorithms as $algorithm) {
            $lines = '';
            foreach ($files as $path => $bytes) {
                $lines .= strtoupper(hash($algorithm, $bytes)).' *'.str_replace('%', '%25', $path)."\r\n";
            }
            $this->file("bag/manifest-{$algorithm}.txt", $lines);
        }
    }

    private function check(): BagCheck
    {
        return (new BagVerifier(LocalVolume::at($this->temp.'/bag')))->check();
    }

    /** @return array<string, array{list<string>}> */
    public static function algorithms(): array
    {
        return ['md5' => [['md5']], 'sha256' => [['sha256']], 'sha512' => [['sha512']], 'two at once' => [['md5', 'sha512']]];
    }

    /** @param  list<string>  $algorithms */
    #[DataProvider('algorithms')]
    public function test_bags_of_others_are_checked(array $algorithms): void
    {
        $this->bag($algorithms);
        $check = $this->check();
        $this->assertTrue($check->valid);
        $this->assertSame(3, $check->files);
        file_put_contents($this->temp.'/bag/data/one.jpg', 'fIrst');
        $this->assertSame(['data/one.jpg'], $this->check()->damaged);
        $this->assertFalse($this->check()->valid);
    }

    /** @return array<string, array{string, string}> what the drive does not give, and what is then named */
    public static function unreadable(): array
    {
        return [
            'a picture' => ['one.jpg', 'data/one.jpg'],
            'a list' => ['manifest-sha512.txt', 'manifest-sha512.txt'],
            'the declaration' => ['bagit.txt', 'bagit.txt'],
            'the info' => ['bag-info.txt', 'bag-info.txt'],
        ];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_damaged_and_the_rest_is_checked(string $file, string $named): void
    {
        $this->bag(['sha256', 'sha512']);
        $drive = new FaultyVolume($this->temp.'/bag');
        $drive->unreadable = $file;
        $check = (new BagVerifier($drive))->check();
        $this->assertFalse($check->valid);
        $this->assertSame([$named], $check->damaged);
        $this->assertSame([], $check->missing);
    }

    public function test_a_list_of_an_unknown_kind_is_passed_over(): void
    {
        $this->bag();
        $this->file('bag/manifest-whirl9.txt', "00  data/one.jpg\n");
        $this->assertTrue($this->check()->valid);
    }

    public function test_what_is_missing_and_what_is_extra_is_named(): void
    {
        $this->bag();
        unlink($this->temp.'/bag/data/deep/two words.dng');
        $this->file('bag/data/sneaked in.jpg', 'x');
        $check = $this->check();
        $this->assertSame(['data/deep/two words.dng'], $check->missing);
        $this->assertSame(['data/sneaked in.jpg'], $check->extra);
        $this->assertFalse($check->valid);
    }

    public function test_a_file_that_only_one_of_two_lists_names_is_extra(): void
    {
        $this->bag(['md5', 'sha256']);
        $this->file('bag/manifest-md5.txt', hash('md5', 'first')."  data/one.jpg\n");
        $this->assertFalse($this->check()->valid);
    }

    public function test_a_changed_tag_file_is_found(): void
    {
        $this->bag();
        $this->file('bag/tagmanifest-sha256.txt', hash('sha256', 'another text').'  bag-info.txt'."\n");
        $this->assertSame(['bag-info.txt'], $this->check()->damaged);
    }

    public function test_a_payload_of_another_size_than_stated_is_invalid(): void
    {
        $this->bag();
        $this->file('bag/bag-info.txt', "Payload-Oxum: 17.3\n");
        $this->assertFalse($this->check()->valid);
    }

    public function test_links_are_not_followed(): void
    {
        $this->bag();
        rename($this->temp.'/bag/data/one.jpg', $this->temp.'/outside.jpg');
        symlink($this->temp.'/outside.jpg', $this->temp.'/bag/data/one.jpg');
        $check = $this->check();
        $this->assertSame(['data/one.jpg'], $check->missing);
        $this->assertFalse($check->valid);
    }

    /** @return array<string, array{string}> */
    public static function ways(): array
    {
        return ['up' => ['data/../../outside.jpg'], 'from the root' => ['/etc/hostname'], 'home' => ['~/outside.jpg']];
    }

    #[DataProvider('ways')]
    public function test_paths_that_lead_out_are_never_opened(string $path): void
    {
        $this->bag();
        $this->file('outside.jpg', 'outside');
        file_put_contents($this->temp.'/bag/manifest-sha256.txt', hash('sha256', 'outside')."  {$path}\n", FILE_APPEND);
        $check = $this->check();
        $this->assertContains($path, $check->missing);
        $this->assertFalse($check->valid);
    }

    public function test_a_list_with_a_broken_line_is_damaged(): void
    {
        $this->bag();
        $this->file('bag/manifest-sha256.txt', "this is no line of a manifest\n");
        $this->assertContains('manifest-sha256.txt', $this->check()->damaged);
    }

    public function test_a_broken_declaration_is_damaged(): void
    {
        $this->bag();
        $this->file('bag/bagit.txt', "BagIt-Version: one\n");
        $this->assertSame(['bagit.txt'], $this->check()->damaged);
    }

    public function test_an_unfinished_copy_is_never_valid(): void
    {
        $this->bag();
        $this->file('bag/copy-unfinished.txt', '');
        $this->assertFalse($this->check()->valid);
        $this->assertTrue($this->check()->unfinished);
    }

    public function test_without_any_list_a_bag_is_not_valid(): void
    {
        $this->bag([]);
        $this->assertFalse($this->check()->valid);
    }

    public function test_another_folder_is_no_bag(): void
    {
        $this->folder('bag');
        $this->expectException(BrokenBag::class);
        $this->check();
    }
}
