<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

use NorthSatchel\Looked;
use NorthSatchel\Verdict;

/** Does what stood overnight stand as it was marked (M18)? What was not measured again is not said to. */
final readonly class MarksJudge
{
    /** What a tape and a stand's scale can tell (common practice, no source). */
    private const MARK_CM = 3.0;

    private const MARK_DEG = 3.0;

    private const MARK_STOPS = 0.15;

    /**
     * @param  array<string, SetupLight>  $lights  as marked, by name written small
     * @param  list<SetupLight>  $measured  again
     */
    public function __construct(private array $lights, private array $measured) {}

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        $verdicts = [];
        $looked = 0;
        foreach ($this->measured as $again) {
            $was = $this->lights[mb_strtolower($again->setup)] ?? null;
            if ($was === null) {
                $verdicts[] = Verdict::fix(
                    'lights.not-marked',
                    "{$again->setup} was measured, and no such setup was marked.",
                    'Written otherwise it is another one.',
                );

                continue;
            }
            // A table whose height nobody measured again is as high as it was.
            $difference = new SetupDifference($was, $again, $again->saidSubjectM() ?? $was->subjectHeightM());
            $looked += count($difference->both);
            $verdicts = [...$verdicts, ...self::ofSetup($was, $again, $difference)];
        }
        $seen = Looked::at($looked, 'thing');

        return $verdicts === [] && $seen !== null
            ? [Verdict::fine('lights.as-marked', 'What was measured again stands as it was marked.', "{$seen->words}, to 3 cm and 3°.", $seen)]
            : $verdicts;
    }

    /** @return list<Verdict> */
    private static function ofSetup(SetupLight $was, SetupLight $again, SetupDifference $difference): array
    {
        $verdicts = [];
        [$marked, $measured] = [$was->saidSubjectM(), $again->saidSubjectM()];
        if ($marked !== null && $measured !== null && 100 * abs($marked - $measured) > self::MARK_CM) {
            $verdicts[] = Verdict::fix(
                'lights.moved',
                "The subject of {$was->setup} is not as high as it was marked.",
                sprintf('%d cm higher or lower. Back to the mark: %.2f m high.', round(100 * abs($marked - $measured)), $marked),
            );
        }
        foreach ($difference->both as $one) {
            $moved = self::moved($one, $was->subjectHeightM());
            $unsaid = self::unsaid($one->from, $one->to);
            if ($moved !== '') {
                $verdicts[] = Verdict::fix('lights.moved', "{$one->to->name} of {$was->setup} does not stand as it was marked.", $moved);
            } elseif ($unsaid !== []) {
                $verdicts[] = Verdict::fix(
                    'lights.not-measured',
                    "{$one->to->name} of {$was->setup} was not measured whole.",
                    ucfirst(implode(', ', $unsaid)).': whether that is as it was nobody knows.',
                );
            }
        }
        foreach ($difference->onlyFrom as $piece) {
            $verdicts[] = Verdict::fix(
                'lights.not-measured',
                "{$piece->name} of {$was->setup} was not measured again.",
                'Whether it stands as it did nobody knows.',
            );
        }
        foreach ($difference->onlyTo as $piece) {
            $verdicts[] = Verdict::fix(
                'lights.not-marked',
                "{$piece->name} stands in {$was->setup}, and nobody marked it.",
                'What was taken before was taken without it: out of the light, or mark it.',
            );
        }

        return $verdicts;
    }

    private static function moved(PieceDifference $one, float $subjectM): string
    {
        [$from, $to] = [$one->from, $one->to];
        $cm = 100 * abs($from->distanceM - $to->distanceM);
        $high = $from->heightM === null || $to->heightM === null ? 0.0 : 100 * abs($from->heightM - $to->heightM);
        $turn = abs(fmod($from->angleDeg - $to->angleDeg + 540, 360) - 180);
        $stops = $one->stops === null ? 0.0 : abs($one->stops);
        $isOther = ($to->modifier !== '' || $from->modifier === '') && mb_strtolower($from->modifier) !== mb_strtolower($to->modifier);
        $isAnotherSize = $from->sizeCm !== null && $to->sizeCm !== null && abs($from->sizeCm - $to->sizeCm) > self::MARK_CM;
        $isAnotherLens = $from->focalMm !== null && $to->focalMm !== null && abs($from->focalMm - $to->focalMm) >= 1;
        $says = array_filter([
            $cm > self::MARK_CM ? sprintf('%d cm nearer or farther', round($cm)) : '',
            $high > self::MARK_CM ? sprintf('%d cm higher or lower', round($high)) : '',
            $turn > self::MARK_DEG ? sprintf('%d° turned', round($turn)) : '',
            $stops > self::MARK_STOPS ? sprintf('%.1f stops at the subject', $stops) : '',
            $isOther || $isAnotherSize ? self::through($to).' instead of '.self::through($from) : '',
            $isAnotherLens ? sprintf('%d mm instead of %d', $to->focalMm, $from->focalMm) : '',
        ]);
        $back = array_filter([
            $one->remedy($subjectM),
            $isOther || $isAnotherSize ? self::through($from) : '',
            $isAnotherLens ? sprintf('%d mm', $from->focalMm) : '',
        ]);

        return $says === [] ? '' : ucfirst(implode(', ', $says)).'. Back to the mark'.($back === [] ? '' : ': '.implode(', ', $back)).'.';
    }

    private static function through(SetPiece $piece): string
    {
        return ($piece->modifier === '' ? 'bare' : $piece->modifier).($piece->sizeCm === null ? '' : sprintf(' %d cm', round($piece->sizeCm)));
    }

    /** @return list<string> what was marked of it and not measured again */
    private static function unsaid(SetPiece $from, SetPiece $to): array
    {
        return array_values(array_filter([
            $from->heightM !== null && $to->heightM === null ? 'its height' : '',
            $from->power !== null && $to->power === null ? 'its power' : '',
            $from->modifier !== '' && $to->modifier === '' ? 'what it shines through' : '',
            $from->sizeCm !== null && $to->sizeCm === null && $to->modifier !== '' ? 'its size' : '',
            $from->focalMm !== null && $to->focalMm === null ? 'its lens' : '',
        ]));
    }
}
