<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Models\Brief\Job;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** The demo never goes stale: told at any time of the year it has the same things to find. */
final class DemoTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function seasons(): array
    {
        return [
            'winter' => ['2027-01-08 11:00'],
            'spring' => ['2027-04-15 11:00'],
            'midsummer' => ['2027-06-20 11:00'],
            'autumn' => ['2027-09-30 11:00'],
            'before the clocks change' => ['2027-03-24 11:00'],
        ];
    }

    #[DataProvider('seasons')]
    public function test_the_wedding_has_its_faults_in_every_season(string $now): void
    {
        Carbon::setTestNow($now);
        $job = $this->demo();
        $this->assertSame(Carbon::parse($now)->addDays(4)->format('Y-m-d'), $job->date);
        $codes = [];
        foreach (app(Readiness::class)->verdicts(BriefDesk::open($job->id)) as $verdicts) {
            $codes = [...$codes, ...array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($verdicts))];
        }
        foreach (['scout.shadow-edge', 'plan.overlap', 'plan.after-sunset', 'kit.reach-gap', 'kit.cells-short', 'kit.unpacked'] as $code) {
            $this->assertContains($code, $codes, $now);
        }
        $this->get('/')->assertOk()->assertSee('4 days to go');
        $this->get("/jobs/{$job->id}/plan")->assertOk();
    }

    public function test_more_jobs_are_begun(): void
    {
        $this->demo();
        $this->assertEqualsCanonicalizing(
            ['wedding' => 1, 'event' => 2, 'commercial' => 5],
            array_count_values(Job::query()->toBase()->pluck('kind')->all()),
        );
    }

    public function test_cameras_and_drives_are_changed_from_the_shell(): void
    {
        $job = $this->demo();
        Artisan::call('satchel:simulate', [
            'what' => 'camera',
            '--body' => 'Body A',
            '--mode' => 'overflow',
            '--clock' => '75',
            '--number' => '9999',
        ]);
        Artisan::call('satchel:simulate', ['what' => 'test']);
        $this->followingRedirects()
            ->post("/jobs/{$job->id}/camera-check")
            ->assertSee('Body A writes each frame to one card only.')
            ->assertSee('The clock of Body A is 1 min 15 s ahead.');
        $this->assertNotSame(
            [],
            glob(config('satchel.standins').'/cards/S02/DCIM/101*/OSTV0001.DNG'),
            'the numbers rolled over into the next folder',
        );
        Artisan::call('satchel:simulate', ['what' => 'drive', '--drive' => 'Drive Fir', '--size' => '7', '--gone-after' => '2.5']);
        $this->assertSame(
            ['size_mb' => 7, 'gone_after_mb' => 2.5],
            json_decode((string) file_get_contents(config('satchel.standins').'/drives/drive-fir.json'), true),
        );
    }

    public function test_what_is_looked_for_is_found_where_it_stands(): void
    {
        $this->demo();
        $this->get('/find?q=lantern')->assertOk()->assertSee('The boat with the lanterns')->assertSee('/plan?open=3', false);
        $this->get('/find?q=Solveig')->assertSee('/jobs/1/brief', false);
        $this->get('/find?q='.urlencode('100%_'))
            ->assertSee('Nothing holds')
            ->assertDontSee('href="/shelf"><', false);
        $this->get('/find?q='.urlencode('<b>'))->assertDontSee('<b>”', false);
        $this->get('/find')->assertOk()->assertDontSee('Nothing holds');
    }

    public function test_loading_twice_keeps_the_data(): void
    {
        $this->demo();
        Artisan::call('satchel:demo-data');
        $this->assertStringContainsString('kept', Artisan::output());
        $this->assertSame(8, Job::query()->count());
    }

    public function test_the_command_shoots_with_faults_and_refuses_others(): void
    {
        $this->demo();
        $this->assertSame(0, Artisan::call('satchel:simulate', ['what' => 'shoot', '--frames' => 3, '--fault' => ['S01:missing']]));
        $this->assertMatchesRegularExpression('/\d+ frames are taken/', Artisan::output());
        $this->assertSame(2, Artisan::call('satchel:simulate', ['what' => 'film']));
        $this->assertSame(2, Artisan::call('satchel:simulate', ['what' => 'camera', '--body' => 'Body Z']));
        $this->assertSame(2, Artisan::call('satchel:simulate', ['what' => 'drive', '--drive' => 'Drive Oak']));
        $this->expectException(\InvalidArgumentException::class);
        Artisan::call('satchel:simulate', ['what' => 'shoot', '--fault' => ['S01:stolen']]);
    }
}
