<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\FrameIndex;
use App\Desks\Cards\OwnerRules;
use App\Devices\Devices;
use App\Devices\DiskBehind;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\Permit\BagReading;
use NorthSatchel\Cards\Permit\CardFile;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\PermitQuestion;
use NorthSatchel\Cards\Permit\Proof;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/**
 * Gathers the evidence for a permit as it stands now, and hands it to the proof. Nothing is kept: a drive that went, a bag that
 * changed, a reading that failed, a card that changed and a changed rule all tell at once.
 */
final class ProofDesk
{
    /** A clock that stands so far behind the log says nothing of how old a copy is. */
    private const CLOCK_S = 300;

    private const A_DAY_S = 86400;

    public function __construct(
        private readonly CardLog $log,
        private readonly CopyLedger $ledger,
        private readonly FrameIndex $frames,
        private readonly OwnerRules $rules,
        private readonly AuditDesk $audits,
        private readonly Places $places,
        private readonly DiskBehind $disks,
    ) {}

    /** May it be formatted, as things stand? Card and bags that are here are listed, and not read. */
    public function answer(Card $card, ?string $readAgain = null): FormatPermit
    {
        $life = $this->log->lifeOf($card);
        $found = $this->proof($card->id, $life);
        [$changed, $unreadable] = $this->changes($card, $life, $found->frames);

        return FormatPermit::of(
            new PermitQuestion(
                cardId: $card->id,
                card: $card->item->label,
                isSealed: $life->isSealed,
                isTwinChecked: $life->twinCheck !== null,
                proof: $found->proof,
                notWhole: self::notWhole($life, $found->frames),
                changed: $life->isSealed ? $changed : [],
                differing: $life->differing,
                unreadable: $unreadable,
                fallen: $found->fallen,
                isAlone: $life->isAlone(),
                look: $life->look,
                asksForLook: $this->rules->record()->looks_first,
                readAgain: $readAgain,
            ),
        );
    }

    /** Whether a permit that was given holds still. */
    public function holds(Card $card): bool
    {
        return $this->answer($card)->isGranted;
    }

    /** What of a card's present load lies where, with the card itself out of the question: it may be in its camera, or empty. */
    public function proof(int $cardId, CardLife $life): FoundProof
    {
        $frames = $life->isSealed ? $this->frames->framesOn($cardId, $life->fill, $life->seals) : new Collection();
        $note = $life->twinCheck;
        $files = [];
        foreach ($frames as $frame) {
            $name = Names::printable($frame->path);
            $healing = $note?->stateOf($name) === Side::Damaged ? $note->healing[$name] ?? null : null;
            $files[] = new CardFile(
                $name,
                $frame->hash === null ? null : CopyLedger::key($frame->hash),
                $healing === null ? null : CopyLedger::key($healing),
                isset($life->acceptedLosses[$name]),
            );
        }
        foreach ($life->notFiles as $name => $why) {
            $files[] = new CardFile((string) $name, null, isGivenUp: isset($life->acceptedLosses[$name]), whyNot: $why);
        }
        [$bags, $fallen] = $this->bags(
            array_values(array_filter(array_map(static fn (CardFile $f): ?string => $f->wanted(), $files), is_string(...))),
        );
        $rule = $this->rules->record();

        return new FoundProof(
            Proof::of($files, $bags, $rule->permit_copies + ($life->isAlone() ? $rule->more_without_twin : 0), $rule->waits_for_elsewhere),
            $fallen,
            $frames,
        );
    }

    /**
     * The bags that hold any of these contents, as far as their readings count now.
     *
     * @param  list<string>  $contents
     * @return array{list<BagReading>, list<string>}
     */
    private function bags(array $contents): array
    {
        $bags = $fallen = [];
        foreach ($this->ledger->holding($contents) as $held) {
            [$event, $holds] = [$held->event, $held->contents];
            $place = $this->places->get($event->destination_id);
            $why = $this->whyNot($event);
            if ($why !== null) {
                $fallen[$event->destination_id] = "{$place->name} does not count: {$why}";

                continue;
            }
            $bags[] = new BagReading(
                $event->bag,
                $this->places->medium($event),
                array_map(static fn (): array => [], $holds),
                $event->at->getTimestamp(),
                $this->audits->keptNow($place) === 'elsewhere',
                $place->name,
            );
        }

        return [$bags, array_values($fallen)];
    }

    /** Why what was read in a bag counts no more; null where it does. */
    public function whyNot(CopyEvent $event): ?string
    {
        if (! $this->ledger->counts($event)) {
            return ($event->data['told'] ?? false) === true
                ? 'another satchel tells of it, and nobody has read it here'
                : 'it was with somebody, and was not read since it came back';
        }
        $now = $this->places->now($event->destination_id);
        if ($now instanceof LocalVolume) {
            try {
                return Places::stamp($now, $event->bag) === ($event->data['stamp'] ?? null) ? null : 'its bag changed since it was read';
            } catch (UnableToRead) {
                return 'its bag is not there any more';
            }
        }
        $age = now()->getTimestamp() - $event->at->getTimestamp();
        $days = $this->rules->record()->away_days;

        return match (true) {
            $age < -self::CLOCK_S => 'it is not here, and by the clock of this machine it was read in time to come',
            $age > $days * self::A_DAY_S => "it is not here, and was last read {$event->at->format(
                'j M',
            )}, longer ago than the {$days} days of your rule",
            default => null,
        };
    }

    /**
     * @param  Collection<int, Frame>  $frames
     * @return array<string, Side>
     */
    private static function notWhole(CardLife $life, Collection $frames): array
    {
        $bad = [];
        foreach ($frames as $frame) {
            $name = Names::printable($frame->path);
            $side = $life->twinCheck?->stateOf($name) ?? Side::Intact;
            if (
                $frame->kind !== null &&
                $side !== Side::Intact &&
                ! isset($life->twinCheck?->healing[$name]) &&
                ! isset($life->acceptedLosses[$name])
            ) {
                $bad[$name] = $side;
            }
        }

        return $bad;
    }

    /**
     * @param  Collection<int, Frame>  $frames
     * @return array{list<string>, string|null} paths that differ from the seal, why the card cannot be read
     */
    private function changes(Card $card, CardLife $life, Collection $frames): array
    {
        $sealed = $frames->mapWithKeys(static fn (Frame $f): array => [$f->path => "{$f->bytes} {$f->modified_at}"])->all();
        $sealed += array_map(static fn (string $why): string => $why, $life->notFiles);
        try {
            $volume = Devices::card($card);
            $stands = $this->disks->volumeOfCard($volume);
            if ($life->volume !== null && $stands !== null && $stands !== $life->volume) {
                return [
                    [],
                    "another card stands in the reader: {$life->volume} was sealed as {$card->item->label}, and {$stands} is there",
                ];
            }
            $now = [];
            foreach ($volume->entries() as $entry) {
                $odd = $entry->kind->oddity();
                $now[$odd === null ? $entry->path : Names::printable($entry->path)] = $odd ?? "{$entry->bytes} {$entry->modifiedAt}";
            }
        } catch (FolderNotAllowed|UnableToRead $e) {
            return [[], $e->getMessage()];
        }
        $changed = array_keys(array_diff_assoc($now, $sealed) + array_diff_assoc($sealed, $now));

        return [array_map(static fn (string|int $path): string => Names::printable((string) $path), $changed), null];
    }
}
