<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\After\CardAfter;
use NorthSatchel\Cards\After\CardsAfter;
use NorthSatchel\Cards\CardEvent;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardHealth;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Look;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinNote;
use NorthSatchel\Cards\Twin\TwinVerdict;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

final class CardLifeTest extends TestCase
{
    private static function event(CardEventKind $kind, float $at, ?int $body = null, ?int $slot = null, array $data = []): CardEvent
    {
        return new CardEvent($kind, $at, jobId: 4, bodyId: $body, slot: $slot, data: $data);
    }

    /** @return list<CardEvent> */
    private static function shot(): array
    {
        return [
            self::event(CardEventKind::Bought, 1),
            self::event(CardEventKind::Loaded, 2, body: 7, slot: 1),
            self::event(CardEventKind::Unloaded, 3),
            self::event(CardEventKind::Sealed, 4),
        ];
    }

    public function test_a_new_card_is_ready_and_lies_face_up(): void
    {
        $life = CardLife::of([self::event(CardEventKind::Bought, 1)]);
        $this->assertSame(CardState::Ready, $life->state);
        $this->assertTrue($life->state->isFaceUp());
        $this->assertSame(1, $life->fill);
    }

    public function test_a_card_goes_through_its_life(): void
    {
        $states = [];
        $events = [...self::shot(), self::event(CardEventKind::Permitted, 5), self::event(CardEventKind::Formatted, 6)];
        foreach (array_keys($events) as $index) {
            $states[] = CardLife::of(array_slice($events, 0, $index + 1))->state->value;
        }
        $this->assertSame(['ready', 'in body', 'shot', 'shot', 'may be formatted', 'ready'], $states);
        $life = CardLife::of($events);
        $this->assertSame(2, $life->fill);
        $this->assertSame([1 => 4], $life->pastFills);
        $this->assertNull($life->bodyId);
        $this->assertFalse($life->isSealed);
    }

    public function test_the_order_of_arrival_does_not_matter(): void
    {
        $events = self::shot();
        $this->assertEquals(CardLife::of($events), CardLife::of(array_reverse($events)));
    }

    public function test_a_card_taken_out_lies_face_down_even_unsealed(): void
    {
        $life = CardLife::of(array_slice(self::shot(), 0, 3));
        $this->assertSame(CardState::Shot, $life->state);
        $this->assertFalse($life->state->isFaceUp());
    }

    public function test_a_refusal_takes_a_permit_back(): void
    {
        $life = CardLife::of([...self::shot(), self::event(CardEventKind::Permitted, 5), self::event(CardEventKind::Refused, 6)]);
        $this->assertSame(CardState::Shot, $life->state);
    }

    public function test_sealing_again_forgets_the_twin_check(): void
    {
        $note = new TwinNote(TwinVerdict::Repairable, 9, 3, 1, ['X.JPG' => Side::Damaged], ['X.JPG' => Side::Intact]);
        $row = json_decode((string) json_encode($note->row()), true);
        $checked = [...self::shot(), self::event(CardEventKind::TwinChecked, 5, data: $row)];
        $life = CardLife::of($checked);
        $this->assertEquals($note, $life->twinCheck);
        $this->assertSame(Side::Damaged, $life->twinCheck?->stateOf('X.JPG'));
        $this->assertSame(Side::Intact, $life->twinCheck->stateOf('Y.JPG'));
        $this->assertTrue($life->twinCheck->isTwinIntact('X.JPG'));
        $this->assertNull(CardLife::of([...$checked, self::event(CardEventKind::Sealed, 6)])->twinCheck);
    }

    public function test_losses_are_kept_in_the_words_they_were_given_up_with(): void
    {
        $life = CardLife::of([
            ...self::shot(),
            self::event(CardEventKind::LossAccepted, 5, data: ['path' => 'X.JPG', 'words' => 'a test frame']),
        ]);
        $this->assertSame(['X.JPG' => 'a test frame'], $life->acceptedLosses);
    }

