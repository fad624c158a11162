<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Models\Copies\AllowedRoot;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** The program never looks outside the folders that the owner allowed, links included. */
final class FoldersTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->folder('media/card/DCIM');
        $this->folder('private/letters');
        $this->post('/folders', ['path' => $this->temp.'/media']);
    }

    private function look(string $at): \Illuminate\Testing\TestResponse
    {
        return $this->get('/folders?'.http_build_query(['at' => $at]));
    }

    public function test_an_allowed_folder_is_looked_into(): void
    {
        $this->look($this->temp.'/media')
            ->assertOk()
            ->assertSee('>card<', false);
        $this->look($this->temp.'/media/card')
            ->assertSee('>DCIM<', false)
            ->assertSee('↑ up');
    }

    /** @return array<string, array{string}> */
    public static function outside(): array
    {
        return [
            'beside it' => ['%/private'],
            'up and over' => ['%/media/../private'],
            'the whole disk' => ['/'],
            'a name that starts alike' => ['%/media-2'],
            'through a link' => ['%/media/way-out'],
            'nothing' => ['%/media/gone'],
            'with a zero byte' => ["%/media\0/card"],
        ];
    }

    #[DataProvider('outside')]
    public function test_nothing_outside_is_shown(string $at): void
    {
        $this->folder('media-2/letters');
        symlink($this->temp.'/private', $this->temp.'/media/way-out');
        if (str_contains($at, "\0")) {
            $this->look($at)->assertStatus(400);

            return;
        }
        $this->look(str_replace('%', $this->temp, $at))->assertOk()->assertDontSee('>letters<', false)->assertSee('role="alert"', false);
    }

    public function test_links_are_not_even_listed(): void
    {
        symlink($this->temp.'/private', $this->temp.'/media/way-out');
        $this->look($this->temp.'/media')->assertDontSee('way-out');
    }

    public function test_a_destination_and_a_card_must_lie_in_an_allowed_folder(): void
    {
        $this->post('/destinations', ['name' => 'Mine', 'folder' => $this->temp.'/private', 'kept' => 'bag'])->assertSessionHasErrors(
            'folder',
        );
        $this->assertSame(0, Destination::query()->count());
        $this->post('/destinations', [
            'name' => 'Mine',
            'folder' => $this->folder('media/drive'),
            'kept' => 'bag',
        ])->assertSessionHasNoErrors();
        $this->post('/destinations', [
            'name' => 'Again',
            'folder' => $this->temp.'/media/../media/drive',
            'kept' => 'bag',
        ])->assertSessionHasErrors('folder');

        $this->post('/shelf', ['kind' => 'card', 'label' => 'R1', 'capacity_gb' => 64]);
        $this->post('/cards/1/folder', ['folder' => $this->temp.'/private'])->assertSessionHasErrors('folder');
        $this->post('/cards/1/folder', ['folder' => $this->temp.'/media/card'])->assertSessionHasNoErrors();
        $this->assertSame($this->temp.'/media/card', Card::query()->firstOrFail()->folder);
    }

    public function test_the_folder_of_the_stand_ins_may_be_looked_into_at_the_first_look_too(): void
    {
        // What was allowed last is looked into, and each of them can be.
        $this->get('/folders?for=card-1')->assertSee('at='.urlencode("{$this->temp}/media/card").'&amp;for=card-1', false)
            ->assertSee('at='.urlencode("{$this->temp}/media").'&amp;for=card-1#look-around', false);
        AllowedRoot::query()->delete();
        config(['satchel.standins' => "{$this->temp}/nobody was here/standins"]);
        $this->get('/folders')->assertOk()->assertDontSee('lies outside the folders you allowed')->assertSee('No folder below');
    }

    public function test_a_folder_allowed_once_can_be_forgotten(): void
    {
        $this->delete('/folders/'.AllowedRoot::query()->firstOrFail()->id)->assertRedirect();
        $this->look($this->temp.'/media/card')->assertDontSee('>DCIM<', false);
        $this->assertDirectoryExists($this->temp.'/media/card/DCIM');
    }

    public function test_the_whole_disk_and_things_that_are_no_folder_are_not_allowed(): void
    {
        foreach (['/', $this->temp.'/gone', $this->file('a-file', 'x'), ''] as $path) {
            $this->post('/folders', ['path' => $path])->assertSessionHasErrors('path');
        }
        $this->assertSame(1, AllowedRoot::query()->count());
    }

    public function test_a_real_folder_serves_as_a_card_from_seal_to_noted_format(): void
    {
        $job = $this->demo();
        $card = Card::query()->with('item')->get()->firstOrFail(static fn (Card $c): bool => $c->item->label === 'S01');
        exec('cp -r '.escapeshellarg((string) $card->folder).'/. '.escapeshellarg($this->temp.'/media/card'));
        $this->post("/cards/{$card->id}/folder", ['folder' => $this->temp.'/media/card'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/cards/seal")->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/cards/twin")->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/copies", ['kind' => 'copy', 'all' => 1])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/cards/{$card->id}/look")->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/cards/{$card->id}/permit");
        $this->get("/jobs/{$job->id}/cards")
            ->assertSee('A last look, then take it out')
            ->assertDontSee('I have formatted it');
        $this->post("/jobs/{$job->id}/cards/{$card->id}/release")->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/cards")->assertSee('I have formatted it');
        $this->post("/jobs/{$job->id}/cards/{$card->id}/format")->assertSessionHasErrors("card{$card->id}");
        $this->assertNotSame([], $this->contentsOf($this->temp.'/media/card'), 'the program itself deletes nothing');
        exec('rm -rf '.escapeshellarg($this->temp.'/media/card').'/*');
        $this->post("/jobs/{$job->id}/cards/{$card->id}/format")->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/cards")->assertSee('formatted once');
    }
}
