<?php

declare(strict_types=1);

namespace Tests\Core\Devices;

use App\Devices\DiskBehind;
use App\Devices\LocalVolume;
use App\Devices\PlaceMark;
use App\Devices\PlaceRule;
use NorthSatchel\Volume\UnableToWrite;
use PHPUnit\Framework\TestCase;
use Tests\Support\TempFolder;

/** What the system says of the disk behind a folder: a small system made of files, laid out as Linux has it (proc(5), sysfs). */
final class DisksTest extends TestCase
{
    use TempFolder;

    /** @param  array<string, string>  $mounts  source, kind and number by where it is mounted */
    private function system(array $mounts): DiskBehind
    {
        $lines = "21 1 8:1 / / rw - ext4 /dev/sda1 rw\n";
        foreach ($mounts as $at => $what) {
            [$source, $kind, $number] = explode(' ', $what);
            $lines .= '30 21 '.$number.' / '.str_replace(' ', '\040', $at)." rw,relatime shared:3 - {$kind} {$source} rw\n";
        }
        $this->file('proc/self/mountinfo', $lines);
        $disk = function (string $name, string $number, ?string $serial, bool $isRemovable = false): void {
            $this->file("sys/devices/pci0/{$name}/block/{$name}/removable", $isRemovable ? "1\n" : "0\n");
            if ($serial !== null) {
                $this->file("sys/devices/pci0/{$name}/serial", "{$serial}\n");
                $this->link("sys/devices/pci0/{$name}/block/{$name}/device", "sys/devices/pci0/{$name}");
            }
            $this->link("sys/dev/block/{$number}", "sys/devices/pci0/{$name}/block/{$name}");
        };
        $part = function (string $disk, string $name, string $number): void {
            $this->file("sys/devices/pci0/{$disk}/block/{$disk}/{$name}/partition", "1\n");
            $this->link("sys/dev/block/{$number}", "sys/devices/pci0/{$disk}/block/{$disk}/{$name}");
        };
        $disk('sda', '8:0', 'INNER-1');
        $part('sda', 'sda1', '8:1');
        $part('sda', 'sda2', '8:2');
        $disk('sdb', '8:16', 'CASE-22');
        $part('sdb', 'sdb1', '8:17');
        $disk('sdc', '8:32', null, isRemovable: true);
        $part('sdc', 'sdc1', '8:33');
        $disk('vdx', '254:48', null);
        $this->file('sys/devices/virtual/block/loop0/loop/backing_file', "/images/card.img\n");
        $this->link('sys/dev/block/7:0', 'sys/devices/virtual/block/loop0');
        foreach (['sda', 'sdb'] as $one) {
            $this->folder('sys/devices/virtual/block/md0/slaves');
            $this->link("sys/devices/virtual/block/md0/slaves/{$one}", "sys/devices/pci0/{$one}/block/{$one}");
        }
        $this->link('sys/dev/block/9:0', 'sys/devices/virtual/block/md0');
        $this->link('dev/disk/by-uuid/AB12-CD34', 'sys/devices/pci0/vdx/block/vdx');

        return new DiskBehind($this->temp);
    }

    private function link(string $at, string $to): void
    {
        $this->folder(dirname($at));
        @symlink("{$this->temp}/{$to}", "{$this->temp}/{$at}");
    }

    public function test_partitions_of_one_disk_lead_to_it_by_the_name_that_it_keeps(): void
    {
        $disks = $this->system(['/media/a' => '/dev/sda2 ext4 8:2', '/media/my drive' => '/dev/sdb1 exfat 8:17']);
        $this->assertSame([['sda'], ['disk INNER-1']], [$disks->of('/media/a/copies')->names, $disks->of('/media/a')->lasting]);
        $this->assertSame(['sda'], $disks->of('/home/me')->names, 'another partition of it');
        $this->assertSame(
            [['sdb'], ['disk CASE-22'], '/media/my drive'],
            [$disks->of('/media/my drive/x')->names, $disks->of('/media/my drive')->lasting, $disks->of('/media/my drive')->mountedAt],
            'the serial number of the case it is in',
        );
    }

    public function test_a_file_system_across_disks_in_a_file_on_a_network_and_in_memory(): void
    {
        $disks = $this->system([
            '/raid' => '/dev/md0 ext4 9:0',
            '/loop' => '/dev/loop0 ext4 7:0',
            '/net' => 'vault:/share nfs4 0:50',
            '/tmp' => 'tmpfs tmpfs 0:40',
            '/whole' => '/dev/vdx exfat 254:48',
            '/reader' => '/dev/sdc1 vfat 8:33',
        ]);
        $this->assertSame(['sda', 'sdb'], $disks->of('/raid')->names);
        $this->assertSame(['sda'], $disks->of('/loop')->names, 'the disk behind the image');
        $this->assertSame([['vault:/share'], ['vault:/share']], [$disks->of('/net/x')->names, $disks->of('/net/x')->lasting]);
        $this->assertSame(
            [[], null],
            [$disks->of('/tmp/x')->names, $disks->of('/tmp/x')->lasting],
            'of what is in memory the system says nothing',
        );
        $this->assertSame(
            [['vdx'], ['volume AB12-CD34']],
            [$disks->of('/whole')->names, $disks->of('/whole')->lasting],
            'a file system on a whole disk names the disk',
        );
        $this->assertSame(
            [['sdc'], null, true],
            [$disks->of('/reader')->names, $disks->of('/reader')->lasting, $disks->of('/reader')->isCardReader],
            'a partition without a serial number does not',
        );
    }

