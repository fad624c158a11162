<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

/** For the one command: whether anybody can sign in to the data that is served. */
final class HasOwner extends Command
{
    protected $signature = 'satchel:has-owner';

    protected $description = 'Says yes where there is an owner';

    public function handle(): int
    {
        $this->line(User::query()->exists() ? 'yes' : 'no');

        return self::SUCCESS;
    }
}
