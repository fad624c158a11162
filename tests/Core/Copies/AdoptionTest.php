<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use NorthSatchel\Copies\Adoption;
use NorthSatchel\Copies\Digest;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\TempFolder;

/** A folder that somebody copied to by hand: told by content, read only. */
final class AdoptionTest extends TestCase
{
    use TempFolder;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = $this->folder('by-hand');
        mkdir("{$this->folder}/deep/er", 0777, true);
        file_put_contents("{$this->folder}/deep/er/another name.bin", 'the first frame');
        file_put_contents("{$this->folder}/b.dng", 'the other frame');
        file_put_contents("{$this->folder}/notes.txt", 'of quite another length');
    }

    private static function hash(string $text): string
    {
        return Digest::ofText($text);
    }

    public function test_contents_are_found_whatever_they_are_called(): void
    {
        $read = [];
        $found = new Adoption(LocalVolume::at($this->folder), [15], static function (int $bytes, string $path) use (&$read): void {
            $read[] = basename($path);
        });
        $this->assertTrue($found->has(self::hash('the first frame')));
        $this->assertTrue($found->has(self::hash('the other frame')));
        $this->assertFalse($found->has(self::hash('the third frame')));
        sort($read);
        $this->assertSame(['another name.bin', 'b.dng'], $read, 'what has another size is not read');
        $this->assertFalse((new Adoption(LocalVolume::at($this->folder), []))->has(self::hash('the first frame')));
    }

    public function test_a_turned_bit_and_a_short_file_are_no_copies(): void
    {
        file_put_contents("{$this->folder}/b.dng", 'the other frbme');
        file_put_contents("{$this->folder}/deep/er/another name.bin", 'the first');
        $found = new Adoption(LocalVolume::at($this->folder), [15, 9]);
        $this->assertFalse($found->has(self::hash('the other frame')));
        $this->assertFalse($found->has(self::hash('the first frame')));
    }

    public function test_links_are_not_followed_and_what_cannot_be_read_is_named(): void
    {
        $outside = $this->folder('outside').'/c.dng';
        file_put_contents($outside, 'a linked frame!');
        symlink($outside, "{$this->folder}/link.dng");
        $volume = new FaultyVolume($this->folder);
        $volume->unreadable = 'b.dng';
        $found = new Adoption($volume, [15]);
        $this->assertFalse($found->has(self::hash('a linked frame!')));
        $this->assertSame(['b.dng'], $found->unreadable);
        $this->assertTrue($found->has(self::hash('the first frame')), 'the rest is looked through all the same');
    }
}
