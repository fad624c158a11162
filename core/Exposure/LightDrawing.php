<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\Drawing\Point;
use NorthSatchel\Optics\FrameEdge;

/** A light beside the picture, from above: the camera below, people above, the edges of the frame, the light just outside. */
final readonly class LightDrawing
{
    public const WIDTH = 420.0;

    public const HEIGHT = 300.0;

    private const FOOT = 24.0;

    private float $pixelsPerM;

    /** @param  float  $peopleM  from the camera */
    public function __construct(private float $peopleM, private float $frameWidthM, private FrameEdge $edge, private float $depthM = 0.0)
    {
        $high = $peopleM + $depthM + 0.6;
        $wide = 2 * max($frameWidthM / 2, $edge->asideM) + 1.2;
        $this->pixelsPerM = min((self::HEIGHT - 2 * self::FOOT) / $high, (self::WIDTH - 40) / $wide);
    }

    public function camera(): Point
    {
        return $this->at(0, 0);
    }

    /** The frame as an SVG polygon, from the camera to behind the people. */
    public function frame(): string
    {
        $far = $this->peopleM + $this->depthM + 0.5;
        $half = (($this->frameWidthM / 2) * $far) / $this->peopleM;
        $points = [$this->at(0, 0), $this->at(-$half, $far), $this->at($half, $far)];

        return implode(' ', array_map(static fn (Point $p): string => "{$p->x},{$p->y}", $points));
    }

    /** @return list<Point> heads of a row, or of two where the group has depth */
    public function people(): array
    {
        $heads = [];
        foreach ($this->depthM > 0 ? [0.0, $this->depthM] : [0.0] as $row => $back) {
            $count = max(1, (int) floor(($this->frameWidthM * 0.8) / 0.6));
            for ($i = 0; $i < $count; $i++) {
                $heads[] = $this->at(($i - ($count - 1) / 2) * 0.6 + $row * 0.3, $this->peopleM + $back);
            }
        }

        return $heads;
    }

    /** @return LightRay the light, and the face that it is measured to */
    public function light(): LightRay
    {
        $light = $this->at($this->edge->asideM, $this->edge->alongM);
        $face = $this->at(0, $this->peopleM);

        return new LightRay($light->x, $light->y, $face->x, $face->y);
    }

    private function at(float $asideM, float $awayM): Point
    {
        return new Point(
            x: round(self::WIDTH / 2 + $asideM * $this->pixelsPerM, 1),
            y: round(self::HEIGHT - self::FOOT - $awayM * $this->pixelsPerM, 1),
        );
    }
}
