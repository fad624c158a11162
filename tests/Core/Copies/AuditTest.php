<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Copies\Audit\AuditCopy;
use NorthSatchel\Copies\Audit\AuditJudge;
use NorthSatchel\Copies\Audit\AuditLoad;
use NorthSatchel\Copies\Audit\AuditPlace;
use NorthSatchel\Copies\Audit\AuditRule;
use NorthSatchel\Copies\Audit\Blow;
use NorthSatchel\Copies\Audit\Blows;
use NorthSatchel\Copies\Audit\CopyAudit;
use NorthSatchel\Copies\Audit\LossRisk;
use NorthSatchel\Copies\Audit\Odds;
use NorthSatchel\Copies\Audit\ShuttleJudge;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Copies by the owner's rule, what one blow takes, and the chance of losing a load. */
final class AuditTest extends TestCase
{
    private const NOW = 1_900_000_000;

    private static function copy(
        string $name,
        string $kept,
        string $kind = 'ssd',
        string $route = 'this program',
        ?string $account = null,
        int $daysAgo = 0,
    ): AuditCopy {
        return new AuditCopy($name, "device of {$name}", $kind, $kept, $route, $account, self::NOW - $daysAgo * 86400);
    }

    private static function load(string $label, bool $isOnCard, AuditCopy ...$copies): AuditLoad
    {
        return new AuditLoad($label, 100, 6.0, array_values($copies), $isOnCard);
    }

    /** @param  list<AuditPlace>  $places */
    private static function audit(array $loads, array $places = [], ?AuditRule $rule = null): CopyAudit
    {
        return new CopyAudit($loads, $places, $rule ?? new AuditRule(), self::NOW);
    }

    /** @return list<string> */
    private static function codes(CopyAudit $audit): array
    {
        return array_map(static fn (Verdict $v): string => $v->code, AuditJudge::of($audit));
    }

    /** Three copies, two kinds of device, one in another place (common practice, no source). */
    public function test_three_two_one(): void
    {
        $rule = new AuditRule();
        $bag = self::copy('Fir', 'bag');
        $this->assertSame(
            4,
            $rule->missing(self::load('S1', true, $bag)),
            'two copies, a kind and a place are missing; the card is no copy',
        );
        $this->assertSame(
            2,
            $rule->missing(self::load('S1', false, $bag, self::copy('Birch', 'on-you'), self::copy('Elm', 'home'))),
            'a kind and a place',
        );
        $this->assertSame(
            0,
            $rule->missing(self::load('S1', false, $bag, self::copy('Birch', 'home'), self::copy('Vault', 'elsewhere', 'disk'))),
        );
        $twice = self::load(
            'S1',
            false,
            $bag,
            new AuditCopy('Fir, other folder', 'device of Fir', 'ssd', 'bag', 'this program', null, self::NOW),
            self::copy('Vault', 'elsewhere', 'disk'),
        );
        $this->assertSame(1, $rule->missing($twice), 'two folders of one drive are one device');
        $on = static fn (Medium $medium): AuditCopy => new AuditCopy('P', $medium->name, 'ssd', 'home', 'this program', null, self::NOW, $medium);
        $devices = static fn (Medium ...$media): int => self::load('S1', false, ...array_map($on, array_values($media)))->devices();
        $this->assertSame(1, $devices(Medium::found(['d']), Medium::said('Red', ['d'])), 'one with a name and one without, on one disk');
        $this->assertSame(2, $devices(Medium::said('Blue', ['d']), Medium::said('Red', ['d'])), 'both named: as a permit counts them');
        $this->assertSame(['2-1-0', '8-8-8'], [(new AuditRule(2, 1, 0))->name(), (new AuditRule(8, 8, 8, 1))->name()]);
        foreach ([[0, 1, 0], [9, 1, 0], [2, 0, 0], [2, 9, 0], [2, 1, -1], [2, 1, 0, 0]] as $given) {
            try {
                new AuditRule(...$given);
                $this->fail(implode('-', $given));
            } catch (ImpossibleValue $e) {
                $this->assertContains($e->field, ['copies', 'kinds', 'elsewhere']);
            }
        }
        $this->expectException(ImpossibleValue::class);
        new AuditRule(2, 1, 3);
    }

