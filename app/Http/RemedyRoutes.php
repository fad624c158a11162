<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Brief\Job;
use NorthSatchel\Remedy;

/** From the remedies that the judges name to the addresses that carry them out. */
final class RemedyRoutes
{
    /** Null for a remedy that cannot be carried out here, such as the menu of a real camera. */
    public static function of(Remedy $remedy, ?Job $job): ?RemedyRoute
    {
        if ($job === null) {
            return null;
        }
        $on = $remedy->on;
        $id = $job->id;
        if (str_starts_with($remedy->action, 'camera.') && $remedy->action !== 'camera.read' && ! config('satchel.demo')) {
            return null;
        }

        return match ($remedy->action) {
            'segment.later' => new RemedyRoute("/segments/{$on['segment']}/shift", ['minutes' => $on['minutes']]),
            'segment.light' => new RemedyRoute("/segments/{$on['segment']}/light", ['light' => $on['light']]),
            'segment.meal' => new RemedyRoute("/jobs/{$id}/meal", $on),
            'segments.move' => new RemedyRoute("/jobs/{$id}/segments/move", $on),
            'segment.shorten' => new RemedyRoute("/segments/{$on['segment']}/length", ['minutes' => $on['minutes']]),
            'spot.turn' => new RemedyRoute("/jobs/{$id}/spots/turn", $on),
            'spot.choose' => new RemedyRoute("/jobs/{$id}/scout?for={$on['segment']}#which", isLink: true),
            'spot.place' => new RemedyRoute("/jobs/{$id}/spots/place", $on),
            'travel.set' => new RemedyRoute("/jobs/{$id}/travels", $on),
            'people.rules' => new RemedyRoute("/jobs/{$id}/people/rules"),
            'people.strike' => new RemedyRoute("/jobs/{$id}/people/groups/strike"),
            'people.part' => new RemedyRoute("/jobs/{$id}/people/groups/part", $on),
            'people.everybody' => new RemedyRoute("/jobs/{$id}/people/groups/everybody"),
            'stand.as' => new RemedyRoute("/groups/{$on['group']}/stand?rows={$on['rows']}&steps={$on['steps']}", isLink: true),
            'people.during' => new RemedyRoute("/jobs/{$id}/people/settings", [...$on, 'formals_gathered' => (int) $job->formals_gathered]),
            'people.add' => new RemedyRoute("/jobs/{$id}/people/add", $on),
            'people.beside' => new RemedyRoute("/jobs/{$id}/people/beside", $on),
            'people.apart' => new RemedyRoute("/jobs/{$id}/people/apart", $on),
            'people.order' => new RemedyRoute("/jobs/{$id}/people/order", $on),
            'shots.must' => new RemedyRoute("/jobs/{$id}/shots/must", $on),
            'brief.hours' => new RemedyRoute("/jobs/{$id}/hours", $on),
            'shots.walk' => new RemedyRoute("/segments/{$on['segment']}/shots/walk"),
            'shot.put' => new RemedyRoute("/shots/{$on['shot']}/put", ['segment' => $on['segment']]),
            'shots.segment' => new RemedyRoute("/jobs/{$id}/shots/segment", $on),
            'shots.place' => new RemedyRoute("/jobs/{$id}/shots/place"),
            'shots.sun-order' => new RemedyRoute("/segments/{$on['segment']}/shots/sun-order"),
            'boards.say' => new RemedyRoute("/jobs/{$id}/boards/say", $on),
            'rooms.houses' => new RemedyRoute("/jobs/{$id}/rooms/order"),
            'cover.take' => new RemedyRoute("/jobs/{$id}/cover/take"),
            'kit.propose' => new RemedyRoute("/jobs/{$id}/kit/propose", isLink: true),
            'shelf.open' => new RemedyRoute('/shelf', isLink: true),
            'kit.add' => new RemedyRoute("/jobs/{$id}/packing", $on),
            'kit.add-all' => new RemedyRoute("/jobs/{$id}/packing/all", $on),
            'kit.carry' => new RemedyRoute("/jobs/{$id}/packing/carry", $on),
            'camera.read' => new RemedyRoute("/jobs/{$id}/camera-check"),
            'camera.test' => new RemedyRoute("/jobs/{$id}/stand-ins/test"),
            'camera.set-mode' => new RemedyRoute("/jobs/{$id}/stand-ins/mode", $on),
            'camera.set-clock' => new RemedyRoute("/jobs/{$id}/stand-ins/clock", $on),
            'card.seal' => new RemedyRoute("/jobs/{$id}/cards/{$on['card']}/seal"),
            'card.twin' => new RemedyRoute("/jobs/{$id}/cards/{$on['card']}/twin"),
            'card.look' => new RemedyRoute("/jobs/{$id}/cards/{$on['card']}/look", isLink: true),
            'card.retire' => new RemedyRoute("/jobs/{$id}/cards/{$on['card']}/retire"),
            'card.accept-loss' => new RemedyRoute("/jobs/{$id}/cards#loss-{$on['card']}", isLink: true),
            'copy.to' => new RemedyRoute("/jobs/{$id}/copies", ['kind' => 'copy', 'all' => 1, 'destinations[]' => $on['destination']]),
            'copy.repair' => new RemedyRoute("/jobs/{$id}/copies", [
                'kind' => 'repair',
                'cards[]' => $on['card'],
                'destinations[]' => $on['destination'],
            ]),
            'copy.verify' => new RemedyRoute("/jobs/{$id}/copies", ['kind' => 'verify', 'all' => 1]),
            'folders.open' => new RemedyRoute('/folders', isLink: true),
            'copy.start' => new RemedyRoute("/jobs/{$id}/copies", ['kind' => 'copy', 'all' => 1]),
            default => null,
        };
    }
}
