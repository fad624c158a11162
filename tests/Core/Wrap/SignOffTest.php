<?php

declare(strict_types=1);

namespace Tests\Core\Wrap;

use NorthSatchel\Verdict;
use NorthSatchel\Wrap\SignOff\Answer;
use NorthSatchel\Wrap\SignOff\Pick;
use NorthSatchel\Wrap\SignOff\PictureState;
use NorthSatchel\Wrap\SignOff\SignOff;
use NorthSatchel\Wrap\SignOff\SignOffJudge;
use PHPUnit\Framework\TestCase;

/** What the client said of the picks of each final picture. */
final class SignOffTest extends TestCase
{
    /**
     * @param  list<Pick>  $picks
     * @param  list<Answer>  $answers
     */
    private static function off(array $picks, array $answers): SignOff
    {
        return new SignOff(['Jar', 'Box'], $picks, $answers);
    }

    /** @return list<string> */
    private static function codes(SignOff $off): array
    {
        return array_map(static fn (Verdict $v): string => $v->code, iterator_to_array(SignOffJudge::of($off), false));
    }

    private static function said(int $pick, ?bool $isYes, int $at, string $words = ''): Answer
    {
        return new Answer($pick, $isYes, $words, 'Odd', $at);
    }

    public function test_of_each_picture_the_last_word_holds(): void
    {
        $jar = new Pick(1, 'Jar', 'a.jpg', 100);
        $this->assertSame(PictureState::NoPick, self::off([], [])->state('Jar'));
        $this->assertSame(PictureState::Waiting, self::off([$jar], [])->state('Jar'));
        $this->assertSame(PictureState::Signed, self::off([$jar], [self::said(1, true, 200)])->state('Jar'));
        $this->assertSame(PictureState::Refused, self::off([$jar], [self::said(1, true, 200), self::said(1, false, 300)])->state('Jar'));
        $this->assertSame(PictureState::Signed, self::off([$jar], [self::said(1, false, 200), self::said(1, true, 300)])->state('Jar'));
        $this->assertSame(PictureState::Waiting, self::off([$jar], [self::said(1, null, 200)])->state('Jar'), 'a mark is no answer');
        $other = new Pick(2, 'Jar', 'b.jpg', 250);
        $this->assertSame(PictureState::Waiting, self::off([$jar, $other], [self::said(1, true, 200)])->state('Jar'), 'one was added since');
        $this->assertSame(PictureState::Signed, self::off([$jar, $other], [self::said(1, false, 200), self::said(2, true, 300)])->state('Jar'));
        $this->assertSame([2, 1], array_map(static fn (Pick $p): int => $p->id, self::off([$jar, $other], [])->picksOf('Jar')));
    }

    public function test_signed_off_or_it_is_said_by_whom_not(): void
    {
        $picks = [new Pick(1, 'Jar', 'a.jpg', 100), new Pick(2, 'Box', 'b.jpg', 100)];
        $this->assertSame([], self::codes(self::off([], [])), 'nothing is shown yet');
        $this->assertSame(['sign-off.waiting'], self::codes(self::off($picks, [])));
        $this->assertSame(['sign-off.no-pick'], self::codes(self::off([$picks[0]], [self::said(1, true, 200)])), 'of the box nothing is shown');
        $this->assertSame(['sign-off.waiting', 'sign-off.no-pick'], self::codes(self::off([$picks[0]], [])), 'the one waits, the other cannot');
        $this->assertSame(['sign-off.refused', 'sign-off.waiting'], self::codes(self::off($picks, [self::said(1, false, 200, 'too dark')])));
        $all = SignOffJudge::of(self::off($picks, [self::said(1, true, 200), self::said(2, true, 201)]));
        $this->assertSame('2 final pictures: Jar by Odd; Box by Odd.', iterator_to_array($all, false)[0]->because);
        $this->assertSame(['sign-off.all'], self::codes(self::off($picks, [self::said(1, true, 200), self::said(2, true, 201)])));
    }

    public function test_how_far_it_is_in_words(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $pick = new Pick(1, 'Jar', 'a.jpg', 100);
        $this->assertSame('waits for an answer', self::off([$pick], [])->says('Jar', $zone));
        $this->assertSame('signed off: Odd, 1 Jan 01:03', self::off([$pick], [self::said(1, true, 200)])->says('Jar', $zone));
    }

    public function test_notes_for_the_retoucher(): void
    {
        $pick = new Pick(1, 'Jar', 'a.jpg', 100, 'dust at the lid');
        $mark = new Answer(1, null, 'this drop', 'Odd', 150, 0.9, 0.1);
        $this->assertSame(
            'dust at the lid; Odd: (right above) this drop; Odd: no, too dark',
            self::off([$pick], [$mark, self::said(1, false, 200, 'too dark')])->notes($pick),
        );
        $this->assertSame('in the middle', (new Answer(1, null, '', 'Odd', 1, 0.5, 0.5))->where());
        $this->assertSame('', self::said(1, true, 1)->where());
        $this->assertSame('Odd: yes', self::off([$pick], [self::said(1, true, 1)])->notes(new Pick(1, 'Jar', 'a', 1)));
    }
}
