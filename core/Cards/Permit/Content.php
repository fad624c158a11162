<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** What a file holds, read from its first byte to its last: its BLAKE2b-512 (RFC 7693), and whatever other hashes are asked for. */
final readonly class Content
{
    /** The hash by which contents are compared; lower-case hexadecimal. */
    public const HASH = 'blake2b512';

    private const PIECE = 1 << 20;

    /** Of lists that others made, by the names of RFC 8493. */
    private const OTHERS = ['md5', 'sha1', 'sha224', 'sha256', 'sha384', 'sha512'];

    /** @param  array<string, string>  $hashes  by algorithm, BLAKE2b always among them */
    private function __construct(public array $hashes, public int $bytes) {}

    public static function knows(string $algorithm): bool
    {
        return in_array($algorithm, [self::HASH, 'blake2b', ...self::OTHERS], true);
    }

    /**
     * @param  list<string>  $also  algorithms beside BLAKE2b
     * @param  (\Closure(int): void)|null  $onBytes
     *
     * @throws UnableToRead also when it changes under the reading
     */
    public static function of(Volume $volume, string $path, array $also = [], ?\Closure $onBytes = null): self
    {
        $file = $volume->open($path);
        try {
            return self::read($file, $path, $also, $onBytes);
        } finally {
            $file->close();
        }
    }

    public function hash(): string
    {
        return $this->hashes[self::HASH];
    }

    /**
     * @param  list<string>  $also
     * @param  (\Closure(int): void)|null  $onBytes
     */
    private static function read(ReadableFile $file, string $path, array $also, ?\Closure $onBytes): self
    {
        $before = $file->stamp();
        $blake = sodium_crypto_generichash_init('', 64);
        $others = [];
        foreach (array_intersect($also, self::OTHERS) as $algorithm) {
            $others[$algorithm] = hash_init($algorithm);
        }
        $bytes = 0;
        while (($piece = $file->read(self::PIECE)) !== '') {
            sodium_crypto_generichash_update($blake, $piece);
            foreach ($others as $context) {
                hash_update($context, $piece);
            }
            $bytes += strlen($piece);
            if ($onBytes !== null) {
                $onBytes(strlen($piece));
            }
        }
        if ($file->stamp() !== $before) {
            throw UnableToRead::fromPath($path, 'it changed while it was read');
        }
        $own = bin2hex(sodium_crypto_generichash_final($blake, 64));

        return new self(
            [self::HASH => $own, 'blake2b' => $own, ...array_map(static fn (\HashContext $c): string => hash_final($c), $others)],
            $bytes,
        );
    }
}
