<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\OwnerRules;
use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Cards\AuditRuleRecord;
use App\Models\Cards\CardLoad;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Copies\Audit\AuditCopy;
use NorthSatchel\Copies\Audit\AuditLoad;
use NorthSatchel\Copies\Audit\AuditPlace;
use NorthSatchel\Copies\Audit\AuditRule;
use NorthSatchel\Copies\Audit\CopyAudit;

/** The copies of a job by the owner's rule. */
final class AuditDesk
{
    public function __construct(
        private readonly CopyLedger $ledger,
        private readonly HandoverDesk $handovers,
        private readonly OwnerRules $rules,
        private readonly Places $places,
    ) {}

    public function record(): AuditRuleRecord
    {
        return $this->rules->record();
    }

    public function rule(): AuditRule
    {
        $r = $this->record();

        return new AuditRule($r->copies, $r->kinds, $r->elsewhere, $r->again_after_days);
    }

    /**
     * @param  list<GridRow>  $grid
     * @param  iterable<Destination>  $destinations
     */
    public function of(array $grid, iterable $destinations): CopyAudit
    {
        $sizes = [];
        foreach (
            $grid === []
                ? []
                : Frame::ofLoads(array_map(static fn (GridRow $row): CardLoad => new CardLoad($row->card->id, $row->fill), $grid))
                    ->groupBy('card_id', 'fill')
                    ->selectRaw('card_id, fill, count(*) as files, sum(bytes) as bytes')
                    ->toBase()
                    ->get() as $row
        ) {
            $sizes["{$row->card_id} {$row->fill}"] = [(int) $row->files, (float) $row->bytes / 1e9];
        }
        $places = [];
        foreach ($destinations as $destination) {
            $places[$destination->id] = new AuditPlace(
                $destination->id,
                $this->named($destination),
                self::device($destination),
                $destination->device_kind,
                $this->keptNow($destination),
                $destination->route,
                $destination->account,
                $destination->mb_per_s,
                self::medium($destination),
            );
        }
        $loads = [];
        foreach ($grid as $row) {
            $copies = [];
            foreach ($this->ledger->lastEvents($row->card->id, $row->fill) as $id => $event) {
                if (isset($places[$id]) && $this->ledger->stands($event)) {
                    $copies[] = $this->copy($places[$id], $event);
                }
            }
            [$files, $gb] = $sizes["{$row->card->id} {$row->fill}"] ?? [0, 0.0];
            $loads[] = new AuditLoad(
                $row->card->item->label.($row->fill > 1 ? ", fill {$row->fill}" : ''),
                $files,
                $gb,
                $copies,
                $row->state !== 'formatted',
            );
        }

        // What others write to, or what is away, is no place that this program copies to.
        $ours = array_values(
            array_filter($places, fn (AuditPlace $p): bool => $p->route === Destination::OURS && $this->handovers->away($p->id) === null),
        );

        return new CopyAudit($loads, $ours, $this->rule(), now()->getTimestamp(), array_map(floatval(...), $this->record()->a_year ?? []));
    }

    /** A drive that somebody took is elsewhere until it comes back. */
    public function keptNow(Destination $destination): string
    {
        return $this->handovers->away($destination->id) === null ? $destination->kept : 'elsewhere';
    }

    private function named(Destination $destination): string
    {
        $away = $this->handovers->away($destination->id);

        return $away === null ? $destination->name : "{$destination->name}, with {$away->who}";
    }

    private function copy(AuditPlace $place, CopyEvent $event): AuditCopy
    {
        $medium = $this->places->medium($event);

        return new AuditCopy(
            $place->name,
            $medium->name,
            $place->kind,
            $place->kept,
            $place->route,
            $place->account,
            $event->at->getTimestamp(),
            $medium,
        );
    }

    private static function device(Destination $destination): string
    {
        return self::medium($destination)->name ?? "place {$destination->id}";
    }

    /** Null where it is not here. */
    private static function medium(Destination $destination): ?Medium
    {
        try {
            return Devices::mediumOf($destination);
        } catch (\RuntimeException) {
            return null;
        }
    }
}
