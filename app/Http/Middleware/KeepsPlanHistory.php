<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Desks\Plan\PlanHistory;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whatever changes the segments or shots of a job is written down with what was there before, so that it can be undone. */
final class KeepsPlanHistory
{
    public function handle(Request $request, \Closure $next): Response
    {
        $job = $request->isMethod('GET') || $request->is('plan-changes/*') ? null : self::jobOf($request);
        if ($job === null) {
            return $next($request);
        }
        $before = PlanHistory::now($job);
        $last = PlanChange::query()->max('id');
        $response = $next($request);
        // What keeps its own way back has written it already.
        if ($response->isRedirection() && PlanChange::query()->max('id') === $last && $before !== PlanHistory::now($job)) {
            $said = $request->hasSession() ? (string) $request->session()->get('said') : '';
            PlanHistory::keep($job, $said === '' ? self::named($request, $before) : rtrim($said, '.'), $before);
        }

        return $response;
    }

    private static function jobOf(Request $request): ?int
    {
        $of = static fn (mixed $model, string $class): ?object => $model instanceof $class ? $model : $class::withTrashed()->find($model);
        $job = $request->route('job');
        if ($job !== null) {
            $id = $job instanceof Job ? $job->id : (int) $job;

            return Job::query()->whereKey($id)->exists() ? $id : null;
        }
        $row = $request->route('segment') !== null
            ? $of($request->route('segment'), Segment::class)
            : ($request->route('shot') !== null ? $of($request->route('shot'), ShotLine::class) : null);

        return $row->job_id ?? null;
    }

    /** @param  array{segments: list<array<string, mixed>>, shots: list<array<string, mixed>>, jobs: list<array<string, mixed>>}  $before */
    private static function named(Request $request, array $before): string
    {
        $key = static fn (string $name): int => (int) (is_object($request->route($name)) ? $request->route($name)->id : $request->route($name));
        $titles = array_column($before['segments'], 'title', 'id');
        $shots = array_column($before['shots'], 'what', 'id');
        $what = $titles[$key('segment')] ?? $shots[$key('shot')] ?? null;

        return $what === null ? 'The plan was changed' : "“{$what}” was changed";
    }
}
