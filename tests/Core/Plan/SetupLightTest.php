<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Lights\DrawnPiece;
use NorthSatchel\Plan\Lights\FrameEdge;
use NorthSatchel\Plan\Lights\LightsDrawing;
use NorthSatchel\Plan\Lights\LightsJudge;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Lights\SetKind;
use NorthSatchel\Plan\Lights\SetPiece;
use NorthSatchel\Plan\Lights\SetupDifference;
use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The light of setups, against the inverse square law and plain trigonometry. */
final class SetupLightTest extends TestCase
{
    private const GROUND = <<<'TEXT'
    Ground
        Subject, 1 m high
        Key, 2 m away, 45° left, 1 m high, 1/4 power, 400 Ws, softbox 60 cm
        Fill, 2 m, 30° right, 1 m high, 1/16 power, 400 Ws
        Black, 0.5 m away, 90° right, 1 m high
        Background, 2 m behind
        Camera, 3 m away, 1 m high, 100 mm
    TEXT;

    private static function one(string $text): SetupLight
    {
        return LightsText::read($text)[0];
    }

    public function test_an_angle_is_said_by_its_side(): void
    {
        $says = static fn (float $deg): string => (new SetPiece('Key', SetKind::Light, 2, $deg))->aroundSays();
        $this->assertSame(['from the camera', '1° right', '1° left', '179° left', 'behind'], array_map($says, [0.4, 0.6, -1, -179, -180]));
    }

    /** @return array<string, Verdict> by code */
    private static function judged(string $lights, string $elements, string $measured = ''): array
    {
        $found = [];
        foreach ((new LightsJudge(LightsText::read($lights), ElementList::read($elements, '', 10), LightsText::read($measured)))->verdicts() as $v) {
            $found[$v->code] = $v;
        }

        return $found;
    }

