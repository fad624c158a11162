<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** The kinds of bodies in a bag, by mount and size of the sensor, and what a lens is on each. */
final readonly class BodyKinds
{
    /** @var array<string, array{mount: string, crop: float}> */
    private array $kinds;

    /** @param  list<Gear>  $gear */
    public function __construct(array $gear)
    {
        $kinds = [];
        foreach ($gear as $one) {
            if ($one->kind === GearKind::Body) {
                $kinds[self::name($one)] = ['mount' => $one->mount(), 'crop' => $one->crop()];
            }
        }
        $this->kinds = $kinds;
    }

    /** @return list<string> */
    public function reaching(Need $need, Gear $lens, bool $isCroppedIn): array
    {
        return array_values(
            array_filter(
                $this->fitting($lens),
                fn (string $kind): bool => $need->isGivenBy($lens, $this->kinds[$kind]['crop'], $isCroppedIn),
            ),
        );
    }

    /** @return list<string> the kinds of bodies that a lens goes on */
    public function fitting(Gear $lens): array
    {
        return array_values(
            array_filter(
                array_keys($this->kinds),
                fn (string $kind): bool => $lens->mount() === '' ||
                    $this->kinds[$kind]['mount'] === '' ||
                    $lens->mount() === $this->kinds[$kind]['mount'],
            ),
        );
    }

    public static function name(Gear $body): string
    {
        return "bodies with mount {$body->mount()} and crop {$body->crop()}";
    }

    /** A body that a lens goes on, as a capability. */
    public static function forLens(Gear $lens): string
    {
        return "a body for mount {$lens->mount()}";
    }
}
