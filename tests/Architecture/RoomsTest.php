<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom; run by PHPStan through phpat. */
final class RoomsTest
{
    public function test_the_core_knows_neither_framework_nor_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthSatchel'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Carbon'), Selector::inNamespace('Symfony'))
            ->because('the rules of the job are plain PHP, tested on their own');
    }

    public function test_the_proof_of_a_permit_shares_nothing_with_the_copier(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthSatchel\Cards\Permit'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('NorthSatchel\Copies'))
            ->excluding(Selector::inNamespace('NorthSatchel\Copies\Volume'))
            ->because('a fault of the copier or the verifier must not pass here too; only the reading of files is shared');
    }

    public function test_the_command_line_and_the_volumes_need_no_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\CommandLine'), Selector::classname('/^App\\\\Devices\\\\Local.*/', true))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App\Models'))
            ->because('a bag can be checked on any machine that has PHP');
    }

    public function test_only_the_desks_bring_stored_rows_to_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('NorthSatchel'), Selector::inNamespace('App\Desks'))
            ->because('models hold what is stored, and nothing else');
    }
}