    /** M27: all copies in one bag; M3: one routine. */
    public function test_what_is_found(): void
    {
        $this->assertSame([], self::codes(self::audit([])));
        $this->assertSame(
            ['audit.rule', 'audit.one-route', 'audit.one-bag'],
            self::codes(self::audit([self::load('S1', false, self::copy('Fir', 'bag'), self::copy('Birch', 'on-you'))])),
        );
        $good = self::load(
            'S1',
            false,
            self::copy('Fir', 'home'),
            self::copy('Elm', 'bag', 'ssd', 'by hand'),
            self::copy('Vault', 'elsewhere', 'disk'),
        );
        $this->assertSame(['audit.holds'], self::codes(self::audit([$good])));
        $old = self::load(
            'S1',
            false,
            self::copy('Fir', 'home', daysAgo: 200),
            self::copy('Elm', 'bag', 'ssd', 'by hand'),
            self::copy('Vault', 'elsewhere', 'disk'),
        );
        $this->assertSame(['audit.stale'], self::codes(self::audit([$old])));
        $this->assertSame(['audit.holds'], self::codes(self::audit([$old], rule: new AuditRule(againAfterDays: 300))));
    }

    public function test_what_one_blow_would_take(): void
    {
        $audit = self::audit([
            self::load('S1', false, self::copy('Fir', 'bag'), self::copy('Birch', 'on-you')),
            self::load('S2', false, self::copy('Fir', 'bag'), self::copy('Cloud', 'elsewhere', 'cloud', 'sync', 'studio@example.test')),
        ]);
        $takes = array_column($audit->oneBlow(), 'takes', 'blow');
        $this->assertSame(['S1'], $takes['the bag is stolen']);
        $this->assertSame(['S1'], $takes['the route “this program” was set up wrongly']);
        $this->assertSame([], $takes['Fir dies']);
        $this->assertSame([], $takes['the password of studio@example.test is stolen']);
        $this->assertSame([], $takes['the other place burns'], 'a cloud does not burn with it');
        $alone = self::audit([self::load('S1', false, self::copy('Fir', 'home'))])->oneBlow();
        $this->assertTrue(array_column($alone, 'all', 'blow')['home burns']);
        $card = self::audit([self::load('S1', true, self::copy('Fir', 'home'))])->oneBlow();
        $this->assertSame([], array_column($card, 'takes', 'blow')['home burns'], 'the card still has it');
    }

    public function test_the_next_step_is_the_one_that_mends_most_for_the_least_time(): void
    {
        $place = static fn (int $id, string $name, string $kept, string $kind, float $rate): AuditPlace => new AuditPlace(
            $id,
            $name,
            "device of {$name}",
            $kind,
            $kept,
            'this program',
            null,
            $rate,
        );
        $loads = [
            self::load('S1', true, self::copy('Fir', 'bag')),
            self::load('S2', true, self::copy('Fir', 'bag'), self::copy('Birch', 'home')),
        ];
        $places = [
            $place(1, 'Fir', 'bag', 'ssd', 300),
            $place(2, 'Birch', 'home', 'ssd', 300),
            $place(3, 'Vault', 'elsewhere', 'disk', 20),
            $place(4, 'Slow vault', 'elsewhere', 'disk', 5),
        ];
        $step = self::audit($loads, $places)->nextStep();
        $this->assertSame(['Vault', 6], [$step->place->name ?? null, $step->mends ?? null], 'a copy, a kind and a place for each');
        $this->assertSame(10, $step->minutes ?? null, '12 GB at 20 MB/s');
        $this->assertLessThan($step->before ?? 0, $step->after ?? 1);
        $this->assertNull(
            self::audit([self::load('S1', true, self::copy('Fir', 'bag'))], [$place(1, 'Fir', 'bag', 'ssd', 300)])->nextStep(),
            'it is there already',
        );
        $this->assertNull(
            self::audit(
                [self::load('S1', false, self::copy('Fir', 'home'), self::copy('Elm', 'bag'), self::copy('Vault', 'elsewhere', 'disk'))],
                $places,
            )->nextStep(),
        );
        $tonight = self::audit($loads)->tonight();
        $this->assertSame(['the cards'], $tonight['on-you']);
        $this->assertSame(['Fir'], $tonight['bag']);
    }

