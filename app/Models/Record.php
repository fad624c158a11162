<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What all that is stored has in common: plain values and those of the simplest casts are read without asking anew each time
 * whether somebody changes them on the way. A page of a job reads some ten thousand of them.
 */
abstract class Record extends Model
{
    /** @var array<class-string, array<string, string>> by class and column: int, float, bool, string or plain; nothing: Eloquent's own way */
    private static array $ways = [];

    /**
     * @param  string  $key
     * @return mixed
     */
    #[\Override]
    public function getAttribute($key)
    {
        $value = $this->attributes[$key] ?? null;
        if ($value === null && ! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        $way = self::$ways[static::class][$key] ??= $this->way($key);
        if ($value === null && $way !== '') {
            return null;
        }

        return match ($way) {
            'plain' => $value,
            'int' => (int) $value,
            'float' => (float) $value,
            'bool' => (bool) $value,
            'string' => (string) $value,
            default => parent::getAttribute($key),
        };
    }

    /** No record of this program has a method of its own that changes a value as it is read. */
    private function way(string $key): string
    {
        if (in_array($key, $this->getDates(), true)) {
            return '';
        }

        return match ($this->getCasts()[$key] ?? null) {
            null => 'plain',
            'int', 'integer' => 'int',
            'float' => 'float',
            'bool', 'boolean' => 'bool',
            'string' => 'string',
            default => '',
        };
    }

    /** By the names of traits' methods alone: no record of this program marks one by an attribute, and looking costs a page 10 ms. */
    #[\Override]
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
