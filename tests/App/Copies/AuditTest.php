<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Cards\AuditRuleRecord;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use Tests\App\TestCase;

/** The copies of the demo by the owner's rule. */
final class AuditTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demoOfCards();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/mode', [
            'body' => Item::query()->where('label', 'Body B')->firstOrFail()->load('body')->body?->id,
            'mode' => 'mirror',
        ]);
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 4]);
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/cards/twin');
    }

    private static function card(string $label): int
    {
        return (int) Item::query()->where('label', $label)->firstOrFail()->load('card')->card?->id;
    }

    public function test_all_copies_in_one_bag_are_found_and_mended_by_the_next_step(): void
    {
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $page = $this->get('/jobs/1/copies')->assertOk();
        $page
            ->assertSee('One theft would take everything.')
            ->assertSee('copied by one routine alone')
            ->assertSee('card loads are short of 3-2-1.')
            ->assertSee('Copy to Home office')
            ->assertSee('The bag is stolen');
        $home = Destination::query()->where('name', 'Home office')->firstOrFail();
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1, 'destinations' => [$home->id]])->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')
            ->assertDontSee('One theft would take')
            ->assertDontSee('short of 3-2-1')
            ->assertSee('copied by one routine alone');
    }

    public function test_the_rule_is_the_owners(): void
    {
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $rule = ['copies' => '2', 'kinds' => '1', 'elsewhere' => '0', 'again_after_days' => '30', 'a_year' => ['theft' => '0.5']];
        $this->post('/jobs/1/copies/rule', $rule)->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertDontSee('are short of')->assertSee('value="0.5"', false);
        $this->post('/jobs/1/copies/rule', [
            ...$rule,
            'copies' => '9',
            'elsewhere' => '-1',
            'a_year' => ['theft' => 'often'],
        ])->assertSessionHasErrors(['copies', 'elsewhere', 'a_year.theft']);
        $this->post('/jobs/1/copies/rule', [...$rule, 'elsewhere' => '3'])->assertSessionHasErrors('elsewhere');
        $this->assertSame(1, AuditRuleRecord::query()->count());
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        $this->post("/jobs/1/copies/places/{$fir->id}", [
            'kept' => 'home',
            'device_kind' => 'disk',
            'account' => '',
            'mb_per_s' => '80',
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertDontSee('One theft would take')->assertSee('at home: <b>Drive Fir', false);
        $this->post("/jobs/1/copies/places/{$fir->id}", [
            'kept' => 'moon',
            'device_kind' => 'tape',
            'mb_per_s' => '0',
        ])->assertSessionHasErrors(['kept', 'device_kind', 'mb_per_s']);
    }

    public function test_a_card_may_have_to_wait_for_its_copy_elsewhere(): void
    {
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $card = self::card('S01');
        $this->post('/jobs/1/copies/rule', [
            'copies' => '3',
            'kinds' => '2',
            'elsewhere' => '1',
            'again_after_days' => '90',
            'waits_for_elsewhere' => '1',
        ]);
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertSee('S01 waits for its copy elsewhere.')
            ->assertDontSee('Copy it to the drives');
        $this->post('/jobs/1/copies', [
            'kind' => 'copy',
            'all' => 1,
            'destinations' => [Destination::query()->where('name', 'Home office')->value('id')],
        ]);
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertDontSee('S01 waits for its copy elsewhere.')
            ->assertSee('S01 may be formatted.');
    }

    /** M3: one wrongly set-up routine must never stand alone. */
    public function test_a_copy_made_by_hand_is_adopted_by_content(): void
    {
        $folder = Devices::standIns().'/by-hand';
        mkdir($folder.'/wedding', 0777, true);
        $ask = ['name' => 'Drive Oak', 'folder' => $folder, 'route' => 'by hand', 'adopt_kept' => 'home', 'adopt_kind' => 'disk'];
        $this->followingRedirects()->post('/jobs/1/copies/adopt', $ask)->assertSee('S01: nothing of it lies there.');
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $card = Card::query()->findOrFail(self::card('S01'));
        $frames = glob("{$card->folder}/DCIM/*/*") ?: [];
        foreach ($frames as $n => $frame) {
            copy($frame, sprintf('%s/wedding/renamed-%03d.bin', $folder, $n));
        }
        $before = $this->contents($folder);
        $page = $this->followingRedirects()->post('/jobs/1/copies/adopt', $ask);
        $page
            ->assertSee('S01: '.count($frames).' of '.count($frames).' files lie there with the same content (by hand).')
            ->assertSee('S03: nothing of it lies there.')
            ->assertSee('Drive Oak');
        $this->assertSame($before, $this->contents($folder), 'nothing was written there');
        $this->assertStringNotContainsString(
            'S01',
            (string) strstr((string) $page->getContent(), 'copied by one routine alone') ?: '',
            'it came by two routes now',
        );
        // A byte that turned is no copy.
        $path = "{$folder}/wedding/renamed-000.bin";
        $bytes = (string) file_get_contents($path);
        file_put_contents($path, chr(ord($bytes[0]) ^ 1).substr($bytes, 1));
        $this->followingRedirects()
            ->post('/jobs/1/copies/adopt', $ask)
            ->assertSee('S01: '.(count($frames) - 1).' of '.count($frames).' files lie there')
            ->assertSee('Not all of S01 lies on Drive Oak.')
            ->assertSee('1 file is not there with the same content')
            ->assertSee('not all of it')
            ->assertDontSee('A copy of S01 did not verify.');
    }

    /** @return array<string, string> */
    private function contents(string $folder): array
    {
        $all = [];
        foreach (glob("{$folder}/*/*") ?: [] as $file) {
            $all[$file] = md5_file($file).' '.filemtime($file);
        }

        return $all;
    }

    public function test_what_cannot_be_adopted_is_refused(): void
    {
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        $ask = ['name' => 'Drive Oak', 'folder' => $fir->folder, 'route' => 'by hand', 'adopt_kept' => 'home', 'adopt_kind' => 'disk'];
        $this->post('/jobs/1/copies/adopt', $ask)->assertSessionHasErrors(['folder' => 'This program itself copies to that folder.']);
        $this->post('/jobs/1/copies/adopt', [...$ask, 'folder' => '/etc'])->assertSessionHasErrors('folder');
        $this->post('/jobs/1/copies/adopt', [...$ask, 'route' => 'this program'])->assertSessionHasErrors('route');
        $this->post('/jobs/1/copies/adopt', [
            ...$ask,
            'name' => 'Drive Fir',
            'folder' => Devices::standIns().'/cards',
        ])->assertSessionHasErrors(['name' => 'Another place has this name.']);
    }
}
