<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Brief\Restriction;
use NorthSatchel\Brief\RestrictionKind;
use NorthSatchel\Plural;
use NorthSatchel\SceneKind;
use NorthSatchel\Verdict;

/** Does the plan keep to what the venue does not allow? */
final class RestrictionJudge
{
    /** From the back of a church or hall whose length nobody has said (common practice, no source). */
    private const USUAL_M = 15.0;

    /** A person to the knee, the least that tells a face (common practice, no source). */
    private const SHOWN_M = 1.4;

    private const SENSOR_MM = 36.0;

    /** What is taken near those whom one photographs (common practice, no source). */
    private const FACE_TO_FACE = [
        SceneKind::Groups, SceneKind::Portraits, SceneKind::Couple, SceneKind::Ready, SceneKind::Dance, SceneKind::Table, SceneKind::Setup,
        SceneKind::Room, SceneKind::Rest, SceneKind::Travel, SceneKind::Handling,
    ];

    /** A lens that is a tenth shorter will do. */
    private const AS_LONG = 0.9;

    /**
     * @param  list<Restriction>  $restrictions
     * @param  list<Scene>  $scenes
     * @return list<Verdict>
     */
    public static function restrictions(array $restrictions, array $scenes): array
    {
        $verdicts = $nowhere = [];
        foreach ($restrictions as $restriction) {
            $meant = array_values(
                array_filter(
                    $scenes,
                    static fn (Scene $s): bool => $s->shots !== [] && self::isMeant($restriction, $s),
                ),
            );
            $found = array_map(
                static fn (Scene $scene): ?Verdict => match ($restriction->kind) {
                    RestrictionKind::NoFlash => self::flash($restriction, $scene),
                    RestrictionKind::FromTheBack => self::back($restriction, $scene),
                    RestrictionKind::NoPictures => self::none($restriction, $scene),
                    RestrictionKind::NoStands => self::stands($restriction, $scene),
                },
                $meant,
            );
            // Where one of several photographers reaches from there, the others take what is near.
            $there = array_filter($scenes, static fn (Scene $s): bool => $s->isAt($restriction->where));
            if ($there === []) {
                $nowhere["at “{$restriction->where}”"][] = $restriction;
            } elseif (array_filter($there, static fn (Scene $s): bool => $s->has($restriction->during)) === []) {
                $nowhere["during “{$restriction->during}”"][] = $restriction;
            }
            $isReached = $restriction->kind === RestrictionKind::FromTheBack && in_array(null, $found, true);
            $verdicts = [...$verdicts, ...$isReached ? [] : array_slice(array_filter($found), 0, 1)];
        }

        return [...$verdicts, ...$scenes === [] ? [] : array_map(self::nowhere(...), array_keys($nowhere), $nowhere)];
    }

    /**
     * A restriction that speaks of a place where the plan has nothing, or of what is not in it, is held against nothing.
     *
     * @param  string  $where  "at “church”", "during “prayer”"
     * @param  list<Restriction>  $of
     */
    private static function nowhere(string $where, array $of): Verdict
    {
        $texts = array_values(array_unique(array_map(static fn (Restriction $r): string => "“{$r->text}”", $of)));

        return Verdict::mind(
            'plan.restriction-nowhere',
            implode(' and ', $texts).Plural::of(count($texts), ' is', ' are').' held against no segment.',
            "Nothing is planned {$where}: write that word into the place, the spot or the title of the segments it is meant for.",
            ['restrictions' => count($of)],
        );
    }

    /** @param  list<Restriction>  $restrictions */
    public static function forbidsFlash(array $restrictions, Scene $scene): bool
    {
        return array_filter(
            $restrictions,
            static fn (Restriction $r): bool => $r->kind === RestrictionKind::NoFlash && self::isMeant($r, $scene),
        ) !== [];
    }

    /** @return list<SceneShot> planned with flash */
    private static function lit(Scene $scene): array
    {
        return array_values(array_filter(
            $scene->shots,
            static fn (SceneShot $s): bool => $s->light === 'flash' || preg_match('/\b(?:flash|strobe)/iu', $s->what) === 1,
        ));
    }

    private static function stands(Restriction $restriction, Scene $scene): ?Verdict
    {
        $lit = self::lit($scene);

        return $lit === []
            ? null
            : Verdict::mind(
                'plan.no-stands',
                "“{$lit[0]->what}” is planned with flash, and nothing may stand on the floor in {$scene->title}.",
                "The brief says: “{$restriction->text}”. Keep the flash on the camera or in a hand, clamp it, or take the light that is there.",
                ['shots' => count($lit)],
            );
    }

