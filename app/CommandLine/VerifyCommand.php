<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Devices\LocalVolume;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Volume\UnableToRead;

/** `satchel verify BAG_DIR`: a bag against its own lists. */
final class VerifyCommand
{
    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function run(array $arguments): int
    {
        $options = Options::of($arguments, [], ['--json']);
        if (count($options->words) !== 1) {
            throw Refusal::because('one bag must be given: ./satchel verify BAG_DIR [--json]');
        }
        $bag = Options::folder($options->words[0], 'BAG_DIR');
        try {
            $check = (new BagVerifier(LocalVolume::at($bag)))->check();
        } catch (BrokenBag|UnableToRead $e) {
            throw Refusal::of('BAG_DIR', 'must be a bag: '.$e->getMessage());
        }
        if ($options->has('--json')) {
            Options::printJson([
                'valid' => $check->valid,
                'files' => $check->files,
                'missing' => $check->missing,
                'damaged' => $check->damaged,
                'extra' => $check->extra,
            ]);
        } else {
            printf(
                "%s: %d files%s\n",
                $check->valid ? 'valid' : 'NOT valid',
                $check->files,
                $check->unfinished ? ', the copy is unfinished' : '',
            );
            foreach (['missing' => $check->missing, 'damaged' => $check->damaged, 'extra' => $check->extra] as $what => $names) {
                foreach ($names as $name) {
                    echo "  {$what}: {$name}\n";
                }
            }
        }

        return $check->valid ? 0 : 1;
    }
}
