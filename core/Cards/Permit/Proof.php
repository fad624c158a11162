<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Plural;

/**
 * Whether all of a card may go: a pure function of three kinds of evidence and the rule.
 *
 * The evidence: what is on the card, each thing by its content; what was read back from each bag, by content, and on which
 * medium; what was given up in writing. Nothing is read here, nothing remembered, and none of the copier's code is used. Names
 * do not matter. A card without files proves nothing.
 */
final readonly class Proof
{
    /** @param  list<FileProof>  $files */
    private function __construct(public array $files, public int $wanted, public bool $isElsewhereAsked) {}

    /**
     * @param  list<CardFile>  $card  everything on it
     * @param  list<BagReading>  $bags
     * @param  int  $wanted  different media that must hold each file
     * @param  bool  $isElsewhereAsked  whether one of them must be elsewhere
     */
    public static function of(array $card, array $bags, int $wanted, bool $isElsewhereAsked = false): self
    {
        $known = [];
        $files = [];
        foreach ($card as $file) {
            $files[] = self::one($file, $bags, max(1, $wanted), $isElsewhereAsked, $known);
        }

        return new self($files, $wanted, $isElsewhereAsked);
    }

    public function isGranted(): bool
    {
        return $this->files !== [] && $this->unsafe() === [];
    }

    /** @return list<FileProof> */
    public function unsafe(): array
    {
        return array_values(array_filter($this->files, static fn (FileProof $f): bool => ! $f->isSafe()));
    }

    /** @return list<FileProof> plain files, safe by content and not by being given up */
    public function safe(): array
    {
        return array_values(array_filter($this->files, static fn (FileProof $f): bool => $f->isSafe() && ! $f->file->isGivenUp));
    }

    /** @return list<string> every place that holds something of it, in the order of their names */
    public function places(): array
    {
        $places = [];
        foreach ($this->files as $file) {
            foreach ($file->on as $bag) {
                $places[$bag->place()] = true;
            }
        }
        ksort($places, SORT_STRING);

        return array_map(strval(...), array_keys($places));
    }

    /** On how many media the file lies that lies on the fewest; 0 where there is none. */
    public function least(): int
    {
        $counts = array_map(
            static fn (FileProof $f): int => count($f->on),
            array_filter($this->files, static fn (FileProof $f): bool => ! $f->file->isGivenUp),
        );

        return $counts === [] ? 0 : min($counts);
    }

    /**
     * @param  list<BagReading>  $bags
     * @param  array<string, list<BagReading>>  $known  by those that hold a file, one bag for each different medium
     */
    private static function one(CardFile $file, array $bags, int $wanted, bool $isElsewhereAsked, array &$known): FileProof
    {
        if ($file->isGivenUp) {
            return new FileProof($file, [], null);
        }
        $content = $file->wanted();
        if ($file->whyNot !== null || $content === null) {
            return new FileProof($file, [], $file->whyNot ?? 'nobody has read it yet');
        }
        $on = self::onDifferentMedia($content, $bags, $known);
        $count = count($on);
        $why = match (true) {
            $count === 0 && $file->healing !== null => 'the file of its twin, which heals it, lies on no medium',
            $count === 0 => 'what it holds lies on no medium',
            $count < $wanted => Plural::of(
                $count,
                "it lies on one medium, and {$wanted} are wanted",
                "it lies on {$count} media, and {$wanted} are wanted",
            ),
            $isElsewhereAsked && array_filter($on, static fn (BagReading $b): bool => $b->isElsewhere) === [] => 'it lies nowhere '.
                'outside the house and the bag',
            default => null,
        };

        return new FileProof($file, $on, $why);
    }

    /**
     * One bag for each different medium that holds this content. What the file system calls one file, under however many
     * names, is one copy.
     *
     * @param  list<BagReading>  $bags
     * @param  array<string, list<BagReading>>  $known
     * @return list<BagReading>
     */
    private static function onDifferentMedia(string $content, array $bags, array &$known): array
    {
        $holding = [];
        $seen = [];
        foreach ($bags as $index => $bag) {
            if (! $bag->holds($content)) {
                continue;
            }
            $files = $bag->contents[$content];
            $own = array_diff($files, array_keys($seen));
            if ($files === [] || $own !== []) {
                $holding[$index] = $bag;
                $seen += array_fill_keys($files, true);
            }
        }
        // Most files of a card lie in the same bags.
        $key = implode(' ', array_keys($holding));
        if (isset($known[$key])) {
            return $known[$key];
        }
        // Of bags on one medium that which is elsewhere comes first, so that it is not hidden by the other.
        usort($holding, static fn (BagReading $a, BagReading $b): int => $b->isElsewhere <=> $a->isElsewhere);
        $media = Medium::different(array_map(static fn (BagReading $b): Medium => $b->medium, $holding));

        return $known[$key] = array_map(
            static fn (Medium $m): BagReading => array_values(
                array_filter($holding, static fn (BagReading $b): bool => $b->medium->isSameAs($m)),
            )[0],
            $media,
        );
    }
}