    /** One copy and one cause: 1 − e^(−rate·t). Two independent causes for two copies: the product. */
    public function test_the_chance_of_a_loss_by_hand(): void
    {
        $day = 1 / 365.25;
        $die = static fn (string $name, float $aYear): Blow => new Blow($name, $aYear, static fn (AuditCopy $c): bool => $c->name === $name);
        $one = self::load('S1', false, self::copy('Fir', 'bag'));
        $this->assertEqualsWithDelta(1 - exp(-0.5 * 7 * $day), LossRisk::of($one, [$die('Fir', 0.5)], 7), 1e-12);
        $two = self::load('S1', false, self::copy('Fir', 'bag'), self::copy('Elm', 'home'));
        $p = static fn (float $aYear): float => 1 - exp(-$aYear * 7 * $day);
        $this->assertEqualsWithDelta($p(0.5) * $p(0.8), LossRisk::of($two, [$die('Fir', 0.5), $die('Elm', 0.8)], 7), 1e-12);
        $theft = new Blow('theft', 0.3, static fn (): bool => true);
        $this->assertEqualsWithDelta(
            $p(0.3) + (1 - $p(0.3)) * $p(0.5) * $p(0.8),
            LossRisk::of($two, [$die('Fir', 0.5), $die('Elm', 0.8), $theft], 7),
            1e-12,
            'a common cause',
        );
        $this->assertSame(1.0, LossRisk::of(self::load('S1', false), [], 7), 'what lies nowhere is lost');
        $this->assertSame(0.0, LossRisk::of($two, [$die('Fir', 0.5)], 7));
        $this->assertGreaterThan(0.0, LossRisk::of(self::load('S1', true), [], 7), 'a card alone dies too');
    }

    public function test_the_chance_of_a_loss_against_throwing_dice(): void
    {
        $load = self::load(
            'S1',
            true,
            self::copy('Fir', 'bag'),
            self::copy('Elm', 'home', 'disk', 'by hand'),
            self::copy('Cloud', 'elsewhere', 'cloud', 'sync', 'a'),
        );
        $rates = ['theft' => 12.0, 'fire' => 9.0, 'drive' => 14.0, 'routine' => 8.0, 'password' => 10.0];
        $blows = Blows::of([$load], $rates);
        $exact = LossRisk::of($load, $blows, 30, 20.0);
        $dice = new Randomizer(new Mt19937(11));
        $lost = 0;
        for ($i = 0; $i < 40_000; $i++) {
            $struck = array_filter(
                $blows,
                static fn (Blow $b): bool => $dice->getInt(0, 999_999_999) / 1e9 < 1 - exp((-$b->aYear * 30) / 365.25),
            );
            $left = array_filter(
                $load->copies,
                static fn (AuditCopy $c): bool => array_filter($struck, static fn (Blow $b): bool => $b->takes($c)) === [],
            );
            $hasCard =
                array_filter($struck, static fn (Blow $b): bool => $b->takesCards) === [] &&
                $dice->getInt(0, 999_999_999) / 1e9 >= 1 - exp((-20.0 * 30) / 365.25);
            $lost += $left === [] && ! $hasCard ? 1 : 0;
        }
        $this->assertEqualsWithDelta($exact, $lost / 40_000, 0.01);
        $this->assertGreaterThan(0.05, $exact);
    }

    public function test_odds_in_words(): void
    {
        $this->assertSame('one in 50', Odds::odds(0.02));
        $this->assertSame('one in 12 000', Odds::odds(1 / 12_345));
        $this->assertSame('70 in 100', Odds::odds(0.7));
        $this->assertSame('no cause that is counted would', Odds::odds(0.0));
    }

    public function test_a_drive_that_shuttles_is_due_back_and_read_before_it_counts(): void
    {
        $of = static fn (bool $isBack, int $unread, string $today = '2030-05-04'): array => ShuttleJudge::of(
            'Drive',
            'Ola',
            '2030-05-04',
            $today,
            $isBack,
            $unread,
            3,
        );
        $codes = static fn (array $verdicts): array => array_map(static fn ($v): string => "{$v->severity->value} {$v->code}", $verdicts);
        $this->assertSame(['mind shuttle.away'], $codes($of(false, 0)));
        $this->assertSame(['fix shuttle.overdue'], $codes($of(false, 0, '2030-05-06')));
        $this->assertStringContainsString('2 days ago', $of(false, 0, '2030-05-06')[0]->because);
        $this->assertSame(['fix shuttle.came-back'], $codes($of(true, 3)));
        $this->assertSame('Drive came back, and nobody has read it since.', $of(true, 3)[0]->finding);
        $this->assertSame('Drive came back, and 1 of its 3 bags was not read since.', $of(true, 1)[0]->finding);
        $this->assertSame([], $of(true, 0));
    }
}
