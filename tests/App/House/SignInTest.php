<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Models\User;
use Database\Demo\Demo;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class SignInTest extends TestCase
{
    private function owner(): void
    {
        User::query()->create(['name' => 'Me', 'email' => 'me@satchel.test', 'password' => 'a long password']);
    }

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        return array_combine(
            $all = [
                '/', '/jobs/new', '/jobs/1/brief', '/jobs/1/plan', '/jobs/1/kit', '/jobs/1/cards', '/jobs/1/copies',
                '/shelf', '/folders',
            ],
            array_map(static fn (string $p): array => [$p], $all),
        );
    }

    #[DataProvider('pages')]
    public function test_nothing_is_shown_without_signing_in(string $page): void
    {
        $this->get($page)->assertRedirect('/sign-in');
    }

    public function test_writes_are_refused_without_signing_in(): void
    {
        $this->post('/jobs', self::brief())->assertRedirect('/sign-in');
        $this->postJson('/events', ['events' => []])->assertUnauthorized();
    }

    public function test_the_owner_signs_in_and_out(): void
    {
        $this->owner();
        $before = session()->getId();
        $this->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'a long password'])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->assertNotSame($before, session()->getId(), 'the session is a new one');
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_a_wrong_password_says_nothing_of_which_was_wrong_and_keeps_the_address(): void
    {
        $this->owner();
        $this->from('/sign-in')
            ->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'guess'])
            ->assertRedirect('/sign-in');
        $this->get('/sign-in')->assertSee('do not belong together')->assertSee('me@satchel.test')->assertDontSee('guess');
        $this->assertGuest();
    }

    public function test_guessing_is_throttled(): void
    {
        $this->owner();
        for ($i = 0; $i < 6; $i++) {
            $this->post('/sign-in', ['email' => 'me@satchel.test', 'password' => "guess {$i}"])->assertRedirect();
        }
        $this->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'a long password'])->assertTooManyRequests();
        $this->assertGuest();
    }

    public function test_signing_in_rightly_is_no_guess(): void
    {
        $this->owner();
        for ($i = 0; $i < 12; $i++) {
            $this->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'a long password'])->assertRedirect('/');
            $this->post('/sign-out');
        }
        $this->assertGuest();
    }

    public function test_for_an_address_that_nobody_has_as_much_is_computed(): void
    {
        $this->owner();
        Hash::partialMock()->shouldReceive('check')->times(2)->andReturn(false);
        Hash::shouldReceive('make')->andReturn('$2y$04$abcdefghijklmnopqrstuuW1oJr8Z7Q2nGz9b3r0Wk2V7p5h1k2aS');
        $this->from('/sign-in')
            ->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'guess'])
            ->assertRedirect('/sign-in');
        $this->from('/sign-in')
            ->post('/sign-in', ['email' => 'nobody@satchel.test', 'password' => 'guess'])
            ->assertRedirect('/sign-in');
    }

    public function test_the_demos_published_sign_in_opens_the_demo_on_this_machine_and_nothing_else(): void
    {
        User::query()->create(['name' => 'Demo', 'email' => Demo::EMAIL, 'password' => Demo::PASSWORD]);
        $try = fn () => $this->post('/sign-in', ['email' => Demo::EMAIL, 'password' => Demo::PASSWORD]);
        config(['satchel.demo' => false]);
        $try();
        $this->assertGuest();
        config(['satchel.demo' => true, 'satchel.lan' => true]);
        $try();
        $this->assertGuest();
        config(['satchel.lan' => false]);
        $try()->assertRedirect('/');
        $this->assertAuthenticated();
    }

    public function test_the_demo_is_not_loaded_over_own_data_and_an_owner_is_none_of_the_demos(): void
    {
        config(['satchel.demo' => false]);
        $this->artisan('satchel:demo-data')->assertFailed();
        $this->assertSame(0, User::query()->count());
        $this->artisan('satchel:owner', ['email' => Demo::EMAIL])->assertExitCode(2);
        config(['satchel.demo' => true]);
        $this->artisan('satchel:owner', ['email' => 'me@satchel.test'])->assertExitCode(2);
    }

    public function test_no_link_or_redirect_leads_elsewhere(): void
    {
        $this->get('http://evil.example/sign-in')->assertStatus(400);
        $this->get('http://evil.example/')->assertStatus(400);
        $this->withHeaders(['Referer' => 'http://evil.example/trap'])
            ->post('http://localhost/look')
            ->assertRedirect('http://localhost');
        $this->withHeaders(['Referer' => 'http://localhost/sign-in'])
            ->post('http://localhost/look')
            ->assertRedirect('http://localhost/sign-in');
        config(['satchel.hosts' => '10.0.0.7, studio.lan']);
        $this->get('http://studio.lan/sign-in')->assertOk();
        $this->get('http://10.0.0.7:8340/sign-in')->assertOk();
    }

    public function test_under_tls_cookies_go_over_tls_alone(): void
    {
        $secure = static fn ($response): array => array_unique(
            array_map(static fn ($c): bool => $c->isSecure(), $response->headers->getCookies()),
        );
        $this->assertSame([true], $secure($this->get('https://localhost/sign-in')));
        $this->assertSame([true], $secure($this->post('https://localhost/look')));
    }

    public function test_a_callers_taps_do_not_use_up_the_couples_form(): void
    {
        $token = str_repeat('a', 40);
        for ($i = 0; $i < 25; $i++) {
            $this->get("/call/{$token}")->assertNotFound();
        }
        $this->get("/form/{$token}")->assertNotFound();
        for ($i = 0; $i < 19; $i++) {
            $this->get("/form/{$token}")->assertNotFound();
        }
        $this->get("/form/{$token}")->assertTooManyRequests();
        $this->get("/call/{$token}")->assertNotFound();
    }

    public function test_the_password_is_stored_hashed(): void
    {
        $this->owner();
        $stored = (string) User::query()->firstOrFail()->getAttributes()['password'];
        $this->assertStringNotContainsString('a long password', $stored);
        $this->assertTrue(password_verify('a long password', $stored));
    }

    public function test_every_page_forbids_inline_script_style_and_frames(): void
    {
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("default-src 'none'", $policy);
        $this->assertStringContainsString("script-src 'self'", $policy);
        $this->assertStringContainsString("frame-ancestors 'none'", $policy);
        $this->assertStringNotContainsString('unsafe', $policy);
        $this->signIn();
        $this->assertStringContainsString('no-store', (string) $this->get('/')->headers->get('Cache-Control'));
    }

    public function test_the_look_is_kept_in_a_cookie(): void
    {
        $this->post('/look')->assertPlainCookie('look', 'dim');
        $this->withUnencryptedCookie('look', 'dim')->get('/sign-in')->assertSee('<html lang="en" class="dim">', false);
        $this->withUnencryptedCookie('look', 'dim')->post('/look')->assertPlainCookie('look', 'paper');
    }
}
