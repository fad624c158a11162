<?php

declare(strict_types=1);

namespace App\Http\Controllers\Taps;

use Illuminate\Http\Request;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapTime;

/**
 * Taps that a device sends, many at once. Each is looked at by itself: one that is malformed is refused by its id, so that the
 * device lets go of it, and the others are kept.
 */
final readonly class TapBatch
{
    private const MOST = 500;

    private const MOST_NAMES = 12;

    private const LONGEST = 40;

    /**
     * @param  list<Tap>  $taps  well formed, in the order of their times
     * @param  list<array{id: string|null, why: string}>  $refused
     */
    private function __construct(public array $taps, public array $refused) {}

    public static function of(Request $request): self
    {
        $given = $request->json()->all();
        $events = is_array($given['events'] ?? null) ? array_values($given['events']) : [];
        $received = (float) now()->format('U.v');
        $sent = self::instant($given['sent_at'] ?? null);
        $taps = [];
        $refused = array_map(
            static fn (mixed $more): array => ['id' => self::id($more), 'why' => 'Too many taps at once: send it again.'],
            array_slice($events, self::MOST),
        );
        foreach (array_slice($events, 0, self::MOST) as $event) {
            $why = self::wrong($event);
            if ($why !== null) {
                $refused[] = ['id' => self::id($event), 'why' => $why];

                continue;
            }
            $at = TapTime::of((float) self::instant($event['made_at']), $sent, $received);
            $taps[] = new Tap(strtolower($event['id']), TapKind::from($event['kind']), round($at, 3), array_map(intval(...), $event['on']));
        }
        usort($taps, static fn (Tap $a, Tap $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return new self($taps, $refused);
    }

    private static function wrong(mixed $event): ?string
    {
        return match (true) {
            ! is_array($event) || self::id($event) === null => 'A tap needs an id that its device made.',
            ! is_string($event['kind'] ?? null) || TapKind::tryFrom($event['kind'])?->isOfDevices() !== true => 'There is no such tap.',
            ! is_array($event['on'] ?? null) || $event['on'] === [] || count($event['on']) > self::MOST_NAMES => 'A tap needs what '.
                'it acts on.',
            array_filter(array_keys($event['on']), self::isNoName(...)) !== [] => 'A tap names what it acts on.',
            array_filter(
                $event['on'],
                static fn (mixed $v): bool => ! is_int($v) && ! (is_string($v) && preg_match('/^\d{1,15}$/D', $v) === 1),
            ) !== [] => 'A tap acts on things by their numbers.',
            self::instant($event['made_at'] ?? null) === null => 'A tap needs the time at which it was made.',
            default => null,
        };
    }

    private static function isNoName(mixed $name): bool
    {
        return ! is_string($name) || strlen($name) > self::LONGEST;
    }

    private static function id(mixed $event): ?string
    {
        $id = is_array($event) ? $event['id'] ?? null : null;

        return is_string($id) && preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/Di', $id) === 1 ? $id : null;
    }

    /** Unix seconds of an ISO 8601 instant with its offset; null for anything else. */
    private static function instant(mixed $text): ?float
    {
        if (! is_string($text) || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?(Z|[+-]\d\d:?\d\d)$/D', $text) !== 1) {
            return null;
        }
        try {
            return (float) (new \DateTimeImmutable($text))->format('U.u');
        } catch (\Exception) {
            return null;
        }
    }
}
