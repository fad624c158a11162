<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/**
 * Poses for a team in a row, or for players one by one: no two neighbours in one pose, turned opposite ways,
 * a smile and a serious face in turn (common practice, no source).
 */
final class PoseRota
{
    public const POSES = ['arms crossed', 'ball under the arm', 'hands behind', 'hand on hip', 'one knee'];

    /**
     * @param  list<string>  $poses
     * @return list<array{number: int, pose: string, turned: string, face: string}>
     *
     * @throws ImpossibleValue for fewer than two different poses
     */
    public static function of(int $players, array $poses = self::POSES): array
    {
        $poses = array_values(array_unique($poses));
        if (count($poses) < 2) {
            throw ImpossibleValue::of('poses', 'must be two at least, so that no two neighbours stand alike');
        }
        $rota = [];
        for ($i = 0; $i < $players; $i++) {
            $rota[] = ['number' => $i + 1, 'pose' => $poses[$i % count($poses)], 'turned' => $i % 2 === 0 ? 'to the left' : 'to the right', 'face' => intdiv($i, 2) % 2 === 0 ? 'smiling' : 'serious'];
        }

        return $rota;
    }
}
