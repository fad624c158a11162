<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Handover;
use Illuminate\Support\Carbon;
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

    /** When a drive that somebody had came back for the last time; null for one that never went. */
    public function cameBack(int $placeId): ?Carbon
    {
        $this->back ??= $this->all()->whereNotNull('back_at')->keyBy('destination_id');

        return $this->back->get($placeId)?->back_at;
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
