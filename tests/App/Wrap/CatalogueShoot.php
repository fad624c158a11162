<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;

/** A catalogue as the stand-in camera shoots it: each product with its board, on two cards. */
trait CatalogueShoot
{
    private function shoot(Job $job, bool $rawAlone = false): void
    {
        $body = Body::query()->with('item')->whereHas('item', static fn ($q) => $q->where('label', 'Body C'))->firstOrFail();
        $cards = Card::query()->whereHas('item', static fn ($q) => $q->whereIn('label', ['S07', 'S08']))->orderBy('id')->get();
        foreach ([$body->item_id, ...$cards->pluck('item_id')] as $item) {
            $this->post("/jobs/{$job->id}/packing", ['item' => $item, 'lane' => 'lead']);
        }
        foreach ($cards->values() as $i => $card) {
            $this->post('/events', ['kind' => 'load', 'job' => $job->id, 'card' => $card->id, 'body' => $body->id, 'slot' => $i + 1]);
        }
        if ($rawAlone) {
            $camera = Devices::camera($body);
            $camera->set($camera->settings()->with(jpeg: false));
        }
        $this->post("/jobs/{$job->id}/stand-ins/shoot", ['frames' => 10])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/cards/seal");
    }
}
