<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plural;
use NorthSatchel\Time\Priority;

/** Something that the plan asks of the shelf, with its reasons. */
final readonly class Need
{
    /**
     * A picture cropped to half its pixels is still good for most uses: seven tenths of the reach will do when the right lens is gone
     * (common practice, no source).
     */
    public const CROP_IN = 0.7;

    /** Or a lens that is a quarter longer, from further back (common practice, no source). */
    public const STEP_BACK = 1.25;

    /**
     * @param  string  $id  its capability too
     * @param  int  $count  how many at the same time
     * @param  bool  $wantsSpare  one more, for the loss of any one
     * @param  list<NeededAt>  $at  empty where it holds all day
     * @param  array<string, float|string>  $figures  focal_mm, other_mm (of another photographer at the same minute), up_to_mm (any from
     *     focal_mm on), f_number; guide_m;
     *     cell_type, idle (nothing is planned with what it feeds); card_gb, card_type
     */
    public function __construct(
        public string $id,
        public NeedWhat $what,
        public int $count,
        public Priority $priority,
        public bool $wantsSpare,
        public string $title,
        public string $because,
        public array $at = [],
        public array $figures = [],
    ) {}

    /** What is needed, without when and why. */
    public function withoutWords(): self
    {
        return new self($this->id, $this->what, $this->count, $this->priority, $this->wantsSpare, '', '', [], $this->figures);
    }

    public function figure(string $name): ?float
    {
        return is_numeric($this->figures[$name] ?? null) ? (float) $this->figures[$name] : null;
    }

    public function text(string $name): string
    {
        return (string) ($this->figures[$name] ?? '');
    }

    /** Where it matters most. */
    public function dearest(): NeededAt
    {
        $at = $this->at;
        usort($at, static fn (NeededAt $a, NeededAt $b): int => $b->priority->value() <=> $a->priority->value());

        return $at[0];
    }

    /** What only a planned picture asks for; readers, drives and the like are wanted by every job. */
    public function isForPictures(): bool
    {
        return in_array($this->what, [NeedWhat::Body, NeedWhat::Reach, NeedWhat::Remote], true);
    }

    public function isMust(): bool
    {
        return $this->priority === Priority::Must;
    }

    /**
     * Whether a thing gives it; of a lens on a body with that crop factor.
     *
     * @param  bool  $isCroppedIn  what will just do when the right thing is gone
     */
    public function isGivenBy(Gear $gear, float $crop = 1.0, bool $isCroppedIn = false): bool
    {
        $type = $this->text('cell_type');

        return match ($this->what) {
            NeedWhat::Reach => $gear->kind === GearKind::Lens && $this->isReachedBy($gear, $crop, $isCroppedIn),
            NeedWhat::Light => $gear->kind === GearKind::Flash &&
                ($this->figure('guide_m') === null || ($gear->number('guide_number_m') ?? 0.0) >= $this->figure('guide_m') - 1e-9),
            NeedWhat::Tether => $gear->kind === GearKind::Cable && $gear->is('for_tether') && ! $gear->is('is_joint'),
            NeedWhat::Card => $gear->kind === GearKind::Card &&
                ($gear->number('capacity_gb') ?? 0.0) >= ($this->figure('card_gb') ?? 0.0) &&
                self::sameType($gear->text('card_type'), $this->text('card_type')),
            NeedWhat::Cell, NeedWhat::Charger => $gear->kind->value === $this->what->value &&
                self::sameType($gear->text('cell_type'), $type),
            NeedWhat::Reader => $gear->kind === GearKind::Reader && self::sameType($gear->text('card_type'), $this->text('card_type')),
            NeedWhat::Trigger => $gear->kind === GearKind::Trigger && self::sameType($gear->text('radio'), $this->text('radio')),
            default => $gear->kind->value === $this->what->value,
        };
    }

    /** In words for a hirer: "a lens that gives 180 mm at f/4", "3 cells of type A-1". */
    public function toHire(int $count = 1): string
    {
        $which = $this->which($count);
        $things = $this->what === NeedWhat::Light ? Plural::of($count, 'a flash', "{$count} flashes") : $this->what->counted($count);

        return $which === '' ? $things : "{$things} {$which}";
    }

    /** What kind of it, in words; empty where any will do. */
    private function which(int $count): string
    {
        $usual = [];

        return match ($this->what) {
            NeedWhat::Reach => preg_match('/^(?:a lens|\d+ lenses) (.*)$/', $this->title, $usual) === 1
                ? $usual[1]
                : Plural::of($count, 'that gives ', 'that give ').preg_replace('/ in \d+ hands at once$/', '', $this->title),
            NeedWhat::Light => str_starts_with($this->title, 'guide number') ? 'with '.$this->title : '',
            NeedWhat::Cell, NeedWhat::Charger => $this->text('cell_type') === '' ? '' : 'of type '.$this->text('cell_type'),
            NeedWhat::Tether => '',
            default => $this->text('card_type') === '' ? '' : 'for '.$this->text('card_type'),
        };
    }

    private function isReachedBy(Gear $lens, float $crop, bool $isCroppedIn): bool
    {
        $other = $this->figure('other_mm');
        $upTo = $this->figure('up_to_mm');
        if ($upTo !== null) {
            [$from, $to] = $lens->reachOn($crop);

            return $from <= $upTo + 1e-9 && $to >= ($this->figure('focal_mm') ?? 0.0) - 1e-9;
        }

        return $this->isHeldBy($lens, $this->figure('focal_mm') ?? 0.0, $crop, $isCroppedIn) ||
            ($other !== null && $this->isHeldBy($lens, $other, $crop, $isCroppedIn));
    }

    private function isHeldBy(Gear $lens, float $focal, float $crop, bool $isCroppedIn): bool
    {
        [$from, $to] = $lens->reachOn($crop);
        if ($focal * ($isCroppedIn ? self::STEP_BACK : 1.0) < $from - 1e-9 || $focal * ($isCroppedIn ? self::CROP_IN : 1.0) > $to + 1e-9) {
            return false;
        }
        $wanted = $this->figure('f_number');
        $widest = $lens->widestAt(max($from, min($focal, $to)) / $crop);

        // A stop less is borne when the right lens is gone: it costs ISO, not the picture.
        return $wanted === null || $widest === null || $widest <= $wanted * ($isCroppedIn ? 2 ** 0.5 : 1.0) + 0.05;
    }

    private static function sameType(string $has, string $wants): bool
    {
        return $has === '' || $wants === '' || mb_strtolower($has) === mb_strtolower($wants);
    }
}
