<?php

declare(strict_types=1);

namespace App\Desks\Scout;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot;
use App\Models\Scout\TestPicture as StoredPicture;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Drawing\Point;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Picture\Exif;
use NorthSatchel\Picture\Jpeg;
use NorthSatchel\Picture\TextBytes;
use NorthSatchel\Scout\Ground\GroundPost;
use NorthSatchel\Scout\Measured;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\TestPicture;
use NorthSatchel\Scout\TestPictureJudge;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Verdicts;

/** Test pictures of spots: kept as they came, read for place, direction and light, and measured in. */
final class TestPictureDesk
{
    private const USUAL_WIDTH_M = 1.0;

    public function __construct(private readonly GroundDesk $grounds) {}

    /** @throws ValidationException when it is no jpeg */
    public function add(Job $job, Spot $spot, string $name, string $bytes): StoredPicture
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG) {
            throw ValidationException::withMessages(['picture' => 'It must be a jpeg picture, as the phone takes it.']);
        }
        $block = Jpeg::exifBlock(new TextBytes($bytes));
        $exif = $block === null ? null : Exif::of(new TextBytes($block));
        if ($exif === null) {
            throw ValidationException::withMessages([
                'picture' => 'It says nothing about itself: messengers take place, direction and exposure away. Send the original.',
            ]);
        }
        $zone = new \DateTimeZone($job->place->timezone);
        $read = TestPicture::of($exif, $size[0], $size[1], $zone->getOffset(new \DateTimeImmutable('@'.($exif->clock ?? time()))));
        $folder = (string) config('satchel.pictures');
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $file = Str::uuid().'.jpg';
        if (file_put_contents("{$folder}/{$file}", $bytes) !== strlen($bytes)) {
            throw ValidationException::withMessages(['picture' => 'It could not be written: the disk may be full.']);
        }

        return $spot->pictures()->create([
            'name' => mb_substr($name, 0, 120),
            'file' => $file,
            'width' => $read->width,
            'height' => $read->height,
            'focal35_mm' => $read->focal35Mm,
            'latitude' => $read->place?->latitudeDeg,
            'longitude' => $read->place?->longitudeDeg,
            'direction_deg' => $read->directionDeg,
            'is_magnetic' => $read->isMagnetic,
            'ev100' => $read->ev100,
            'taken_at' => $read->takenAt,
        ]);
    }

    public function path(StoredPicture $picture): string
    {
        return config('satchel.pictures').'/'.$picture->file;
    }

    public function verdicts(Job $job, Spot $spot): Verdicts
    {
        $verdicts = [];
        foreach ($spot->pictures as $picture) {
            $verdicts = [
                ...$verdicts,
                ...TestPictureJudge::of($picture->name, self::read($picture), $spot->id, ScoutDesk::point($spot), JobDay::of($job)),
            ];
        }

        return new Verdicts($verdicts);
    }

    /** @throws ValidationException */
    public function measure(StoredPicture $picture, Point $foot, Point $top, ?Point $edge, float $eyeM, ?float $distanceM): Measured
    {
        try {
            return self::read($picture)->measure($foot, $top, $edge, $eyeM, $distanceM);
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages([
                $e->field === 'foot' ? 'distance_m' : 'taps' => ucfirst("the {$e->field} {$e->must}."),
            ]);
        }
    }

    /** @throws ValidationException when it cannot be said where the thing stands */
    public function keepThing(StoredPicture $picture, Measured $measured, string $name): Obstacle
    {
        return $picture->spot->obstacles()->create([
            'name' => $name,
            'bearing_deg' => round($this->bearing($measured), 1),
            'distance_m' => round($measured->distanceM, 1),
            'height_m' => round($measured->heightM, 1),
            'width_m' => round(max(0.1, $measured->widthM ?? self::USUAL_WIDTH_M), 1),
        ]);
    }

    /** @return list<string> names of the posts of the ground where a spot is */
    public function postsAt(Spot $spot): array
    {
        $record = $this->grounds->of($spot->place_id);

        return $record === null ? [] : array_map(static fn (GroundPost $p): string => $p->name, GroundDesk::read($record)->posts);
    }

    /**
     * What was measured from a post becomes a zone of the ground.
     *
     * @throws ValidationException when it cannot be said where it stands, or the ground has something of that name
     */
    public function keepZone(StoredPicture $picture, Measured $measured, string $post, string $name): void
    {
        $record = $this->grounds->of($picture->spot->place_id);
        $ground = $record === null ? null : GroundDesk::read($record);
        $from = array_values(array_filter($ground->posts ?? [], static fn (GroundPost $p): bool => $p->name === $post))[0] ?? null;
        if ($record === null || $ground === null || $from === null) {
            throw ValidationException::withMessages(['post' => 'The ground has no such post.']);
        }
        $at = $ground->seenFrom($from, $this->bearing($measured), $measured->distanceM);
        $line = str_replace([',', ';', "\n"], ' ', $name).', '.round($at->x, 1).', '.round($at->y, 1);
        try {
            $this->grounds->keep($record->fill(['zones' => trim("{$record->zones}\n{$line}")]));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['name' => ucfirst("the {$e->field} {$e->must}.")]);
        }
    }

    /** @throws ValidationException */
    public function keepSkyline(StoredPicture $picture, Measured $measured): void
    {
        $line = round($this->bearing($measured), 1).' '.round($measured->topDeg, 1);
        $skyline = Skyline::read($picture->spot->skyline."\n".$line);
        $picture->spot->update(['skyline' => $skyline->text()]);
    }

    private function bearing(Measured $measured): float
    {
        return $measured->bearingDeg ??
            throw ValidationException::withMessages([
                'taps' => 'The picture does not say which way it looks: add the thing by hand, with its bearing.',
            ]);
    }

    private static function read(StoredPicture $p): TestPicture
    {
        return TestPicture::known(
            $p->latitude === null || $p->longitude === null ? null : GeoPoint::of($p->latitude, $p->longitude),
            $p->direction_deg,
            $p->is_magnetic,
            $p->ev100,
            $p->taken_at,
            $p->width,
            $p->height,
            $p->focal35_mm,
        );
    }
}
