<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\Calling;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\Release;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Everybody can go: only where nobody was forgotten, left out or owed. */
final class ReleaseTest extends TestCase
{
    /**
     * @param  list<int>  $shot
     * @param  array<int, list<string>>  $there
     * @param  array<int|string, string>  $more  people in no group: names, or what they are by name
     */
    private static function calling(array $shot, array $there, array $more = []): Calling
    {
        $lines = ['Wilma' => 'bride', 'Ture' => 'groom', 'Ester' => 'mother of Wilma', 'Lo Sandgren' => 'daughter of Wilma, 104 cm'];
        foreach ($more as $name => $is) {
            $lines[is_int($name) ? $is : $name] = is_int($name) ? 'aunt of Ture' : $is;
        }

        return new Calling(
            new Family(
                FamilyText::read(
                    array_map(static fn (string $n, string $t): FamilyLine => new FamilyLine($n, $t), array_keys($lines), $lines),
                ),
            ),
            [
                7 => new FamilyGroup('Hers', ['Wilma', 'Ture', 'Ester'], Priority::Must),
                9 => new FamilyGroup('All', ['Wilma', 'Ture', 'Ester', 'Lo Sandgren'], Priority::Must),
            ],
            ['Ester', 'Lo Sandgren'],
            $shot,
            [],
            $there,
        );
    }

    private static function codes(Calling $calling): string
    {
        return implode(
            ' ',
            array_map(static fn (Verdict $v): string => $v->code, iterator_to_array(Release::of($calling)->verdicts())),
        );
    }

    public function test_all_go_where_all_were_in_and_there(): void
    {
        $all = [7 => ['Ester'], 9 => ['Ester', 'Lo Sandgren']];
        $this->assertSame('call.all-go', self::codes(self::calling([7, 9], $all)));
        $others = self::calling([7, 9], $all, ['Rolf' => 'father of Ture, passed away', 'Fenn' => 'vicar']);
        $said = iterator_to_array(Release::of($others)->verdicts())[0];
        $this->assertSame('call.all-go', $said->code);
        $this->assertStringEndsWith(' nobody who was to be taken was in none, and all were ticked as there when theirs was taken. Not asked for: '.
            'Rolf, Fenn.', $said->because);
        $this->assertSame('call.owed', self::codes(self::calling([7], $all)));
        $this->assertSame('call.none-yet', self::codes(self::calling([], [])));
    }

    public function test_an_aunt_in_no_group_keeps_them(): void
    {
        $calling = self::calling([7, 9], [7 => ['Ester'], 9 => ['Ester', 'Lo Sandgren']], ['Berit']);
        $this->assertSame('call.in-none', self::codes($calling));
        $this->assertSame('Berit was in no group.', Release::of($calling)->verdicts()->worst()?->finding);
        $this->assertSame('Wilma, Ture, Berit', $calling->withTheTwo('Berit'));
    }

    public function test_who_was_left_out_of_a_frame_is_named_and_does_not_go(): void
    {
        $calling = self::calling([7, 9], [7 => ['Ester'], 9 => ['Ester']]);
        $this->assertSame('call.left-out', self::codes($calling));
        $this->assertStringContainsString('Lo Sandgren in “All”', (string) Release::of($calling)->verdicts()->worst()?->because);
        $this->assertSame(['Ester'], $calling->canGo());
        $shared = Release::of($calling, isShared: true)->verdicts()->worst();
        $this->assertStringNotContainsString('Sandgren', $shared?->finding.$shared?->because, 'of a child only the first name');
    }

    public function test_where_nobody_ticked_it_says_so(): void
    {
        $this->assertSame('call.unticked', self::codes(self::calling([7, 9], [])));
        $this->assertSame('call.left-out call.unticked', self::codes(self::calling([7, 9], [7 => [], 9 => ['Lo Sandgren']])));
    }

    public function test_of_no_groups_nothing_is_said(): void
    {
        $calling = new Calling(new Family([]), [], [], [], []);
        $this->assertSame('call.no-groups', self::codes($calling));
    }
}
