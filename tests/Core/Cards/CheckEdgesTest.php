<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Check\BumpCheck;
use NorthSatchel\Cards\Check\ExposedFrame;
use NorthSatchel\Cards\Check\FrameSeen;
use NorthSatchel\Cards\Check\FrameToSample;
use NorthSatchel\Cards\Check\LookSample;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Picture\FrameKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What lies right at an edge of the checks of cards, and what they say of it. */
final class CheckEdgesTest extends TestCase
{
    public function test_an_exposure_of_all_ones_is_one(): void
    {
        // APEX (Exif 2.32): EV = log2(N² ÷ t) − log2(ISO ÷ 100); at f/1, 1 s and ISO 1 that is log2(100).
        $this->assertEqualsWithDelta(6.644, (new ExposedFrame('10:00', 1.0, 1.0, 1))->ev100(), 0.001);
        foreach ([[0.0, 1.0, 1], [1.0, 0.0, 1], [1.0, 1.0, 0], [null, 1.0, 1], [1.0, null, 1], [1.0, 1.0, null]] as [$s, $f, $iso]) {
            $this->assertNull((new ExposedFrame('10:00', $s, $f, $iso))->ev100());
        }
    }

    public function test_a_jump_is_told_in_stops_and_by_its_way(): void
    {
        // f/4, 1/60 s and ISO 100 is EV 9.9; four times as short and twice more: EV 13.9.
        $frame = static fn (float $shutter): ExposedFrame => new ExposedFrame('14:00', $shutter, 4.0, 100);
        $before = array_fill(0, 5, $frame(1 / 60));
        $jump = BumpCheck::of('Body A', [...$before, ...array_fill(0, 3, $frame(1 / 960))], new SettingsSheet())[0];
        $this->assertSame(['bump.jump', 4.0], [$jump->code, $jump->figures['stops']]);
        $this->assertSame('Body A is set 4 stops darker than before.', $jump->finding);
        $this->assertStringStartsWith('EV 13.9 in its last frames, 9.9 in those before.', $jump->because);
        $back = BumpCheck::of('Body A', [...array_fill(0, 5, $frame(1 / 960)), ...array_fill(0, 3, $frame(1 / 60))], new SettingsSheet())[0];
        $this->assertSame('Body A is set 4 stops brighter than before.', $back->finding);
        // Three stops exactly are a door; so is one frame of three.
        foreach ([array_fill(0, 3, $frame(1 / 480)), [$frame(1 / 60), $frame(1 / 60), $frame(1 / 960)]] as $newest) {
            $this->assertNotSame('bump.jump', BumpCheck::of('A', [...$before, ...$newest], new SettingsSheet())[0]->code);
        }
    }

    public function test_limits_of_the_sheet_are_counted_where_the_frame_tells(): void
    {
        $sheet = new SettingsSheet(1 / 125, 6400, 2.8, 8.0);
        $this->assertSame(4, $sheet->limitsFor(new ExposedFrame('10:00', 0.01, 4.0, 800)));
        $this->assertSame(3, $sheet->limitsFor(new ExposedFrame('10:00', 0.01, 4.0, null)));
        $this->assertSame(1, $sheet->limitsFor(new ExposedFrame('10:00', null, null, 800)));
        $this->assertSame(0, (new SettingsSheet())->limitsFor(new ExposedFrame('10:00', 0.01, 4.0, 800)));
        $this->assertSame('no slower than 1/125 s, no more than ISO 6400, from f/2.8, to f/8', $sheet->says());
        $this->assertSame('no more than ISO 6400', (new SettingsSheet(highestIso: 6400))->says());
        $this->assertSame('no limits are written on the sheet', (new SettingsSheet())->says());
        foreach ([[1.0, null, null, null], [null, 100, null, null], [null, null, 2.0, null], [null, null, null, 9.0]] as $one) {
            $this->assertFalse((new SettingsSheet(...$one))->isEmpty());
            $this->assertSame(1, (new SettingsSheet(...$one))->limitsFor(new ExposedFrame('10:00', 0.01, 4.0, 800)));
        }
    }

