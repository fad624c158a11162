<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** Checks a bag against its own lists (RFC 8493, 3): complete, and every checksum right. */
final class BagVerifier
{
    /** @var array<string, true> */
    private array $missing = [];

    /** @var array<string, true> */
    private array $damaged = [];

    /** @var array<string, int> bytes by path of every plain file in the bag */
    private array $there = [];

    /** @var array<string, array<string, string>> expected hash by path and algorithm */
    private array $expected = [];

    /** @var array<string, string> by path, of what is right */
    private array $contents = [];

    /**
     * @param  \Closure(int, string): void|null  $onBytes bytes read, file
     * @param  array<string, string>  $known  BLAKE2b-512 by path, of files that were read a moment ago: they are not read again
     */
    public function __construct(
        private readonly Volume $bag,
        private readonly ?\Closure $onBytes = null,
        private readonly array $known = [],
    ) {}

    /** @throws BrokenBag when it is no bag at all */
    public function check(): BagCheck
    {
        $unfinished = $this->bag->kindOf(BagLayout::UNFINISHED) !== null;
        if (! $unfinished && $this->bag->kindOf(BagLayout::DECLARATION) !== EntryKind::File) {
            throw BrokenBag::because('there is no bagit.txt in it');
        }
        foreach ($this->bag->entries() as $entry) {
            if ($entry->kind === EntryKind::File) {
                $this->there[$entry->path] = $entry->bytes;
            }
        }
        $payloadLists = $this->readLists('manifest-');
        $this->readLists('tagmanifest-');
        $payload = array_filter(array_keys($this->expected), static fn (string|int $path): bool => str_starts_with((string) $path, 'data/'));
        foreach ($this->expected as $path => $hashes) {
            $this->checkFile((string) $path, $hashes);
        }
        $extra = $this->extra($payloadLists);
        $this->checkDeclaration();
        $this->checkOxum();
        $isWhole = ! $unfinished && $payloadLists > 0 && $payload !== [] && $this->missing === [] && $this->damaged === [] && $extra === [];

        return new BagCheck(
            valid: $isWhole,
            files: count($payload),
            missing: self::names($this->missing),
            damaged: self::names($this->damaged),
            extra: $extra,
            unfinished: $unfinished,
            contents: array_diff_key($this->contents, $this->damaged),
        );
    }

    /** @return int how many lists of that kind could be used */
    private function readLists(string $prefix): int
    {
        $used = 0;
        foreach (array_keys($this->there) as $name) {
            $parts = [];
            if (preg_match('/^'.$prefix.'([a-z0-9]+)\.txt$/D', (string) $name, $parts) !== 1) {
                continue;
            }
            if (! Digest::knows($parts[1])) {
                continue;
            }
            try {
                foreach (Manifest::parse($this->bag->contents((string) $name))->all() as $path => $hash) {
                    $this->expected[$path][$parts[1]] = $hash;
                }
                $used++;
            } catch (BrokenBag|UnableToRead) {
                $this->damaged[$name] = true;
            }
        }

        return $used;
    }

    /** @param  array<string, string>  $hashes by algorithm */
    private function checkFile(string $path, array $hashes): void
    {
        if (! isset($this->there[$path])) {
            $this->missing[$path] = true;

            return;
        }
        $isPayload = str_starts_with($path, 'data/');
        if (isset($this->known[$path]) && array_keys($hashes) === [Digest::DEFAULT]) {
            if (! hash_equals($this->known[$path], $hashes[Digest::DEFAULT])) {
                $this->damaged[$path] = true;
            }
            $this->contents[$path] = $this->known[$path];

            return;
        }
        try {
            $digests = $isPayload ? [Digest::DEFAULT => Digest::with()] : [];
            foreach (array_keys($hashes) as $algorithm) {
                $digests[$algorithm] ??= Digest::with((string) $algorithm);
            }
            $file = $this->bag->open($path);
            while (($bytes = $file->read(ReadableFile::PIECE)) !== '') {
                foreach ($digests as $digest) {
                    $digest->add($bytes);
                }
                if ($this->onBytes !== null) {
                    ($this->onBytes)(strlen($bytes), $path);
                }
            }
            $file->close();
            $read = array_map(static fn (Digest $digest): string => $digest->hex(), $digests);
            foreach ($hashes as $algorithm => $hash) {
                if (! hash_equals($read[$algorithm], $hash)) {
                    $this->damaged[$path] = true;
                }
            }
            if ($isPayload) {
                $this->contents[$path] = $read[Digest::DEFAULT];
            }
        } catch (UnableToRead) {
            $this->damaged[$path] = true;
        }
    }

    /**
     * Payload that some list does not name: each payload list names every payload file.
     *
     * @return list<string>
     */
    private function extra(int $payloadLists): array
    {
        $extra = [];
        foreach ($this->there as $path => $bytes) {
            if (str_starts_with((string) $path, 'data/') && count($this->expected[$path] ?? []) < max(1, $payloadLists)) {
                $extra[] = Names::printable((string) $path);
            }
        }
        foreach ($this->bag->entries() as $entry) {
            if ($entry->kind !== EntryKind::File && str_starts_with($entry->path, 'data/')) {
                $extra[] = Names::printable($entry->path);
            }
        }

        return $extra;
    }

    private function checkDeclaration(): void
    {
        if (! isset($this->there[BagLayout::DECLARATION])) {
            return;
        }
        $pattern = '/^BagIt-Version: \d+\.\d+\r?\nTag-File-Character-Encoding: \S+\s*$/D';
        try {
            if (preg_match($pattern, $this->bag->contents(BagLayout::DECLARATION)) !== 1) {
                $this->damaged[BagLayout::DECLARATION] = true;
            }
        } catch (UnableToRead) {
            $this->damaged[BagLayout::DECLARATION] = true;
        }
    }

    /** Payload-Oxum names the bytes and the number of files of the payload. */
    private function checkOxum(): void
    {
        if (! isset($this->there[BagLayout::INFO]) || $this->missing !== []) {
            return;
        }
        try {
            $oxum = BagInfo::parse($this->bag->contents(BagLayout::INFO))->get('Payload-Oxum');
        } catch (UnableToRead) {
            $oxum = '';
        }
        $payload = array_filter(
            $this->there,
            static fn (string|int $path): bool => str_starts_with((string) $path, 'data/'),
            ARRAY_FILTER_USE_KEY,
        );
        $listed = array_intersect_key($payload, $this->expected);
        $isRight =
            $oxum === null ||
            in_array(trim($oxum), [array_sum($payload).'.'.count($payload), array_sum($listed).'.'.count($listed)], true);
        if (! $isRight && $this->damaged === []) {
            $this->damaged[BagLayout::INFO] = true;
        }
    }

    /**
     * @param  array<string, true>  $paths
     * @return list<string>
     */
    private static function names(array $paths): array
    {
        ksort($paths, SORT_STRING);

        return array_map(static fn (string|int $path): string => Names::printable((string) $path), array_keys($paths));
    }
}
