<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\OwnerRules;
use App\Models\Brief\Job;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use NorthSatchel\Copies\Audit\AuditJudge;
use NorthSatchel\Copies\Audit\Enough;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is every card of a job on enough devices? */
final class CopiesFindings
{
    public function __construct(
        private readonly CopiesDesk $copies,
        private readonly CardLog $log,
        private readonly CopyLedger $ledger,
        private readonly HandoverDesk $handovers,
        private readonly Places $places,
        private readonly OwnerRules $rules,
        private readonly NextCopy $next,
    ) {}

    public function verdicts(Job $job): Verdicts
    {
        $wanted = $this->rules->record()->permit_copies;
        $verdicts = [];
        foreach ($this->copies->grid($job) as $row) {
            $label = $row->card->item->label;
            $failed = array_search(CopyState::Failed, $row->cells, true);
            if ($failed !== false) {
                $isElsewhereWhole = in_array(CopyState::Verified, $row->cells, true);
                $verdicts[] = Verdict::stop(
                    'copies.failed',
                    "A copy of {$label} did not verify.",
                    $isElsewhereWhole
                        ? 'What was read back is not what was written, or the drive stopped. Another copy is whole: a new bag is made '.
                            'from it, and the damaged one stays as it is.'
                        : 'What was read back is not what was on the card, or the drive stopped: copy it again.',
                    remedy: $isElsewhereWhole
                        ? new Remedy('copy.repair', 'Repair it from another copy', ['card' => $row->card->id, 'destination' => $failed])
                        : new Remedy('copy.start', 'Copy it again', ['card' => $row->card->id]),
                );
            }
            foreach (array_keys($row->cells, CopyState::Partly, true) as $place) {
                // Of what this program copies the finding above says it: copy it.
                if ($this->places->get($place)->route === Destination::OURS) {
                    continue;
                }
                $verdicts[] = $this->partly($row->card, $row->fill, $place);
            }
            $wantedHere = $this->wanted($row, $wanted);
            if ($row->verified < $wantedHere) {
                $verdicts[] = $this->tooFew($row, $wantedHere);
            }
        }
        if ($verdicts === []) {
            $verdicts[] = Enough::of(count($this->copies->grid($job)), $wanted);
        }
        foreach ($this->places->sharing() as $id => $others) {
            $verdicts[] = Verdict::fix(
                'copies.one-medium',
                "{$this->places->get($id)->name} and ".implode(' and ', $others).' count as one.',
                'They are on one disk, or the system says nothing of their disks: what takes one takes the other. If they are two, say '.
                    'so in writing under Folders, of each of them'.$this->unsaid([$id, ...array_keys($others)]).'.',
                remedy: new Remedy('folders.open', 'Say which disk is which'),
            );
            break;
        }
        if ($this->copies->destinations()->count() < $wanted) {
            $verdicts[] = Verdict::fix(
                'copies.no-drive',
                'There are too few drives.',
                "{$this->copies->destinations()->count()} known, {$wanted} needed: add them under Folders.",
            );
        }

        return new Verdicts([...$verdicts, ...AuditJudge::of($this->copies->audit($job)), ...$this->handovers->verdicts($job)]);
    }

    /**
     * A load without a twin wants more.
     */
    private function wanted(GridRow $row, int $wanted): int
    {
        $life = $this->log->lifeOf($row->card);

        return $wanted + ($life->fill === $row->fill && $life->isAlone() ? $this->rules->record()->more_without_twin : 0);
    }

    private function tooFew(GridRow $row, int $wanted): Verdict
    {
        $not = ['the card itself is not counted'];
        $remedy = $this->next->of($row);
        if ($remedy->action === 'folders.open') {
            $not[] = self::sharing($row);
        }
        if (in_array(CopyState::Told, $row->cells, true)) {
            $not[] = 'nor what another satchel tells of copies: point to them under “A copy made otherwise”, and they are looked through';
        }
        if (in_array(CopyState::Unread, $row->cells, true)) {
            $not[] = 'nor a drive that came back and was not read since';
            $remedy = new Remedy('copy.verify', 'Verify what came back');
        }

        return Verdict::stop(
            'copies.too-few',
            "{$row->card->item->label} is not safe yet.",
            "It lies verified on {$row->verified} of {$wanted} devices; ".implode(', ', $not).'.',
            ['verified' => $row->verified, 'wanted' => $wanted],
            $row->card->folder === null && in_array($remedy->action, ['copy.start', 'copy.to'], true) ? null : $remedy,
        );
    }

    /**
     * Which of them is not called anything yet, where another is.
     *
     * @param  list<int>  $ids
     */
    private function unsaid(array $ids): string
    {
        $not = array_values(array_filter($ids, fn (int $id): bool => $this->places->get($id)->medium_said === null));
        $names = array_map(fn (int $id): string => $this->places->get($id)->name, $not);

        return $not === [] || count($not) === count($ids) ? '' : ': nothing is said yet of '.implode(' and ', $names);
    }

    /** Why copying it again would bring nothing. */
    public static function sharing(GridRow $row): string
    {
        return $row->isEverywhere()
            ? 'it lies on every drive that is known, and what shares a disk counts once'
            : 'no drive that it could be copied to is on another disk than one that holds it';
    }

    private function partly(Card $card, int $fill, int $placeId): Verdict
    {
        $place = $this->copies->destinations()->firstWhere('id', $placeId);
        $lacks = $this->ledger->lastEvents($card->id, $fill)[$placeId]->data['problem'] ?? 'some files are not there';

        return Verdict::mind(
            'copies.partly',
            "Not all of {$card->item->label} lies on {$place?->name}.",
            (is_string($lacks) ? ucfirst($lacks) : 'Some files are not there').
                ' with the same content: it counts as no copy. Finish it the way it was made ('.
                ($place->route ?? 'otherwise').
                '), and look through it again.',
            ['place' => $placeId],
        );
    }
}