    public function test_two_cards_share_a_body_only_at_the_same_time_in_two_slots(): void
    {
        $life = static fn (float $in, ?float $out, ?int $body, int $slot): CardLife => CardLife::of(
            array_filter([
                self::event(CardEventKind::Loaded, $in, $body, $slot),
                $out === null ? null : self::event(CardEventKind::Unloaded, $out),
            ]),
        );
        $card = $life(10, 20, 7, 1);
        $this->assertTrue($card->sharedABodyWith($life(10, 20, 7, 2)));
        $this->assertTrue($card->sharedABodyWith($life(15, null, 7, 2)), 'still in there');
        $this->assertFalse($card->sharedABodyWith($life(20, 30, 7, 2)), 'it came in when the other went out');
        $this->assertFalse($card->sharedABodyWith($life(10, 20, 8, 2)), 'another body');
        $this->assertFalse($card->sharedABodyWith($life(12, 18, 7, 1)), 'the same slot');
        $this->assertFalse($life(10, 20, null, 1)->sharedABodyWith($life(10, 20, null, 2)), 'of neither is known where it was');
        $this->assertFalse($card->sharedABodyWith(CardLife::of([])), 'it was in none');
    }

    public function test_after_the_day_each_card_is_told_its_next_step(): void
    {
        $code = static fn (CardEvent ...$more): ?string => CardsAfter::of([
            new CardAfter(1, 'S01', CardLife::of([...array_slice(self::shot(), 0, 3), ...$more])),
        ])->worst()?->code;
        $sealed = self::event(CardEventKind::Sealed, 4);
        $checked = static fn (TwinVerdict $v): CardEvent => self::event(
            CardEventKind::TwinChecked,
            5,
            data: (new TwinNote($v, 1, 2, 1, [], []))->row(),
        );
        $this->assertSame('cards.not-sealed', $code());
        $this->assertSame('cards.no-twin-check', $code($sealed));
        $unchecked = CardsAfter::of([new CardAfter(1, 'S01', CardLife::of([...array_slice(self::shot(), 0, 3), $sealed]))]);
        $this->assertSame(['card.twin', ['card' => 1]], [$unchecked->worst()?->remedy?->action, $unchecked->worst()->remedy->on]);
        $this->assertSame('cards.twin-trouble', $code($sealed, $checked(TwinVerdict::Loss)));
        $this->assertSame('cards.waits', $code($sealed, $checked(TwinVerdict::Twins)));
        $permitted = CardLife::of([
            ...array_slice(self::shot(), 0, 3),
            $sealed,
            $checked(TwinVerdict::Twins),
            self::event(CardEventKind::Permitted, 6),
        ]);
        $now = static fn (?Verdict $worth): ?string => CardsAfter::of([new CardAfter(1, 'S01', $permitted, $worth)])->worst()?->code;
        $this->assertSame('cards.permitted', $now(Verdict::fine('permit.granted', 'It may go.', 'All of it is safe.', Looked::one('the card'))));
        $this->assertSame(
            'cards.permit-void',
            $now(Verdict::stop('permit.copies', 'Not safe.', 'A drive went.')),
            'what was given yesterday is worth what it is worth today',
        );
        $this->assertSame('cards.waits', $now(null), 'nothing is claimed that nobody looked at');
    }

    /** Without its twin a card is one copy less, until it is formatted. */
    public function test_a_card_whose_twin_is_lost_is_alone(): void
    {
        $this->assertFalse(CardLife::of(self::shot())->isAlone());
        $lost = [...self::shot(), self::event(CardEventKind::TwinLost, 8)];
        $this->assertTrue(CardLife::of($lost)->isAlone());
        $this->assertFalse(CardLife::of([...$lost, self::event(CardEventKind::Formatted, 9)])->isAlone());
    }

