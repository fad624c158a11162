<?php

declare(strict_types=1);

namespace App\Database;

/**
 * SQLite whose transactions take the write lock as they begin, and wait for it. PDO of PHP 8.2 begins without one: who has read then and
 * writes after somebody else has, is refused at once, however long it would wait (SQLite, "Write-Ahead Logging", SQLITE_BUSY_SNAPSHOT).
 */
final class LockingPdo extends \PDO
{
    private bool $isIn = false;

    public function beginTransaction(): bool
    {
        if ($this->isIn) {
            throw new \PDOException('There is already an active transaction');
        }
        $this->exec('begin immediate');

        return $this->isIn = true;
    }

    public function commit(): bool
    {
        $this->ended('commit');

        return true;
    }

    public function rollBack(): bool
    {
        try {
            $this->ended('rollback');
        } catch (\PDOException $e) {
            // What failed inside may have rolled all of it back already.
            if (! str_contains($e->getMessage(), 'no transaction is active')) {
                throw $e;
            }
            $this->isIn = false;
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isIn;
    }

    private function ended(string $how): void
    {
        if (! $this->isIn) {
            throw new \PDOException('There is no active transaction');
        }
        $this->exec($how);
        $this->isIn = false;
    }
}
