<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\Check\BumpCheck;
use NorthSatchel\Cards\Check\ExposedFrame;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Cards\Twin\DcfNumber;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Test\PlainFrame;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Verdict;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;

/** What frames say of their camera: dust and smudges from a plain one, a turned dial from the newest ones. */
final class CameraSignsDesk
{
    private const WIDTH = 240;

    private const MOST_PIXELS = 120_000_000;

    private const NEWEST = 24;

    public function __construct(private readonly CardsDesk $cards) {}

    /**
     * @param  string  $bytes  of a jpeg or png
     * @return list<Verdict>
     *
     * @throws ValidationException when it is no picture
     */
    public function plain(string $label, string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > self::MOST_PIXELS || min($size[0], $size[1]) < 40) {
            throw ValidationException::withMessages(['frame' => 'It must be a jpeg or png of a usual size.']);
        }
        $image = @imagecreatefromstring($bytes);
        $small = $image === false ? false : imagescale($image, self::WIDTH, (int) round((self::WIDTH * $size[1]) / $size[0]));
        if ($small === false) {
            throw ValidationException::withMessages(['frame' => 'This picture cannot be opened.']);
        }
        $rows = [];
        for ($y = 0; $y < imagesy($small); $y++) {
            $row = [];
            for ($x = 0; $x < imagesx($small); $x++) {
                $rgb = imagecolorat($small, $x, $y);
                // Luma of ITU-R BT.709.
                $row[] = (0.2126 * (($rgb >> 16) & 255) + 0.7152 * (($rgb >> 8) & 255) + 0.0722 * ($rgb & 255)) / 255;
            }
            $rows[] = $row;
        }
        try {
            return PlainFrame::of($rows)->verdicts($label);
        } catch (ImpossibleValue) {
            throw ValidationException::withMessages(['frame' => 'This picture is too small or too narrow.']);
        }
    }

    /** @return list<Verdict> of each body on the list, from the newest frames on the cards that are in it, or else from the index */
    public function bumps(Job $job): array
    {
        $sheet = self::sheet($job);
        $slots = $this->cards->slots($job);
        $serials = array_values($job->packing->map(static fn ($p): ?string => $p->item->body?->serial)->filter()->all());
        $indexed = self::indexed($serials, new \DateTimeZone($job->place->timezone));
        $verdicts = [];
        foreach ($job->packing as $entry) {
            $body = $entry->item->body;
            if ($body instanceof Body) {
                $loaded = array_values($slots[$body->id] ?? [])[0] ?? null;
                $frames = $loaded instanceof Card ? $this->onCard($loaded) : [];
                $verdicts = [
                    ...$verdicts,
                    ...BumpCheck::of($entry->item->label, $frames === [] ? $indexed[$body->serial] ?? [] : $frames, $sheet),
                ];
            }
        }

        return $verdicts;
    }

    /** @return list<ExposedFrame> the newest of a card, in the order in which the camera counted; the card is opened for reading only */
    private function onCard(Card $card): array
    {
        try {
            $volume = Devices::card($card);
            $paths = [];
            foreach ($volume->entries() as $entry) {
                $number = $entry->kind === EntryKind::File && FrameKind::of($entry->path) !== null ? DcfNumber::of($entry->path) : null;
                if ($number !== null) {
                    $paths[sprintf('%03d%04d', $number->folder, $number->number)] = $entry->path;
                }
            }
            ksort($paths);
            $frames = [];
            foreach (array_slice($paths, -self::NEWEST) as $path) {
                $exif = PictureInspector::exif($volume, $path);
                if ($exif !== null) {
                    $frames[] = new ExposedFrame(gmdate('H:i', (int) $exif->clock), $exif->shutterS, $exif->fNumber, $exif->iso);
                }
            }

            return $frames;
        } catch (FolderNotAllowed|UnableToRead) {
            return [];
        }
    }

    /**
     * The newest of each body that were indexed, in the order in which it took them.
     *
     * @param  list<string>  $serials
     * @return array<string, list<ExposedFrame>> by serial, times in the zone of the job
     */
    private static function indexed(array $serials, \DateTimeZone $zone): array
    {
        $query = null;
        foreach ($serials as $serial) {
            $of = DB::table('frames')
                ->where('body_serial', $serial)
                ->whereNotNull('taken_at')
                ->orderByDesc('taken_at')
                ->orderByDesc('id')
                ->limit(self::NEWEST);
            $query = $query === null ? $of : $query->unionAll($of);
        }
        $frames = [];
        foreach ($query?->get()->sortBy([['taken_at', 'asc'], ['id', 'asc']]) ?? [] as $f) {
            $frames[(string) $f->body_serial][] = new ExposedFrame(
                (new \DateTimeImmutable('@'.$f->taken_at))->setTimezone($zone)->format('H:i'),
                $f->shutter_s, $f->f_number, $f->iso);
        }

        return $frames;
    }

    public static function sheet(Job $job): SettingsSheet
    {
        $s = $job->settings_sheet ?? [];
        $slowest = $s['slowest'] ?? null;

        return new SettingsSheet(
            $slowest === null ? null : 1 / $slowest,
            $s['highest_iso'] ?? null,
            $s['widest'] ?? null,
            $s['smallest'] ?? null,
        );
    }
}
