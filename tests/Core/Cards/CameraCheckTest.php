<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Check\BodyRead;
use NorthSatchel\Cards\Check\CameraCheck;
use NorthSatchel\Cards\Check\FrameSeen;
use NorthSatchel\Cards\Check\SlotRead;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Severity;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CameraCheckTest extends TestCase
{
    private const NOON = 1_900_000_000;

    /** @param  list<FrameKind>  $kinds */
    private static function slot(array $kinds, int $clock = self::NOON, int $number = 5, string $salt = ''): SlotRead
    {
        $frames = [];
        foreach ([0, 1] as $shot) {
            foreach ($kinds as $kind) {
                $frames[] = self::frame($number + $shot, $kind, $clock + $shot, $salt);
            }
        }

        return new SlotRead('S', $frames, self::NOON - 600);
    }

    private static function frame(int $number, FrameKind $kind, int $clock, string $salt = ''): FrameSeen
    {
        $path = sprintf('DCIM/100OSTVK/OSTV%04d.%s', $number, $kind === FrameKind::Raw ? 'DNG' : 'JPG');

        return new FrameSeen($path, $kind, $clock, 0, 'OV1', hash('crc32', $path.$clock.$salt));
    }

    private static function body(int $id, ?SlotRead $first, ?SlotRead $second, SaveMode $planned = SaveMode::Mirror): BodyRead
    {
        return new BodyRead($id, "Body {$id}", 'OV1', $planned, $first, $second);
    }

    /** @param  list<BodyRead>  $bodies */
    private static function judge(array $bodies, bool $isSafe = false): Verdicts
    {
        return CameraCheck::of($bodies, static fn (string $hash): bool => $isSafe);
    }

    private static function only(Verdicts $verdicts, string $code): Verdict
    {
        foreach ($verdicts as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }
        self::fail("No {$code}.");
    }

    /** @return array<string, array{SlotRead|null, SlotRead|null, SaveMode|null}> */
    public static function modes(): array
    {
        $both = [FrameKind::Raw, FrameKind::Jpeg];

        return [
            'the same files on both' => [self::slot($both), self::slot($both), SaveMode::Mirror],
            'raw alone on both' => [self::slot([FrameKind::Raw]), self::slot([FrameKind::Raw]), SaveMode::Mirror],
            'raw here, jpeg there' => [self::slot([FrameKind::Raw]), self::slot([FrameKind::Jpeg]), SaveMode::Split],
            'jpeg here, raw there' => [self::slot([FrameKind::Jpeg]), self::slot([FrameKind::Raw]), SaveMode::Split],
            'nothing on the second' => [self::slot($both), new SlotRead('S', []), SaveMode::Overflow],
            'other numbers on the second' => [self::slot([FrameKind::Raw]), self::slot([FrameKind::Raw], number: 7), SaveMode::Overflow],
            'the same names, other bytes' => [self::slot($both), self::slot($both, salt: 'x'), null],
            'nothing anywhere' => [new SlotRead('S', []), new SlotRead('S', []), null],
        ];
    }

    #[DataProvider('modes')]
    public function test_the_save_mode_is_computed_from_the_frames(?SlotRead $first, ?SlotRead $second, ?SaveMode $mode): void
    {
        $this->assertSame($mode, self::body(1, $first, $second)->mode());
    }

    public function test_a_split_body_among_mirroring_ones_is_a_stop(): void
    {
        $good = self::slot([FrameKind::Raw]);
        $verdicts = self::judge([self::body(1, $good, $good), self::body(2, self::slot([FrameKind::Raw]), self::slot([FrameKind::Jpeg]))]);
        $verdict = self::only($verdicts, 'camera.mode');
        $this->assertSame(Severity::Stop, $verdict->severity);
        $this->assertSame('Body 2 writes raw to one card and jpeg to the other.', $verdict->finding);
        $this->assertSame(['body' => 2], $verdict->remedy?->on);
        $this->assertSame('Body 1 is ready.', self::only($verdicts, 'camera.ready')->finding);
    }

    public function test_a_planned_split_is_no_finding(): void
    {
        $split = self::body(1, self::slot([FrameKind::Raw]), self::slot([FrameKind::Jpeg]), SaveMode::Split);
        $this->assertFalse(self::judge([$split])->has('camera.mode'));
    }

    public function test_a_body_without_raw_is_a_stop(): void
    {
        $slot = self::slot([FrameKind::Jpeg]);
        $this->assertTrue(self::judge([self::body(1, $slot, $slot)])->has('camera.no-raw'));
    }

    public function test_the_odd_clock_out_is_named_with_its_offset(): void
    {
        $at = static fn (int $id, int $error): BodyRead => self::body(
            $id,
            self::slot([FrameKind::Raw], self::NOON + $error),
            self::slot([FrameKind::Raw], self::NOON + $error),
        );
        $verdicts = self::judge([$at(1, 0), $at(2, 1), $at(3, -1420)]);
        $verdict = self::only($verdicts, 'camera.clock');
        $this->assertSame('The clock of Body 3 is 23 min 40 s behind.', $verdict->finding);
        $this->assertSame(-1420, $verdict->figures['offset_s']);
        $this->assertSame(2, $verdicts->counts()['fine'], 'one second apart is fired by hand');
    }

    public function test_only_the_last_firing_counts(): void
    {
        $earlier = self::slot([FrameKind::Jpeg], self::NOON - 300, number: 1)->frames;
        $last = self::slot([FrameKind::Raw], self::NOON, number: 5)->frames;
        $slot = new SlotRead('S', [...$last, ...$earlier], self::NOON - 600);
        $this->assertSame(SaveMode::Mirror, self::body(1, $slot, $slot)->mode());
        $this->assertCount(2, $slot->testFrames('OV1'));
        $this->assertSame([], $slot->leftovers('OV1', 0), 'the earlier firing came after the card went in');
        $frame = static fn (int $number, int $clock, int $zoneS): FrameSeen => new FrameSeen(
            "DCIM/100ABCDE/ABCD000{$number}.JPG", FrameKind::Jpeg, $clock, $zoneS, 'OV1', null,
        );
        // An hour ahead of UTC: its clock shows 4600 when it is 1000, and the card went in at 2000.
        $zoned = new SlotRead('A', [$frame(1, 4600, 3600), $frame(2, 9999, 3600)], 2000);
        $this->assertSame(['DCIM/100ABCDE/ABCD0001.JPG'], array_column($zoned->leftovers('OV1', 0), 'path'));
        $this->assertSame([], $zoned->leftovers('OV1', -1000), 'and a clock that is behind was read later than it says');
    }

    public function test_after_the_clock_was_set_back_the_new_frames_are_still_the_last(): void
    {
        $ahead = self::slot([FrameKind::Raw], self::NOON + 3600, number: 1)->frames;
        $right = self::slot([FrameKind::Raw], self::NOON, number: 3)->frames;
        $this->assertSame(self::NOON, self::body(1, new SlotRead('S', [...$ahead, ...$right]), null)->firstClock());
    }

    public function test_frames_from_before_the_card_went_in_are_leftovers_unless_safe(): void
    {
        $slot = self::slot([FrameKind::Raw]);
        $old = new SlotRead('S', [...$slot->frames, self::frame(1, FrameKind::Raw, self::NOON - 86400)], self::NOON - 600);
        $body = self::body(1, $slot, $old);
        $verdict = self::only(self::judge([$body]), 'camera.leftovers-unsafe');
        $this->assertSame(1, $verdict->figures['unsafe']);
        $this->assertSame(Severity::Mind, self::only(self::judge([$body], isSafe: true), 'camera.leftovers-safe')->severity);
    }

    public function test_frames_of_another_body_are_leftovers_too(): void
    {
        $slot = self::slot([FrameKind::Raw]);
        $strange = new FrameSeen('DCIM/100OTHER/OTHR0009.DNG', FrameKind::Raw, self::NOON, 0, 'XX9', 'aa');
        $this->assertTrue(
            self::judge([self::body(1, $slot, new SlotRead('S', [...$slot->frames, $strange], self::NOON - 600))])->has(
                'camera.leftovers-unsafe',
            ),
        );
    }

    public function test_an_empty_slot_an_unreadable_card_and_no_test_frames_are_stops(): void
    {
        $slot = self::slot([FrameKind::Raw]);
        $this->assertTrue(self::judge([self::body(1, $slot, null)])->has('camera.no-card'));
        $this->assertTrue(self::judge([self::body(1, $slot, new SlotRead('S', [], null, 'it is gone'))])->has('camera.unreadable'));
        $this->assertTrue(self::judge([self::body(1, new SlotRead('S', []), new SlotRead('S', []))])->has('camera.no-test-frames'));
    }

    public function test_what_proves_no_mode_proves_none(): void
    {
        $raw = self::slot([FrameKind::Raw]);
        $this->assertNull(self::body(1, null, null)->mode(), 'no card');
        $this->assertNull(self::body(1, new SlotRead('S', []), null)->mode(), 'no test frame');
        $this->assertSame(SaveMode::Overflow, self::body(1, $raw, null)->mode(), 'one card alone has them');
        $this->assertSame(SaveMode::Overflow, self::body(1, null, $raw)->mode());
        $this->assertSame(SaveMode::Overflow, self::body(1, $raw, self::slot([FrameKind::Raw], number: 9))->mode(), 'other frames');
        $this->assertNull(self::body(1, $raw, self::slot([FrameKind::Raw], salt: 'x'))->mode(), 'one name, two contents');
        $this->assertNull(self::body(1, self::slot([FrameKind::Raw, FrameKind::Jpeg]), $raw)->mode(), 'both kinds here, one there');
        $this->assertTrue(self::body(1, null, $raw)->writesRaw());
        $this->assertFalse(self::body(1, self::slot([FrameKind::Jpeg]), null)->writesRaw());
        $this->assertTrue(self::body(1, null, $raw)->hasTestFrames());
        $this->assertFalse(self::body(1, null, new SlotRead('S', []))->hasTestFrames());
        $this->assertSame(
            ['no card', 'no test frame', '2 raw'],
            array_map(self::body(1, $raw, null)->describe(...), [null, new SlotRead('S', []), $raw]),
        );
    }
}
