<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\ImpossibleValue;

/** What the owner asks of the copies; 3-2-1 unless they say otherwise: three copies, two kinds of device, one elsewhere. */
final readonly class AuditRule
{
    /**
     * @param  int  $againAfterDays  a verification older than that says little
     *
     * @throws ImpossibleValue
     */
    public function __construct(public int $copies = 3, public int $kinds = 2, public int $elsewhere = 1, public int $againAfterDays = 90)
    {
        foreach (['copies' => $copies, 'kinds' => $kinds] as $field => $value) {
            if ($value < 1 || $value > 8) {
                throw ImpossibleValue::of($field, 'must lie between 1 and 8');
            }
        }
        if ($elsewhere < 0 || $elsewhere > $copies || $againAfterDays < 1) {
            throw ImpossibleValue::of('elsewhere', 'must be no more than the copies');
        }
    }

    /** How many points a load misses: copies, kinds and places that are not there. */
    public function missing(AuditLoad $load): int
    {
        return max(0, $this->copies - $load->devices()) +
            max(0, $this->kinds - count($load->kinds())) +
            max(0, $this->elsewhere - $load->elsewhere());
    }

    public function name(): string
    {
        return "{$this->copies}-{$this->kinds}-{$this->elsewhere}";
    }
}
