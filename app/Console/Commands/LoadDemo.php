<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\Devices;
use App\Models\User;
use Database\Demo\Demo;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class LoadDemo extends Command
{
    protected $signature = 'satchel:demo-data {--fresh : set what is there aside and start over} {--password= : another password than '.
        'the published one, for a network}';

    protected $description = 'Loads the demo data: a lakeside wedding with its gear, two jobs begun';

    public function handle(): int
    {
        if (config('satchel.demo') !== true) {
            $this->error('The demo is not loaded over data of your own.');

            return self::FAILURE;
        }
        if ($this->option('fresh')) {
            $this->setAside();
        }
        $this->callSilently('migrate', ['--force' => true]);
        if (User::query()->exists()) {
            $this->line('The data is kept as it is.');
        } else {
            DB::transaction(static fn () => Demo::load());
            $this->line('The demo data is loaded.');
        }
        User::query()
            ->where('email', Demo::EMAIL)
            ->firstOrFail()
            ->update(['password' => (string) ($this->option('password') ?? Demo::PASSWORD)]);

        return self::SUCCESS;
    }

    /** Nothing is deleted: the old database and stand-ins move to a folder of their own. */
    private function setAside(): void
    {
        $database = (string) config('database.connections.sqlite.database');
        $aside = storage_path('run/set-aside-'.date('Ymd-His').'-'.bin2hex(random_bytes(2)));
        mkdir($aside, 0777, true);
        DB::disconnect();
        foreach ([$database, "{$database}-wal", "{$database}-shm", Devices::standIns()] as $path) {
            if (file_exists($path)) {
                rename($path, $aside.'/'.basename($path));
            }
        }
        touch($database);
        DB::purge();
    }
}
