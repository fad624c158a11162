<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use NorthSatchel\Picture\Bytes;
use NorthSatchel\Picture\FileBytes;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\Raw;
use NorthSatchel\Volume\UnableToRead;

/** The picture of a frame, small or pixel for pixel, from wherever it can be read; nothing is written. */
final class FrameImages
{
    private const PREVIEW_PX = 240;

    private const ACTUAL_PX = 640;

    private const SCREEN_PX = 1600;

    private const MOST_PIXELS = 150_000_000;

    public function __construct(private readonly CardLog $log, private readonly CopyLedger $ledger) {}

    /** A small jpeg of a frame, from wherever it can be read; null where it holds no picture that can be opened here. */
    public function preview(Frame $frame): ?string
    {
        return self::small($this->shownBytes($frame) ?? '');
    }

    /** A picture as small as it stands on a contact sheet; null where it cannot be opened. */
    public static function small(string $bytes): ?string
    {
        $image = self::image($bytes);
        $small = $image === null ? false : imagescale($image, self::PREVIEW_PX);

        return $small === false ? null : self::jpeg($small, 75);
    }

    /** The middle of a frame, pixel for pixel. */
    public function actual(Frame $frame): ?string
    {
        // What a raw carries for showing need not have the raw's own pixels.
        $image = self::image($this->jpegBytes($frame));
        if ($image === null) {
            return null;
        }
        [$width, $height] = [min(self::ACTUAL_PX, imagesx($image)), min(self::ACTUAL_PX, imagesy($image))];
        $middle = imagecrop($image, [
            'x' => intdiv(imagesx($image) - $width, 2),
            'y' => intdiv(imagesy($image) - $height, 2),
            'width' => $width,
            'height' => $height,
        ]);

        return $middle === false ? null : self::jpeg($middle, 92);
    }

    /** A jpeg as it is shown on a screen: made smaller where it is larger than one; null where it cannot be opened. */
    public static function shown(string $bytes): ?string
    {
        $size = @getimagesizefromstring($bytes);
        $image = $size === false || $size[0] * $size[1] > self::MOST_PIXELS ? false : @imagecreatefromstring($bytes);
        if ($image === false) {
            return null;
        }
        $small = imagesx($image) > self::SCREEN_PX ? imagescale($image, self::SCREEN_PX) : $image;

        return $small === false ? null : self::jpeg($small, 85);
    }

    /** The jpeg of a frame as it was taken, from wherever it can be read; null where there is none. */
    public function jpegBytes(Frame $frame): ?string
    {
        $jpeg = $this->jpegOf($frame);

        return $jpeg->kind === FrameKind::Jpeg->value ? $this->bytes($jpeg) : null;
    }

    /** A jpeg that shows a frame: the one that was taken, or the one that its raw carries, '' where it carries none; null where it is not here. */
    public function shownBytes(Frame $frame): ?string
    {
        $from = $this->jpegOf($frame);

        return $this->bytes($from, $from->kind === FrameKind::Jpeg->value ? null : static fn (Bytes $raw): string => Raw::preview($raw) ?? '');
    }

    private function jpegOf(Frame $frame): Frame
    {
        if ($frame->kind !== FrameKind::Jpeg->value) {
            $frame =
                Frame::query()
                    ->where('card_id', $frame->card_id)
                    ->where('fill', $frame->fill)
                    ->where('kind', FrameKind::Jpeg->value)
                    ->where('path', 'like', str_replace(['%', '_'], ['\%', '\_'], FrameKind::frameOf($frame->path)).'.%')
                    ->first() ?? $frame;
        }

        return $frame;
    }

    private static function image(?string $bytes): ?\GdImage
    {
        $size = $bytes === null ? false : @getimagesizefromstring($bytes);
        if ($bytes === null || $size === false || $size[0] * $size[1] > self::MOST_PIXELS) {
            return null;
        }

        return @imagecreatefromstring($bytes) ?: null;
    }

    private static function jpeg(\GdImage $image, int $quality): string
    {
        ob_start();
        imagejpeg($image, null, $quality);

        return (string) ob_get_clean();
    }

    /**
     * From the card while it still holds that fill, else from a verified copy; opened for reading only.
     *
     * @param  (\Closure(Bytes): ?string)|null  $part
     */
    private function bytes(Frame $frame, ?\Closure $part = null): ?string
    {
        $card = Card::query()->with('item')->find($frame->card_id);
        if ($card !== null && $this->log->lifeOf($card)->fill === $frame->fill) {
            try {
                return self::read(Devices::card($card), $frame->path, $part);
            } catch (FolderNotAllowed|UnableToRead) {
                // The copies may still be there.
            }
        }
        foreach ($this->ledger->lastEvents($frame->card_id, $frame->fill) as $id => $event) {
            $place = $event->kind === CopyState::Verified && $event->bag !== CopyEvent::NO_BAG ? Destination::query()->find($id) : null;
            if ($place !== null) {
                try {
                    return self::read(LocalVolume::at(Devices::destination($place)->root()."/{$event->bag}/data"), $frame->path, $part);
                } catch (FolderNotAllowed|UnableToRead|\RuntimeException) {
                    continue;
                }
            }
        }

        return null;
    }

    /** @param  (\Closure(Bytes): ?string)|null  $part  what is wanted of it; all where nothing is said */
    private static function read(\NorthSatchel\Volume\Volume $volume, string $path, ?\Closure $part): ?string
    {
        $file = $volume->open($path);
        if ($part !== null) {
            $bytes = $part(new FileBytes($file));
            $file->close();

            return $bytes;
        }
        $bytes = '';
        while (($piece = $file->read(1 << 20)) !== '') {
            $bytes .= $piece;
        }
        $file->close();

        return $bytes;
    }
}
