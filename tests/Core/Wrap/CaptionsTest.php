<?php

declare(strict_types=1);

namespace Tests\Core\Wrap;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Roster\Roster;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Wrap\Caption;
use NorthSatchel\Wrap\CaptionedFrame;
use NorthSatchel\Wrap\CaptionLine;
use NorthSatchel\Wrap\Captions;
use NorthSatchel\Wrap\CaptionText;
use NorthSatchel\Wrap\Happening;
use NorthSatchel\Wrap\TakenExposure;
use NorthSatchel\Wrap\XmpSidecar;
use PHPUnit\Framework\Attributes\RequiresOperatingSystemFamily;
use PHPUnit\Framework\TestCase;
use Tests\Support\TempFolder;

/** Captions by line of time or name, and what may not go out. */
final class CaptionsTest extends TestCase
{
    use TempFolder;

    private static function day(): LocalDay
    {
        return LocalDay::of('2027-06-12', 'Europe/Vienna');
    }

    private static function at(string $clock, int $seconds = 0): int
    {
        return self::day()->instantOf(ClockTime::of($clock)) + $seconds;
    }

    public function test_a_frame_of_another_day_claims_no_place(): void
    {
        $half = new Happening('First half', self::at('18:00'), self::at('18:30'), 'North Hall');
        $read = static fn (string $text, array $happenings, int ...$at): Captions => new Captions(
            CaptionText::read($text),
            array_map(static fn (int $i, int $t): TakenExposure => new TakenExposure($i, "NSA_000{$i}", $t), array_keys($at), array_values($at)),
            $happenings,
            Roster::read('', ''),
            self::day(),
            'School cup',
            'North Hall',
        );
        $texts = static fn (Captions $c): array => array_map(static fn (CaptionedFrame $f): string => $f->caption->text, $c->frames);
        $early = $read('', [$half], self::at('06:00') - 1, self::at('06:00'), self::at('18:10'));
        $this->assertSame(['2027-06-12.', 'School cup, North Hall, 2027-06-12.', 'First half. School cup, North Hall, 2027-06-12.'], $texts($early));
        $this->assertSame([1, 2], array_keys($early->clear()), 'it is not sent with a caption');
        $codes = array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($early->verdicts()));
        $this->assertSame(['caption.other-day', 'caption.bare'], $codes);
        $late = self::at('18:00') + 86_400 + 43_200;
        $others = array_map(static fn (CaptionedFrame $f): bool => $f->isOtherDay, $read('', [$half], $late, $late + 1)->frames);
        $this->assertSame([false, true], $others);
        $typed = $read('NSA_0000: the hall before', [$half], self::at('06:00') - 90_000);
        $this->assertStringStartsWith('the hall before. School cup', $texts($typed)[0], 'what is typed is meant');
    }

    private static function captions(string $text, string $roster = "Reds:\n7 Ada Berg\n9 Bo Cederlund", string $lineUp = 'Reds: 7'): Captions
    {
        return new Captions(
            CaptionText::read($text),
            [
                new TakenExposure(1, 'NSA_0001', self::at('18:05')),
                new TakenExposure(2, 'NSA_0002', self::at('18:15')),
                new TakenExposure(3, 'NSA_0003', self::at('18:15', 1)),
                new TakenExposure(4, 'NSA_0004', self::at('18:31')),
                new TakenExposure(5, 'NSA_0005', null),
            ],
            [
                new Happening('First half', self::at('18:00'), self::at('18:30'), 'North Hall'),
                new Happening('Second half', self::at('18:30'), self::at('19:00'), 'North Hall'),
            ],
            Roster::read($roster, $lineUp),
            self::day(),
            'School cup',
            'North Hall',
        );
    }

    /** @return list<string> */
    private static function texts(Captions $captions): array
    {
        return array_map(static fn (CaptionedFrame $f): string => $f->caption->text, $captions->frames);
    }

    public function test_lines_as_they_are_typed(): void
    {
        $lines = CaptionText::read("18:42 r7 scores\n\n18.42.30: she falls\n24:10 – the cup\nNSA_0123: hands\nOSTV3310.JPG the bench");
        $this->assertSame(
            [['r7 scores', null, 67320], ['she falls', null, 67350], ['the cup', null, 87000], ['hands', 'NSA_0123', null],
                ['the bench', 'OSTV3310', null]],
            array_map(static fn (CaptionLine $l): array => [$l->text, $l->frame, $l->seconds], $lines),
        );
        $twice = ["NSA_0123 a\nNSA_0123.JPG: b", "18:42 a\n18:42:00 b"];
        foreach (["18:42 a\nno time", "18:42 a\n48:00 b", "18:42 a\nr7 scores", ...$twice] as $wrong) {
            try {
                CaptionText::read($wrong);
                $this->fail($wrong);
            } catch (ImpossibleValue $e) {
                $this->assertSame('captions', $e->field);
                $this->assertStringContainsString('line 2', $e->must);
            }
        }
    }

    public function test_a_line_of_time_holds_ten_minutes_and_within_its_segment(): void
    {
        $this->assertSame([
            'Ada Berg (Reds, 7) runs. School cup, North Hall, 2027-06-12.',
            'Ada Berg (Reds, 7) runs. School cup, North Hall, 2027-06-12.',
            'First half. School cup, North Hall, 2027-06-12.',
            'Second half. School cup, North Hall, 2027-06-12.',
            'School cup, North Hall, 2027-06-12.',
        ], self::texts(self::captions('18:05 r7 runs.')));
        $this->assertSame('Second half. School cup, North Hall, 2027-06-12.', self::texts(self::captions('18:29 r7 rests'))[3], 'the half is over');
        $two = self::texts(self::captions("18:14 later\n18:02 earlier\nNSA_0003: by its name"));
        $this->assertStringStartsWith('earlier', $two[0]);
        $this->assertStringStartsWith('later', $two[1]);
        $this->assertStringStartsWith('by its name', $two[2]);
    }

    public function test_who_may_be_named_wrongly_goes_out_without_a_caption(): void
    {
        $captions = self::captions("NSA_0001: r9 cheers\nNSA_0002: r8 too\nNSA_0003 r7 alone\nNSA_0004 done\nNSA_0005 done\nNSA_9999 gone");
        $this->assertSame([3, 4, 5], array_keys($captions->clear()));
        $this->assertSame(['Ada Berg'], $captions->clear()[3]->people);
        $codes = array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($captions->verdicts()));
        $this->assertSame(['fix caption.unclear', 'mind caption.no-frame'], $codes);
        $this->assertStringContainsString(
            'Bo Cederlund is not in today\'s line-up; “r8” is nobody of the roster', iterator_to_array($captions->verdicts())[0]->because,
        );
    }

    public function test_a_name_that_two_frames_have_is_asked_about(): void
    {
        $frames = [new TakenExposure(1, 'NSA_0001', self::at('18:05')), new TakenExposure(2, 'NSA_0001', self::at('18:40'))];
        $of = static fn (string $text): Captions => new Captions(
            CaptionText::read($text), $frames, [], Roster::read(''), self::day(), 'Cup', 'Hall',
        );
        $this->assertSame([], array_keys($of('NSA_0001 the cup')->clear()), 'on which of them is it?');
        $this->assertStringContainsString(
            '2 frames are called NSA_0001: their lines want a time', iterator_to_array($of('NSA_0001 the cup')->verdicts())[0]->because,
        );
        $this->assertStringNotContainsString('the cup', $of('NSA_0001 the cup')->frames[0]->caption->text);
        $this->assertSame([1, 2], array_keys($of("18:05 the cup\n18:40 the hall")->clear()));
    }

    public function test_a_line_that_is_on_no_frame_is_said(): void
    {
        $captions = self::captions("18:05 r7 runs\n18:20:30 r7 rests\n17:00 before");
        $this->assertSame(['18:20:30', '17:00'], $captions->unused);
        $said = array_values(array_filter(
            iterator_to_array($captions->verdicts()), static fn (Verdict $v): bool => $v->code === 'caption.no-moment',
        ));
        $this->assertSame('The lines of 18:20:30, 17:00 are on no frame.', $said[0]->finding);
        $this->assertSame([], self::captions("18:04 r7 runs\n18:06 r7 rests")->unused);
        $none = new Captions(CaptionText::read('18:05 later'), [], [], Roster::read(''), self::day(), 'Cup', 'Hall');
        $this->assertCount(0, $none->verdicts(), 'before a card is read nobody asks');
    }

    public function test_parts_of_names_of_who_does_not_play_or_is_not_to_be_named(): void
    {
        $captions = self::captions('NSA_0001 Cederlund watches');
        $this->assertSame(['mind caption.part-name', 'mind caption.bare'], array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($captions->verdicts()),
        ));
        $this->assertStringStartsWith(
            '“Cederlund” may be Bo Cederlund, who is not in today\'s line-up.', iterator_to_array($captions->verdicts())[0]->because,
        );
        $this->assertContains(1, array_keys($captions->clear()), 'it may be another one');
        foreach (['Bo watches', 'the cederlund trophy', 'Cederlunds watch', 'r7 past Berg'] as $other) {
            $codes = array_map(static fn (Verdict $v): string => $v->code, iterator_to_array(self::captions("NSA_0001 {$other}")->verdicts()));
            $this->assertSame(['caption.bare'], $codes, $other);
        }
    }

    /** In the night of 28 March 2027 it is 3 o'clock in Vienna an hour after 1 (IANA time zones). */
    public function test_lines_behind_a_change_of_the_clock(): void
    {
        $day = LocalDay::of('2027-03-27', 'Europe/Vienna');
        $at = $day->instantOf(ClockTime::of('27:30'));
        $captions = new Captions(
            CaptionText::read("27:28 the last dance\n26:10 skipped"), [new TakenExposure(1, 'NSA_0001', $at)], [], Roster::read(''), $day,
            'Cup', 'Hall',
        );
        $this->assertStringStartsWith('the last dance', $captions->frames[0]->caption->text);
    }

    public function test_only_where_every_frame_has_its_line_it_is_called_clear(): void
    {
        $code = static fn (Captions $c): array => array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($c->verdicts()));
        $this->assertSame(['caption.clear'], $code(self::captions(implode("\n", array_map(
            static fn (int $i): string => "NSA_000{$i} r7", range(1, 5),
        )))));
        $this->assertSame(['caption.bare'], $code(self::captions('NSA_0001 r7')));
        $unknown = self::captions(implode("\n", array_map(static fn (int $i): string => "NSA_000{$i} r7", range(1, 5))), lineUp: '');
        $this->assertSame(['caption.no-line-up'], $code($unknown), 'nobody knows who plays');
        $this->assertSame([], $code(new Captions([], [], [], Roster::read(''), self::day(), 'Cup', 'Hall')), 'no frame, no claim');
    }

    /** exiftool reads description, people and place back (ISO 16684-1; IPTC Photo Metadata). */
    #[RequiresOperatingSystemFamily('Linux')]
    public function test_exiftool_reads_the_caption(): void
    {
        $caption = new Caption('Ада <b> & “Bo”', ['Ада Берг', 'Bo & Co'], 'Halle "Nord"');
        $file = $this->folder('xmp').'/a.xmp';
        file_put_contents($file, XmpSidecar::of('Åsa', '© Åsa', null, '', $caption));
        exec('exiftool -j -charset utf8 -XMP-dc:Description -XMP-iptcExt:PersonInImage -XMP-iptcCore:Location '.escapeshellarg($file), $out, $exit);
        $this->assertSame(0, $exit);
        $read = json_decode(implode("\n", $out), true)[0];
        $this->assertSame([$caption->text, $caption->people, $caption->place], [$read['Description'], $read['PersonInImage'], $read['Location']]);
        file_put_contents($file, XmpSidecar::of('Åsa', '© Åsa'));
        $this->assertStringNotContainsString('dc:description', (string) file_get_contents($file), 'without one nothing is said');
    }
}
