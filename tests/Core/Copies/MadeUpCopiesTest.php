<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use NorthSatchel\Cards\Twin\HealedSet;
use NorthSatchel\Cards\Twin\LoneCheck;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinFile;
use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\CopyConflict;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\Skipped;
use NorthSatchel\Volume\UnableToRead;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\Pictures;
use Tests\Support\PowerCut;
use Tests\Support\Sayings;
use Tests\Support\TempFolder;

/** What is said of made-up pairs of cards, and of bags that are copied into again and again while something happens to them. */
final class MadeUpCopiesTest extends TestCase
{
    use TempFolder;

    private const DIR = 'DCIM/100OSTVK/OSTV';

    public function test_what_is_said_of_made_up_pairs_of_cards(): void
    {
        $say = new Sayings('twins', whole: 24);
        for ($i = 1; $i <= 60; $i++) {
            $say->head("Pair {$i}");
            [$a, $b] = ["a{$i}", "b{$i}"];
            $this->folder($a);
            $this->folder($b);
            $from = $say->one([1, 1, 9998]);
            $kind = $say->one(['pair', 'pair', 'pair', 'pair', 'split', 'overflow', 'gap']);
            $count = $say->whole(2, 5);
            for ($number = $from; $number < $from + $count; $number++) {
                $name = $number > 9999 ? sprintf('DCIM/101OSTVK/OSTV%04d', $number - 9999) : sprintf('%s%04d', self::DIR, $number);
                $raw = $say->often(40) ? '' : Pictures::dng($number);
                $jpeg = Pictures::jpeg($number);
                $half = $number - $from < $count / 2;
                $on = match ($kind) {
                    'split' => [[$raw, ''], ['', $raw === '' ? '' : $jpeg]],
                    'overflow' => $half ? [[$raw, $jpeg], ['', '']] : [['', ''], [$raw, $jpeg]],
                    'gap' => $half ? [[$raw, $jpeg], ['', '']] : [['', ''], $number === $from + $count - 1 ? [$raw, $jpeg] : ['', '']],
                    default => [$this->harmed($say, $raw, $jpeg), $this->harmed($say, $raw, $jpeg)],
                };
                foreach ([$a, $b] as $side => $card) {
                    foreach (['.DNG', '.JPG'] as $of => $ending) {
                        $on[$side][$of] === '' ? null : $this->file("{$card}/{$name}{$ending}", $on[$side][$of]);
                    }
                }
            }
            foreach ([$a, $b] as $card) {
                $say->often(20) ? $this->file("{$card}/MISC/SETUP.DAT", $say->one(['one', 'other'])) : null;
                $say->often(10) ? symlink('/nowhere', $this->folder("{$card}/DCIM").'/LINK.JPG') : null;
            }
            $this->sayOfCards($say, $a, $b);
        }
        $say->keep();
    }

    /** @return array{string, string} raw and jpeg as one card has them */
    private function harmed(Sayings $say, string $raw, string $jpeg): array
    {
        if ($say->often(60)) {
            return [$raw, $jpeg];
        }
        $harm = fn (string $bytes): string => $bytes === '' ? '' : match ($say->one(['gone', 'cut', 'flip', 'tail', 'zero', 'none'])) {
            'gone' => '',
            'cut' => substr($bytes, 0, intdiv(2 * strlen($bytes), 3)),
            'flip' => substr_replace($bytes, chr(ord($bytes[intdiv(strlen($bytes), 2)]) ^ 1), intdiv(strlen($bytes), 2), 1),
            'tail' => $bytes.'more',
            'zero' => str_repeat("\0", strlen($bytes)),
            'none' => $bytes,
        };

        return [$harm($raw), $harm($jpeg)];
    }

