<?php

declare(strict_types=1);

namespace App\Desks\Plan;

/** What was taken from a file, and what in it nobody reads. */
final readonly class ImportedPlan
{
    /**
     * @param  string  $unread  what is said of columns that nobody reads
     * @param  int  $shots  lines that are shots of a segment
     */
    public function __construct(public int $count, public string $unread = '', public int $shots = 0) {}

    public function says(): string
    {
        $added = $this->count === 1 ? 'One segment is added.' : "{$this->count} segments are added.";
        $shots = $this->shots === 0 ? '' : ' Shots are not taken from a table: paste them as a list.';

        return $added.$this->unread.$shots;
    }
}
