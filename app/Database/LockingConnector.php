<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Opens SQLite with transactions that take the write lock as they begin. */
final class LockingConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string|null  $username
     * @param  string|null  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): \PDO
    {
        return new LockingPdo($dsn, $username, $password, $options);
    }
}
