<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Devices\LocalVolume;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinFile;
use NorthSatchel\Cards\Twin\TwinReport;
use NorthSatchel\Cards\Twin\TwinVerdict;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** `satchel twin DIR_A DIR_B`: the two cards of one body, compared. */
final class TwinCommand
{
    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal
     */
    public static function run(array $arguments): int
    {
        $options = Options::of($arguments, [], ['--json']);
        if (count($options->words) !== 2) {
            throw Refusal::because('two folders must be given: ./satchel twin DIR_A DIR_B [--json]');
        }
        $a = Options::folder($options->words[0], 'DIR_A');
        $b = Options::folder($options->words[1], 'DIR_B');
        if ($a === $b) {
            throw Refusal::of('DIR_B', 'must be another folder than DIR_A');
        }
        ini_set('memory_limit', '1G');
        try {
            $report = (new TwinCheck(LocalVolume::at($a), LocalVolume::at($b)))->report();
        } catch (UnableToRead $e) {
            throw Refusal::because($e->getMessage());
        }
        $options->has('--json') ? Options::printJson(self::answer($report)) : self::say($report);

        return $report->verdict === TwinVerdict::Twins ? 0 : 1;
    }

    /** @return array<string, mixed> */
    private static function answer(TwinReport $report): array
    {
        $names = static fn (array $files): array => array_map(static fn (TwinFile $f): string => Names::printable($f->path), $files);

        return [
            'frames' => $report->frames(),
            'files' => count($report->files),
            'identical' => $report->identical(),
            'only_in_a' => $names($report->onlyInA()),
            'only_in_b' => $names($report->onlyInB()),
            'different' => array_map(
                static fn (TwinFile $f): array => [
                    'name' => Names::printable($f->path),
                    'a' => $f->a?->value,
                    'b' => $f->b?->value,
                ],
                $report->different(),
            ),
            'verdict' => $report->verdict->value,
        ];
    }

    private static function say(TwinReport $report): void
    {
        printf(
            "%s: %d frames, %d files, %d identical\n",
            $report->verdict->value,
            $report->frames(),
            count($report->files),
            $report->identical(),
        );
        foreach ($report->files as $file) {
            if (! $file->isIdentical || $file->isLost()) {
                $say = static fn (?string $state, ?string $why): string => ($state ?? 'missing').($why === null ? '' : " ({$why})");
                printf(
                    "  %s: A %s, B %s\n",
                    Names::printable($file->path),
                    $say($file->a?->value, $file->whyA),
                    $say($file->b?->value, $file->whyB),
                );
            }
        }
    }
}
