<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Copies\AllowedRoot;

/** The folders of this machine that the program may look into: the stand-ins, and what the owner allowed. */
final class AllowedRoots
{
    /** @param  list<string>  $roots real paths */
    private function __construct(public readonly array $roots) {}

    /** Read once a request. */
    public static function now(): self
    {
        return app(self::class);
    }

    public static function read(): self
    {
        $roots = [Devices::standIns(), ...AllowedRoot::query()->pluck('path')->all()];
        $real = array_map(static fn (mixed $root): string|false => realpath((string) $root), $roots);

        return new self(array_values(array_unique(array_filter($real, is_string(...)))));
    }

    /**
     * The real path of a folder, links resolved, when it lies in an allowed root.
     *
     * @throws FolderNotAllowed
     */
    public function folder(string $path): string
    {
        $real = str_contains($path, "\0") ? false : realpath($path);
        if ($real === false || ! is_dir($real) || ! is_readable($real)) {
            throw FolderNotAllowed::absent($path);
        }
        foreach ($this->roots as $root) {
            if ($real === $root || str_starts_with($real, rtrim($root, '/').'/')) {
                return $real;
            }
        }
        throw FolderNotAllowed::outside($path);
    }

    /**
     * Folders directly below one, without links that lead out.
     *
     * @return list<string> names
     *
     * @throws FolderNotAllowed
     */
    public function below(string $path): array
    {
        $real = $this->folder($path);
        $names = [];
        foreach (scandir($real) ?: [] as $name) {
            if ($name[0] !== '.' && is_dir("{$real}/{$name}") && ! is_link("{$real}/{$name}") && preg_match('//u', $name) === 1) {
                $names[] = $name;
            }
        }

        return $names;
    }
}
