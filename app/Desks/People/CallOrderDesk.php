<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Devices\Waiting;
use App\Jobs\OrderAroundTheMissing;
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

    /** A minute for sixty people. */
    private const AROUND_S = 1.0;

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

    /**
     * The groups that can be called while one of the family is missing, in the order with the least waiting, as far as it was worked out
     * before; what lacks is worked out in the background.
     *
     * @param  array<int, FamilyGroup>  $groups  by id
     * @return array<string, list<FamilyGroup>> by name
     */
    public function around(Job $job, array $groups, Family $family): array
    {
        $around = [];
        $lacks = false;
        foreach (self::withoutEach($groups, $family) as $name => $going) {
            $kept = self::kept(self::key($job, $going, $family, School::LeastWaiting), $going);
            if ($kept === null) {
                $lacks = true;
            } else {
                $around[$name] = $kept->order;
            }
        }
        if ($lacks && Cache::add("around-{$job->id}", true, self::PROVING_S)) {
            OrderAroundTheMissing::dispatch($job->id)->onQueue('proofs');
        }

        return $around;
    }

    /** @param  array<int, FamilyGroup>  $groups */
    public function orderAround(Job $job, array $groups, Family $family): void
    {
        foreach (self::withoutEach($groups, $family) as $going) {
            $key = self::key($job, $going, $family, School::LeastWaiting);
            if (self::kept($key, $going) === null) {
                $patience = $this->waiting->seconds(self::AROUND_S);
                self::keep($key, $going, CallOrders::solved(School::LeastWaiting, $going, $family, $job->formals_gathered, $patience));
            }
        }
        Cache::forget("around-{$job->id}");
        DB::table('changes')->increment('number');
    }

    /**
     * @param  array<int, FamilyGroup>  $groups
     * @return array<string, list<FamilyGroup>> by the name of who is missing; the two are in everything
     */
    private static function withoutEach(array $groups, Family $family): array
    {
        $without = [];
        foreach (array_diff(array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, $groups)), $family->couple()) as $name) {
            $without[$name] ??= array_values(array_filter($groups, static fn (FamilyGroup $g): bool => ! in_array($name, $g->people, true)));
        }

        return $without;
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
        /** @var array{order: list<int>, cost: int|float|null, lower: int|float|null, isOptimal: bool, isReal: bool}|null $kept */
        $kept = Cache::get($key);

        return $kept === null
            ? null
            : new CallSolution(
                array_map(static fn (int $i): FamilyGroup => $groups[$i], $kept['order']),
                $kept['cost'],
                $kept['lower'],
                $kept['isOptimal'],
                $kept['isReal'],
            );
    }

    /** @param  list<FamilyGroup>  $groups */
    private static function keep(string $key, array $groups, CallSolution $solution): void
    {
        $order = array_map(static fn (FamilyGroup $g): int => (int) array_search($g, $groups, true), $solution->order);
        Cache::put(
            $key,
            [
                'order' => $order,
                'cost' => $solution->cost,
                'lower' => $solution->lowerBound,
                'isOptimal' => $solution->isOptimal,
                'isReal' => $solution->isReal,
            ],
            self::KEPT_S,
        );
    }
}
