<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;

/**
 * What a studio job takes, as it was typed.
 *
 * @property int $id
 * @property int $job_id
 * @property string|null $elements  final pictures, setups and elements, indented
 * @property string|null $changes  minutes from setup to setup
 * @property int $change_minutes  where nothing is listed
 * @property string|null $lights  what stands where, by setup
 * @property string|null $measured  the same, measured again
 * @property string|null $products  of a catalogue, with the numbers of their boards
 * @property string|null $crew  who is called, by group
 * @property string|null $hospital
 * @property string|null $parking
 * @property string|null $call_note  what everybody reads
 * @property string|null $floor  who sits where, with which screen
 * @property string|null $looks  and their poses
 * @property int $look_minutes  of their box
 * @property int $look_hands  people for hair and make-up
 * @property string|null $rooms  of a house
 * @property int|null $board_key  what its number boards say beside their number; it goes along in the job's bundle
 * @property string|null $begins_clock  null: as the plan begins to photograph, else with the covered hours
 */
final class StudioRecord extends Record
{
    public $timestamps = false;

    protected $table = 'studios';

    protected $guarded = [];

    protected $attributes = ['elements' => null, 'changes' => null, 'change_minutes' => 10, 'begins_clock' => null,
        'lights' => null, 'measured' => null, 'products' => null, 'crew' => null, 'hospital' => null, 'parking' => null, 'call_note' => null,
        'floor' => null, 'looks' => null, 'look_minutes' => 120, 'look_hands' => 1, 'rooms' => null];

    /** Short, so that the code on a board stays coarse: a version 2 code at level H holds 20 such characters (ISO/IEC 18004). */
    private const BOARD_KEYS = [1000, 9999];

    protected static function booted(): void
    {
        self::creating(static function (self $record): void {
            $record->board_key ??= random_int(...self::BOARD_KEYS);
        });
    }

    /** Boards of a job that came in a bundle without a key of its own say its place here. */
    public function boardKey(): int
    {
        return $this->board_key ?? $this->job_id;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['board_key' => 'int', 'change_minutes' => 'int', 'look_minutes' => 'int', 'look_hands' => 'int'];
    }
}
