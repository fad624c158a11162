<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\CardEvent;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardUse;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Whether a card comes along: by its log, and by what lies on it. */
final class CardUseTest extends TestCase
{
    private const JOB = 4;

    /** @param  list<CardEventKind>  $kinds  one a second, of job 4 */
    private static function life(CardEventKind ...$kinds): CardLife
    {
        $events = [new CardEvent(CardEventKind::Bought, 1, jobId: self::JOB, bodyId: null, slot: null, data: [])];
        foreach ($kinds as $at => $kind) {
            [$body, $slot] = $kind === CardEventKind::Loaded ? [7, 1] : [null, null];
            $events[] = new CardEvent($kind, $at + 2, jobId: self::JOB, bodyId: $body, slot: $slot, data: ['words' => 'it fell']);
        }

        return CardLife::of($events);
    }

    /** @return list<string> */
    private static function codes(CardLife $life, int $job = self::JOB, ?bool $isEmpty = null): array
    {
        return array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}",
            CardUse::of(3, 'S01', $life, $job, $isEmpty),
        );
    }

    public function test_cards_in_one_state_are_told_together(): void
    {
        $full = self::life(CardEventKind::Loaded, CardEventKind::Sealed);
        $of = static fn (string ...$labels): array => CardUse::together(
            array_combine(
                $labels,
                array_map(static fn (string $label): array => CardUse::of(3, $label, $full, self::JOB + 1, null), $labels),
            ),
        );
        $this->assertSame(['S01 still holds frames of another job.'], array_column($of('S01'), 'finding'));
        $this->assertSame(['S01, S02 still hold frames of another job.'], array_column($of('S01', 'S02'), 'finding'));
        $many = $of('S01', 'S02', 'S03', 'S04');
        $this->assertSame(['S01, S02, S03 and 1 more still hold frames of another job.'], array_column($many, 'finding'));
        $this->assertSame(['fix', 4], [$many[0]->severity->value, $many[0]->figures['cards']]);
        // One that has a press of its own keeps its sentence.
        $found = CardUse::of(3, 'S01', self::life(), self::JOB, false);
        $this->assertCount(2, CardUse::together(['S01' => $found, 'S02' => CardUse::of(4, 'S02', self::life(), self::JOB, false)]));
    }

    public function test_a_card_of_another_job_is_not_counted(): void
    {
        $shot = self::life(CardEventKind::Loaded, CardEventKind::Unloaded, CardEventKind::Sealed);
        $this->assertSame([], self::codes($shot), 'its own frames');
        $this->assertSame(['fix card.full'], self::codes($shot, 5));
        $permitted = self::life(CardEventKind::Loaded, CardEventKind::Unloaded, CardEventKind::Sealed, CardEventKind::Permitted);
        $this->assertSame(['fix card.full'], self::codes($permitted, 5), 'a permit formats nothing');
        $this->assertSame([], self::codes(self::life(CardEventKind::Loaded), 5), 'in a body it is in use, and no longer full');
    }

    public function test_a_ready_card_on_which_files_lie_is_a_stop(): void
    {
        $this->assertSame(['stop card.not-empty'], self::codes(self::life(), isEmpty: false));
        $this->assertSame([], self::codes(self::life(), isEmpty: true));
        $this->assertSame([], self::codes(self::life()), 'nobody has looked');
        $this->assertSame([], self::codes(self::life(CardEventKind::Loaded), isEmpty: false), 'while it is shot on');
        $found = CardUse::of(3, 'S01', self::life(), self::JOB, false)[0];
        $this->assertSame(['card.seal', ['card' => 3]], [$found->remedy?->action, $found->remedy?->on]);
    }

    public function test_a_tap_that_does_not_fit_is_told_beside_the_rest(): void
    {
        $odd = self::life(CardEventKind::Clashed);
        $this->assertSame(['mind card.clash'], self::codes($odd));
        $this->assertSame(1, CardUse::of(3, 'S01', $odd, self::JOB, null)[0]->figures['clashes']);
    }

    public function test_what_one_card_alone_asks_for(): void
    {
        $this->assertStringContainsString('Your rule asks for 2 verified copies all the same.', CardUse::alone('S01', 'Body A', 2, 0)->because);
        $this->assertStringContainsString('asks for 1 verified copy more before', CardUse::alone('S01', 'Body A', 3, 1)->because);
        $two = CardUse::alone('S01', 'Body A', 4, 2)->because;
        $this->assertStringContainsString('asks for 2 verified copies more before it may be formatted: 4', $two);
    }
}
