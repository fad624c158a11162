<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** An exposure of a job: raw and jpeg of one name, on however many cards. */
final readonly class TakenExposure
{
    /**
     * @param  string  $name  without folder and ending
     * @param  int|null  $at  Unix seconds, its clock set right; null where it does not say
     * @param  list<string>  $contents  hashes of its files, as far as they are known
     */
    public function __construct(public int $id, public string $name, public ?int $at, public array $contents = []) {}

    /** The time of a clock there; empty where it does not say. */
    public function face(\DateTimeZone $zone): string
    {
        return $this->at === null ? '' : (new \DateTimeImmutable("@{$this->at}"))->setTimezone($zone)->format('H:i:s');
    }
}
