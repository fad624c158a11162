<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Devices\LocalVolume;
use App\Devices\PlaceRule;
use App\Devices\ReadBackBeside;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\CopyConflict;
use NorthSatchel\Copies\CopyReport;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\DestinationReport;
use NorthSatchel\Copies\Skipped;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** `satchel copy CARD_DIR --to DIR … --name NAME`: a card into a verified bag at each destination. */
final class CopyCommand
{
    private const MOST_DESTINATIONS = 8;

    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function run(array $arguments): int
    {
        $options = Options::of($arguments, ['--to', '--name'], ['--json', '--allow-skips']);
        if (count($options->words) !== 1) {
            throw Refusal::because(
                'one card must be given: ./satchel copy CARD_DIR --to DIR [--to DIR] --name NAME [--json] [--allow-skips]',
            );
        }
        $card = Options::folder($options->words[0], 'CARD_DIR');
        $name = $options->one('--name');
        if (! Names::isPlain($name)) {
            throw Refusal::of('--name', 'must be one plain folder name');
        }
        $given = $options->all('--to');
        $destinations = self::destinations($given, $card, $name);

        $started = microtime(true);
        $bags = array_map(
            static fn (string $real, string $label): DestinationBag => new DestinationBag(
                ($volume = LocalVolume::at($real)),
                $label,
                $name,
                new ReadBackBeside($volume),
            ),
            $destinations,
            $given,
        );
        $volume = LocalVolume::at($card);
        if (self::isEmpty($volume)) {
            throw Refusal::of('CARD_DIR', 'must hold something: it is empty');
        }
        try {
            $report = (new Copier($volume, $bags, ['External-Identifier' => $name], gmdate('Y-m-d')))->run();
        } catch (CopyConflict|UnableToRead $e) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', $e->getMessage())."\n");

            return 1;
        }
        self::tell($report, $options->has('--json'), microtime(true) - $started);

        return $report->isWhole($options->has('--allow-skips')) ? 0 : 1;
    }

    /**
     * @param  list<string>  $given
     * @return list<string> real paths
     *
     * @throws Refusal
     */
    private static function destinations(array $given, string $card, string $name): array
    {
        if ($given === [] || count($given) > self::MOST_DESTINATIONS) {
            throw Refusal::of('--to', 'must be given one to eight times');
        }
        $real = [];
        foreach ($given as $folder) {
            $path = Options::folder($folder, '--to');
            $why = (new PlaceRule())->against($path, ['that is copied' => $card]);
            if ($why !== null) {
                throw Refusal::of('--to', "must be a place for copies: {$folder} is none, {$why}");
            }
            if (realpath("{$path}/{$name}") === $card) {
                throw Refusal::of('--name', 'must not be the card itself');
            }
            if (in_array($path, $real, true) || self::isSameFolder($path, $real)) {
                throw Refusal::of('--to', "must name different folders: {$folder} is there twice");
            }
            $real[] = $path;
        }

        return $real;
    }

    /** @param  list<string>  $others  a folder that is bound to a second name is one folder */
    private static function isSameFolder(string $folder, array $others): bool
    {
        $name = static fn (string $of): string => implode(':', array_intersect_key(stat($of) ?: [], ['dev' => 0, 'ino' => 0]));

        return in_array($name($folder), array_map($name, $others), true);
    }

    /** @throws Refusal */
    private static function isEmpty(LocalVolume $card): bool
    {
        try {
            foreach ($card->entries() as $entry) {
                return false;
            }
        } catch (UnableToRead $e) {
            throw Refusal::of('CARD_DIR', 'must be readable: '.$e->getMessage());
        }

        return true;
    }

    private static function tell(CopyReport $report, bool $asJson, float $seconds): void
    {
        $problems = array_map(
            static fn (DestinationReport $d): ?string => $d->problem === null ? null : "{$d->label}: {$d->problem}",
            $report->destinations,
        );
        if (array_filter($problems) !== []) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', implode('; ', array_filter($problems)))."\n");
        }
        if ($asJson) {
            Options::printJson([
                'files' => $report->files,
                'bytes' => $report->bytes,
                'destinations' => array_map(
                    static fn (DestinationReport $d): array => [
                        'path' => $d->label,
                        'verified' => $d->verified,
                        'files' => $d->files,
                        'reused' => $d->reused,
                    ],
                    $report->destinations,
                ),
                'skipped' => array_map(static fn (Skipped $s): array => ['name' => $s->name, 'why' => $s->why], $report->skipped),
                'seconds' => round($seconds, 3),
            ]);

            return;
        }
        printf(
            "%d files, %.1f MB, %.1f s (%.0f MB/s)\n",
            $report->files,
            $report->bytes / 1e6,
            $seconds,
            $report->bytes / 1e6 / max($seconds, 0.001),
        );
        foreach ($report->destinations as $d) {
            printf(
                "  %s: %s, %d files, %d of them there before\n",
                $d->label,
                $d->verified ? 'verified' : 'NOT verified',
                $d->files,
                $d->reused,
            );
        }
        foreach ($report->skipped as $skipped) {
            echo "  left out: {$skipped->name}: {$skipped->why}\n";
        }
        if (! $report->fromMedium) {
            echo "  The system's cache could not be emptied: the read-back may have come from memory.\n";
        }
    }
}
