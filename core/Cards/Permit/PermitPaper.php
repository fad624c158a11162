<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** A permit written down: for each file where it lies, by which hash, read when, on what medium; who asked, by which rule. */
final class PermitPaper
{
    public const FORMAT = 'north-satchel-permit';

    /**
     * @param  int  $at  unix seconds
     * @param  array<string, int|bool|string>  $rule
     * @return array<string, mixed>
     */
    public static function of(FormatPermit $permit, int $at, string $who, array $rule): array
    {
        $q = $permit->question;
        $bags = [];
        $files = [];
        // What is missing somewhere stands first.
        $proofs = [...$q->proof->unsafe(), ...array_filter($q->proof->files, static fn (FileProof $f): bool => $f->isSafe())];
        foreach ($proofs as $file) {
            $on = [];
            foreach ($file->on as $bag) {
                $key = "{$bag->place()}\0{$bag->bag}";
                $bags[$key] ??= [
                    'place' => $bag->place(),
                    'bag' => $bag->bag,
                    'medium' => $bag->medium->name,
                    'said' => $bag->medium->isSaid,
                    'read_at' => $bag->readAt === null ? null : gmdate('Y-m-d\TH:i:s\Z', $bag->readAt),
                    'elsewhere' => $bag->isElsewhere,
                ];
                $on[] = (int) array_search($key, array_keys($bags), true);
            }
            $files[] =
                ['name' => $file->file->name, 'hash' => $file->file->wanted(), 'on' => $on] +
                ($file->file->healing === null ? [] : ['healed' => true]) +
                ($file->file->isGivenUp ? ['given_up' => true] : []) +
                ($file->why === null ? [] : ['why' => $file->why]);
        }

        return [
            'format' => self::FORMAT,
            'card' => $q->card,
            'granted' => $permit->isGranted,
            'at' => gmdate('Y-m-d\TH:i:s\Z', $at),
            'who' => $who,
            'rule' => $rule,
            'because' => (string) $permit->verdicts->worst()?->because,
            'hash' => 'BLAKE2b-512, its first 256 bits',
            'bags' => array_values($bags),
            'files' => $files,
            'found_bad' => $q->look->bad ?? [],
            'found_bad_words' => $q->look->words ?? '',
        ];
    }
}
