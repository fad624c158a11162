<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A stretch of the day, as it was planned.
 *
 * @property int $id
 * @property int $job_id
 * @property int|null $place_id
 * @property int|null $spot_id
 * @property string $title
 * @property string $lane
 * @property string $start_clock
 * @property int $minutes
 * @property string $priority
 * @property bool $is_outdoor
 * @property bool $is_anchor
 * @property int|null $short_minutes
 * @property int|null $low_minutes
 * @property int|null $high_minutes
 * @property bool $may_move
 * @property bool $is_break
 * @property int $takes_in_minutes
 * @property int $day  of the job, 0 is the first
 * @property string $light
 * @property string|null $earliest_clock
 * @property string|null $latest_clock
 * @property int $setup_minutes
 * @property int|null $worth
 * @property list<string>|null $people
 * @property list<string>|null $also_lanes
 * @property list<string>|null $hidden_from
 * @property array{worth?: array<string, int>, hand?: array<string, string>}|null $cover  of a period in which everybody stays at a post:
 *     what zones are worth in it, and the posts of the photographers as they were chosen
 * @property string|null $calendar_rest  of the calendar it came from, what is not understood here
 * @property-read Place|null $place
 * @property-read Job $job
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ShotLine> $shotLines
 */
final class Segment extends Record
{
    use SoftDeletes;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            ...SegmentField::casts(),
            'hidden_from' => 'array',
            'minutes' => 'int',
            'people' => 'array',
            'also_lanes' => 'array',
            'cover' => 'array',
        ];
    }

    /** @return list<string> who does it, each once, its own lane first */
    public function lanes(): array
    {
        return array_values(array_unique([$this->lane, ...$this->also_lanes ?? []]));
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** The place that was said of it; null where nobody said one, and `place` is the main one of its job. */
    public function ownPlace(): ?Place
    {
        return $this->place_id === null ? null : $this->place;
    }

    /** @return HasMany<ShotLine, $this> in the order in which they are shot */
    public function shotLines(): HasMany
    {
        $lines = $this->hasMany(ShotLine::class);
        $lines->orderBy('position');

        return $lines;
    }
}
