<?php

declare(strict_types=1);

namespace Tests\App\House;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;
use Tests\Support\TempFolder;

/** Two who write at the same time: one waits for the other, and nobody is refused for having read before. */
final class LockingTest extends TestCase
{
    use TempFolder;

    protected function setUp(): void
    {
        parent::setUp();
        $file = $this->folder('locking').'/data.sqlite';
        touch($file);
        foreach (['a' => 2000, 'b' => 100] as $name => $wait) {
            config(["database.connections.{$name}" => ['busy_timeout' => $wait, 'database' => $file] + config('database.connections.sqlite')]);
        }
        DB::connection('a')->statement('create table notes (id integer primary key, what text)');
    }

    protected function tearDown(): void
    {
        DB::purge('a');
        DB::purge('b');
        parent::tearDown();
    }

    public function test_who_has_read_first_writes_and_the_other_waits(): void
    {
        DB::connection('a')->beginTransaction();
        $this->assertSame(0, DB::connection('a')->table('notes')->count());
        try {
            DB::connection('b')->table('notes')->insert(['what' => 'b']);
            $this->fail('The lock is taken: b waits, here in vain.');
        } catch (QueryException $e) {
            $this->assertStringContainsString('locked', $e->getMessage());
        }
        DB::connection('a')->table('notes')->insert(['what' => 'a']);
        DB::connection('a')->commit();
        DB::connection('b')->table('notes')->insert(['what' => 'b']);
        $this->assertSame(['a', 'b'], DB::connection('b')->table('notes')->orderBy('id')->pluck('what')->all());
    }

    public function test_what_fails_inside_is_not_there_and_the_next_one_works(): void
    {
        $of = DB::connection('a');
        try {
            $of->transaction(static function () use ($of): void {
                $of->table('notes')->insert(['what' => 'half']);
                $of->transaction(static function () use ($of): void {
                    $of->table('notes')->insert(['what' => 'inner']);
                });
                throw new \LogicException('no');
            });
        } catch (\LogicException) {
            $this->assertSame(0, $of->table('notes')->count());
        }
        $this->assertFalse($of->getPdo()->inTransaction());
        $of->transaction(static fn (): bool => $of->table('notes')->insert(['what' => 'whole']));
        $this->assertSame(['whole'], $of->table('notes')->pluck('what')->all());
        // SQLite itself rolls back where the disk is full, or the constraint says so.
        $of->beginTransaction();
        $of->statement("insert into notes (id, what) values (7, 'once')");
        try {
            $of->statement("insert or rollback into notes (id, what) values (7, 'twice')");
            $this->fail('That id is there.');
        } catch (QueryException) {
            $of->rollBack();
        }
        $this->assertSame([1, false], [$of->table('notes')->count(), $of->getPdo()->inTransaction()]);
        $this->assertSame(0, $of->transactionLevel());
    }
}