    public function test_what_is_mounted_last_over_a_folder_counts(): void
    {
        $disks = $this->system(['/media/a' => '/dev/sda2 ext4 8:2', '/media/a/b' => '/dev/sdb1 ext4 8:17']);
        $this->assertSame(['sdb'], $disks->of('/media/a/b/c')->names);
        $this->assertSame(['sda'], $disks->of('/media/a/bc')->names);
        $this->assertSame([], (new DiskBehind("{$this->temp}/nowhere"))->of('/media/a')->names);
    }

    public function test_copies_go_onto_no_card_no_partition_of_one_and_into_no_empty_mount_folder(): void
    {
        $rule = new PlaceRule(
            $this->system(['/reader' => '/dev/sdc1 vfat 8:33', '/other' => '/dev/sdc ext4 8:32', '/media/a' => '/dev/sdb1 ext4 8:17']),
        );
        $this->file('etc/fstab', "# drives\n/dev/disk/by-label/fir  /media/fir  ext4  noauto  0 0\n/dev/sdb1 /media/a ext4 defaults 0 0\n");
        $this->assertNull($rule->against('/media/a', ['S01' => '/reader']));
        $this->assertStringContainsString('inside the card S01', (string) $rule->against('/reader/DCIM', ['S01' => '/reader']));
        $this->assertStringContainsString('on the same device as the card S01', (string) $rule->against('/other', ['S01' => '/reader']));
        $this->assertStringContainsString('nothing is mounted there', (string) $rule->against('/media/fir', []));
        $this->assertStringContainsString('nothing is mounted there', (string) $rule->against('/media/fir/bags', []));
        $this->folder('looks/DCIM/100OSTVK');
        $this->folder('looks/deep/er');
        $this->folder('plain/DCIM/pictures');
        $this->assertStringContainsString('is a camera card', (string) $rule->against("{$this->temp}/looks", []));
        $this->assertStringContainsString('lies on a camera card', (string) $rule->against("{$this->temp}/looks/deep/er", []));
        $this->assertNull($rule->against("{$this->temp}/plain", []), 'a folder of that name alone is none');
    }

    public function test_the_system_and_the_program_itself_are_not_looked_into(): void
    {
        $rule = new PlaceRule();
        foreach (
            ['/', '/etc', '/etc/ssl', '/proc/self', '/usr/share', '/var', '/home', '/srv/satchel', '/srv/satchel/storage', '/srv'] as $folder
        ) {
            $this->assertNotNull($rule->againstRoot($folder, '/srv/satchel'), $folder);
        }
        foreach (['/media', '/media/me/CARD', '/mnt/drive', '/home/me/pictures', '/srv/satchel-copies'] as $folder) {
            $this->assertNull($rule->againstRoot($folder, '/srv/satchel'), $folder);
        }
    }

    public function test_a_place_is_known_again_by_its_mark(): void
    {
        $this->assertNull(PlaceMark::read($this->folder('fir')));
        $mark = PlaceMark::leave("{$this->temp}/fir");
        $this->assertSame(
            [$mark, $mark],
            [PlaceMark::read("{$this->temp}/fir"), PlaceMark::leave("{$this->temp}/fir")],
            'the one that is there is taken',
        );
        $this->assertNotSame($mark, PlaceMark::leave($this->folder('birch')));
        foreach (['{"place": "../../x"}', '{"place": 7}', 'not json', '[]'] as $odd) {
            file_put_contents("{$this->temp}/fir/".PlaceMark::FILE, $odd);
            $this->assertNull(PlaceMark::read("{$this->temp}/fir"));
        }
    }

    /** As after a lazy unmount: the folder is there, and it is another one. */
    public function test_nothing_is_written_once_another_disk_stands_in_the_place(): void
    {
        $this->folder('drive');
        $volume = LocalVolume::at("{$this->temp}/drive");
        $volume->create('bag/data/one')->finish();
        rename("{$this->temp}/drive", "{$this->temp}/pulled");
        $this->folder('drive');
        foreach (
            [
                fn () => $volume->create('bag/data/two'),
                fn () => $volume->putTagFile('bag/bagit.txt', 'x'),
                fn () => $volume->appendTagFile('bag/copy-unfinished.txt', 'x'),
                fn () => $volume->rename('a', 'b'),
                fn () => $volume->makeFolder('bag'),
            ] as $write
        ) {
            try {
                $write();
                $this->fail('It was written onto the disk below.');
            } catch (UnableToWrite $e) {
                $this->assertStringContainsString('the drive is gone', $e->getMessage());
            }
        }
        $this->assertSame(['.', '..'], scandir("{$this->temp}/drive"));
    }
}
