<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Scout\Ground\GroundPost;

/** Where one may stand, in metres on the plan of the place. */
final readonly class Post
{
    /**
     * @param  int  $holds  how many stand there at once
     * @param  float  $upM  above what happens: so much further away one is
     */
    public function __construct(public string $id, public float $xM, public float $yM, public int $holds = 1, public float $upM = 0.0) {}

    public static function of(GroundPost $post): self
    {
        return new self($post->name, $post->xM, $post->yM, $post->holds, $post->upM);
    }
}
