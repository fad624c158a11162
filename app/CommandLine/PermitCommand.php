<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Devices\DiskBehind;
use App\Devices\LocalVolume;
use NorthSatchel\Cards\Permit\BagReader;
use NorthSatchel\Cards\Permit\BagReading;
use NorthSatchel\Cards\Permit\CardReader;
use NorthSatchel\Cards\Permit\FileProof;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Cards\Permit\Proof;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** `satchel permit CARD_DIR BAG_DIR… `: may the card be formatted? From content alone, with no database. */
final class PermitCommand
{
    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function run(array $arguments): int
    {
        $asked = PermitWords::of($arguments);
        ini_set('memory_limit', '1G');
        $proof = self::prove($asked);
        if ($proof->files === []) {
            throw Refusal::of('CARD_DIR', 'must hold files: there is none on it');
        }
        $asked->asJson ? Options::printJson(self::answer($asked, $proof)) : self::say($asked, $proof);

        return $proof->isGranted() ? 0 : 1;
    }

    /**
     * The same answer in this process.
     *
     * @throws Refusal
     */
    public static function prove(PermitWords $asked): Proof
    {
        try {
            $twin = $asked->twin === null ? null : (new TwinCheck(LocalVolume::at($asked->card), LocalVolume::at($asked->twin)))->report();
            $card = CardReader::read(LocalVolume::at($asked->card), $twin, $asked->twin === null ? null : LocalVolume::at($asked->twin));
        } catch (UnableToRead $e) {
            throw Refusal::of('CARD_DIR', 'must be readable: '.$e->getMessage());
        }
        if (array_filter($card->files, CardReader::isFile(...)) === []) {
            throw Refusal::of('CARD_DIR', 'must hold files: there is none on it');
        }
        $media = self::media($asked);
        $own = self::inodes($asked->card);
        $bags = [];
        foreach ($asked->bags as $index => [$given, $folder]) {
            $reader = new BagReader(LocalVolume::at($folder), $card->sizes);
            $bags[] = new BagReading($given, $media[$index], self::files($folder, $reader->found(), $own));
        }

        return Proof::of($card->files, $bags, $asked->copies);
    }

    /**
     * What the file system calls each file; files that are the card's own, under another name, are no copies.
     *
     * @param  array<string, list<string>>  $found
     * @param  array<string, true>  $ofCard
     * @return array<string, list<string>>
     */
    private static function files(string $folder, array $found, array $ofCard): array
    {
        $contents = [];
        foreach ($found as $hash => $paths) {
            foreach ($paths as $path) {
                $stat = @lstat("{$folder}/{$path}");
                $name = $stat === false ? null : "{$stat['dev']}:{$stat['ino']}";
                if ($name !== null && ! isset($ofCard[$name])) {
                    $contents[$hash][] = $name;
                }
            }
        }

        return $contents;
    }

    /** @return array<string, true> what the file system calls the files of the card */
    private static function inodes(string $card): array
    {
        $names = [];
        foreach (LocalVolume::at($card)->entries() as $entry) {
            $stat = @lstat("{$card}/{$entry->path}");
            $names += $stat === false ? [] : ["{$stat['dev']}:{$stat['ino']}" => true];
        }

        return $names;
    }

    /** @return list<Medium> of each bag in the order given; a folder that was given twice has one name */
    private static function media(PermitWords $asked): array
    {
        $names = $asked->names();
        $disks = new DiskBehind();
        $media = [];
        foreach ($asked->bags as $index => [, $folder]) {
            $found = $disks->of($folder)->names;
            $media[] = $names[$index] === null ? Medium::found($found) : Medium::said($names[$index], $found);
        }

        return $media;
    }

    /** @return array<string, mixed> */
    private static function answer(PermitWords $asked, Proof $proof): array
    {
        $plain = array_filter($proof->files, static fn (FileProof $f): bool => CardReader::isFile($f->file));
        $media = self::media($asked);
        $named = static function (Medium $medium) use ($media): string {
            $said = array_values(
                array_unique(
                    array_map(
                        static fn (Medium $m): string => $m->name,
                        array_filter($media, static fn (Medium $m): bool => $m->isSaid && $m->isSameAs($medium)),
                    ),
                ),
            );

            return ! $medium->isSaid && count($said) === 1 ? $said[0] : $medium->name;
        };

        return [
            'granted' => $proof->isGranted(),
            'files' => count($plain),
            'safe' => count($proof->safe()),
            'unsafe' => array_map(
                static fn (FileProof $f): array => [
                    'name' => Names::printable($f->file->name),
                    'why' => (string) $f->why,
                    'on' => array_map(static fn (BagReading $b): string => $named($b->medium), $f->on),
                ],
                $proof->unsafe(),
            ),
            'media' => array_map(
                static fn (array $bag, Medium $medium): array => [
                    'bag' => $bag[0],
                    'medium' => $bag[2] ?? $named($medium),
                    'said' => $bag[2] !== null,
                ],
                $asked->bags,
                $media,
            ),
        ];
    }

    private static function say(PermitWords $asked, Proof $proof): void
    {
        $answer = self::answer($asked, $proof);
        printf(
            "%s: %d of %d files lie on at least %d media\n",
            $proof->isGranted() ? 'may be formatted' : 'NOT to be formatted',
            $answer['safe'],
            $answer['files'],
            $asked->copies,
        );
        foreach ($answer['unsafe'] as $row) {
            echo "  {$row['name']}: {$row['why']}".($row['on'] === [] ? '' : ' ('.implode(', ', $row['on']).')')."\n";
        }
        foreach ($answer['media'] as $row) {
            echo "  {$row['bag']}: {$row['medium']}".($row['said'] ? ', as you say' : '')."\n";
        }
    }
}
