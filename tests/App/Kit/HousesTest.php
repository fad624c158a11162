<?php

declare(strict_types=1);

namespace Tests\App\Kit;

use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use Illuminate\Support\Carbon;
use Tests\App\TestCase;

final class HousesTest extends TestCase
{
    public function test_the_houses_of_a_day_go_in_the_order_of_the_sun_and_back(): void
    {
        Carbon::setTestNow('2027-06-10 11:00');
        $this->demo();
        [$slope, $dairy, $flat] = array_map(
            static fn (string $name): Job => Job::query()->where('name', 'like', "{$name}%")->firstOrFail(),
            ['Slope house', 'Old dairy', 'Harbour flat'],
        );
        $this->put("/jobs/{$slope->id}/rooms", ['rooms' => "Front, faces SW, 8 min\nKitchen, 4 × 3 m"])->assertSessionHasNoErrors();
        $this->get("/jobs/{$slope->id}/rooms")->assertOk()->assertDontSee('rooms.houses', false);
        $this->put("/jobs/{$dairy->id}/rooms", ['rooms' => 'Yard front, faces E, 8 min'])->assertSessionHasNoErrors();
        // In June the sun reaches a front that faces south-west late in the morning: not at nine.
        $page = $this->get("/jobs/{$slope->id}/rooms")->assertSee('data-code="rooms.houses"', false);
        $page->assertSee('In another order of the day one front more has the sun.')->assertSee('the sun is on 2 of 2 fronts');
        $this->get("/jobs/{$dairy->id}/rooms")->assertSee('data-code="rooms.houses"', false);
        $was = [$slope->covered_from, $dairy->covered_from, $flat->covered_from];
        $this->post("/jobs/{$slope->id}/rooms/order")->assertSessionHas('said', 'The houses are in that order.');
        $this->assertGreaterThan($dairy->refresh()->covered_from, $slope->refresh()->covered_from);
        $this->get("/jobs/{$slope->id}/rooms")->assertDontSee('data-code="rooms.houses"', false);
        $this->post('/plan-changes/'.PlanChange::query()->latest('id')->value('id').'/undo');
        $this->assertSame($was, [$slope->refresh()->covered_from, $dairy->refresh()->covered_from, $flat->refresh()->covered_from]);
        $slope->update(['appointment_from' => '08:00', 'appointment_to' => '08:10']);
        $dairy->update(['appointment_from' => '08:00', 'appointment_to' => '08:10']);
        $this->post("/jobs/{$slope->id}/rooms/order")->assertSessionHasErrors('refused');
    }
}
