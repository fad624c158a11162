<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

use NorthSatchel\Time\Priority;

/** What somebody wears, what it takes until it stands, and its poses. */
final readonly class Look
{
    /**
     * @param  string|null  $model  null where nobody is named
     * @param  int  $changeMinutes  by the model
     * @param  int  $hairMinutes  hair and make-up, by somebody else, after the change
     * @param  list<Pose>  $poses
     */
    public function __construct(
        public string $name,
        public ?string $model,
        public int $changeMinutes,
        public int $hairMinutes,
        public array $poses,
        public Priority $priority = Priority::Must,
    ) {}

    public function minutes(): int
    {
        return array_sum(array_map(static fn (Pose $p): int => $p->minutes, $this->poses));
    }

    /** @param  list<Pose>  $poses */
    public function with(array $poses): self
    {
        return new self($this->name, $this->model, $this->changeMinutes, $this->hairMinutes, $poses, $this->priority);
    }

    /** The number under which its frame for a wall is ticked. */
    public function wallLine(): int
    {
        return (int) hexdec(substr(hash('xxh32', 'wall '.mb_strtolower($this->name)), 0, 7));
    }
}