    private static function flash(Restriction $restriction, Scene $scene): ?Verdict
    {
        $lit = self::lit($scene);

        return $lit === []
            ? null
            : Verdict::stop(
                'plan.no-flash',
                "“{$lit[0]->what}” is planned with flash, and {$scene->title} allows none.",
                "The brief says: “{$restriction->text}”. Take it by the light that is there, or elsewhere.",
                ['shots' => count($lit)],
            );
    }

    private static function back(Restriction $restriction, Scene $scene): ?Verdict
    {
        $focals = array_filter(array_map(static fn (SceneShot $s): ?int => $s->focalMm, $scene->shots));
        $known = $restriction->fromM ?? $scene->roomM;
        $distance = round($known ?? self::USUAL_M, 1);
        $wanted = self::reach($distance);
        if ($focals !== [] && max($focals) >= self::AS_LONG * $wanted) {
            return null;
        }
        $said = $known === null
            ? "How far that is nobody has measured: write it into the brief, as “from the back, 12 m”. From {$distance} m"
            : "From about {$distance} m";

        // Whether there is such a lens is for the kit to say.
        return Verdict::mind(
            'plan.from-the-back',
            $known === null
                ? "{$scene->title} is taken from the back: from how far?"
                : "{$scene->title} is taken from the back: it wants about {$wanted} mm.",
            "The brief says: “{$restriction->text}”. {$said} a person to the knee, upright, takes {$wanted} mm, and ".
                ($focals === [] ? 'no shot there names a lens.' : 'the longest that a shot there names is '.max($focals).' mm.').
                ($known === null ? ' Write it beside a shot, so that it is packed.' : ' The kit asks for it.'),
            ['focal_mm' => $wanted],
        );
    }

    /** To fill the height of an upright frame with a person to the knee from there, in mm on full format, to the next ten. */
    private static function reach(float $distanceM): int
    {
        return (int) (round(($distanceM * self::SENSOR_MM) / self::SHOWN_M / 10) * 10);
    }

    /**
     * The reach that a scene asks for because one stays at the back; null where one need not, where nobody knows how far that is, or
     * where one of several photographers has it.
     *
     * @param  list<Restriction>  $restrictions
     * @param  list<Scene>  $scenes  of the job
     */
    public static function reachFromTheBack(array $restrictions, Scene $scene, array $scenes): ?int
    {
        foreach ($restrictions as $r) {
            $distance = $r->fromM ?? $scene->roomM;
            if ($r->kind !== RestrictionKind::FromTheBack || $distance === null || ! self::isMeant($r, $scene)) {
                continue;
            }
            $reach = self::reach(round($distance, 1));
            $there = array_filter($scenes, static fn (Scene $s): bool => self::isMeant($r, $s));
            $focals = array_merge(...array_map(
                static fn (Scene $s): array => array_map(static fn (SceneShot $shot): int => (int) $shot->focalMm, $s->shots),
                array_values($there),
            ));

            return max([0, ...$focals]) >= self::AS_LONG * $reach ? null : $reach;
        }

        return null;
    }

    /**
     * Whether one has to stay at the back there.
     *
     * @param  list<Restriction>  $restrictions
     */
    public static function keepsBack(array $restrictions, Scene $scene): bool
    {
        return array_filter(
            $restrictions,
            static fn (Restriction $r): bool => $r->kind === RestrictionKind::FromTheBack && self::isMeant($r, $scene),
        ) !== [];
    }

    private static function isMeant(Restriction $restriction, Scene $scene): bool
    {
        // Who is to stay at the back, and nobody says where, stays there while people sit and look on.
        $isNear = $restriction->kind === RestrictionKind::FromTheBack && $restriction->where === null && $restriction->during === null &&
            in_array($scene->kind, self::FACE_TO_FACE, true);

        return ! $isNear && $scene->isAt($restriction->where) && $scene->has($restriction->during)
            && ($restriction->hours === null || $restriction->hours->meet($scene->from, $scene->to));
    }

    private static function none(Restriction $restriction, Scene $scene): Verdict
    {
        $shots = count($scene->shots);

        return Verdict::stop(
            'plan.no-pictures',
            "{$scene->title} has ".Plural::of($shots, 'a shot', "{$shots} shots").', and pictures are not allowed there.',
            "The brief says: “{$restriction->text}”. Ask once more, or take them elsewhere.",
            ['shots' => $shots],
        );
    }
}
