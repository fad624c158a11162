<?php

declare(strict_types=1);

namespace Tests\App\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Kit\KitDesk;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Taps\TapRecord;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class KitTest extends TestCase
{
    public function test_what_is_short_is_derived_from_the_plan_and_mended_from_the_shelf(): void
    {
        $job = $this->demo();
        $page = $this->get("/jobs/{$job->id}/kit")->assertOk();
        $page->assertSee('180 mm is missing')->assertSee('Put Zoom 70–200 in')->assertSee('OV-16 cells fall');
        $tele = Item::query()->where('label', 'Zoom 70–200')->firstOrFail();
        $this->post("/jobs/{$job->id}/packing", ['item' => $tele->id, 'lane' => 'lead'])->assertRedirect();
        $cells = self::short($job->id);
        $this->assertSame('Put 4 from the shelf in', $cells->remedy?->label);
        $this->post("/jobs/{$job->id}/packing/all", $cells->remedy->on)->assertRedirect();
        $this->get("/jobs/{$job->id}/kit")
            ->assertDontSee('180 mm is missing')
            ->assertDontSee('cells fall')
            ->assertSee('The OV-16 cells carry the day.');
    }

    private static function short(int $job): Verdict
    {
        app()->forgetScopedInstances();
        foreach (app(KitDesk::class)->verdicts(BriefDesk::open($job)) as $verdict) {
            if ($verdict->code === 'kit.cells-short') {
                return $verdict;
            }
        }
        throw new \LogicException('no cells are short');
    }

    public function test_what_the_shelf_does_not_have_is_not_offered_from_it(): void
    {
        $job = $this->demo();
        $packed = Packing::query()->where('job_id', $job->id)->pluck('item_id');
        $free = Item::query()->where('kind', 'cell')->where('cell_type', 'OV-16')->whereNotIn('id', $packed)->pluck('id');
        $lend = static fn (int $keep): int => Item::query()
            ->whereIn('id', $free->slice($keep))
            ->update(['due_on' => $job->date, 'ownership' => 'borrowed']);
        $lend(3);
        $short = self::short($job->id);
        $this->assertSame('Put 3 from the shelf in', $short->remedy?->label);
        $this->assertStringEndsWith('The shelf has 3 more; hire or borrow 1 beyond that. And one more is the spare.', $short->because);
        $lend(0);
        $short = self::short($job->id);
        $this->assertNull($short->remedy, 'what is due back does not come along');
        $this->assertStringEndsWith(
            'Nothing on the shelf does: hire or borrow 4 cells of type OV-16. And one more is the spare.',
            $short->because,
        );
    }

    public function test_an_item_is_ticked_counted_and_unticked(): void
    {
        $job = $this->demo();
        $item = Packing::query()->firstOrFail()->item_id;
        $this->from("/jobs/{$job->id}/kit")
            ->post('/events', ['kind' => 'pack', 'job' => $job->id, 'item' => $item])
            ->assertRedirect("/jobs/{$job->id}/kit");
        $count = Packing::query()->where('job_id', $job->id)->count();
        $this->get("/jobs/{$job->id}/kit")->assertSee('1 of '.$count.' are ticked');
        $this->get("/jobs/{$job->id}/pack")
            ->assertSee('aria-pressed="true"', false)
            ->assertSee("1 of {$count} things are in.");
        $this->travel(2)->seconds();
        $this->post('/events', ['kind' => 'unpack', 'job' => $job->id, 'item' => $item]);
        $this->get("/jobs/{$job->id}/kit")->assertSee('0 of '.$count.' are ticked');
    }

    public function test_an_item_taken_off_the_list_stays_on_the_shelf(): void
    {
        $job = $this->demo();
        $entry = Packing::query()->firstOrFail();
        $this->delete("/jobs/{$job->id}/packing/{$entry->item_id}")->assertRedirect();
        $this->assertNull(Packing::query()->find($entry->id));
        $this->assertNotNull(Item::query()->find($entry->item_id));
    }

    public function test_the_shelf_takes_every_kind(): void
    {
        $this->signIn();
        $this->post('/shelf', [
            'kind' => 'body',
            'label' => 'Body D',
            'serial' => 'OV9',
            'raw_mb' => 30,
            'jpeg_mb' => 0,
            'frames_per_charge' => 500,
            'standby_hours_per_charge' => 12,
            'cell_type' => 'K',
        ])->assertSessionHasNoErrors();
        $this->post('/shelf', ['kind' => 'card', 'label' => 'S99', 'capacity_gb' => 64])->assertSessionHasNoErrors();
        $this->post('/shelf', [
            'kind' => 'lens',
            'label' => 'Tele',
            'focal_min_mm' => 300,
            'focal_max_mm' => 300,
        ])->assertSessionHasNoErrors();
        $this->assertSame('OV9', Item::query()->where('label', 'Body D')->firstOrFail()->body?->serial);
        $this->get('/shelf')->assertSee('Body D')->assertSee('64 GB')->assertSee('300 mm');
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'a range upside down' => [['kind' => 'lens', 'label' => 'X', 'focal_min_mm' => 200, 'focal_max_mm' => 70], 'focal_max_mm'],
            'a lens without a range' => [['kind' => 'lens', 'label' => 'X'], 'focal_min_mm'],
            'a card without a size' => [['kind' => 'card', 'label' => 'X'], 'capacity_gb'],
            'a body without a serial' => [['kind' => 'body', 'label' => 'X'], 'serial'],
            'no such kind' => [['kind' => 'camel', 'label' => 'X'], 'kind'],
            'no label' => [['kind' => 'flash', 'label' => ''], 'label'],
        ];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('wrong')]
    public function test_a_wrong_item_is_refused_by_its_field(array $fields, string $field): void
    {
        $this->signIn();
        $this->from('/shelf')->post('/shelf', $fields)->assertSessionHasErrors($field);
        $this->assertSame(0, Item::query()->count());
    }

    public function test_a_label_is_on_the_shelf_once(): void
    {
        $this->signIn();
        $this->post('/shelf', ['kind' => 'flash', 'label' => 'F1']);
        $this->post('/shelf', ['kind' => 'reader', 'label' => 'F1'])->assertSessionHasErrors('label');
        $this->assertSame(0, TapRecord::query()->count());
    }

    public function test_a_smaller_sensor_reaches_further(): void
    {
        $job = $this->demo();
        Item::query()
            ->where('label', 'Prime 85')
            ->firstOrFail()
            ->update(['focal_min_mm' => 120, 'focal_max_mm' => 120]);
        $this->get("/jobs/{$job->id}/kit")->assertSee('180 mm is missing');
        foreach (['Body A', 'Body B'] as $label) {
            Item::query()
                ->where('label', $label)
                ->firstOrFail()
                ->body?->update(['crop_factor' => 1.5]);
        }
        $this->get("/jobs/{$job->id}/kit")
            ->assertDontSee('180 mm is missing')
            ->assertSee('24 mm is missing');
    }
}
