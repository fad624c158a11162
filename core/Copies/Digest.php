<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\ImpossibleValue;

/**
 * A running hash, fed piece by piece.
 *
 * New bags use BLAKE2b-512 (RFC 7693), the hash of coreutils' b2sum: about four times as fast as
 * SHA-256 in PHP, so that hashing keeps up with a card reader. What a run has just written is read back
 * against a second, quick hash of the same pass (XXH128, six times as fast again): it need not withstand a
 * forger, only tell what the medium changed.
 */
final class Digest
{
    public const DEFAULT = 'blake2b512';

    /** Of the default hash in hexadecimal. */
    public const LENGTH = 128;

    private const QUICK = 'xxh128';

    /** Of the quick hash in hexadecimal. */
    public const QUICK_LENGTH = 32;

    private const BY_HASH = ['md5', 'sha1', 'sha224', 'sha256', 'sha384', 'sha512'];

    /** @var non-empty-string|null the state that libsodium keeps */
    private ?string $blake = null;

    private ?\HashContext $context = null;

    private function __construct(public readonly string $algorithm)
    {
        if (self::isBlake($algorithm)) {
            $this->blake = sodium_crypto_generichash_init('', 64);
        } else {
            $this->context = hash_init($algorithm);
        }
    }

    /** @throws ImpossibleValue for an algorithm that is not known */
    public static function with(string $algorithm = self::DEFAULT): self
    {
        if (! self::knows($algorithm)) {
            throw ImpossibleValue::of('algorithm', 'must be blake2b512 or one of '.implode(', ', self::BY_HASH));
        }

        return new self($algorithm);
    }

    /** Within a run and its journal only; never written into a list. */
    public static function quick(): self
    {
        return new self(self::QUICK);
    }

    public static function knows(string $algorithm): bool
    {
        return self::isBlake($algorithm) || in_array($algorithm, self::BY_HASH, true);
    }

    public static function ofText(string $text, string $algorithm = self::DEFAULT): string
    {
        $digest = self::with($algorithm);
        $digest->add($text);

        return $digest->hex();
    }

    public function add(string $bytes): void
    {
        if ($this->blake !== null) {
            sodium_crypto_generichash_update($this->blake, $bytes);
        } elseif ($this->context !== null) {
            hash_update($this->context, $bytes);
        }
    }

    /** Lower-case hexadecimal; ends the run. */
    public function hex(): string
    {
        if ($this->blake !== null) {
            return sodium_bin2hex(sodium_crypto_generichash_final($this->blake, 64));
        }

        return $this->context === null ? '' : hash_final($this->context);
    }

    private static function isBlake(string $algorithm): bool
    {
        return $algorithm === self::DEFAULT || $algorithm === 'blake2b';
    }
}
