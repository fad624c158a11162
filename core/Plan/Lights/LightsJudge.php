<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Setups\FinalPicture;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is the light of each setup written down, does it match where pictures are put together, and does it stand as it was marked (M18)? */
final readonly class LightsJudge
{
    /** From here on one sees that an element was lit otherwise (common practice, no source). */
    private const TURN_DEG = 15.0;

    private const SIZE_TIMES = 1.5;

    private const RATIO_STOPS = 0.5;

    private const IS_BACKGROUND = '/diffus|scrim|backlit|light ?box|light ?table/iu';

    /** @var array<string, SetupLight> by name written small */
    private array $lights;

    /**
     * @param  list<SetupLight>  $lights
     * @param  list<SetupLight>  $measured  again, in the morning
     */
    public function __construct(array $lights, private ElementList $list, private array $measured = [])
    {
        $names = array_map(static fn (SetupLight $l): string => mb_strtolower($l->setup), $lights);
        $this->lights = array_combine($names, $lights);
    }

    public function verdicts(): Verdicts
    {
        if ($this->lights === []) {
            return new Verdicts();
        }

        return new Verdicts([
            ...$this->written(),
            ...$this->matches(),
            ...$this->inFrame(),
            ...(new MarksJudge($this->lights, $this->measured))->verdicts(),
            ...$this->booms(),
        ]);
    }

    /** @return list<Verdict> */
    private function written(): array
    {
        $setups = array_combine(array_map(mb_strtolower(...), $this->list->setups()), $this->list->setups());
        $lacks = array_diff_key($setups, $this->lights);
        $alone = $setups === [] ? [] : array_diff_key($this->lights, $setups);

        return [
            ...$lacks === [] ? [] : [Verdict::mind(
                'lights.unwritten',
                'The light of '.implode(' and of ', $lacks).' is written nowhere.',
                'It can neither be compared nor built again: note heights, distances and angles while it stands.',
            )],
            ...array_values(array_map(static fn (SetupLight $l): Verdict => Verdict::mind(
                'lights.no-setup',
                "“{$l->setup}” is no setup of the elements.",
                'Written otherwise it is another one.',
            ), $alone)),
        ];
    }

    /** @return list<Verdict> of pictures whose elements come from several setups */
    private function matches(): array
    {
        $verdicts = [];
        $looked = 0;
        foreach ($this->list->pictures as $picture) {
            $lights = $this->of($picture);
            foreach (array_slice($lights, 1) as $light) {
                [$first, $key, $other] = [$lights[0], $lights[0]->key(), $light->key()];
                $found = $key === null || $other === null ? null : $this->against($picture->name, $first, $light, $key, $other);
                $found ??= self::unknown($picture->name, $first, $light);
                $looked += $found === null ? 1 : 0;
                $verdicts[] = $found;
            }
        }
        $verdicts = array_values(array_filter($verdicts));
        $seen = Looked::at($looked, 'pair of setups', 'pairs of setups');

        return $verdicts === [] && $seen !== null
            ? [Verdict::fine(
                'lights.match',
                'Where setups share a picture, their key lights match.',
                "{$seen->words}: the keys come from within ".(int) self::TURN_DEG.'° of each other and look as large.',
                $seen,
            )]
            : $verdicts;
    }

    /** What cannot be compared is not said to match. */
    private static function unknown(string $picture, SetupLight $from, SetupLight $to): ?Verdict
    {
        $lacks = [];
        foreach ([$from, $to] as $light) {
            $key = $light->key();
            $lacks[] = $key === null ? "a light of {$light->setup}" : null;
            $lacks[] = $key !== null && $key->heightM === null ? "how high {$key->name} of {$light->setup} stands" : null;
            $lacks[] = $key !== null && $key->sizeCm === null ? "how large {$key->name} of {$light->setup} is" : null;
        }
        $lacks = array_values(array_filter($lacks));

        return $lacks === [] ? null : Verdict::mind(
            'lights.match-unknown',
            "{$picture}: whether {$to->setup} matches {$from->setup} nobody can say.",
            'It is not written: '.implode(', ', $lacks).'.',
        );
    }

    private function against(string $picture, SetupLight $from, SetupLight $to, SetPiece $key, SetPiece $other): ?Verdict
    {
        $turn = $key->turnFrom($other, $from->subjectHeightM(), $to->subjectHeightM());
        $difference = new PieceDifference($key, $other, $from->subjectHeightM(), $to->subjectHeightM());
        $ratio = $from->keyAboveFill() === null || $to->keyAboveFill() === null ? null : $to->keyAboveFill() - $from->keyAboveFill();
        $size = $difference->sizeTimes;
        $says = array_filter([
            $turn > self::TURN_DEG ? sprintf('its shadows fall %d° otherwise', round($turn)) : '',
            $size !== null && ($size > self::SIZE_TIMES || $size < 1 / self::SIZE_TIMES)
                ? sprintf('its edges are %s (the source looks %.1f times as large)', $size > 1 ? 'softer' : 'harder', $size) : '',
            $ratio !== null && abs($ratio) > self::RATIO_STOPS
                ? sprintf('its shadows are %.1f stops %s', abs($ratio), $ratio > 0 ? 'deeper' : 'lighter') : '',
        ]);
        $remedy = $difference->remedy($from->subjectHeightM());

        return $says === [] ? null : Verdict::mind(
            'lights.mismatch',
            "{$picture}: what is taken in {$to->setup} does not match {$from->setup}.",
            ucfirst(implode(', ', $says)).'.'.($remedy === '' ? '' : " Where they are to be one light, {$other->name} goes {$remedy}."),
            [
                'turn_deg' => round($turn, 1),
                'size_times' => $size === null ? null : round($size, 2),
                'ratio_stops' => $ratio === null ? null : round($ratio, 2),
            ],
        );
    }

    /** @return list<SetupLight> of the setups of a picture, as far as they are written */
    private function of(FinalPicture $picture): array
    {
        $of = [];
        foreach ($picture->elements as $element) {
            $name = mb_strtolower((string) $element->setup);
            if (isset($this->lights[$name])) {
                $of[$name] = $this->lights[$name];
            }
        }

        return array_values($of);
    }

    /** @return list<Verdict> */
    private function inFrame(): array
    {
        $verdicts = [];
        foreach ($this->lights as $light) {
            $edge = FrameEdge::of($light);
            foreach ($light->pieces as $piece) {
                // What shines through a diffusion from behind is the background.
                $isOfIt = $piece->isSeen || in_array($piece->kind, [SetKind::Background, SetKind::Camera, SetKind::Subject], true)
                    || preg_match(self::IS_BACKGROUND, "{$piece->name} {$piece->modifier}") === 1;
                $inside = $isOfIt ? null : $edge?->insideM($piece);
                if ($inside !== null) {
                    $verdicts[] = Verdict::fix(
                        'lights.in-frame',
                        "{$piece->name} stands in the frame of {$light->setup}.",
                        sprintf(
                            'By %.2f m and half its own size: out to the side or up, or a longer lens; where it is meant to be seen, write: seen.',
                            $inside,
                        ),
                        ['inside_m' => round($inside, 2)],
                    );
                }
            }
        }

        return $verdicts;
    }

    /** @return list<Verdict> */
    private function booms(): array
    {
        $names = [];
        foreach ($this->lights as $light) {
            foreach ($light->pieces as $piece) {
                $names = [...$names, ...$piece->isBoom ? ["{$piece->name} ({$light->setup})"] : []];
            }
        }

        return $names === [] ? [] : [Verdict::mind(
            'lights.boom',
            count($names) === 1 ? "{$names[0]} hangs on a boom." : count($names).' lights hang on booms.',
            implode(', ', $names).': weight on the foot, a safety line, nobody below while it is moved; no boom stays up overnight.',
        )];
    }
}
