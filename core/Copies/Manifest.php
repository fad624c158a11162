<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\Names;

/**
 * A checksum list of a bag: a line a file, hash, two spaces, path (RFC 8493, 2.1.3).
 *
 * CR, LF and % in a path are written %0D, %0A, %25; every other line passes coreutils' check.
 */
final class Manifest
{
    /** @param  array<string, string>  $hashes by path below the bag, in the file system's bytes */
    public function __construct(private array $hashes = []) {}

    /** @throws BrokenBag when a line is none of a manifest */
    public static function parse(string $text): self
    {
        $hashes = [];
        foreach (preg_split('/\r\n|\n|\r/', $text) ?: [] as $line) {
            $parts = [];
            if ($line === '') {
                continue;
            }
            if (preg_match('/^([0-9a-fA-F]+)[ \t]+\*?(.+)$/Ds', $line, $parts) !== 1) {
                throw BrokenBag::because('a line of its manifest has no hash and path');
            }
            $path = self::decode($parts[2]);
            $path = str_starts_with($path, './') ? substr($path, 2) : $path;
            if (isset($hashes[$path])) {
                throw BrokenBag::because('its manifest lists '.Names::printable($path).' twice');
            }
            $hashes[$path] = strtolower($parts[1]);
        }

        return new self($hashes);
    }

    public function put(string $path, string $hash): void
    {
        $this->hashes[$path] = $hash;
    }

    public function drop(string $path): void
    {
        unset($this->hashes[$path]);
    }

    public function hashOf(string $path): ?string
    {
        return $this->hashes[$path] ?? null;
    }

    /** @return array<string, string> by path */
    public function all(): array
    {
        return $this->hashes;
    }

    public function text(): string
    {
        $hashes = $this->hashes;
        ksort($hashes, SORT_STRING);
        $text = '';
        foreach ($hashes as $path => $hash) {
            $text .= self::line((string) $path, $hash);
        }

        return $text;
    }

    public static function line(string $path, string $hash): string
    {
        return $hash.'  '.str_replace(['%', "\r", "\n"], ['%25', '%0D', '%0A'], $path)."\n";
    }

    private static function decode(string $path): string
    {
        return (string) preg_replace_callback(
            '/%(0D|0A|25)/i',
            static fn (array $m): string => ['0D' => "\r", '0A' => "\n", '25' => '%'][strtoupper($m[1])],
            $path,
        );
    }
}
