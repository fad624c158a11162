<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A job: one brief, one day.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property string|null $client
 * @property string $date
 * @property int $place_id
 * @property string $covered_from
 * @property string $covered_to
 * @property float $temperature_c
 * @property string|null $must_haves
 * @property string|null $restrictions
 * @property bool $is_confidential
 * @property-read Place $place
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Segment> $segments
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Person> $people
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Packing> $packing
 * @property-read CameraCheckRecord|null $latestCheck
 */
final class Job extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['temperature_c' => 'float', 'is_confidential' => 'bool'];
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** The place of that name, made without coordinates in this job's time zone if it is not known yet; none for no name. */
    public function placeNamed(string $name): ?Place
    {
        return $name === '' ? null : Place::query()->firstOrCreate(['name' => $name], ['timezone' => $this->place->timezone]);
    }

    /** @return HasMany<Segment, $this> */
    public function segments(): HasMany
    {
        return $this->hasMany(Segment::class);
    }

    /** @return HasMany<Person, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(Person::class);
    }

    /** @return HasMany<Packing, $this> */
    public function packing(): HasMany
    {
        return $this->hasMany(Packing::class);
    }

    /** @return HasMany<CameraCheckRecord, $this> */
    public function cameraChecks(): HasMany
    {
        return $this->hasMany(CameraCheckRecord::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class);
    }

    /** @return HasOne<CameraCheckRecord, $this> */
    public function latestCheck(): HasOne
    {
        return $this->cameraChecks()->one()->latestOfMany();
    }
}
