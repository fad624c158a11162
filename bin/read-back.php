<?php

declare(strict_types=1);

/*
 * Reads files of one folder for App\Devices\ReadBackBeside, and only reads.
 *
 *   php bin/read-back.php FOLDER      in:  1 or 0 (with the hash for lists or without), tab, path, line break
 *                                     out: bytes, tab, quick hash, tab, hash for lists, tab, what went wrong, line break
 *
 * Paths and what went wrong are percent-encoded. It ends when its input does.
 */

use App\Devices\LocalVolume;
use NorthSatchel\Copies\ReadBack\Reading;

require dirname(__DIR__).'/core/autoload.php';

if (! function_exists('sodium_crypto_generichash_init') || ! isset($argv[1])) {
    exit(1);
}
$volume = new LocalVolume($argv[1]);
while (($line = fgets(STDIN)) !== false) {
    [$withDigest, $path] = explode("\t", rtrim($line, "\n"), 2);
    $reading = Reading::of($volume, rawurldecode($path), $withDigest === '1');
    $answer =
        implode("\t", [
            $reading->bytes,
            (string) $reading->hash->quick,
            (string) $reading->hash->digest,
            rawurlencode((string) $reading->problem),
        ])."\n";
    if (fwrite(STDOUT, $answer) !== strlen($answer)) {
        exit(1);
    }
}
