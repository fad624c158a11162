<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Desks\Plan\PlanHistory;
use App\Desks\Plan\PlanSnapshot;
use App\Models\Brief\Job;
use App\Models\Kit\KitAsk;
use App\Models\People\FormalGroup;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whatever changes a job's plan, people or kit is written down with what was there before, and can be undone. */
final class KeepsPlanHistory
{
    /** What belongs to a job, by its name in the address. */
    private const ROWS = [
        'segment' => Segment::class, 'shot' => ShotLine::class, 'window' => AccessWindow::class, 'group' => FormalGroup::class,
        'ask' => KitAsk::class,
    ];

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
        if ($response->isRedirection() && PlanChange::query()->max('id') === $last && ! $before->isSameAs($after = PlanHistory::now($job))) {
            $said = $request->hasSession() ? (string) $request->session()->get('said') : '';
            $words = $said === '' ? PlanHistory::words($before, $after) ?? self::named($request, $before) : rtrim($said, '.');
            $change = PlanHistory::keep($job, $words, $before);
            if ($said !== '' && ! $request->session()->has('undo')) {
                $request->session()->flash('undo', "/plan-changes/{$change->id}/undo");
            }
        }

        return $response;
    }

    private static function jobOf(Request $request): ?int
    {
        $of = static fn (mixed $model, string $class): ?object => $model instanceof $class
            ? $model
            : $class::query()->withoutGlobalScope(SoftDeletingScope::class)->find($model);
        $job = $request->route('job');
        if ($job !== null) {
            $id = $job instanceof Job ? $job->id : (int) $job;

            return Job::query()->whereKey($id)->exists() ? $id : null;
        }
        foreach (self::ROWS as $name => $class) {
            if ($request->route($name) !== null) {
                return $of($request->route($name), $class)->job_id ?? null;
            }
        }

        return null;
    }

    private static function named(Request $request, PlanSnapshot $before): string
    {
        $key = static fn (string $name): int => (int) (is_object($request->route($name)) ? $request->route($name)->id : $request->route($name));
        $what = $before->called($key('segment'), $key('shot'));

        return $what === null ? 'The plan was changed' : "“{$what}” was changed";
    }
}
