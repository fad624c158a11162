<?php

declare(strict_types=1);

namespace Tests\App\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Kit\KitDesk;
use App\Models\Kit\KitAsk;
use App\Models\Plan\Segment;
use Illuminate\Http\UploadedFile;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** Cameras that stand alone: kept with what they ask of the kit, judged as the plan stands, and taken back. */
final class KeptCamerasTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demoOfCards();
    }

    /** @return list<string> findings of the kit that are about cameras that stand alone */
    private static function found(): array
    {
        $found = array_filter(
            iterator_to_array(app(KitDesk::class)->verdicts(BriefDesk::open(1)), false),
            static fn (Verdict $v): bool => str_starts_with($v->code, 'remote.'),
        );

        return array_values(array_map(static fn (Verdict $v): string => $v->finding, $found));
    }

    public function test_a_camera_that_stands_alone_is_kept_and_watched_over(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('title', 'Ceremony')->firstOrFail();
        $query = "segment={$segment->id}&where=Organ+loft+%3Cb%3E&bearing=200&alone=3&shots=5000&walk=6";
        $this->assertSame([], self::found());
        $this->get("/jobs/1/light?{$query}")->assertOk()->assertSee('Keep this camera')->assertDontSee('Cameras that stand alone, kept');
        $this->post("/jobs/1/light/cameras?{$query}")->assertSessionHasNoErrors();
        $ask = KitAsk::query()->whereNotNull('mounted')->firstOrFail();
        $this->assertSame(['remote', 1, 'Organ loft <b>', $segment->id], [$ask->what, $ask->count, $ask->note, $ask->segment_id]);
        $this->assertSame([200.0, 5000.0], [(float) ($ask->mounted['bearing'] ?? 0), (float) ($ask->mounted['shots'] ?? 0)]);
        $page = $this->get('/jobs/1/light')->assertOk()->assertSee('Organ loft &lt;b&gt;', false)->assertDontSee('loft <b>', false);
        $page->assertSee('Its cards are full before the end');
        $this->assertContains('Organ loft <b>: Its cards are full before the end: 3 pairs are needed.', self::found());
        // The kit brings along what it hangs on.
        $this->get('/jobs/1/kit/propose')->assertSee('Organ loft &lt;b&gt;', false);

        // It goes along with the job, and stands there as it was kept.
        $bundle = $this->file('job.zip', (string) $this->get('/jobs/1/bundle')->assertOk()->streamedContent());
        $this->post('/jobs/bundle', ['bundle' => new UploadedFile($bundle, 'job.zip', null, null, true)])->assertSessionHasNoErrors();
        $this->assertEquals([$ask->mounted, $ask->mounted], KitAsk::query()->whereNotNull('mounted')->get()->pluck('mounted')->all());

        // Without its segment it is not forgotten; taken back it is.
        $ask->update(['segment_id' => null]);
        $this->assertSame(['Organ loft <b> fires in no segment any more.'], self::found());
        $undo = $this->delete("/asks/{$ask->id}")->assertRedirect('/jobs/1/light')->getSession()->get('undo');
        $this->assertSame([], self::found());
        $this->post($undo);
        $this->assertSame(['Organ loft <b> fires in no segment any more.'], self::found(), 'and comes back as it was');
        $this->post($undo);
        $this->assertCount(1, self::found(), 'once');
    }

    public function test_what_cannot_be_worked_out_is_not_kept(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('title', 'Ceremony')->firstOrFail();
        $this->post("/jobs/1/light/cameras?segment={$segment->id}&walk=-2")->assertSessionHasErrors('where');
        $this->post("/jobs/1/light/cameras?segment={$segment->id}&bearing=north")->assertSessionHasErrors('bearing');
        $segment->place()->update(['latitude' => null, 'longitude' => null]);
        $this->post("/jobs/1/light/cameras?segment={$segment->id}")->assertSessionHasErrors('where');
        $this->assertSame(0, KitAsk::query()->whereNotNull('mounted')->count());
    }
}
