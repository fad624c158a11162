<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Copies\CopyEvent;
use App\Models\Copies\Handover;
use Illuminate\Support\Collection;

/** The tickets of drives that shuttle, read once a request. */
final class HandoverLog
{
    /** @var Collection<int, Handover>|null in the order written */
    private ?Collection $all = null;

    /** @var Collection<int, Handover>|null the last of each place that came back */
    private ?Collection $back = null;

    /** @return Collection<int, Handover> the last of each place */
    public function last(): Collection
    {
        return $this->all()->keyBy('destination_id');
    }

    /** Whether a bag was last read before its drive came back from somebody: by the order of the logs, whatever the clock said. */
    public function isBeforeItCameBack(CopyEvent $event): bool
    {
        $this->back ??= $this->all()->whereNotNull('back_at')->keyBy('destination_id');
        $ticket = $this->back->get($event->destination_id);

        return $ticket !== null &&
            ($ticket->back_after === null ? $ticket->back_at?->gt($event->at) === true : $event->id <= $ticket->back_after);
    }

    public function forget(): void
    {
        $this->all = $this->back = null;
    }

    /** @return Collection<int, Handover> */
    private function all(): Collection
    {
        return $this->all ??= Handover::query()->with('destination')->orderBy('id')->get();
    }
}
