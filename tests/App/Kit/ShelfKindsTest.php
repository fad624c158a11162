<?php

declare(strict_types=1);

namespace Tests\App\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\KeptFindings;
use App\Desks\Kit\ShelfDesk;
use App\Http\QrDrawing;
use App\Models\Kit\Item;
use NorthSatchel\Kit\Shelf\GearField;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** Every kind of thing with all that is asked of it; what is kept until something changes; the codes on labels. */
final class ShelfKindsTest extends TestCase
{
    /** @return array<string, array{GearKind}> */
    public static function kinds(): array
    {
        return array_column(
            array_map(static fn (GearKind $k): array => ['name' => $k->value, 'kind' => [$k]], GearKind::cases()),
            'kind',
            'name',
        );
    }

    private static function typed(GearField $field): string
    {
        return match ($field->type) {
            'yes' => 'yes',
            'text' => "a {$field->name}",
            default => (string) ($field->isWhole
                ? (int) max(1, ceil((float) $field->min))
                : round(((float) $field->min + min((float) $field->max, (float) $field->min + 1)) / 2, 2)),
        };
    }

    #[DataProvider('kinds')]
    public function test_a_thing_of_each_kind_keeps_all_that_is_typed(GearKind $kind): void
    {
        $this->signIn();
        $typed = array_map(self::typed(...), array_column($kind->fields(), null, 'name'));
        $this->get('/shelf?kind='.urlencode($kind->value))
            ->assertOk()
            ->assertSee("A new {$kind->value}");
        $this->post('/shelf', [
            'kind' => $kind->value,
            'label' => "One {$kind->value}",
            'weight_g' => '321',
            'lead_days' => '4',
            'ownership' => 'hired',
            'from_whom' => 'the hire desk',
            'due_on' => '2031-02-03',
            ...$typed,
        ])->assertSessionHasNoErrors();
        $item = Item::query()
            ->with(['body', 'card'])
            ->firstOrFail();
        $this->assertSame(
            [321, 4, 'hired', 'the hire desk', '2031-02-03'],
            [$item->weight_g, $item->lead_days, $item->ownership->value, $item->from_whom, $item->due_on],
        );
        foreach ($kind->fields() as $field) {
            $this->assertEquals($field->value($typed[$field->name]), $field->value(ShelfDesk::typed($item, $field)), $field->name);
        }
        $this->get("/shelf?edit={$item->id}")
            ->assertOk()
            ->assertSee("Change One {$kind->value}")
            ->assertSee('hired from the hire desk until 2031-02-03');
        $this->put("/shelf/{$item->id}", ['kind' => $kind->value, 'label' => 'Renamed', ...$typed])->assertSessionHasNoErrors();
        $this->assertSame(Ownership::Owned, $item->refresh()->ownership, 'whose it is follows what is typed');
        $this->assertStringContainsString(
            $kind->value.',Renamed',
            str_replace('"', '', (string) $this->get('/shelf/table')->getContent()),
        );
    }

    #[DataProvider('kinds')]
    public function test_what_is_needed_of_each_kind_is_asked_for_and_what_was_typed_is_kept(GearKind $kind): void
    {
        $this->signIn();
        $needed = array_values(
            array_map(
                static fn (GearField $f): string => $f->name,
                array_filter($kind->fields(), static fn (GearField $f): bool => $f->isRequired),
            ),
        );
        $answer = $this->from('/shelf')->post('/shelf', ['kind' => $kind->value, 'label' => 'Kept words', 'weight_g' => 'heavy']);
        $answer->assertSessionHasErrors(['weight_g', ...$needed]);
        $this->assertSame(0, Item::query()->count());
        $this->get('/shelf')->assertSee('Kept words')->assertSee('value="heavy"', false);
    }

    public function test_findings_are_kept_until_something_changes(): void
    {
        $this->demo();
        $made = 0;
        $ask = static function () use (&$made): string {
            return KeptFindings::of(BriefDesk::open(1), 'test', static function () use (&$made): string {
                return 'made '.++$made;
            });
        };
        $this->assertSame(['made 1', 'made 1'], [$ask(), $ask()]);
        Item::query()
            ->where('label', 'Body A')
            ->firstOrFail()
            ->update(['weight_g' => 701]);
        $this->assertSame('made 2', $ask());
        $this->travel(1)->days();
        $this->assertSame('made 3', $ask(), 'another day is another number of days to go');
        config(['database.connections.sqlite.database' => config('database.connections.sqlite.database').' ']);
        $this->assertSame('made 4', $ask(), 'another database has findings of its own');
    }

    /** ISO/IEC 18004: three finder patterns of seven modules, dark all around. */
    public function test_the_codes_have_their_finder_patterns(): void
    {
        $code = QrDrawing::of('NSATCHEL-42-69');
        $isDark = static fn (int $x, int $y): bool => str_contains($code->path, "M{$x} {$y}h1");
        $last = $code->size - 1;
        $this->assertSame(1, $code->size % 4, 'its versions have 17 + 4n modules');
        foreach ([[0, 0], [$last - 6, 0], [0, $last - 6]] as [$left, $top]) {
            for ($i = 0; $i < 7; $i++) {
                $this->assertTrue(
                    $isDark($left + $i, $top) &&
                        $isDark($left, $top + $i) &&
                        $isDark($left + 6, $top + $i) &&
                        $isDark($left + $i, $top + 6),
                );
            }
            $this->assertTrue($isDark($left + 3, $top + 3));
            $this->assertFalse($isDark($left + 1, $top + 1));
        }
    }
}
