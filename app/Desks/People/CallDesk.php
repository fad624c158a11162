<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Plan\ShotDesk;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\ShareLink;
use App\Models\Plan\Segment;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Calling;
use NorthSatchel\People\CallState;
use NorthSatchel\People\GroupShot;
use NorthSatchel\People\Pace;
use NorthSatchel\People\RealPace;
use NorthSatchel\People\StandTime;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** The list being called, by the photographer and by the caller with a link; its state follows from the taps alone. */
final class CallDesk
{
    public const CALLER = 'caller';

    public const COUPLE = 'couple';

    public function __construct(private readonly PeopleDesk $people, private readonly ShotDesk $shots, private readonly TapDesk $taps) {}

    /** @throws ImpossibleValue when the family cannot be read */
    public function calling(Job $job): Calling
    {
        $groups = $this->people->named($job);
        $names = $job->people->mapWithKeys(static fn (Person $p): array => [$p->id => $p->name])->all();
        $state = new CallState($this->taps->log($job->id));
        $known = array_keys($groups);
        $named = static fn (array $ids): array => array_values(array_intersect_key($names, array_flip($ids)));

        return new Calling(
            $this->people->family($job),
            $groups,
            $named($state->found),
            array_values(array_intersect($state->shot, $known)),
            array_values(array_intersect($state->later, $known)),
            array_map($named, $state->there),
        );
    }

    /** A new link, valid until the day after the job; the token is told once and kept nowhere. */
    public function share(Job $job, string $kind = self::CALLER): string
    {
        $token = Str::random(40);
        $end = Carbon::parse($job->date, $job->place->timezone)->addDays(2)->startOfDay()->utc();
        ShareLink::query()->create([
            'job_id' => $job->id,
            'kind' => $kind,
            'digest' => hash('sha256', $token),
            'expires_at' => $end->isPast() ? now()->addDay() : $end,
        ]);

        return $token;
    }

    /** @return Collection<int, ShareLink> that still open something */
    public function links(Job $job): Collection
    {
        return ShareLink::query()
            ->where('job_id', $job->id)
            ->whereNull('revoked_at')
            ->where('expires_at', '>', now())
            ->orderBy('id')
            ->get();
    }

    /** Null for a token that is unknown, expired or revoked: the three are told apart by nobody. */
    public function jobOf(string $token, string $kind = self::CALLER): ?int
    {
        return ShareLink::query()
            ->where('digest', hash('sha256', $token))
            ->where('kind', $kind)
            ->whereNull('revoked_at')
            ->where('expires_at', '>', now())
            ->value('job_id');
    }

    /** Whether a tap is about this job, and of a kind that a caller may make. */
    public function mayCallerTap(int $jobId, Tap $tap): bool
    {
        $isTheirs = in_array($tap->kind, [TapKind::Found, TapKind::Lost], true) && $tap->number('job') === $jobId;

        return $isTheirs && Person::query()->where('job_id', $jobId)->whereKey($tap->subject())->exists();
    }

    /** @return Collection<int, Segment> of the same day, after the one in which the groups are called */
    public function laterSegments(Job $job): Collection
    {
        $now = $job->segments->firstWhere('id', $job->formals_segment_id);

        return $job->segments
            ->filter(static fn (Segment $s): bool => $now === null || ($s->day === $now->day && $s->start_clock > $now->start_clock))
            ->sortBy('start_clock')
            ->values();
    }

    /** How fast it goes, and how long it will still take; null before the third group is shot. */
    public function pace(Job $job, Calling $calling): ?RealPace
    {
        $planned = [];
        $stand = new StandTime($this->people->order($job), $this->people->family($job), $job->formals_gathered);
        foreach ($this->people->groups($job) as $index => $group) {
            $planned[$group->id] = $stand->groups[$index]->minutes + $stand->groups[$index]->changeOver;
        }
        $taps = [];
        foreach ($this->taps->log($job->id)->ofKind(TapKind::Shot) as $tap) {
            $id = $tap->subject();
            if ($calling->isShot($id) && isset($planned[$id])) {
                $taps[$id] = new GroupShot((int) $tap->at, $planned[$id]);
            }
        }

        return RealPace::of(array_values($taps), array_sum(array_intersect_key($planned, array_flip($calling->left()))));
    }

    /**
     * The groups still owed become shots of a later segment, with their minutes; those that are shots of one already move there.
     *
     * @return int how many
     */
    public function owe(Job $job, Segment $segment): int
    {
        $calling = $this->calling($job);
        foreach ($calling->left() as $id) {
            $group = $calling->group($id);
            $count = count($group->people);
            $line = $job->shotLines->firstWhere('owed_group_id', $id);
            if ($line !== null) {
                $this->shots->moveTo($line, $segment);

                continue;
            }
            $this->shots->add($segment, [
                'owed_group_id' => $id,
                'what' => mb_substr("Owed: {$group->title}", 0, 160),
                'priority' => $group->priority->value,
                'minutes' => (int) ceil(Pace::minutes($count) + 1),
                'frames' => Pace::frames($count),
                'people' => $group->people,
            ]);
        }

        return count($calling->left());
    }
}
