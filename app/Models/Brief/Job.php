<?php

declare(strict_types=1);

namespace App\Models\Brief;

use App\Models\Cards\CameraCheckRecord;
use App\Models\Cards\Run;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use App\Models\People\FormalGroup;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use NorthSatchel\JobKind;

/**
 * A job: one brief, one day or several that follow each other.
 *
 * @property int $id
 * @property string $name
 * @property JobKind $kind
 * @property string|null $client
 * @property string $date
 * @property int $place_id
 * @property string $covered_from
 * @property string $covered_to
 * @property float $temperature_c
 * @property string|null $must_haves
 * @property string|null $restrictions
 * @property bool $is_confidential
 * @property string|null $appointment_from  when it may start at the earliest, among several jobs of a day
 * @property string|null $appointment_to  when it may start at the latest
 * @property list<array{first: string, second: string, until: int|null}>|null $separations  who must not see each other before a segment
 * @property int|null $formals_segment_id  in which the groups are called
 * @property bool $formals_gathered  whether everybody stands by from the start
 * @property string $kit_school
 * @property int|null $kit_limit_g
 * @property bool $goes_by_air
 * @property array{slowest?: float|null, highest_iso?: int|null, widest?: float|null, smallest?: float|null}|null $settings_sheet  slowest
 *     as the denominator of a second
 * @property string $wide_side  on which side the wide body hangs
 * @property-read Place $place
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Segment> $segments
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Person> $people
 * @property-read \Illuminate\Database\Eloquent\Collection<int, FormalGroup> $formalGroups
 * @property-read \Illuminate\Database\Eloquent\Collection<int, KitAsk> $kitAsks
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Packing> $packing
 * @property-read \Illuminate\Database\Eloquent\Collection<int, AccessWindow> $accessWindows
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ShotLine> $shotLines
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ShotLine> $freeShots
 * @property-read CameraCheckRecord|null $latestCheck
 */
final class Job extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => JobKind::class,
            'temperature_c' => 'float',
            'is_confidential' => 'bool',
            'separations' => 'array',
            'formals_gathered' => 'bool',
            'goes_by_air' => 'bool',
            'settings_sheet' => 'array',
        ];
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
        $people = $this->hasMany(Person::class);
        $people->orderBy('position')->orderBy('id');

        return $people;
    }

    /** @return HasMany<FormalGroup, $this> in the order in which they are called */
    public function formalGroups(): HasMany
    {
        $groups = $this->hasMany(FormalGroup::class);
        $groups->orderBy('position')->orderBy('id');

        return $groups;
    }

    /** @return HasMany<KitAsk, $this> */
    public function kitAsks(): HasMany
    {
        $asks = $this->hasMany(KitAsk::class);
        $asks->orderBy('id');

        return $asks;
    }

    /** @return HasMany<AccessWindow, $this> */
    public function accessWindows(): HasMany
    {
        return $this->hasMany(AccessWindow::class);
    }

    /** @return HasMany<ShotLine, $this> of all segments and free ones, each in their order */
    public function shotLines(): HasMany
    {
        $lines = $this->hasMany(ShotLine::class);
        $lines->orderBy('position');

        return $lines;
    }

    /** @return HasMany<ShotLine, $this> lines that no segment has taken yet, in their order */
    public function freeShots(): HasMany
    {
        $lines = $this->hasMany(ShotLine::class);
        $lines->whereNull('segment_id')->orderBy('position');

        return $lines;
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
