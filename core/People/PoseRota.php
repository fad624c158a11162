<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\RowsFocus;

/**
 * Poses for a team in a row, or for players one by one: no two neighbours in one pose, turned opposite ways,
 * all with one face in one pass, of two neighbours the shorter half a step forward (common practice, no source).
 */
final class PoseRota
{
    /** Nobody smiles beside a serious face: the face changes from one pass to the next, not within one picture. */
    public const FACES = ['all smiling', 'all serious'];

    public const POSES = ['arms crossed', 'ball under the arm', 'hands behind', 'hand on hip', 'one knee'];

    /** Half a step. */
    public const FORWARD_M = 0.35;

    /** Less nobody sees. */
    private const NOTICED_CM = 4;

    private const SHOULDER_M = 0.55;

    private const MARGIN = 1.2;

    private const FOCAL_MM = 50.0;

    private const SENSOR_MM = 36.0;

    /** Wide open no row is taken (common practice, no source). */
    private const GROUP_STOP = 4.0;

    /**
     * @param  list<string>  $poses
     * @param  list<int>  $heightsCm  from the left, of as many players as are known
     * @return list<PosedPlayer>
     *
     * @throws ImpossibleValue for fewer than two different poses
     */
    public static function of(int $players, array $poses = self::POSES, array $heightsCm = []): array
    {
        $poses = array_values(array_unique($poses));
        if (count($poses) < 2) {
            throw ImpossibleValue::of('poses', 'must be two at least, so that no two neighbours stand alike');
        }
        $forward = self::forward($heightsCm);
        $rota = [];
        for ($i = 0; $i < $players; $i++) {
            $rota[] = new PosedPlayer(
                number: $i + 1,
                pose: $poses[$i % count($poses)],
                turned: $i % 2 === 0 ? 'to the left' : 'to the right',
                isForward: $forward[$i] ?? false,
            );
        }

        return $rota;
    }

    /** What half a step costs: two planes to hold sharp, seen with a normal lens from where the row fits. */
    public static function sharpness(int $players): string
    {
        $distance = max(2.0, round(($players * self::SHOULDER_M * self::MARGIN * self::FOCAL_MM) / self::SENSOR_MM, 1));
        $focus = RowsFocus::of(self::FOCAL_MM, GroupSetup::COC_MM, [$distance - self::FORWARD_M, $distance]);

        return 'Half a step makes two planes '.
            round(100 * self::FORWARD_M).
            ' cm apart: at '.
            round(self::FOCAL_MM).
            " mm from {$distance} m focus between them, and f/".max(self::GROUP_STOP, $focus->fNumber).' holds both'.
                ($focus->fNumber < self::GROUP_STOP ? ' with room to spare' : '').'.';
    }

    /**
     * Who stands forward: of two neighbours who differ the shorter and not the taller, the big differences first
     * where not all can have it. A dynamic program along the row, over back and forward.
     *
     * @param  list<int>  $heightsCm
     * @return list<bool>
     */
    private static function forward(array $heightsCm): array
    {
        // What the row so far is worth, its last one back or forward, and how the one before stood.
        $worth = [[0, -1]];
        $from = [];
        foreach ($heightsCm as $i => $height) {
            if ($i === 0) {
                continue;
            }
            $step = $heightsCm[$i - 1] - $height;
            $gain = abs($step) < self::NOTICED_CM ? 0 : $step;
            [$stayed, $stepped] = $worth[$i - 1];
            // The taller one before and this one forward is worth the difference, the other way round it costs that.
            $back = [$stayed, $stepped - $gain];
            $forward = [$stayed + $gain - 1, $stepped - 1];
            $worth[] = [max($back), max($forward)];
            $from[$i] = [$back[0] >= $back[1] ? 0 : 1, $forward[0] >= $forward[1] ? 0 : 1];
        }
        $last = count($heightsCm) - 1;
        if ($last < 0) {
            return [];
        }
        $forward = [];
        $state = $worth[$last][1] > $worth[$last][0] ? 1 : 0;
        for ($i = $last; $i >= 0; $i--) {
            $forward[$i] = $state === 1;
            $state = $from[$i][$state] ?? 0;
        }
        ksort($forward);

        return array_values($forward);
    }
}