    public function test_looking_is_for_one_fill_and_one_seal(): void
    {
        $looked = self::event(CardEventKind::Looked, 5, data: ['frames' => 9]);
        $this->assertNull(CardLife::of(self::shot())->look);
        $this->assertSame(9, CardLife::of([...self::shot(), $looked])->look?->frames);
        $this->assertNull(
            CardLife::of([...self::shot(), $looked, self::event(CardEventKind::Sealed, 6)])->look,
            'sealed again, looked at again',
        );
        $this->assertNull(CardLife::of([...self::shot(), $looked, self::event(CardEventKind::Formatted, 6)])->look);
    }

    public function test_words_of_trouble_are_no_look_that_found_nothing(): void
    {
        $this->assertTrue((new Look(9))->isPassed());
        $this->assertFalse((new Look(9, words: 'soft and damaged', isWell: false))->isPassed());
        $this->assertFalse(
            Look::ofRow(['frames' => 9, 'words' => 'soft and damaged'])->isPassed(),
            'noted before one was asked whether all is well',
        );
        $this->assertFalse((new Look(9, ['OSTV0003.JPG']))->isPassed());
        $look = new Look(9, ['OSTV0003.JPG'], 'nobody can jump again', false, true);
        $this->assertTrue($look->isPassed());
        $this->assertEquals($look, Look::ofRow($look->row()));
    }

    public function test_what_was_read_to_differ_voids_seal_and_permit_until_it_is_sealed_again(): void
    {
        $differs = self::event(CardEventKind::Differs, 6, data: ['paths' => ['X.JPG']]);
        $life = CardLife::of([...self::shot(), self::event(CardEventKind::Permitted, 5), $differs]);
        $this->assertSame([CardState::Shot, ['X.JPG']], [$life->state, $life->differing]);
        $again = CardLife::of([...self::shot(), $differs, self::event(CardEventKind::Sealed, 7)]);
        $this->assertSame([[], 2], [$again->differing, $again->seals]);
        $formatted = CardLife::of([...self::shot(), self::event(CardEventKind::Permitted, 5), self::event(CardEventKind::Formatted, 6)]);
        $this->assertSame([0, [], null], [$formatted->seals, $formatted->differing, $formatted->look], 'a format begins anew');
    }

    public function test_a_card_that_may_have_lost_something_is_out_of_use_until_somebody_says_otherwise(): void
    {
        $aside = [
            ...self::shot(),
            self::event(CardEventKind::Permitted, 5),
            self::event(CardEventKind::Formatted, 6),
            self::event(CardEventKind::SetAside, 7, data: ['words' => 'formatted when its permit was void']),
        ];
        $life = CardLife::of($aside);
        $this->assertSame(
            [CardState::Aside, 'formatted when its permit was void', false],
            [$life->state, $life->aside, $life->state->isFaceUp()],
        );
        $this->assertSame(CardState::Ready, CardLife::of([...$aside, self::event(CardEventKind::BackInUse, 8)])->state);
    }

    public function test_the_last_look_before_a_format_counts_until_the_card_is_used_or_asked_for_again(): void
    {
        $released = [...self::shot(), self::event(CardEventKind::Permitted, 5), self::event(CardEventKind::Released, 6)];
        $this->assertSame(6.0, CardLife::of($released)->releasedAt);
        foreach (
            [
                CardEventKind::Loaded,
                CardEventKind::Sealed,
                CardEventKind::Permitted,
                CardEventKind::Refused,
                CardEventKind::Differs,
                CardEventKind::Formatted,
            ] as $kind
        ) {
            $this->assertNull(CardLife::of([...$released, self::event($kind, 7)])->releasedAt, $kind->value);
        }
    }

