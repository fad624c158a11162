<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\Permit\Content;
use NorthSatchel\Cards\Twin\LoneCheck;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinFile;
use NorthSatchel\Cards\Twin\TwinNote;
use NorthSatchel\Cards\Twin\TwinReport;
use NorthSatchel\Volume\Names;

/** Compares the two cards of a body, and writes into both logs what came of it. */
final class TwinWork
{
    public function __construct(private readonly CardLog $log, private readonly CardsDesk $cards) {}

    /**
     * @param  Collection<int, Card>  $cards
     * @return list<Card>
     */
    public function onePerPair(Job $job, Collection $cards): array
    {
        $chosen = [];
        $paired = [];
        foreach ($cards as $card) {
            if (! in_array($card->id, $paired, true)) {
                $chosen[] = $card;
                $paired[] = $this->cards->twinOf($job, $card)->id ?? 0;
            }
        }

        return $chosen;
    }

    public function compare(Job $job, Card $card, RunProgress $progress): Answer
    {
        $twin = $this->cards->twinOf($job, $card);
        if ($twin === null) {
            return $this->lookThrough($job, $card, $progress);
        }
        $report = (new TwinCheck(
            Devices::card($card),
            Devices::card($twin),
            static fn (int $done, int $all, string $path) => $progress->share($done / max(1, $all), Names::printable($path)),
        ))->report();
        $this->keepTwinCheck($job, $card, $twin, $report, isA: true);
        $this->keepTwinCheck($job, $twin, $card, $report, isA: false);
        $differing = array_filter($report->files, static fn (TwinFile $f): bool => ! $f->isIdentical || $f->isLost());

        return new Answer(
            good: in_array($report->verdict->value, ['twins', 'repairable'], true),
            text: "{$card->item->label} and {$twin->item->label}: {$report->verdict->value}, ".
                "{$report->frames()} frames, {$report->identical()} of ".
                count($report->files).
                ' files identical.',
            files: array_map(
                static fn (TwinFile $f): array => [
                    'name' => Names::printable($f->path),
                    'a' => $f->a->value ?? 'missing',
                    'b' => $f->b->value ?? 'missing',
                    'why' => $f->whyA ?? $f->whyB,
                ],
                array_slice(array_values($differing), 0, 50),
            ),
        );
    }

    /**
     * One slot, or a twin that is lost: its pictures are judged by themselves.
     */
    private function lookThrough(Job $job, Card $card, RunProgress $progress): Answer
    {
        $life = $this->log->lifeOf($card);
        $note = LoneCheck::of(Devices::card($card), static fn (int $done, string $path) => $progress->share(0.0, Names::printable($path)));
        $this->log->add($card, CardEventKind::TwinChecked, $job->id, $life->bodyId, $life->slot, $note->row());
        $bad = count($note->states);

        return new Answer(
            good: $bad === 0,
            text: "{$card->item->label} has no twin, so its {$note->frames} frames were judged by themselves: ".
                ($bad === 0 ? 'none is seen to be damaged' : ($bad === 1 ? 'one file is damaged' : "{$bad} files are damaged")).
                '. One copy more is wanted.',
        );
    }

    /**
     * What the other card's intact files hold where this one's are damaged.
     *
     * @return array<string, string> hash by name
     */
    private static function healing(Card $twin, TwinReport $report, bool $isA): array
    {
        $healing = [];
        $volume = Devices::card($twin);
        foreach ($report->files as $file) {
            [$own, $other] = $isA ? [$file->a, $file->b] : [$file->b, $file->a];
            if (! $file->isIdentical && $own === Side::Damaged && $other === Side::Intact) {
                $healing[Names::printable($file->path)] = Content::of($volume, $file->path)->hash();
            }
        }

        return $healing;
    }

    private function keepTwinCheck(Job $job, Card $card, Card $twin, TwinReport $report, bool $isA): void
    {
        $states = [];
        $twinStates = [];
        foreach ($report->files as $file) {
            if (! $file->isIdentical || $file->isLost()) {
                $name = Names::printable($file->path);
                $states[$name] = $isA ? $file->a : $file->b;
                $twinStates[$name] = $isA ? $file->b : $file->a;
            }
        }
        $life = $this->log->lifeOf($card);
        $note = new TwinNote(
            $report->verdict,
            $report->frames(),
            $twin->id,
            $this->log->lifeOf($twin)->fill,
            array_filter($states),
            array_filter($twinStates),
            self::healing($twin, $report, $isA),
        );
        $this->log->add($card, CardEventKind::TwinChecked, $job->id, $life->bodyId, $life->slot, $note->row());
    }
}
