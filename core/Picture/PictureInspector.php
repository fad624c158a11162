<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** Looks at one picture file of a volume: is it whole, and what does its Exif say? */
final class PictureInspector
{
    private const LARGEST_JPEG = 256 * 1024 * 1024;

    /**
     * @param  int|null  $decodeUpToPixels  jpegs above are judged by structure alone; null for the usual limit
     * @return array{PictureState, string|null} state, and why where there is something to say
     */
    public static function judge(Volume $volume, string $path, ?int $decodeUpToPixels = null): array
    {
        try {
            $file = $volume->open($path);
        } catch (UnableToRead $e) {
            return [PictureState::Damaged, $e->reason];
        }
        try {
            if (FrameKind::of($path) !== FrameKind::Jpeg) {
                return Raw::judge(new FileBytes($file));
            }
            if ($file->bytes() > self::LARGEST_JPEG) {
                return [PictureState::Unknown, 'it is too large to be looked at'];
            }
            $fault = Jpeg::fault($file->readAt(0, max(1, $file->bytes())), $decodeUpToPixels ?? Jpeg::DECODE_UP_TO_PIXELS);

            return [$fault === null ? PictureState::Intact : PictureState::Damaged, $fault];
        } catch (UnableToRead $e) {
            return [PictureState::Damaged, $e->reason];
        } finally {
            $file->close();
        }
    }

    /** Null when the file has no Exif that can be read. */
    public static function exif(Volume $volume, string $path): ?Exif
    {
        try {
            $file = $volume->open($path);
        } catch (UnableToRead) {
            return null;
        }
        try {
            $bytes = new FileBytes($file);
            if (FrameKind::of($path) === FrameKind::Jpeg) {
                $block = Jpeg::exifBlock($bytes);
                $bytes = $block === null ? null : new TextBytes($block);
            }

            return $bytes === null ? null : Exif::of($bytes);
        } catch (UnableToRead) {
            return null;
        } finally {
            $file->close();
        }
    }
}