    private function sayOfCards(Sayings $say, string $a, string $b): void
    {
        [$cardA, $cardB] = [LocalVolume::at("{$this->temp}/{$a}"), LocalVolume::at("{$this->temp}/{$b}")];
        $told = [];
        $report = (new TwinCheck($cardA, $cardB, static function (int $done, int $all, string $path) use (&$told): void {
            $told[] = "{$done}/{$all}";
        }))->report();
        $say->add("{$report->verdict->value}, {$report->frames()} frames, {$report->identical()} identical; ".implode(' ', $told));
        $paths = static fn (array $files): string => implode(' ', array_map(static fn (TwinFile $f): string => basename($f->path), $files));
        $say->add("lost {$paths($report->lost())}; only a {$paths($report->onlyInA())}; only b {$paths($report->onlyInB())}; ".
            "different {$paths($report->different())}");
        foreach ($report->files as $f) {
            $say->add(basename($f->path).': '.($f->a->value ?? '-').' '.($f->b->value ?? '-').($f->isIdentical ? ' same' : '').
                " {$f->whyA} | {$f->whyB}");
        }
        $healed = new HealedSet($cardA, $cardB, $report);
        $say->add('healed '.implode(' and ', $healed->counts()).', left out '.implode(' ', array_map(basename(...), $healed->leftOut)));
        foreach ([...array_map(static fn (TwinFile $f): string => $f->path, $report->files), 'none.JPG'] as $path) {
            try {
                $bytes = $healed->contents($path);
                $say->add(basename($path).($bytes === @file_get_contents("{$this->temp}/{$a}/{$path}") ? ' as on a' : '').
                    ($bytes === @file_get_contents("{$this->temp}/{$b}/{$path}") ? ' as on b' : '').' '.($healed->kindOf($path)->name ?? 'no file'));
                $healed->open($path)->close();
            } catch (UnableToRead $e) {
                $say->add(basename($path).' '.str_replace($this->temp, '', $e->getMessage()));
            }
        }
        $done = [];
        $note = LoneCheck::of($cardA, static function (int $number, string $path) use (&$done): void {
            $done[] = $number.basename($path);
        });
        $say->add(str_replace($this->temp, '', (string) json_encode($note->row())).' '.implode(' ', $done));
    }

    public function test_what_is_said_of_bags_that_are_copied_into_again(): void
    {
        $say = new Sayings('again', whole: 26);
        for ($i = 1; $i <= 60; $i++) {
            $say->head("Card {$i}");
            for ($number = 1; $number <= 4; $number++) {
                $this->file(sprintf('card%d/%s%04d.DNG', $i, self::DIR, $number), str_repeat("{$i} {$number} ", 300 * $number));
            }
            $say->often(20) ? $this->file("card{$i}/".self::DIR.'0009.DNG'.BagLayout::PARTIAL, 'a file of the card') : null;
            $say->often(20) ? symlink('/nowhere', "{$this->temp}/card{$i}/LINK") : null;
            foreach (['fir', 'birch'] as $drive) {
                $this->folder("{$drive}{$i}");
            }
            for ($round = 1; $round <= 3; $round++) {
                $this->copy($say, $i, $round);
                $say->add('then '.$this->happens($say, $i));
            }
            $this->copy($say, $i, 4);
        }
        $say->keep();
    }

