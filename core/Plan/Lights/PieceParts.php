<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;

/** What one line says of a thing around the subject. */
final class PieceParts
{
    private const MOST_M = 30.0;

    private const SAYS = '1.8 m away, 45° left, 2.2 m high, 1/4 power, softbox 60 cm, loses 1 stop, boom; or what it is: card, black, flag, '.
        'background, camera';

    /** Of a size that nobody said. */
    private const MODIFIER = '/^(?:bare(?: bulb)?|(?:with )?(?:an? )?'.
        '(?:soft ?box|umbrella|dish|beauty dish|octa|strip|grid|snoot|barn ?doors|diffusion))$/iu';

    private const FROM_SUBJECT = '/\s+(?:from|to) (?:the )?(?:subject|product|model|face|person|set)$/iu';

    private const SIDE_FIRST = '/^(?:camera )?(left|right)\s+(\d{1,3}(?:\.\d+)?)\s*(?:°|deg(?:ree)?s?\.?)$/iu';

    private const ANGLE = '/^(?:(\d{1,3}(?:\.\d+)?)\s*(?:°|deg(?:ree)?s?\.?)\s*(?:camera |to the )?(left|right)|'.
        '(0|180)\s*(?:°|deg(?:ree)?s?))$/iu';

    private const SIZE_FIRST = '/^(\d{1,3}(?:\s*[x×]\s*\d{1,3})?)\s*cm\s+(\p{L}[\p{L} -]*)$/iu';

    private ?float $distanceM = null;

    private ?float $angleDeg = null;

    private ?float $heightM = null;

    private ?float $power = null;

    private ?float $energyWs = null;

    private ?float $sizeCm = null;

    private string $size = '';

    private float $lossStops = 0.0;

    private bool $isBoom = false;

    private string $modifier = '';

    private ?float $focalMm = null;

    private ?SetKind $kind = null;

    private bool $isSeen = false;

    private function __construct(private readonly TypedLine $line) {}

    /** @throws ImpossibleValue naming the line */
    public static function piece(TypedLine $line): SetPiece
    {
        $said = new self($line);
        foreach ($line->rest() as $part) {
            if (! $said->isPlace($part) && ! $said->isLight($part) && ! $said->isThing($part)) {
                $line->refuse("“{$part}” is not understood: ".self::SAYS);
            }
        }

        return $said->made();
    }

    /** @throws ImpossibleValue */
    private function made(): SetPiece
    {
        $name = $this->line->parts[0];
        $kind = $this->kind ?? SetKind::named($name);
        if ($this->distanceM === null && $kind !== SetKind::Subject) {
            $this->line->refuse("it does not say how far “{$name}” stands from the subject: 1.8 m away");
        }

        return new SetPiece(
            $name,
            $kind,
            $this->distanceM ?? 0.0,
            $this->angleDeg ?? ($kind === SetKind::Background ? 180.0 : 0.0),
            $this->heightM,
            $this->power,
            $this->energyWs,
            $this->sizeCm,
            $this->lossStops,
            $this->isBoom,
            $this->modifier,
            $this->focalMm,
            $this->isSeen,
            $this->size,
        );
    }

    private function isPlace(string $part): bool
    {
        $high = ['/^height:?\s+(.+)$/iu', '/^(.+)\s+up$/iu'];
        $part = (string) preg_replace(['/^at (?=\d)/iu', self::FROM_SUBJECT, ...$high], ['', ' away', '$1 high', '$1 high'], $part);
        if (preg_match('/^(\d+(?:\.\d+)?)\s*(m|cm)(?:\s+(away|behind|in front|high))?$/iu', $part, $found) === 1) {
            $metres = (float) $found[1] / (mb_strtolower($found[2]) === 'cm' ? 100 : 1);
            if ($metres > self::MOST_M) {
                $this->line->refuse("“{$part}” is too far: ".self::MOST_M.' m at most');
            }
            $word = mb_strtolower($found[3] ?? 'away');
            $this->heightM = $word === 'high' ? $metres : $this->heightM;
            $this->distanceM = $word === 'high' ? $this->distanceM : $metres;
            $this->angleDeg = $word === 'behind' ? 180.0 : $this->angleDeg;

            return true;
        }
        // Straight from the camera, and straight from behind, have no side.
        $part = (string) preg_replace(self::SIDE_FIRST, '$2° $1', $part);
        if (preg_match(self::ANGLE, $part, $found) === 1
            && (float) $found[1] <= 180) {
            $this->angleDeg = isset($found[3]) ? (float) $found[3] : (mb_strtolower($found[2]) === 'left' ? -1 : 1) * (float) $found[1];

            return true;
        }

        return false;
    }

    private function isLight(string $part): bool
    {
        $part = strtr(mb_strtolower($part), ['half power' => '1/2 power', 'quarter power' => '1/4 power']);
        $bare = ['/^power:?\s+(\d.*|full)$/u', '/^(\d{1,2}\s*\/\s*\d{1,3})$/'];
        $part = (string) preg_replace(['/^at (?=full|\d)/u', ...$bare], ['', '$1 power', '$1 power'], $part);
        if (preg_match('/^(?:full|(\d{1,2})\s*\/\s*(\d{1,3}))\s*power$/iu', $part, $found) === 1) {
            $this->power = isset($found[1], $found[2]) ? (int) $found[1] / max(1, (int) $found[2]) : 1.0;

            return $this->power > 0 && $this->power <= 1 ? true : $this->line->refuse("“{$part}” is no share of full power: 1/4 power");
        }
        $energy = TypedLine::said($part, '/^([1-9]\d{0,4})\s*Ws$/i');
        $loss = TypedLine::said($part, '/^loses\s+(\d(?:\.\d+)?)\s*stops?$/i');
        $this->energyWs = $energy === null ? $this->energyWs : (float) $energy;
        $this->lossStops = $loss === null ? $this->lossStops : (float) $loss;

        return $energy !== null || $loss !== null;
    }

    private function isThing(string $part): bool
    {
        $focal = TypedLine::said($part, '/^([1-9]\d{0,3})\s*mm$/i');
        $isBoom = preg_match('/^(?:on\s+an?\s+)?boom$/iu', $part) === 1;
        $this->focalMm = $focal === null ? $this->focalMm : (float) $focal;
        $this->isBoom = $this->isBoom || $isBoom;
        $part = (string) preg_replace(self::SIZE_FIRST, '$2 $1 cm', $part);
        // Of an oblong one the side of a square as large.
        if (preg_match('/^(\D.*?)\s+([1-9]\d{0,2})(?:\s*[x×]\s*([1-9]\d{0,2}))?\s*cm$/iu', $part, $found) === 1) {
            $this->modifier = $found[1];
            $this->size = $found[2].(isset($found[3]) ? " × {$found[3]}" : '').' cm';
            $this->sizeCm = sqrt((float) $found[2] * (float) ($found[3] ?? $found[2]));

            return true;
        }
        if (preg_match(self::MODIFIER, $part) === 1) {
            $this->modifier = $part;

            return true;
        }
        if (mb_strtolower($part) === 'seen') {
            return $this->isSeen = true;
        }
        $kind = SetKind::tryFrom(mb_strtolower($part));
        $this->kind = $kind ?? $this->kind;

        return $focal !== null || $isBoom || $kind !== null;
    }
}
