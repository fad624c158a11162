<?php

declare(strict_types=1);

namespace Tests\App;

use App\Devices\Waiting;
use App\Jobs\OrderAroundTheMissing;
use App\Jobs\ProveCallingOrder;
use App\Models\Brief\Job;
use App\Models\People\FormalGroup;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Bus;
use Tests\Support\KeptDemo;
use Tests\Support\TempFolder;
use Tests\Support\WaitingForLooks;

/** A signed-in owner, an empty database in memory, stand-ins in a folder of their own. */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;
    use TempFolder;

    public function createApplication(): \Illuminate\Foundation\Application
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        // A proof takes a minute; the tests of it carry it out themselves.
        Bus::fake([ProveCallingOrder::class, OrderAroundTheMissing::class]);
        $this->app->instance(Waiting::class, new WaitingForLooks);
        config(['satchel.standins' => $this->folder('standins'), 'satchel.pictures' => $this->folder('pictures')]);
    }

    /** Each request meets the application as the web server does: nothing kept from the one before. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $this->app->forgetScopedInstances();
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        // Where a line of a page breaks in its source, nobody sees.
        if (str_starts_with((string) $response->headers->get('Content-Type'), 'text/html') && is_string($response->getContent())) {
            $response->setContent(preg_replace('/[ \t]*\n\s*/', ' ', $response->getContent()));
        }

        return $response;
    }

    protected function signIn(): User
    {
        $user = User::query()->firstOrCreate(['email' => 'me@satchel.test'], ['name' => 'Me', 'password' => 'a long password']);
        $this->actingAs($user);

        return $user;
    }

    /** The demo, told anew, with its owner signed in. */
    protected function demo(): Job
    {
        $job = KeptDemo::load();
        $this->actingAs(User::query()->firstOrFail());

        return $job;
    }

    /** The demo where nobody stands in groups: of no matter for cards and copies, and every page judges their order. */
    protected function demoOfCards(): Job
    {
        $job = $this->demo();
        FormalGroup::query()->delete();

        return $job;
    }

    /** @return array<string, mixed> a brief that is right */
    protected static function brief(array $changes = []): array
    {
        return [
            'name' => 'Quarry concert',
            'kind' => 'event',
            'client' => 'Stenbrott Festival',
            'date' => '2027-03-28',
            'covered_from' => '16:00',
            'covered_to' => '25:30',
            'place_name' => 'The quarry',
            'latitude' => '58.4',
            'longitude' => '15.6',
            'timezone' => 'Europe/Stockholm',
            'temperature_c' => '6',
            'must_haves' => 'The choir on the ledge',
            'restrictions' => '',
            'people' => "Maj, conductor\nOve",
            ...$changes,
        ];
    }
}
