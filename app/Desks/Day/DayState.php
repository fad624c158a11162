<?php

declare(strict_types=1);

namespace App\Desks\Day;

use NorthSatchel\People\CallState;
use NorthSatchel\Taps\Tap;

/** What a phone gets: the pocket, the taps so far, and which ways out are in the plan already. */
final readonly class DayState implements \JsonSerializable
{
    /** So that what has not changed need not be sent again. */
    public string $version;

    /** @var array<string, mixed> */
    private array $content;

    /**
     * @param  list<Tap>  $taps
     * @param  list<string>  $applied  ids of taps that the plan has followed
     * @param  list<int>  $owed  shots that are taken already, as groups
     * @param  list<int>  $broken  things that are of no use any more
     * @param  list<PocketStanding>  $standing
     * @param  array<int, list<bool>>  $counted  by element: each try, whether it was good
     */
    public function __construct(
        Pocket $pocket,
        array $taps,
        array $applied,
        array $owed,
        PocketSlots $slots,
        ?CallState $called,
        array $broken,
        array $standing,
        array $counted,
        private float $now,
    ) {
        $this->content = [
            'pocket' => $pocket,
            'taps' => array_map(
                static fn (Tap $t): array => ['id' => $t->id, 'kind' => $t->kind->value, 'at' => $t->at, 'on' => (object) $t->on],
                $taps,
            ),
            'applied' => $applied,
            'owed' => $owed,
            'slots' => $slots,
            'called' => $called,
            'broken' => $broken,
            'standing' => $standing,
            'counted' => (object) $counted,
        ];
        $this->version = hash('xxh128', json_encode($this->content, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [...$this->content, 'version' => $this->version, 'now' => $this->now];
    }

    /** @return array<string, mixed> what a phone that has a version of it still lacks */
    public function beside(string $has): array
    {
        return $has === $this->version ? ['version' => $this->version, 'now' => $this->now, 'pocket' => null] : $this->jsonSerialize();
    }
}
