<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\PermitFrame;
use NorthSatchel\Cards\Permit\PermitQuestion;
use NorthSatchel\Cards\Twin\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormatPermitTest extends TestCase
{
    /**
     * @param  list<PermitFrame>  $frames
     * @param  list<string>  $changed
     */
    private static function ask(
        array $frames,
        bool $isSealed = true,
        bool $isTwinChecked = true,
        array $changed = [],
        ?string $unreadable = null,
        ?bool $isLookedAt = null,
    ): FormatPermit {
        return FormatPermit::of(new PermitQuestion(3, 'S03', $isSealed, $isTwinChecked, $frames, $changed, $unreadable, wantedCopies: 2, isLookedAt: $isLookedAt));
    }

    /**
     * @param  list<string>  $devices
     * @param  list<string>|null  $twinDevices
     */
    private static function frame(Side $state = Side::Intact, array $devices = ['fir', 'birch'], ?array $twinDevices = null, bool $isLossAccepted = false): PermitFrame
    {
        return new PermitFrame('DCIM/100OSTVK/OSTV0001.DNG', $state, $devices, $twinDevices, $isLossAccepted);
    }

    public function test_intact_frames_on_two_devices_may_go(): void
    {
        $permit = self::ask([self::frame(), self::frame()]);
        $this->assertTrue($permit->isGranted);
        $this->assertStringContainsString('All 2 files are verified on 2 devices (fir and birch)', (string) $permit->verdicts->worst()?->because);
    }

    public function test_somebody_must_have_looked_where_the_rule_asks_for_it(): void
    {
        $refused = self::ask([self::frame()], isLookedAt: false);
        $this->assertFalse($refused->isGranted);
        $this->assertSame(['permit.not-looked', 'card.look'], [$refused->verdicts->worst()?->code, $refused->verdicts->worst()?->remedy?->action]);
        $this->assertTrue(self::ask([self::frame()], isLookedAt: true)->isGranted);
        $this->assertTrue(self::ask([self::frame()], isLookedAt: null)->isGranted, 'where the rule does not ask');
        $this->assertTrue(self::ask([], isLookedAt: false)->isGranted, 'an empty card shows nothing');
        $this->assertFalse(self::ask([self::frame()], isSealed: false, isLookedAt: false)->verdicts->has('permit.not-looked'), 'first things first');
    }

    /** @return array<string, array{PermitFrame, string|null}> the frame, and the code it is refused with */
    public static function frames(): array
    {
        return [
            'no copy' => [self::frame(devices: []), 'permit.copies'],
            'one copy' => [self::frame(devices: ['fir']), 'permit.copies'],
            'twice on one device' => [self::frame(devices: ['fir', 'fir']), 'permit.copies'],
            'two devices' => [self::frame(), null],
            'damaged, its damaged copies count for nothing' => [self::frame(Side::Damaged), 'permit.damaged'],
            'damaged, twin intact and copied twice' => [self::frame(Side::Damaged, twinDevices: ['fir', 'birch']), null],
            'damaged, twin intact and copied once' => [self::frame(Side::Damaged, twinDevices: ['fir']), 'permit.copies'],
            'damaged, twin intact and not copied' => [self::frame(Side::Damaged, twinDevices: []), 'permit.copies'],
            'nobody can say which side is right' => [self::frame(Side::Unknown), 'permit.damaged'],
            'given up in writing' => [self::frame(Side::Damaged, devices: [], isLossAccepted: true), null],
        ];
    }

    #[DataProvider('frames')]
    public function test_each_frame_is_weighed(PermitFrame $frame, ?string $code): void
    {
        $permit = self::ask([self::frame(), $frame]);
        $this->assertSame($code === null, $permit->isGranted);
        $this->assertSame($code ?? 'permit.granted', $permit->verdicts->worst()?->code);
    }

    public function test_an_unsealed_card_is_refused_with_the_step_that_is_missing(): void
    {
        $permit = self::ask([], isSealed: false, isTwinChecked: false);
        $this->assertFalse($permit->isGranted);
        $this->assertSame('permit.not-sealed', $permit->verdicts->worst()?->code);
        $this->assertSame('card.seal', $permit->verdicts->worst()->remedy?->action);
    }

    public function test_without_a_twin_check_nothing_is_granted(): void
    {
        $permit = self::ask([self::frame()], isTwinChecked: false);
        $this->assertFalse($permit->isGranted);
        $this->assertTrue($permit->verdicts->has('permit.no-twin-check'));
    }

    public function test_a_card_that_changed_since_it_was_sealed_is_refused(): void
    {
        $permit = self::ask([self::frame()], changed: ['DCIM/100OSTVK/OSTV0002.DNG']);
        $this->assertFalse($permit->isGranted);
        $this->assertStringContainsString('OSTV0002.DNG', (string) $permit->verdicts->worst()?->because);
    }

    public function test_a_card_that_cannot_be_looked_at_is_refused(): void
    {
        $this->assertFalse(self::ask([self::frame()], unreadable: 'it is gone')->isGranted);
    }

    public function test_all_reasons_are_named_at_once(): void
    {
        $permit = self::ask([self::frame(Side::Damaged, devices: [])], isTwinChecked: false, changed: ['x']);
        $this->assertGreaterThanOrEqual(3, count($permit->verdicts));
    }

    public function test_healed_and_given_up_frames_are_counted_in_the_permit(): void
    {
        $permit = self::ask([self::frame(), self::frame(Side::Damaged, twinDevices: ['fir', 'birch']), self::frame(Side::Damaged, isLossAccepted: true)]);
        $this->assertSame(1, $permit->verdicts->worst()?->figures['healed']);
        $this->assertSame(1, $permit->verdicts->worst()->figures['given_up']);
    }

    /** By the owner's rule a card may have to wait until its off-site copy is verified. */
    public function test_a_card_that_must_wait_for_its_copy_elsewhere(): void
    {
        $ask = static fn (array $elsewhere, PermitFrame ...$frames): FormatPermit => FormatPermit::of(new PermitQuestion(3, 'S03', true, true, array_values($frames), [], null, 2, $elsewhere));
        $this->assertTrue($ask(['birch'], self::frame())->isGranted);
        $this->assertSame(['permit.elsewhere'], array_map(static fn ($v): string => $v->code, iterator_to_array($ask(['vault'], self::frame())->verdicts)));
        $this->assertSame(['permit.elsewhere'], array_map(static fn ($v): string => $v->code, iterator_to_array($ask([], self::frame())->verdicts)), 'there is no place elsewhere at all');
        $this->assertStringContainsString('1 of 2 files', (string) $ask(['vault'], self::frame(), self::frame(devices: ['fir', 'vault']))->verdicts->worst()?->because);
        $this->assertTrue($ask(['vault'], self::frame(Side::Damaged, twinDevices: ['fir', 'vault']))->isGranted, 'its twin is there');
        $this->assertTrue($ask(['vault'], self::frame(Side::Damaged, devices: [], isLossAccepted: true))->isGranted);
    }
}
