<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Models\Cards\Run;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use PDO;
use Tests\App\TestCase;

/** What rots is found, and made anew from another copy; the database is kept too. */
final class RepairTest extends TestCase
{
    private int $card;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demoOfCards();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 3]);
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $this->card = (int) Card::query()
            ->where('item_id', Item::query()->where('label', 'S01')->value('id'))
            ->value('id');
    }

    private function place(string $name): Destination
    {
        return Destination::query()->where('name', $name)->firstOrFail();
    }

    private function bagAt(string $name): string
    {
        $place = $this->place($name);

        return $place->folder.
            '/'.
            CopyEvent::query()->where('card_id', $this->card)->where('destination_id', $place->id)->latest('id')->value('bag');
    }

    public function test_a_rotten_bag_is_found_and_a_new_one_made_from_another_copy(): void
    {
        $fir = $this->place('Drive Fir');
        $bag = $this->bagAt('Drive Fir');
        $file = (glob("{$bag}/data/DCIM/*/*.DNG") ?: [''])[0];
        $rotten = (string) file_get_contents($file);
        $rotten[100] = chr(ord($rotten[100]) ^ 16);
        file_put_contents($file, $rotten);
        $this->post('/jobs/1/copies', ['kind' => 'verify', 'cards' => [$this->card], 'destinations' => [$fir->id]]);
        $this->get('/jobs/1/copies')->assertSee('A copy of S01 did not verify.')->assertSee('Repair it from another copy');
        $this->post('/jobs/1/copies', [
            'kind' => 'repair',
            'cards' => [$this->card],
            'destinations' => [$fir->id],
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertSee('from Drive Birch into the new bag')->assertDontSee('A copy of S01 did not verify.');
        $this->assertSame($rotten, file_get_contents($file), 'the damaged bag stays as it is');
        $new = $this->bagAt('Drive Fir');
        $this->assertStringEndsWith('_repaired-1', $new);
        exec('cd '.escapeshellarg($new).' && b2sum --quiet -c manifest-blake2b512.txt', $out, $exit);
        $this->assertSame(0, $exit);
        $this->assertFileEquals(str_replace($bag, $this->bagAt('Drive Birch'), $file), str_replace($bag, $new, $file));
        $this->assertSame('Drive Birch', CopyEvent::query()->latest('id')->first()?->data['repaired_from'] ?? null);
        // Copied once more, the new bag is gone on with, and the damaged one is not met again.
        $this->post('/jobs/1/copies', [
            'kind' => 'copy',
            'cards' => [$this->card],
            'destinations' => [$fir->id],
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertSee('S01: Drive Fir verified')->assertDontSee('A copy of S01 did not verify.');
        $this->assertSame($new, $this->bagAt('Drive Fir'));
        $this->assertSame($rotten, file_get_contents($file));
    }

    public function test_what_other_work_keeps_waiting_is_not_offered_until_that_has_ended(): void
    {
        $fir = $this->place('Drive Fir');
        $file = (glob($this->bagAt('Drive Fir').'/data/DCIM/*/*.DNG') ?: [''])[0];
        file_put_contents($file, 'rotten');
        $this->post('/jobs/1/copies', ['kind' => 'verify', 'cards' => [$this->card], 'destinations' => [$fir->id]]);
        $run = Run::query()->create([
            'job_id' => 1,
            'kind' => 'verify',
            'state' => 'running',
            'card_ids' => [$this->card],
            'destination_ids' => [$fir->id],
            'told_at' => microtime(true),
        ]);
        $this->get('/jobs/1/copies')
            ->assertSee('A copy of S01 did not verify.')
            ->assertSee('Other work is under way: once that has ended, this can be pressed here.')
            ->assertDontSee('Repair it from another copy');
        $this->post('/jobs/1/copies', ['kind' => 'repair', 'cards' => [$this->card], 'destinations' => [$fir->id]])
            ->assertSessionHasErrors('run');
        // What a refused permit asks for is begun by the same press.
        $this->withSession(['asked' => $this->card])
            ->get('/jobs/1/cards')
            ->assertSee('once that has ended')
            ->assertDontSee('Compare the two cards');
        $run->update(['state' => 'done']);
        app()->forgetScopedInstances();
        $this->withSession(['asked' => $this->card])->get('/jobs/1/cards')->assertSee('Compare the two cards');
        app()->forgetScopedInstances();
        $this->get('/jobs/1/copies')->assertSee('Repair it from another copy')->assertDontSee('once that has ended');
    }

    public function test_nothing_is_made_of_copies_that_are_all_rotten_or_of_good_ones(): void
    {
        $fir = $this->place('Drive Fir');
        $this->post('/jobs/1/copies', ['kind' => 'repair', 'cards' => [$this->card], 'destinations' => [$fir->id]]);
        $this->get('/jobs/1/copies')->assertSee('nothing on Drive Fir is known to be damaged');
        foreach (['Drive Fir', 'Drive Birch'] as $name) {
            $file = (glob($this->bagAt($name).'/data/DCIM/*/*.DNG') ?: [''])[0];
            file_put_contents($file, 'gone');
        }
        $this->post('/jobs/1/copies', ['kind' => 'verify', 'cards' => [$this->card], 'destinations' => [$fir->id]]);
        $this->post('/jobs/1/copies', ['kind' => 'repair', 'cards' => [$this->card], 'destinations' => [$fir->id]]);
        $this->get('/jobs/1/copies')->assertSee('no other copy could be read whole');
    }

    public function test_what_was_verified_too_long_ago_is_read_again(): void
    {
        $this->artisan('satchel:verify-again')->expectsOutputToContain('Nothing is due.')->assertExitCode(0);
        $before = CopyEvent::query()->count();
        $this->travel(100)->days();
        app()->forgetScopedInstances();
        $this->artisan('satchel:verify-again')->expectsOutputToContain('card loads are read back')->assertExitCode(0);
        $this->assertGreaterThan($before, CopyEvent::query()->count());
        app()->forgetScopedInstances();
        $this->artisan('satchel:verify-again')->expectsOutputToContain('Nothing is due.');
    }

    public function test_a_snapshot_of_the_database_is_whole_and_overwrites_nothing(): void
    {
        $folder = $this->folder('snapshots');
        // A database in a file, as it is outside the tests; in these everything happens within one transaction.
        $live = new PDO('sqlite:'.$this->folder('live').'/live.sqlite');
        $live->exec("create table jobs (name text); insert into jobs values ('one'), ('two')");
        config([
            'database.connections.live' => ['driver' => 'sqlite', 'database' => $this->folder('live').'/live.sqlite'],
            'database.default' => 'live',
        ]);
        $this->travelTo('2030-05-01 10:00:00');
        $this->artisan('satchel:snapshot', ['to' => $folder])->assertExitCode(0);
        $file = "{$folder}/satchel-20300501-100000.sqlite";
        $this->assertSame(2, (int) (new PDO("sqlite:{$file}"))->query('select count(*) from jobs')->fetchColumn());
        $this->artisan('satchel:snapshot', ['to' => $folder])
            ->expectsOutputToContain('nothing was overwritten')
            ->assertExitCode(1);
        $this->artisan('satchel:snapshot', ['to' => "{$folder}/none"])->assertExitCode(2);
        config(['database.default' => 'sqlite']);
    }
}
