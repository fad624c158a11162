<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom; run by PHPStan through phpat. */
final class RoomsTest
{
    private const PHASES = ['Brief', 'Scout', 'Plan', 'People', 'Kit', 'Day', 'Cards', 'Copies', 'Wrap'];

    public function test_the_core_knows_neither_framework_nor_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthSatchel'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Symfony'),
            )
            ->because('the rules of the job are plain PHP, tested on their own');
    }

    public function test_the_proof_of_a_permit_shares_nothing_with_the_copier(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthSatchel\Cards\Permit'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('NorthSatchel\Copies'))
            ->excluding(Selector::inNamespace('NorthSatchel\Copies\Volume'))
            ->because('a fault of the copier or the verifier must not pass here too; only the reading of files is shared');
    }

    public function test_the_command_line_and_the_volumes_need_no_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\CommandLine'), Selector::classname('/^App\\\\Devices\\\\Local.*/', true))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App\Models'))
            ->because('a bag can be checked on any machine that has PHP');
    }

    public function test_only_the_desks_bring_stored_rows_to_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('NorthSatchel'), Selector::inNamespace('App\Desks'))
            ->excluding(Selector::isEnum())
            ->because('models hold what is stored, in the words of the core, and nothing else');
    }

    /**
     * A room may know those before it in this order, never one after it: first the ground floors, which know no phase, then
     * the phases in the order of the work.
     *
     * @return iterable<Rule>
     */
    public function test_no_room_of_the_core_knows_a_later_one(): iterable
    {
        yield from self::inOrder('NorthSatchel', [
            'Time', 'Drawing', 'Volume', 'Taps', 'Sky', 'Optics', 'Exposure', 'Picture', 'Scout', 'Plan', 'People', 'Kit',
            'Day', 'Cards', 'Copies', 'Wrap',
        ]);
    }

    /** @return iterable<Rule> */
    public function test_no_desk_knows_one_of_a_later_phase(): iterable
    {
        yield from self::inOrder('App\Desks', ['Taps', ...self::PHASES, 'House']);
    }

    /** @return iterable<Rule> a job and a place are what later phases hang their rows on, and name them */
    public function test_no_model_knows_one_of_a_later_phase(): iterable
    {
        yield from self::inOrder('App\Models', ['Taps', ...self::PHASES], [Job::class, Place::class]);
    }

    /**
     * @param  list<string>  $rooms
     * @param  list<class-string>  $but
     * @return iterable<Rule>
     */
    private static function inOrder(string $in, array $rooms, array $but = []): iterable
    {
        foreach ($rooms as $i => $room) {
            $later = array_map(static fn (string $r) => Selector::inNamespace("{$in}\\{$r}"), array_slice($rooms, $i + 1));
            if ($later !== []) {
                $rule = PHPat::rule()->classes(Selector::inNamespace("{$in}\\{$room}"));
                $rule = $but === [] ? $rule : $rule->excluding(...array_map(static fn (string $c) => Selector::classname($c), $but));

                yield "{$in} {$room}" => $rule
                    ->shouldNot()
                    ->dependOn()
                    ->classes(...$later)
                    ->because('a phase knows the ground floors and the phases before it');
            }
        }
    }
}
