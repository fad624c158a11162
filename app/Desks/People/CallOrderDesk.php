<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Devices\Waiting;
use App\Jobs\ProveCallingOrder;
use App\Models\Brief\Job;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use NorthSatchel\People\CallOrders;
use NorthSatchel\People\CallSolution;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\School;

/**
 * The orders of the schools, kept for as long as the groups stay the same. A page waits a second for the least
 * waiting; where that is not enough for a proof, the search goes on in the background.
 */
final class CallOrderDesk
{
    private const KEPT_S = 7 * 86400;

    /** A page does not wait longer for a proof. */
    public const PAGE_S = 0.9;

    private const PROVING_S = 600;

    public function __construct(private readonly Waiting $waiting) {}

    /** @param  list<FamilyGroup>  $groups */
    public function solution(Job $job, array $groups, Family $family, School $school): CallSolution
    {
        $key = self::key($job, $groups, $family, $school);
        $kept = self::kept($key, $groups);
        if ($kept !== null) {
            return $kept;
        }
        $solution = CallOrders::solved($school, $groups, $family, $job->formals_gathered, $this->waiting->seconds(self::PAGE_S));
        self::keep($key, $groups, $solution);
        if ($solution->gap() > 0 && $school === School::LeastWaiting && Cache::add("{$key}-proving", true, self::PROVING_S)) {
            ProveCallingOrder::dispatch($job->id)->onQueue('proofs');
        }

        return $solution;
    }

    /**
     * Whether the search still goes on.
     *
     * @param  list<FamilyGroup>  $groups
     */
    public function isProving(Job $job, array $groups, Family $family): bool
    {
        return Cache::has(self::key($job, $groups, $family, School::LeastWaiting).'-proving');
    }

    /**
     * Searches on until it is proven or the time is up; the findings of the page are worked out anew then.
     *
     * @param  list<FamilyGroup>  $groups
     */
    public function prove(Job $job, array $groups, Family $family): CallSolution
    {
        $key = self::key($job, $groups, $family, School::LeastWaiting);
        $solution = CallOrders::solved(
            School::LeastWaiting,
            $groups,
            $family,
            $job->formals_gathered,
            $this->waiting->seconds((float) config('satchel.proof_seconds')),
        );
        self::keep($key, $groups, $solution);
        Cache::forget("{$key}-proving");
        DB::table('changes')->increment('number');

        return $solution;
    }

    /** @param  list<FamilyGroup>  $groups */
    private static function key(Job $job, array $groups, Family $family, School $school): string
    {
        return 'calling-'.
            hash('xxh128', serialize([$school->value, $groups, $family->people(), $family->apart(), $job->formals_gathered]));
    }

    /** @param  list<FamilyGroup>  $groups */
    private static function kept(string $key, array $groups): ?CallSolution
    {
        /** @var array{order: list<int>, cost: int|float|null, lower: int|float|null, isOptimal: bool}|null $kept */
        $kept = Cache::get($key);

        return $kept === null
            ? null
            : new CallSolution(
                array_map(static fn (int $i): FamilyGroup => $groups[$i], $kept['order']),
                $kept['cost'],
                $kept['lower'],
                $kept['isOptimal'],
            );
    }

    /** @param  list<FamilyGroup>  $groups */
    private static function keep(string $key, array $groups, CallSolution $solution): void
    {
        $order = array_map(static fn (FamilyGroup $g): int => (int) array_search($g, $groups, true), $solution->order);
        Cache::put(
            $key,
            ['order' => $order, 'cost' => $solution->cost, 'lower' => $solution->lowerBound, 'isOptimal' => $solution->isOptimal],
            self::KEPT_S,
        );
    }
}