    private function copy(Sayings $say, int $i, int $round): void
    {
        $card = new FaultyVolume("{$this->temp}/card{$i}");
        $fir = new FaultyVolume("{$this->temp}/fir{$i}");
        $birch = new FaultyVolume("{$this->temp}/birch{$i}");
        $fault = $round === 4 ? 'none' : $say->one(['none', 'none', 'power', 'unreadable', 'grows', 'flips']);
        $fault === 'power' ? $fir->diesAfter = $say->whole(2, 22) : null;
        $card->unreadable = $fault === 'unreadable' ? '0002.DNG' : null;
        $card->growsWhileRead = $fault === 'grows' ? '0003.DNG' : null;
        $birch->flips = $fault === 'flips' ? '0001.DNG' : null;
        try {
            $report = (new Copier(
                $card,
                [new DestinationBag($fir, 'fir', 'load'), new DestinationBag($birch, 'birch', 'load')],
                ['External-Identifier' => 'load'],
                '2030-05-04',
            ))->run();
            $say->add("copy with {$fault}: {$report->files} files, {$report->bytes} bytes".
                ($report->isWhole() ? ', whole' : '').($report->isWhole(true) ? ', whole but for links' : '').
                implode('', array_map(
                    static fn (Skipped $s): string => "; {$s->name} {$s->why}".($s->harmless ? ' (harmless)' : ''),
                    $report->skipped,
                )));
            foreach ($report->destinations as $d) {
                $say->add("  {$d->label}: {$d->files} there, {$d->reused} before, ".count($d->hashes).' read back, '.
                    count(array_unique($d->contents)).' contents'.($d->verified ? ', verified' : '').($d->problem === null ? '' : ", {$d->problem}"));
            }
        } catch (CopyConflict|PowerCut $e) {
            $say->add("copy with {$fault}: ".$e::class.' '.str_replace($this->temp, '', $e->getMessage()));
        }
        foreach (['fir', 'birch'] as $drive) {
            try {
                $check = (new BagVerifier(LocalVolume::at("{$this->temp}/{$drive}{$i}/load")))->check();
                $say->add("  {$drive} {$check->files} files".($check->valid ? ' valid' : '').($check->unfinished ? ' unfinished' : '').' '.
                    ($check->problem() ?? 'no problem').'; '.implode(' ', [...$check->missing, '|', ...$check->damaged, '|', ...$check->extra]).
                    ' '.count($check->contents).' read');
            } catch (BrokenBag $e) {
                $say->add("  {$drive} ".str_replace($this->temp, '', $e->getMessage()));
            }
        }
    }

    /** Something happens to the card or to a bag between two copies. */
    private function happens(Sayings $say, int $i): string
    {
        $drive = $say->one(['fir', 'birch']);
        $bag = "{$this->temp}/{$drive}{$i}/load";
        $first = "{$bag}/data/".self::DIR.'0001.DNG';
        $what = $say->one([
            'nothing', 'a frame more', 'a frame changed on the card', 'a frame taken off the card', 'a file gone from the bag',
            'a file changed in the bag', 'a part left over', 'a file beside the lists', 'the manifest cut', 'the info gone', 'the marker set',
            'a folder in its place',
        ]);
        match ($what) {
            'a frame more' => $this->file("card{$i}/".self::DIR.'0007.DNG', str_repeat('seven', 300)),
            'a frame changed on the card' => $this->file("card{$i}/".self::DIR.'0001.DNG', 'changed'),
            'a frame taken off the card' => @unlink("{$this->temp}/card{$i}/".self::DIR.'0004.DNG'),
            'a file gone from the bag' => @unlink($first),
            'a file changed in the bag' => is_file($first) ? file_put_contents($first, 'other') : null,
            'a part left over' => is_dir($bag) ? $this->file("{$drive}{$i}/load/data/".self::DIR.'0003.DNG'.BagLayout::PARTIAL, 'half') : null,
            'a file beside the lists' => is_dir($bag) ? $this->file("{$drive}{$i}/load/data/notes.txt", 'mine') : null,
            'the manifest cut' => is_file("{$bag}/".BagLayout::MANIFEST)
                ? file_put_contents("{$bag}/".BagLayout::MANIFEST, substr((string) file_get_contents("{$bag}/".BagLayout::MANIFEST), 0, 200))
                : null,
            'the info gone' => @unlink("{$bag}/".BagLayout::INFO),
            'the marker set' => is_dir($bag) ? file_put_contents("{$bag}/".BagLayout::UNFINISHED, '') : null,
            'a folder in its place' => @unlink($first) && mkdir($first),
            default => null,
        };

        return "{$what} ({$drive})";
    }
}
