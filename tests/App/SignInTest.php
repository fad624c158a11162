<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;

final class SignInTest extends TestCase
{
    private function owner(): void
    {
        User::query()->create(['name' => 'Me', 'email' => 'me@satchel.test', 'password' => 'a long password']);
    }

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        return array_combine($all = ['/', '/jobs/new', '/jobs/1/brief', '/jobs/1/plan', '/jobs/1/kit', '/jobs/1/cards', '/jobs/1/copies', '/shelf', '/folders'], array_map(static fn (string $p): array => [$p], $all));
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
        $this->from('/sign-in')->post('/sign-in', ['email' => 'me@satchel.test', 'password' => 'guess'])->assertRedirect('/sign-in');
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
