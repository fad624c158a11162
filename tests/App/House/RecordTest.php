<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use App\Models\Record;
use App\Models\Wrap\EditorsDeskRecord;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Schema;
use Tests\App\TestCase;

final class RecordTest extends TestCase
{
    public function test_what_is_read_quickly_is_what_eloquent_reads(): void
    {
        $slow = new \ReflectionMethod(Model::class, 'getAttribute');
        foreach (self::records() as $class) {
            $this->assertTrue(is_subclass_of($class, Record::class), $class);
            foreach (Schema::getColumnListing((new $class())->getTable()) as $column) {
                $record = new $class();
                if (self::isLeftToEloquent($record, $column)) {
                    continue;
                }
                foreach (['0', '1', '2.5', 17, 0, null, ''] as $value) {
                    $record->setRawAttributes([$column => $value]);
                    $this->assertSame($slow->invoke($record, $column), $record->getAttribute($column), "{$class} {$column}");
                }
            }
        }
    }

    public function test_lists_dates_kinds_and_secrets_are_still_what_they_are_cast_to(): void
    {
        $event = (new CopyEvent())->setRawAttributes([
            'kind' => CopyState::cases()[0]->value,
            'data' => '{"bytes":3}',
            'at' => '2027-05-01 10:00:00',
        ]);
        $this->assertSame(CopyState::cases()[0], $event->kind);
        $this->assertSame(['bytes' => 3], $event->data);
        $this->assertSame('2027-05-01 10:00', $event->at->format('Y-m-d H:i'));

        $desk = new EditorsDeskRecord(['secret' => 'kept sealed']);
        $this->assertNotSame('kept sealed', $desk->getAttributes()['secret']);
        $this->assertSame('kept sealed', $desk->secret);
    }

    public function test_no_record_changes_a_value_as_it_is_read(): void
    {
        foreach (self::records() as $class) {
            foreach (Schema::getColumnListing((new $class())->getTable()) as $column) {
                $this->assertFalse((new $class())->hasAnyGetMutator($column), "{$class} {$column}");
            }
        }
    }

    public function test_no_method_is_marked_to_be_called_at_the_start_by_other_than_its_name(): void
    {
        foreach (self::records() as $class) {
            foreach ((new \ReflectionClass($class))->getMethods() as $method) {
                $marks = [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)];
                $this->assertSame([], $marks, "{$class}::{$method->getName()} would not be called.");
            }
        }
    }

    private static function isLeftToEloquent(Model $record, string $column): bool
    {
        $cast = $record->getCasts()[$column] ?? '';

        return in_array($cast, ['array', 'datetime', 'encrypted'], true) || enum_exists($cast) || in_array($column, $record->getDates(), true);
    }

    /** @return iterable<class-string<Model>> */
    private static function records(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/app/Models/*/*.php') ?: [] as $file) {
            $class = 'App\\Models\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class)) {
                yield $class;
            }
        }
    }
}
