<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\TypedNames;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Names of a group as they are typed. */
final class TypedNamesTest extends TestCase
{
    /** @param  list<string>  $names */
    #[TestWith(['Jonas, Kaj and Ida', '', ['Jonas', 'Kaj', 'Ida']])]
    #[TestWith(['The rowers: Jonas & Kaj', 'The rowers', ['Jonas', 'Kaj']])]
    #[TestWith(['The rowers - Jonas + Kaj', 'The rowers', ['Jonas', 'Kaj']])]
    #[TestWith(['Zara with Joan and Kate', '', ['Zara', 'Joan', 'Kate']])]
    #[TestWith(['the couple with Joan', '', ['Zara', 'Theo', 'Joan']])]
    #[TestWith(['us; Joan', '', ['Zara', 'Theo', 'Joan']])]
    #[TestWith(["Joan\nJoan\nAnne-Marie", '', ['Joan', 'Anne-Marie']])]
    #[TestWith(['Andreas, Sand', '', ['Andreas', 'Sand']])]
    public function test_a_group_is_read(string $typed, string $title, array $names): void
    {
        $read = TypedNames::of($typed, ['Zara', 'Theo'], isTitled: true);
        $this->assertSame([$title, $names], [$read->title, $read->names]);
    }

    public function test_where_no_title_is_asked_for_none_is_read(): void
    {
        $this->assertSame(['', ['The rowers: Jonas', 'Kaj']], [
            TypedNames::of('The rowers: Jonas & Kaj', [])->title,
            TypedNames::of('The rowers: Jonas & Kaj', [])->names,
        ]);
        $this->assertSame(['us'], TypedNames::of('us', [])->names, 'of a couple nothing is known');
    }
}
