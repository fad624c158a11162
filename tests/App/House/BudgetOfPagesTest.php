<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Desks\Kit\KitDesk;
use App\Desks\Kit\RoomsDesk;
use App\Desks\People\CallSheetDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\People\RosterDesk;
use App\Desks\Plan\ArrivalDesk;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\LooksDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\SendingDesk;
use App\Desks\Plan\SetupLightDesk;
use App\Desks\Plan\SpotLightDesk;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;

/**
 * Once its findings are kept, no page makes more than 25 queries; the first look after a change may make a few more. None sends more than
 * 150 kB compressed at first load, fonts included.
 */
final class BudgetOfPagesTest extends TestCase
{
    /** One more, who is signed in, is asked for outside the tests. */
    private const QUERIES = 25;

    /**
     * The kit and the copies of the jobs that have a list; the spots of all jobs; the last lines of all logs; the ground of a match; the
     * lists, boards and session folders of studio jobs.
     */
    private const MORE_AT_FIRST = 34;

    private const BYTES = 150_000;

    private const PAGES = [
        '/',
        '/jobs/1/brief',
        '/jobs/1/scout',
        '/jobs/1/plan',
        '/jobs/1/what-if?segment=5&late=60',
        '/jobs/1/rehearse',
        '/jobs/1/people',
        '/groups/9/stand',
        '/jobs/1/kit',
        '/jobs/1/kit/propose',
        '/jobs/1/tests',
        '/jobs/1/light',
        '/jobs/1/pack',
        '/jobs/1/home',
        '/jobs/1/cards',
        '/jobs/1/copies',
        '/jobs/1/frames',
        '/shelf',
        '/folders',
        '/jobs/new',
    ];

    /** Whose findings are kept until the database changes. */
    private const KEPT = [
        BriefDesk::class, SpotLightDesk::class, PlanDesk::class, PeopleDesk::class, KitDesk::class, CoverDesk::class, SendingDesk::class,
        ArrivalDesk::class, ElementsDesk::class, SetupLightDesk::class, LooksDesk::class, RoomsDesk::class, RosterDesk::class,
        CallSheetDesk::class,
    ];

    public function test_queries_and_bytes(): void
    {
        $job = $this->demo();
        $this->post("/jobs/{$job->id}/camera-check");
        $this->post("/jobs/{$job->id}/stand-ins/shoot", ['frames' => 4]);
        $this->post("/jobs/{$job->id}/cards/seal");
        $this->post("/jobs/{$job->id}/cards/twin");
        $this->post("/jobs/{$job->id}/copies", ['kind' => 'copy', 'all' => 1]);
        $this->post("/jobs/{$job->id}/cards/1/permit");

        $always = 0;
        foreach (['app.css', 'htmx.min.js', 'satchel.js', 'icon.svg'] as $file) {
            $always += strlen((string) gzencode((string) file_get_contents(public_path('build/'.$file)), 6));
        }
        foreach (glob(public_path('build/fonts/*.woff2')) ?: [] as $font) {
            $always += (int) filesize($font);
        }
        DB::enableQueryLog();
        foreach (self::PAGES as $page) {
            // Nothing is kept and nothing is remembered: the first look after a change.
            Cache::flush();
            $this->app->forgetScopedInstances();
            $this->look($page, self::QUERIES + self::MORE_AT_FIRST);
            $this->app->forgetScopedInstances();
            $bytes = $always + strlen((string) gzencode($this->look($page, self::QUERIES), 6));
            $this->assertGreaterThan(60_000, $bytes, 'the built files are there');
            $this->assertLessThan(self::BYTES, $bytes, $page);
        }
    }

    private function look(string $page, int $most): string
    {
        DB::flushQueryLog();
        $html = (string) $this->get($page)->assertOk()->getContent();
        $queries = array_column(DB::getQueryLog(), 'query');
        $this->assertLessThanOrEqual($most, count($queries), "{$page}\n".implode("\n", $queries));

        return $html;
    }

    /** Findings are kept until the database changes: every table that the judges read must count its changes. */
    public function test_every_table_the_findings_are_read_from_counts_its_changes(): void
    {
        $this->demo();
        $read = [];
        DB::listen(static function (QueryExecuted $query) use (&$read): void {
            preg_match_all('/(?:from|join) "?(\w+)"?/i', $query->sql, $found);
            array_push($read, ...$found[1]);
        });
        $strap = app(Readiness::class);
        Cache::flush();
        foreach (BriefDesk::all() as $job) {
            foreach (self::KEPT as $desk) {
                app($desk)->verdicts($job);
            }
        }
        // What is read along with a job, and judged anew each time.
        $uncounted = array_diff(array_unique($read), ['camera_checks', 'changes', 'session_folders', 'picks']);
        $this->assertGreaterThan(10, count($uncounted));
        foreach ($uncounted as $table) {
            foreach (['insert', 'update', 'delete'] as $verb) {
                $this->assertTrue(
                    DB::table('sqlite_master')
                        ->where('type', 'trigger')
                        ->where('name', "{$table}_counts_{$verb}")
                        ->exists(),
                    "{$table} {$verb}",
                );
            }
        }
        $job = BriefDesk::open(1);
        $this->assertTrue($strap->of($job, 'plan')->has('plan.overlap'));
        DB::update("update segments set start_clock = '12:00' where title = 'Drinks by the stove'");
        app()->forgetScopedInstances();
        $this->assertFalse(
            app(Readiness::class)->of(BriefDesk::open(1), 'plan')->has('plan.overlap'),
            'even what no model changed is seen',
        );
    }
}
