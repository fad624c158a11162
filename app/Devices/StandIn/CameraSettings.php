<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use NorthSatchel\Kit\SaveMode;

/** The menu of a stand-in body, and its counters. */
final readonly class CameraSettings
{
    public function __construct(
        public string $model = 'Ostervik M4',
        public SaveMode $mode = SaveMode::Mirror,
        public bool $raw = true,
        public bool $jpeg = false,
        public int $clockErrorS = 0,
        public int $folder = 100,
        public int $nextNumber = 1,
        public int $rawKb = 160,
    ) {}

    public static function load(string $file): self
    {
        $stored = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (! is_array($stored)) {
            return new self;
        }
        $stored['mode'] = SaveMode::from($stored['mode']);

        return new self(...$stored);
    }

    public function save(string $file): void
    {
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0777, true);
        }
        file_put_contents($file, json_encode([...get_object_vars($this), 'mode' => $this->mode->value], JSON_THROW_ON_ERROR));
    }

    public function with(mixed ...$changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
