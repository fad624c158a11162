<?php

declare(strict_types=1);

namespace App\Desks;

use App\Devices\Devices;
use App\Models\Card;
use App\Models\Destination;
use App\Models\Frame;
use Illuminate\Support\Collection;
use NorthSatchel\Copies\Adoption;
use NorthSatchel\Copies\Names;

/** Copies made by hand or by another routine, counted as a route of their own once their content is compared. */
final class AdoptDesk
{
    /** Stands for the bag of what others wrote. */
    public const NO_BAG = '(adopted)';

    public function __construct(private readonly CardLog $log, private readonly CopyLedger $ledger) {}

    /**
     * @param  Collection<int, Card>  $cards
     * @return list<array{good: bool, text: string}> a line a card
     */
    public function adopt(Destination $destination, Collection $cards, RunProgress $progress): array
    {
        $frames = $cards->mapWithKeys(fn (Card $card): array => [$card->id => $this->ledger->framesOn($card->id, $this->log->lifeOf($card)->fill)]);
        $sizes = array_values(array_unique($frames->flatten(1)->map(static fn (Frame $f): int => (int) $f->bytes)->all()));
        $folder = new Adoption(Devices::destination($destination), $sizes, static fn (int $bytes, string $path) => $progress->add($bytes, $path));
        $report = [];
        foreach ($cards as $card) {
            $hashes = [];
            $missing = [];
            foreach ($frames[$card->id] as $frame) {
                if ($frame->hash !== null && $folder->has($frame->hash)) {
                    $hashes[$frame->path] = $frame->hash;
                } else {
                    $missing[] = Names::printable($frame->path);
                }
            }
            $label = $card->item->label;
            if ($hashes === []) {
                $isUnknown = $frames[$card->id]->whereNotNull('hash')->isEmpty();
                $report[] = ['good' => false, 'text' => $isUnknown ? "{$label}: nobody knows its contents yet; copy and verify it once first." : "{$label}: nothing of it lies there."];

                continue;
            }
            $isWhole = $missing === [];
            $this->ledger->record($card->id, $this->log->lifeOf($card)->fill, $destination->id, $isWhole ? 'verified' : 'failed', self::NO_BAG, Devices::deviceOf($destination), $hashes, ['route' => $destination->route, 'problem' => $isWhole ? null : (count($missing) === 1 ? '1 file is' : count($missing).' files are').' not there']);
            $report[] = ['good' => $isWhole, 'text' => "{$label}: ".count($hashes).' of '.count($frames[$card->id]).' files lie there with the same content'.($isWhole ? " ({$destination->route})." : '; not there: '.implode(', ', array_slice($missing, 0, 3)).(count($missing) > 3 ? ' and more.' : '.'))];
        }

        return $report;
    }
}