    public function test_a_retired_card_is_out_once_it_is_empty(): void
    {
        $retired = self::event(CardEventKind::Retired, 5);
        $life = CardLife::of([...self::shot(), $retired]);
        $this->assertSame([CardState::Shot, true, false], [$life->state, $life->isRetiring, $life->isFree()]);
        $this->assertSame('card.retiring', CardHealth::of(1, 'S01', $life, 9)[0]->code);
        $empty = CardLife::of([
            ...self::shot(),
            $retired,
            self::event(CardEventKind::Permitted, 6),
            self::event(CardEventKind::Formatted, 7),
        ]);
        $this->assertSame([CardState::Retired, true, false], [$empty->state, $empty->isFree(), $empty->state->isFaceUp()]);
        $this->assertSame([], CardHealth::of(1, 'S01', $empty, 9));
        $this->assertSame(CardState::Retired, CardLife::of([self::event(CardEventKind::Bought, 1), $retired])->state);
    }

    public function test_faults_are_counted_in_all_its_life_and_two_are_enough(): void
    {
        $twin = static fn (float $at, Side $here, Side $there): CardEvent => self::event(
            CardEventKind::TwinChecked,
            $at,
            data: (array) json_decode(
                (string) json_encode((new TwinNote(TwinVerdict::Repairable, 3, 8, 1, ['a.jpg' => $here], ['a.jpg' => $there]))->row()),
                true,
            ),
        );
        $codes = static fn (CardEvent ...$events): array => array_map(
            static fn ($v): string => "{$v->severity->value} {$v->code}",
            CardHealth::of(1, 'S01', CardLife::of([...self::shot(), ...$events]), 1000.0),
        );
        $this->assertSame([], $codes());
        $this->assertSame(['mind card.fault'], $codes($twin(5, Side::Damaged, Side::Intact)));
        $this->assertSame(
            ['mind card.fault'],
            $codes($twin(5, Side::Damaged, Side::Intact), $twin(6, Side::Damaged, Side::Intact)),
            'the same damage looked at twice is one',
        );
        $this->assertSame([], $codes($twin(5, Side::Damaged, Side::Damaged)), 'damaged on both, the camera is to blame');
        $this->assertSame(
            ['fix card.faults'],
            $codes(
                $twin(5, Side::Damaged, Side::Intact),
                self::event(CardEventKind::Incident, 6, data: ['words' => 'the reader lost it', 'is_fault' => true]),
            ),
        );
        $this->assertSame(
            [],
            $codes(self::event(CardEventKind::Incident, 6, data: ['words' => 'fell into the gravel', 'is_fault' => false])),
        );
        $old = CardHealth::of(1, 'S01', CardLife::of([self::event(CardEventKind::Bought, 0)]), 5.1 * 365.25 * 86400);
        $this->assertSame(['card.old', 'card.retire'], [$old[0]->code, $old[0]->remedy?->action]);
        $this->assertSame([], CardHealth::of(1, 'S01', CardLife::of([self::event(CardEventKind::Bought, 0)]), 4.9 * 365.25 * 86400));
        // Five years to the second, of a card that was not bought when time began.
        $years = static fn (float $since): array => CardHealth::of(
            1, 'S01', CardLife::of([self::event(CardEventKind::Bought, 1e9)]), 1e9 + $since * 365.25 * 86400,
        );
        $this->assertSame('S01 is 5 years old.', $years(5)[0]->finding ?? '');
        $this->assertSame([], $years(4.999));
        $lost = static fn (int $count): array => CardHealth::of(1, 'S01', CardLife::of([
            ...self::shot(),
            ...array_map(
                static fn (int $i): CardEvent => self::event(CardEventKind::Incident, 5 + $i, data: ['words' => "loss {$i}", 'is_fault' => true]),
                range(1, $count),
            ),
        ]), 1000.0);
        $this->assertSame(['S01 has failed once.', 1], [$lost(1)[0]->finding, $lost(1)[0]->figures['faults']]);
        $four = $lost(4)[0];
        $this->assertSame(['S01 has failed 4 times: retire it.', 4], [$four->finding, $four->figures['faults']]);
        $this->assertStringNotContainsString('loss 1', $four->because, 'the last three are told');
        $this->assertStringContainsString('loss 2', $four->because);
    }
}