    public function test_a_list_is_read(): void
    {
        $light = self::one(self::GROUND);
        $this->assertSame(['Ground', 1.0], [$light->setup, $light->subjectHeightM()]);
        $this->assertSame(
            [SetKind::Subject, SetKind::Light, SetKind::Light, SetKind::Black, SetKind::Background, SetKind::Camera],
            array_map(static fn (SetPiece $p): SetKind => $p->kind, $light->pieces),
        );
        $key = $light->piece('key');
        $this->assertSame([2.0, -45.0, 1.0, 0.25, 400.0, 60.0, 'softbox'], [
            $key?->distanceM, $key?->angleDeg, $key?->heightM, $key?->power, $key?->energyWs, $key?->sizeCm, $key?->modifier,
        ]);
        $this->assertSame([180.0, 100.0], [$light->piece('Background')?->angleDeg, $light->piece('Camera')?->focalMm]);
        $this->assertEqualsWithDelta(-1.414, (float) $key?->rightM(), 0.001, 'to the left of the subject');
        $this->assertEqualsWithDelta(1.414, (float) $key?->towardsM(), 0.001);
        $this->assertEqualsWithDelta(-2.0, (float) $light->piece('Background')?->towardsM(), 1e-9);
        $boom = self::one("A\n  Hair, 120 cm behind, 2.5 m high, full power, loses 1.3 stops, on a boom")->pieces[0];
        $this->assertSame([1.2, 180.0, 1.0, 1.3, true], [$boom->distanceM, $boom->angleDeg, $boom->power, $boom->lossStops, $boom->isBoom]);
        $this->assertSame([], LightsText::read(''));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'nothing known of it' => ["A\n  Key, bright", 'line 2'];
        yield 'no distance' => ["A\n  Key, 45° left", 'how far'];
        yield 'twice' => ["A\n  Key, 1 m\n  key, 2 m", 'line 3'];
        yield 'the setup twice' => ["A\n  Key, 1 m\na", 'line 3'];
        yield 'more than full' => ["A\n  Key, 1 m, 5/4 power", 'full power'];
        yield 'no power at all' => ["A\n  Key, 1 m, 0/4 power", 'full power'];
        yield 'half around and more' => ["A\n  Key, 1 m, 181° left", 'not understood'];
        yield 'in another house' => ["A\n  Key, 31 m", 'too far'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        LightsText::read($text);
    }

    /** Inverse square law: twice as far is two stops less, half the power one; the slant of a light that stands higher counts. */
    /** @return array<string, array{string, SetKind}> */
    public static function things(): array
    {
        return [
            'a card' => ['Fill card, 1 m away', SetKind::Card],
            'said behind its name' => ['Left side, card, 1 m away', SetKind::Card],
            'a reflector of some colour' => ['Silver reflector, 1 m away', SetKind::Card],
            'white alone' => ['White, 1 m away', SetKind::Card],
            'a white light' => ['White key, 1 m away', SetKind::Light],
            'beside' => ['Side black, 1 m away', SetKind::Black],
            'a black card' => ['Black card, 1 m away', SetKind::Black],
            'a black flag' => ['Black flag, 1 m away', SetKind::Flag],
            'on the background' => ['Background light, 1.5 m behind', SetKind::Light],
            'beside the camera' => ['Camera left flash, 2 m away', SetKind::Light],
            'from above' => ['Top camera, 2 m away', SetKind::Camera],
            'a card in another word' => ['Discard, 1 m away', SetKind::Light],
        ];
    }

    #[DataProvider('things')]
    public function test_a_thing_is_what_its_name_says(string $line, SetKind $kind): void
    {
        $this->assertSame($kind, self::one("Ground\n  {$line}")->pieces[0]->kind);
    }

    public function test_a_modifier_without_a_size_and_an_oblong_one(): void
    {
        [$bare, $oblong] = self::one("Ground\n  Key, 1 m away, umbrella\n  Fill, 1 m away, softbox 40 × 90 cm")->pieces;
        $this->assertSame(['umbrella', null], [$bare->modifier, $bare->sizeCm]);
        $this->assertSame(['softbox', 60.0], [$oblong->modifier, $oblong->sizeCm]);
    }

    public function test_stops_at_the_subject(): void
    {
        $stops = static fn (string $line): float => (float) self::one("A\n  Key, {$line}")->pieces[0]->stops(1.0);
        $this->assertEqualsWithDelta(-2.0, $stops('2 m, 1 m high, full power') - $stops('1 m, 1 m high, full power'), 1e-9);
        $this->assertEqualsWithDelta(-1.0, $stops('1 m, 1 m high, 1/2 power') - $stops('1 m, 1 m high, full power'), 1e-9);
        $this->assertEqualsWithDelta(-1.0, $stops('1 m, 2 m high, full power') - $stops('1 m, 1 m high, full power'), 1e-9, 'the root of two away');
        $this->assertEqualsWithDelta(1.0, $stops('1 m, full power, 800 Ws') - $stops('1 m, full power, 400 Ws'), 1e-9);
        $this->assertEqualsWithDelta(-1.5, $stops('1 m, full power, loses 1.5 stops') - $stops('1 m, full power'), 1e-9);
        $this->assertNull(self::one("A\n  Key, 1 m")->pieces[0]->stops(1.0));
        $this->assertEqualsWithDelta(2.0, (float) self::one(self::GROUND)->keyAboveFill(), 1e-9, 'as far away, a quarter of the power');
        $this->assertNull(self::one("A\n  Key, 1 m, full power, 400 Ws\n  Fill, 1 m, full power")->keyAboveFill(), 'of another strength perhaps');
    }

    /** A source of 60 cm at 1 m is 33.4° across: 2 · arctan(0.3). */
    public function test_how_large_a_source_looks_and_how_far_it_turned(): void
    {
        $at = static fn (string $line): SetPiece => self::one("A\n  Key, {$line}")->pieces[0];
        $this->assertEqualsWithDelta(33.4, (float) $at('1 m, 1 m high, softbox 60 cm')->apparentDeg(1.0), 0.05);
        $this->assertNull($at('1 m')->apparentDeg(1.0));
        $this->assertEqualsWithDelta(90.0, $at('1 m, 45° left, 1 m high')->turnFrom($at('3 m, 45° right, 1 m high'), 1.0), 1e-6);
        $this->assertEqualsWithDelta(45.0, $at('1 m, 1 m high')->turnFrom($at('1 m, 2 m high'), 1.0), 1e-6, 'up is a turn too');
        $this->assertEqualsWithDelta(20.0, $at('1 m, 170° left')->turnFrom($at('1 m, 170° right'), 1.0), 1e-6, 'behind the subject they are near');
    }

    public function test_two_setups_against_each_other(): void
    {
        $tank = self::one("Tank\n  Key, 1 m away, 45° left, 1 m high, 1/4 power, 400 Ws, softbox 60 cm\n  Rim, 2 m behind");
        $difference = new SetupDifference(self::one(self::GROUND), $tank);
        $this->assertCount(1, $difference->both);
        $key = $difference->both[0];
        $this->assertEqualsWithDelta(2.0, (float) $key->stops, 1e-9);
        $this->assertSame('2.0 stops brighter, looks 2.0 times as large', $key->says());
        $this->assertSame('2.00 m away', $key->remedy(1.0), 'there it gives as much');
        $this->assertSame(['Fill', 'Black', 'Background', 'Camera'], array_map(static fn (SetPiece $p): string => $p->name, $difference->onlyFrom));
        $this->assertSame(['Rim'], array_map(static fn (SetPiece $p): string => $p->name, $difference->onlyTo));
        $weak = new SetupDifference(self::one(self::GROUND), self::one("T\n  Key, 2 m, 90° left, 1 m high, 1/8 power, 400 Ws, umbrella 60 cm"));
        $this->assertSame('1.0 stops darker, 45° away, umbrella instead of softbox', $weak->both[0]->says());
        $this->assertSame('to 45° left, 1.00 m high, 1.0 stops more power', $weak->both[0]->remedy(1.0));
    }

    public function test_elements_of_one_picture_want_one_light(): void
    {
        $jar = "Jar\n  Ground\n    Clean\n  Tank\n    Splash";
        $like = str_replace('Ground', 'Tank', self::GROUND);
        $this->assertArrayHasKey('lights.match', self::judged(self::GROUND."\n".$like, $jar));
        foreach ([
            'from the other side' => [str_replace('45° left', '45° right', $like), 'shadows fall 90° otherwise'],
            'harder' => [str_replace('softbox 60', 'dish 30', $like), 'harder'],
            'deeper' => [str_replace('1/16', '1/32', $like), '1.0 stops deeper'],
        ] as $what => [$text, $says]) {
            $found = self::judged(self::GROUND."\n".$text, $jar);
            $this->assertArrayNotHasKey('lights.match', $found, $what);
            $this->assertStringContainsString($says, $found['lights.mismatch']->because, $what);
        }
        $turned = self::judged(self::GROUND."\n".str_replace('45° left', '45° right', $like), $jar);
        $this->assertStringContainsString('Key goes to 45° left, 1.00 m high', $turned['lights.mismatch']->because);
        $two = "Jar\n  Ground\n    Clean\nLid\n  Tank\n    Lid";
        $this->assertArrayNotHasKey('lights.match', self::judged(self::GROUND."\n".$like, $two), 'no picture has two setups: nothing was compared');
        $this->assertStringContainsString('Tank', self::judged(self::GROUND, $jar)['lights.unwritten']->finding);
        $this->assertArrayHasKey('lights.no-setup', self::judged("Moon\n  Key, 1 m", $jar));
        $this->assertSame([], self::judged('', $jar));
    }

    public function test_it_stands_as_it_was_marked_or_it_was_moved(): void
    {
        $jar = "Jar\n  Ground\n    Clean";
        $fine = self::judged(self::GROUND, $jar, str_replace(['2 m away', '45°'], ['2.02 m away', '46°'], self::GROUND));
        $this->assertArrayHasKey('lights.as-marked', $fine, 'two centimetres and a degree are the tape');
        foreach ([
            ['2 m away', '2.1 m away', '10 cm nearer or farther'],
            ['45° left', '50° left', '5° turned'],
            ['1/4 power', '1/8 power', '1.0 stops at the subject'],
            ['1 m high, 1/4', '1.05 m high, 1/4', '5 cm higher or lower'],
        ] as [$was, $is, $says]) {
            $found = self::judged(self::GROUND, $jar, str_replace($was, $is, self::GROUND));
            $this->assertStringContainsString($says, $found['lights.moved']->because);
            $this->assertArrayNotHasKey('lights.as-marked', $found);
        }
        $half = self::judged(self::GROUND, $jar, "Ground\n  Key, 2 m away, 45° left, 1 m high, 1/4 power, 400 Ws, softbox 60 cm");
        $this->assertArrayHasKey('lights.not-measured', $half);
        $this->assertArrayNotHasKey('lights.as-marked', $half, 'what was not measured may have moved');
        $this->assertArrayNotHasKey('lights.as-marked', self::judged(self::GROUND, $jar, "Moon\n  Key, 2 m"), 'of another setup');
    }

    /** At 100 mm the frame of 36 mm is 0.36 m wide a metre away: 0.54 m to each side at 3 m. */
    /** @return array<string, array{string, string, string, string}> what is measured, the code, and what it says */
    public static function notAsMarked(): array
    {
        $key = 'Key, 2 m away, 45° left, 1 m high, 1/4 power, 400 Ws, softbox 60 cm';

        return [
            'no height and no power' => [$key, 'Key, 2 m away, 45° left, softbox 60 cm', 'lights.not-measured', 'Its height, its power'],
            'no modifier' => [$key, 'Key, 2 m away, 45° left, 1 m high, 1/4 power, 400 Ws', 'lights.not-measured', 'what it shines through'],
            'another modifier' => [$key, str_replace('softbox', 'dish', $key), 'lights.moved', 'Dish 60 cm instead of softbox 60 cm'],
            'another size' => [$key, str_replace('60 cm', '90 cm', $key), 'lights.moved', 'back to the mark: softbox 60 cm'],
            'another lens' => ['100 mm', '70 mm', 'lights.moved', '70 mm instead of 100'],
            'the table' => ['Subject, 1 m', 'Subject, 0.9 m', 'lights.moved', '10 cm higher or lower'],
            'a light more' => [$key, "{$key}\n    Rim, 1 m behind", 'lights.not-marked', 'taken without it'],
            'a setup of no name' => ['Ground', 'Moon', 'lights.not-marked', 'Written otherwise'],
        ];
    }

    #[DataProvider('notAsMarked')]
    public function test_what_was_not_measured_is_not_said_to_stand(string $was, string $is, string $code, string $says): void
    {
        $found = self::judged(self::GROUND, "Jar\n  Ground\n    Clean", str_replace($was, $is, self::GROUND));
        $this->assertArrayNotHasKey('lights.as-marked', $found);
        $this->assertStringContainsStringIgnoringCase($says, $found[$code]->because);
    }

    /** At 0.5 m across and 1.8 m above the subject, then 1.7: 2 · log2(1.868 / 1.772) = 0.15 stops, whoever leaves the subject out. */
    public function test_a_subject_that_is_left_out_is_as_high_as_it_was(): void
    {
        $top = 'Top, 0.5 m behind, 2.6 m high, 1/2 power, 500 Ws';
        $found = self::judged("A\n  Subject, 0.8 m high\n  {$top}", "Jar\n  A\n    Clean", "A\n  ".str_replace('2.6', '2.5', $top));
        $this->assertSame(
            '10 cm higher or lower, 0.2 stops at the subject. Back to the mark: 2.60 m high.',
            str_replace('behind the subject, ', '', $found['lights.moved']->because),
        );
    }

    public function test_what_cannot_be_compared_is_not_said_to_match(): void
    {
        $jar = "Jar\n  Ground\n    Clean\n  Tank\n    Splash";
        $like = str_replace('Ground', 'Tank', self::GROUND);
        foreach ([
            ['45° left, 1 m high', '45° left', 'how high Key of Tank stands'],
            ['softbox 60 cm', 'softbox', 'how large Key of Tank is'],
        ] as [$was, $is, $says]) {
            $found = self::judged(self::GROUND."\n".str_replace($was, $is, $like), $jar);
            $this->assertArrayNotHasKey('lights.match', $found);
            $this->assertStringContainsString($says, $found['lights.match-unknown']->because);
        }
        $none = self::judged(self::GROUND."\nTank\n  Subject, 1 m high\n  Camera, 3 m away, 100 mm", $jar);
        $this->assertStringContainsString('a light of Tank', $none['lights.match-unknown']->because);
        // As high above the floor, and the table lower: it comes from higher up.
        $lower = self::judged(self::GROUND."\n".str_replace('Subject, 1 m', 'Subject, 0.2 m', $like), $jar);
        $this->assertStringContainsString('shadows fall', $lower['lights.mismatch']->because);
    }

    public function test_what_is_meant_to_be_seen_stands_in_the_frame(): void
    {
        $behind = "Ground\n  Backlight, 1.2 m behind, 1 m high, octa 120 cm\n  Camera, 2 m away, 1 m high, 90 mm";
        $jar = "Jar\n  Ground\n    Clean";
        $this->assertStringContainsString('write: seen', self::judged($behind, $jar)['lights.in-frame']->because);
        $this->assertArrayNotHasKey('lights.in-frame', self::judged(str_replace('120 cm', '120 cm, seen', $behind), $jar));
    }

    public function test_what_stands_in_the_frame(): void
    {
        $edge = FrameEdge::of(self::one(self::GROUND));
        $this->assertNotNull($edge);
        $at = static fn (string $line): SetPiece => self::one("A\n  Rim, {$line}")->pieces[0];
        $this->assertEqualsWithDelta(0.04, (float) $edge->insideM($at('0.5 m, 90° right, 1 m high')), 1e-9);
        $this->assertNull($edge->insideM($at('0.55 m, 90° right, 1 m high')));
        $this->assertNull($edge->insideM($at('1 m behind, 1.5 m high')), 'above it: 0.48 m at 4 m');
        $this->assertEqualsWithDelta(0.08, (float) $edge->insideM($at('1 m behind, 1.4 m high')), 1e-9);
        $this->assertNull($edge->insideM($at('4 m, 1 m high')), 'behind the camera');
        $this->assertNull(FrameEdge::of(self::one("A\n  Key, 1 m")));
        $this->assertArrayHasKey('lights.in-frame', self::judged(self::GROUND, "Jar\n  Ground\n    Clean"), 'the black card at half a metre');
        $behind = str_replace('Black, 0.5 m away, 90° right', 'Through diffusion, 1 m behind', self::GROUND);
        $this->assertArrayNotHasKey('lights.in-frame', self::judged($behind, "Jar\n  Ground\n    Clean"), 'it is the background');
        $this->assertArrayHasKey('lights.boom', self::judged("A\n  Hair, 1 m, boom", "Jar\n  A\n    Clean"));
    }

    public function test_the_drawing_is_to_scale(): void
    {
        $light = self::one(self::GROUND);
        $drawing = new LightsDrawing($light, self::one(str_replace('2 m away', '1 m away', self::GROUND)));
        $find = static fn (string $name, bool $second): ?DrawnPiece => array_values(array_filter($drawing->above,
            static fn (DrawnPiece $p): bool => $p->piece->name === $name && $p->isSecond === $second))[0] ?? null;
        $key = $find('Key', false);
        $this->assertEqualsWithDelta(2 * $drawing->scale, hypot($key?->x - 240, $key?->y - $drawing->subjectY), 1e-6);
        $this->assertEqualsWithDelta(1 * $drawing->scale, hypot($find('Key', true)?->x - 240, $find('Key', true)?->y - $drawing->subjectY), 1e-6);
        $this->assertNull($find('Fill', true), 'what is alike is drawn once');
        foreach ([...$drawing->above, ...$drawing->side] as $piece) {
            $isIn = min($piece->x, $piece->y) >= 0 && $piece->x <= LightsDrawing::WIDTH && $piece->y <= LightsDrawing::HEIGHT;
            $this->assertTrue($isIn, $piece->piece->name);
        }
    }
}
