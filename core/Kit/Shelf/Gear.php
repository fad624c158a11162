<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Shelf;

/** A thing on the shelf with what the arithmetic knows of it. */
final readonly class Gear
{
    /** Grams where nobody has weighed it (common practice, no source). */
    private const USUAL_G = [
        'body' => 750,
        'lens' => 700,
        'flash' => 450,
        'modifier' => 400,
        'trigger' => 90,
        'cell' => 80,
        'charger' => 180,
        'card' => 3,
        'reader' => 80,
        'drive' => 180,
        'computer' => 1800,
        'cable' => 120,
        'stand' => 1400,
        'clamp' => 350,
        'safety cable' => 120,
        'tool' => 100,
        'reflector' => 600,
        'ladder' => 4500,
        'consumable' => 100,
        'paper' => 30,
    ];

    /** @param  array<string, int|float|string|bool>  $specs  by the names of the kind's fields */
    public function __construct(
        public int $id,
        public string $label,
        public GearKind $kind,
        public array $specs = [],
        public ?int $weightG = null,
        public ?int $leadDays = null,
        public Ownership $ownership = Ownership::Owned,
        public ?string $fromWhom = null,
        public ?string $dueOn = null,
    ) {}

    public function grams(): int
    {
        return $this->weightG ?? (self::USUAL_G[$this->kind->value] ?? 200);
    }

    public function number(string $name): ?float
    {
        $value = $this->specs[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function text(string $name): string
    {
        $value = $this->specs[$name] ?? '';

        return is_string($value) ? $value : '';
    }

    public function is(string $name): bool
    {
        return ($this->specs[$name] ?? false) === true;
    }

    public function mount(): string
    {
        return $this->text('mount');
    }

    public function crop(): float
    {
        return $this->number('crop_factor') ?? 1.0;
    }

    /** Of a lens or a body: whether the one goes on the other; an unnamed mount goes on all. */
    public function fits(self $other): bool
    {
        return $this->mount() === '' || $other->mount() === '' || $this->mount() === $other->mount();
    }

    /** @return array{float, float} of a lens, its short and its long end as on a full-format body */
    public function reachOn(float $crop): array
    {
        return [($this->number('focal_min_mm') ?? 0.0) * $crop, ($this->number('focal_max_mm') ?? 0.0) * $crop];
    }

    public function isPrime(): bool
    {
        return $this->kind === GearKind::Lens && $this->number('focal_min_mm') === $this->number('focal_max_mm');
    }

    /**
     * Of a lens: its widest stop at a focal length, between the two ends along the logarithm of the focal length;
     * null where nobody has written it down.
     */
    public function widestAt(float $focalMm): ?float
    {
        $short = $this->number('widest_stop');
        $long = $this->number('widest_stop_long') ?? $short;
        [$from, $to] = $this->reachOn(1.0);
        if ($short === null || $long === null || $from <= 0.0 || $to <= $from) {
            return $short;
        }
        $share = max(0.0, min(1.0, log(max($focalMm, 1.0) / $from) / log($to / $from)));

        return $short * pow($long / $short, $share);
    }
}
