<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Session;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does every file of a session lie on both routes' drives, so that one that is set up wrongly never stands alone (M3)? */
final readonly class SessionJudge
{
    private const NAMED = 4;

    /** So long without a look and nobody watches. */
    private const UNWATCHED_S = 15;

    /**
     * @param  list<SessionFile>  $files
     * @param  int  $allowedS  for which a file may lie on one drive only
     * @param  int|null  $lookedAt  when the folder was looked at last
     * @param  string|null  $problem  why it could not be, or not copied
     */
    public function __construct(
        private array $files,
        private int $allowedS,
        private ?int $lookedAt,
        private ?string $problem,
        private bool $isOneMedium,
        private bool $isWatched,
        private int $now,
    ) {}

    public function verdicts(): Verdicts
    {
        $whole = array_values(array_filter($this->files, static fn (SessionFile $f): bool => $f->wholeAt !== null));
        $stops = array_values(array_filter([$this->trouble(), $this->unwatched(), $this->oneMedium()]));
        $open = array_values(array_filter([...$this->alone($whole), $this->growing(), $this->gone($whole)]));
        $looked = Looked::at(count($whole), 'file');
        $isBoth = $whole !== [] && array_filter($whole, static fn (SessionFile $f): bool => ! $f->isOnBoth()) === [];
        if ($looked === null && $stops === [] && $open === []) {
            return new Verdicts([Verdict::mind(
                'session.empty',
                'Nothing was written into the folder yet.',
                'Take a test frame through the whole chain: camera, cable, computer, this folder, both drives. Before people come.',
            )]);
        }

        return new Verdicts([
            ...$stops,
            ...$open,
            ...$isBoth && $looked !== null && $stops === [] && count($whole) === count($this->files) ? [Verdict::fine(
                'session.both',
                'Every file of the session was seen on both drives.',
                "{$looked->words}, each read on the drive of the automatic route, and found by content on the one that is copied to by ".
                    'hand. So that one may go to the office now, with its ticket; the one at the cable stays, for it is written to. What is '.
                    'taken away from either later is not told here.',
                $looked,
            )] : [],
        ]);
    }

    private function trouble(): ?Verdict
    {
        return $this->problem === null ? null : Verdict::stop(
            'session.trouble',
            'The routes out of the session folder are not as they should be.',
            $this->problem.' Nothing is lost of what was copied; what is new may lie on the computer only.',
        );
    }

    private function unwatched(): ?Verdict
    {
        if (! $this->isWatched) {
            return Verdict::mind(
                'session.off',
                'The session folder is not watched.',
                'Watching is switched off below: what is written from now on is neither copied nor counted.',
            );
        }
        $since = $this->lookedAt === null ? null : $this->now - $this->lookedAt;

        return $since !== null && $since <= self::UNWATCHED_S ? null : Verdict::stop(
            'session.unwatched',
            'Nobody watches the session folder.',
            $since === null
                ? 'It was not looked at yet. The watcher of the program looks twice a second: look here again, and if it still says so, '.
                    'start the program again (./satchel demo or serve).'
                : 'It was looked at last '.Span::exact($since).' ago. Start the program again (./satchel demo or serve): its watcher looks '.
                    'twice a second.',
        );
    }

    private function oneMedium(): ?Verdict
    {
        return ! $this->isOneMedium ? null : Verdict::stop(
            'session.one-medium',
            'Both routes end on one medium.',
            'What takes the one takes the other. Choose drives that are two disks.',
        );
    }

    /**
     * @param  list<SessionFile>  $whole
     * @return list<Verdict>
     */
    private function alone(array $whole): array
    {
        $late = $waiting = [];
        foreach ($whole as $file) {
            $alone = $file->aloneS($this->now);
            if ($alone !== null && $alone > $this->allowedS) {
                $late[] = $file;
            } elseif ($alone !== null) {
                $waiting[] = $file;
            }
        }

        return [
            ...$late === [] ? [] : [$this->tooFew($late)],
            ...$waiting === [] ? [] : [Verdict::mind(
                'session.waiting',
                count($waiting) === 1 ? '1 file is on its way to both drives.' : count($waiting).' files are on their way to both drives.',
                ucfirst(self::lacks($waiting)).'; '.Span::exact($this->allowedS).' may pass.',
                ['files' => count($waiting)],
            )],
        ];
    }

    /** @param  list<SessionFile>  $files */
    private static function lacks(array $files): string
    {
        $automatic = count(array_filter($files, static fn (SessionFile $f): bool => $f->automaticAt === null));
        $byHand = count(array_filter($files, static fn (SessionFile $f): bool => $f->byHandAt === null));

        return implode(', ', array_filter([
            $automatic > 0 ? "{$automatic} not on the automatic drive" : '',
            $byHand > 0 ? "{$byHand} not copied by hand" : '',
        ]));
    }

    private function growing(): ?Verdict
    {
        $growing = array_filter($this->files, static fn (SessionFile $f): bool => $f->wholeAt === null && ! $f->isGone);
        $longest = $growing === [] ? 0 : max(array_map(fn (SessionFile $f): int => $this->now - $f->seenAt, $growing));

        return $growing === [] ? null : Verdict::mind(
            'session.growing',
            count($growing) === 1 ? reset($growing)->path.' still grows.' : count($growing).' files still grow.',
            'For '.Span::exact($longest).' now; what grows is not copied. Where it takes minutes look at the cable and at the capture program.',
            ['files' => count($growing), 'longest_s' => $longest],
        );
    }

    /** @param  list<SessionFile>  $whole */
    private function gone(array $whole): ?Verdict
    {
        $gone = array_values(array_filter($whole, static fn (SessionFile $f): bool => $f->isGone));

        return $gone === [] ? null : Verdict::mind(
            'session.gone',
            count($gone) === 1 ? "{$gone[0]->path} is no longer in the folder." : count($gone).' files are no longer in the folder.',
            Plural::of(count($gone), 'Its copies stay. Where it was renamed,', 'Their copies stay. Where they were renamed,').
                ' the same content is known under its new name.',
            ['files' => count($gone)],
        );
    }

    /** @param  non-empty-list<SessionFile>  $late */
    private function tooFew(array $late): Verdict
    {
        $oldest = max(array_map(fn (SessionFile $f): int => (int) $f->aloneS($this->now), $late));

        return Verdict::fix(
            'session.alone',
            count($late) === 1 ? '1 file lies on too few drives.' : count($late).' files lie on too few drives.',
            'For up to '.Span::exact($oldest).', where '.Span::exact($this->allowedS).' may pass: '.self::lacks($late).'. '.
                Some::of(array_map(static fn (SessionFile $f): string => $f->path, $late), self::NAMED).'.',
            ['files' => count($late), 'oldest_s' => $oldest],
        );
    }
}
