<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

use NorthSatchel\Time\Priority;

/** What stands between the commas of a pasted shot, or behind its words: minutes, frames, lens, how near, from where. */
final class ShotPieces
{
    private const A_THIRD = 33;

    private const MINUTES = '(\d{1,3}(?:[.,]\d)?)\s*(?:min(?:ute)?s?\.?|[\'’′])';

    private const FRAMES = '(?:frames?|pictures?|pics?|photos?|shots?|exposures?|x)';

    private const LENS = '(\d{1,4})\s*mm(?:[\s,@]*f\s*\/?\s*(\d{1,2}(?:[.,]\d)?))?';

    private const PRIORITY = '(must|should|nice)(?:[ -](?:to[ -])?haves?)?!*';

    /** Before the words of a shot or behind them. */
    private const MUSTS = '(?:essential|important|vital|high priority|key shot|(?-i:MUST))';

    private const NICES = '(?:optional|low priority|bonus|if possible|if (?:there(?:[’\']s| is) )?time(?: (?:allows|permits))?)';

    /** What people write of how near: as the plan has it. */
    private const DISTANCES = [
        'close up' => 'tight', 'close-up' => 'tight', 'closeup' => 'tight', 'close' => 'tight', 'tight' => 'tight', 'detail' => 'tight',
        'wide' => 'wide', 'wide shot' => 'wide', 'overall' => 'wide', 'full length' => 'wide', 'medium' => 'middle', 'middle' => 'middle',
        'half length' => 'middle',
    ];

    private const HEIGHTS = [
        'eye level' => 'eye', 'at eye level' => 'eye', 'low angle' => 'low', 'from below' => 'low', 'from low' => 'low', 'ground level' => 'ground',
        'from the ground' => 'ground', 'high angle' => 'high', 'from above' => 'high', 'overhead' => 'high',
    ];

    private const SIDES = ['from behind' => 'behind', 'from the front' => 'front', 'profile' => 'profile', 'in profile' => 'profile'];

    public string $priority = Priority::Should->value;

    public int $minutes = 3;

    public int $frames = 10;

    public ?int $focalMm = null;

    public ?string $distance = null;

    /** Percent of the frame. */
    public ?int $empty = null;

    public ?string $height = null;

    public ?string $side = null;

    /** @var list<string> */
    private array $words = [];

    /** What is left; null where there is nothing. */
    public function words(): ?string
    {
        return $this->words === [] ? null : implode(', ', $this->words);
    }

    public function take(string $piece): void
    {
        $rest = $this->around($piece);
        if (! $this->isNumber($rest) && ! $this->isManner($rest) && $rest !== '') {
            $this->words[] = $rest;
        }
    }

    /** "must: the rings", "the rings (must)", "the rings 200 mm", "the rings close up": what is left without them. */
    private function around(string $piece): string
    {
        $found = [];
        if (preg_match('/^'.self::PRIORITY.'\s*[:–-]\s*(.+)$/iu', $piece, $found) === 1) {
            [$this->priority, $piece] = [mb_strtolower($found[1]), $found[2]];
        }
        if (preg_match('/^(.*?)\s*\('.self::PRIORITY.'\)\s*(.*)$/iu', $piece, $found) === 1) {
            [$this->priority, $piece] = [mb_strtolower($found[2]), trim("{$found[1]} {$found[3]}")];
        }
        foreach ([Priority::Must->value => self::MUSTS, Priority::Nice->value => self::NICES] as $priority => $words) {
            $pattern = '/^'.$words.'\s*[:–-]\s*(.+)$|^(.+?)\s*[\s(–-]\s*'.$words.'\)?!*$/iu';
            if (preg_match($pattern, $piece, $found) === 1) {
                [$this->priority, $piece] = [$priority, $found[1] !== '' ? $found[1] : $found[2]];
            }
        }
        if (preg_match('/^(?:do not|don[’\']t) forget:?\s+(.+)$/iu', $piece, $found) === 1) {
            [$this->priority, $piece] = [Priority::Must->value, $found[1]];
        }
        // "Tables (8 tables x 2 min)"
        if (preg_match('/^(.+?)\s*\(?\b(\d{1,2})\s*(?:\p{L}+\s*)?[x×]\s*'.self::MINUTES.'\)?$/iu', $piece, $found) === 1) {
            [$this->minutes, $piece] = [min(600, (int) $found[2] * self::whole($found[3])), $found[1]];
        }
        if (preg_match('/^(.+?)\s+\(?'.self::MINUTES.'\)?$/iu', $piece, $found) === 1) {
            [$this->minutes, $piece] = [self::whole($found[2]), $found[1]];
        }
        if (preg_match('/^(.+?)\s+\(?'.self::LENS.'\)?$/iu', $piece, $found) === 1 && self::isFocal((int) $found[2])) {
            [$this->focalMm, $piece] = [(int) $found[2], self::bare($found[1]).self::stop($found[3] ?? '', ' ')];
        }
        if (preg_match('/^(.+?)\s+\(?(close[ -]?up|wide shot|full length|half length)\)?$/iu', $piece, $found) === 1) {
            [$this->distance, $piece] = [self::DISTANCES[mb_strtolower($found[2])], $found[1]];
        }
        $many = '(?:burst(?: of)? |[x×]\s?)(\d{1,3})(?:\s*'.self::FRAMES.')?|(\d{1,3})\s*(?:frames|pictures|pics|photos|exposures)';
        if (preg_match('/^(.+?)\s+\(?(?|'.$many.')\)?$/iu', $piece, $found) === 1) {
            [$this->frames, $piece] = [(int) $found[2], $found[1]];
        }

        return self::bare($piece);
    }

