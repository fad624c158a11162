<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Cards\Permit\Medium;

/** A verified copy of a card load: where, on what, and by which way it got there. */
final readonly class AuditCopy
{
    /**
     * @param  string  $device  the same for two folders of one drive
     * @param  string  $kind  of device: ssd, disk, cloud
     * @param  string  $kept  on-you, bag, home or elsewhere
     * @param  string  $route  the routine or hand that made it
     * @param  string|null  $account  whose password opens it, for what is reached by network
     * @param  int  $verifiedAt  Unix seconds
     */
    public function __construct(
        public string $name,
        public string $device,
        public string $kind,
        public string $kept,
        public string $route,
        public ?string $account,
        public int $verifiedAt,
        /** What it lies on, as permits tell media apart; null: as its device is called. */
        public ?Medium $medium = null,
    ) {}
}
