<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Copies\SessionFileRow;
use App\Models\Copies\SessionFolder;
use NorthSatchel\Copies\Session\SessionCopy;
use NorthSatchel\Volume\UnableToRead;

/** The drive that a person copies to: what lies on it is known by its content, whoever put it there and under whatever name. */
final class HandRoute
{
    /** It is gone through this often, and never more than a tenth of the time. */
    private const EVERY_S = 3.0;

    private const SHARE = 10;

    /** @var array<string, string> hashes by path, length and time */
    private array $hashes = [];

    private float $next = 0.0;

    /**
     * @param  array<SessionFileRow>  $rows
     *
     * @throws FolderNotAllowed
     * @throws UnableToRead
     */
    public function look(SessionFolder $folder, array $rows, float $now): void
    {
        $lacks = [];
        foreach ($rows as $row) {
            if ($row->by_hand_at === null && $row->hash !== null) {
                $lacks[$row->bytes][] = $row;
            }
        }
        if ($lacks === [] || $now < $this->next) {
            return;
        }
        $begun = microtime(true);
        $volume = Devices::destination($folder->byHand);
        foreach (SessionWatch::files($volume) as $path => $file) {
            if (! isset($lacks[$file->bytes])) {
                continue;
            }
            $key = "{$path} {$file->bytes} {$file->modifiedAt}";
            $this->hashes[$key] ??= SessionCopy::hash($volume, $path);
            foreach ($lacks[$file->bytes] as $row) {
                if ($row->hash === $this->hashes[$key] && $row->by_hand_at === null) {
                    $row->update(['by_hand_at' => (int) $now]);
                }
            }
        }
        $this->next = $now + max(self::EVERY_S, self::SHARE * (microtime(true) - $begun));
    }
}