    private function isNumber(string $piece): bool
    {
        $found = [];
        if (preg_match('/^(?:'.self::MINUTES.'|(\d{1,3})\s*m)$/iu', $piece, $found) === 1) {
            $this->minutes = self::whole($found[1] === '' ? $found[2] : $found[1]);
        } elseif (preg_match('/^(\d{1,4})\s*'.self::FRAMES.'$/iu', $piece, $found) === 1) {
            $this->frames = (int) $found[1];
        } elseif (preg_match('/^(?:burst(?: of)? |[x×]\s*)(\d{1,3})$/iu', $piece, $found) === 1) {
            $this->frames = (int) $found[1];
        } elseif (preg_match('/^'.self::LENS.'$/iu', $piece, $found) === 1 && self::isFocal((int) $found[1])) {
            $this->focalMm = (int) $found[1];
            array_push($this->words, ...array_filter([self::stop($found[2] ?? '')]));
        } else {
            return false;
        }

        return true;
    }

    /** Of a piece that stands alone: how much it matters, how near, from where, how much is left empty. */
    private function isManner(string $piece): bool
    {
        $low = mb_strtolower($piece);
        if (preg_match('/^'.self::PRIORITY.'$/iu', $piece, $found) === 1) {
            $this->priority = mb_strtolower($found[1]);

            return true;
        }
        foreach ([Priority::Must->value => self::MUSTS, Priority::Nice->value => self::NICES] as $priority => $words) {
            if (preg_match('/^'.$words.'$/iu', $piece) === 1) {
                $this->priority = $priority;

                return true;
            }
        }
        // Alone in a line it is the name of the shot.
        if ($this->words === []) {
            return false;
        }
        $empty = self::emptyPercent($piece);
        $isKnown = $empty !== null || isset(self::DISTANCES[$low]) || isset(self::HEIGHTS[$low]) || isset(self::SIDES[$low]);
        $this->empty = $empty ?? $this->empty;
        $this->distance = self::DISTANCES[$low] ?? $this->distance;
        $this->height = self::HEIGHTS[$low] ?? $this->height;
        $this->side = self::SIDES[$low] ?? $this->side;

        return $isKnown;
    }

    /** "a third empty", "40 % empty", "room for a headline": percent of the frame; null where a piece says something else. */
    private static function emptyPercent(string $piece): ?int
    {
        if (preg_match('/^(?:room|space) (?:for|left for) (?:a |the )?(?:headlines?|words|title)$/iu', $piece) === 1) {
            return self::A_THIRD;
        }
        if (preg_match('/^(?:an? )?(quarter|third|half|\d{1,2}\s*%)(?: of the frame)? (?:left )?empty$/iu', $piece, $found) !== 1) {
            return null;
        }
        $percent = ['quarter' => 25, 'third' => self::A_THIRD, 'half' => 50][mb_strtolower($found[1])] ?? (int) $found[1];

        return $percent >= 1 && $percent <= 90 ? $percent : null;
    }

    /** Without the dash or the quotation marks around it. */
    private static function bare(string $piece): string
    {
        $piece = (string) preg_replace('/\s+[–-]$/u', '', trim($piece));

        return (string) preg_replace('/^["“”„«](.+)["“”»]$/u', '$1', $piece);
    }

    private static function stop(string $number, string $before = ''): string
    {
        return $number === '' ? '' : "{$before}f/{$number}";
    }

    /** Begun minutes count. */
    private static function whole(string $minutes): int
    {
        return (int) ceil((float) str_replace(',', '.', $minutes));
    }

    private static function isFocal(int $mm): bool
    {
        return $mm >= 4 && $mm <= 2000;
    }
}
