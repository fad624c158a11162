<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

/** How wide a lens of some reach has to open in some light, as far as such lenses are made. */
final readonly class OpenStop
{
    /** The widest that a lens of at most so many mm on full format is usually made with (common practice, no source). */
    private const MADE = [60 => 1.4, 90 => 1.4, 135 => 1.8, 200 => 2.0, 300 => 2.8, 400 => 2.8, 600 => 4.0];

    private const MADE_BEYOND = 5.6;

    /** Stops that a raw file is lifted by, and still good (common practice, no source). */
    private const LIFTED = 2.0;

    /** @param  float|null  $fNumber  null where f/8 does */
    public function __construct(public ?float $fNumber, public string $why) {}

    public static function of(int $focalMm, float $ev100): self
    {
        $stop = PlanNeeds::stopFor($ev100);
        if ($stop === null) {
            return new self(null, '');
        }
        $exact = sqrt((2 ** $ev100 * PlanNeeds::SHUTTER_S * PlanNeeds::HIGHEST_ISO) / 100);
        $made = self::MADE_BEYOND;
        foreach (array_reverse(self::MADE, true) as $upTo => $widest) {
            $made = $focalMm <= $upTo ? $widest : $made;
        }
        if ($exact >= $made - 1e-9) {
            return new self($stop, "f/{$stop} or wider at 1/160 s and ISO 6400 in that light.");
        }
        $short = round(2 * log($made / $exact, 2), 1);
        $more = $short > self::LIFTED ? ': bring light, or a support for what stands still.' : ', which raw bears to be lifted.';

        return new self($made, "f/{$made}, about the widest that is made, is {$short} stops short at 1/160 s and ISO 6400 in that light{$more}");
    }
}
