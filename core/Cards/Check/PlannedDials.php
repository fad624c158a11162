<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Exposure\ShotExposure;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;

/**
 * What the dials should show when a stretch of the plan begins: the exposure planned for the scene, within the settings sheet.
 */
final readonly class PlannedDials
{
    /** Where no body is on the list: 24 megapixels of full format, micrometres. */
    public const USUAL_PIXEL_UM = 6.0;

    /** @param  list<ShotExposure>  $shots  those that are taken otherwise than their scene */
    private function __construct(
        public PlannedStretch $stretch,
        public ?float $fNumber,
        public ?int $shutter,
        public ?int $iso,
        public ?string $minds,
        public ?string $why = null,
        public array $shots = [],
    ) {}

    /** @param  float  $pixelUm  of the body that is carried, micrometres */
    public static function of(PlannedStretch $stretch, SettingsSheet $sheet, float $pixelUm = self::USUAL_PIXEL_UM): self
    {
        if ($stretch->ev100 === null) {
            return new self($stretch, null, null, null, 'Nobody knows the light there: meter it.');
        }
        $planned = SceneExposure::of(
            $stretch->title,
            $stretch->ev100,
            $stretch->isFlash,
            new DialLimits(
                $sheet->slowestS === null ? null : (int) round(1 / $sheet->slowestS),
                $sheet->highestIso,
                $sheet->widest,
                $sheet->smallest,
            ),
            $stretch->scene(),
            ! $stretch->mayNotFlash,
        );
        $at = "f/{$planned->settings->fNumber}";
        $minds = match (true) {
            $planned->stopsUnder > 0 => "Too dark by {$planned->stopsUnder} stops at {$at} and ISO {$planned->settings->iso}: ".
                implode(', ', $planned->ways).'.',
            $planned->stopsOver > 0 => "Too bright for the sheet by {$planned->stopsOver} stops: a grey filter, or a smaller stop.",
            default => null,
        };

        $shots = array_map(
            static fn (PlannedShot $s): ?ShotExposure => ShotExposure::of($s->what, $s->light, (float) $stretch->ev100, $pixelUm),
            $stretch->shots,
        );

        return new self(
            $stretch,
            $planned->settings->fNumber,
            $planned->settings->shutter,
            $planned->settings->iso,
            $minds,
            $planned->why,
            array_values(array_filter($shots)),
        );
    }

    public function says(): string
    {
        return $this->fNumber === null ? 'meter it' : "f/{$this->fNumber}, 1/{$this->shutter} s, ISO {$this->iso}";
    }
}
