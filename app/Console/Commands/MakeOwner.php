<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Demo\Demo;
use Illuminate\Console\Command;

final class MakeOwner extends Command
{
    protected $signature = 'satchel:owner {email : to sign in with}';

    protected $description = 'Makes the owner, or sets a new password';

    private const LEAST_LETTERS = 10;

    public function handle(): int
    {
        $email = mb_strtolower((string) $this->argument('email'));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error('email must be an address such as me@studio.example');

            return 2;
        }
        if (config('satchel.demo') === true || $email === Demo::EMAIL) {
            $this->error('The demo has a sign-in of its own: yours belongs to data of your own.');

            return 2;
        }
        $other = User::query()->where('email', '!=', $email)->exists();
        if ($other) {
            $this->error('There is an owner already, under another address.');

            return self::FAILURE;
        }
        $password = (string) $this->secret('Password, at least ten letters');
        if (mb_strlen($password) < self::LEAST_LETTERS || $password === Demo::PASSWORD) {
            $this->error('The password must have at least ten letters.');

            return 2;
        }
        User::query()->updateOrCreate(['email' => $email], ['name' => 'Owner', 'password' => $password]);
        $this->line('The owner can sign in.');

        return self::SUCCESS;
    }
}
