<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Cards\Permit\Medium;

/** A place that copies can go to. */
final readonly class AuditPlace
{
    /** @param  float  $mbPerS  how fast it takes them */
    public function __construct(
        public int $id,
        public string $name,
        public string $device,
        public string $kind,
        public string $kept,
        public string $route,
        public ?string $account = null,
        public float $mbPerS = 150.0,
        public ?Medium $medium = null,
    ) {}

    public function copy(int $now): AuditCopy
    {
        return new AuditCopy($this->name, $this->device, $this->kind, $this->kept, $this->route, $this->account, $now, $this->medium);
    }
}