    /** @return array<string, array{float, float, int, string}> shutter, stop, ISO, codes */
    public static function limits(): array
    {
        return [
            'all of them just met' => [1.019 / 125, 2.75, 6400, 'bump.fine'],
            'as slow as is told apart' => [1.021 / 125, 4.0, 800, 'bump.shutter'],
            'as small a stop' => [1 / 250, 8.05, 800, 'bump.fine'],
            'a little smaller' => [1 / 250, 8.06, 800, 'bump.stop'],
            'a little wider' => [1 / 250, 2.74, 800, 'bump.stop'],
            'one ISO more' => [1 / 250, 4.0, 6401, 'bump.iso'],
        ];
    }

    #[DataProvider('limits')]
    public function test_a_frame_at_a_limit_of_the_sheet(float $shutter, float $stop, int $iso, string $code): void
    {
        $sheet = new SettingsSheet(1 / 125, 6400, 2.8, 8.0);
        $this->assertSame($code, BumpCheck::of('Body A', [new ExposedFrame('10:00', $shutter, $stop, $iso)], $sheet)[0]->code);
    }

    public function test_frames_sort_as_the_camera_counted(): void
    {
        $key = static fn (string $path): array => (new FrameSeen($path, FrameKind::Raw, null, 0, null, null))->order();
        $this->assertSame([101, 7, 'DCIM/101OLIVE/OLIV0007.DNG'], $key('DCIM/101OLIVE/OLIV0007.DNG'));
        $this->assertSame([0, 0, 'loose.dng'], $key('loose.dng'), 'what has no number comes first');
    }

    public function test_the_first_frames_are_held_against_those_behind_them(): void
    {
        $frames = static fn (int ...$sizes): array => array_map(
            static fn (int $bytes, int $i): FrameToSample => new FrameToSample(id: $i, name: "F{$i}", bytes: $bytes, isDiffering: false),
            $sizes,
            array_keys($sizes),
        );
        $why = static fn (array $of): array => array_column(LookSample::of($of), 'why', 'id');
        // The first of a hundred is small beside its neighbours, whatever comes far behind.
        $sizes = array_fill(0, 100, 1000);
        $sizes[0] = 700;
        $this->assertSame('30 % smaller than those around it: less detail', $why($frames(...$sizes))[0]);
        // The middle one of what stands around decides: two small ones among many do not.
        $sizes = array_fill(0, 100, 1000);
        [$sizes[49], $sizes[51]] = [100, 100];
        $this->assertArrayNotHasKey(50, array_filter($why($frames(...$sizes)), static fn (string $w): bool => str_contains($w, 'smaller')));
        $this->assertStringContainsString('90 % smaller', $why($frames(...$sizes))[49]);
    }

    public function test_a_minute_of_reading_is_read_whole(): void
    {
        // 9 GB at 150 MB/s take a minute.
        $files = ['f' => [4_000_000_000, 1, true]];
        $this->assertTrue(ReadAgain::of('minute', $files, 5_000_000_000, 1)->isAll);
        $this->assertFalse(ReadAgain::of('minute', $files, 5_000_000_001, 1)->isAll);
    }

    public function test_a_long_name_is_cut_at_its_end_and_still_told_apart(): void
    {
        $end = strlen(BagLayout::PARTIAL);
        $fits = 'data/'.str_repeat('a', 255 - $end);
        $this->assertSame($fits.BagLayout::PARTIAL, BagLayout::partial($fits));
        $long = 'data/x'.str_repeat('å', 120).'.dng';
        $this->assertSame(255 - $end + 1, strlen(basename('data/x'.str_repeat('a', 255 - $end))), 'one letter too long');
        $partial = BagLayout::partial($long);
        $this->assertStringStartsWith('data/xå', $partial);
        $this->assertStringEndsWith(BagLayout::PARTIAL, $partial);
        $this->assertLessThanOrEqual(255, strlen(basename($partial)));
        $this->assertTrue(mb_check_encoding($partial, 'UTF-8'), 'no letter is cut in two');
        $this->assertNotSame($partial, BagLayout::partial('data/x'.str_repeat('å', 120).'.dnx'));
        $this->assertNotSame('data/x'.str_repeat('a', 254 - $end + 1).BagLayout::PARTIAL, BagLayout::partial('data/x'.str_repeat('a', 255 - $end)));
    }
}
