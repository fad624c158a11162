<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use NorthSatchel\Time\Lane;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LaneTest extends TestCase
{
    /**
     * @param  list<string>  $lanes
     * @param  list<string>  $them
     */
    #[TestWith([['lead'], false, ['lead']])]
    #[TestWith([['second', 'lead'], false, ['second', 'lead']])]
    #[TestWith([['assistant', 'lead'], true, ['lead']])]
    #[TestWith([['assistant'], false, []])]
    #[TestWith([['assistant'], true, ['assistant']])]
    #[TestWith([[], true, []])]
    public function test_who_photographs(array $lanes, bool $isListed, array $them): void
    {
        $this->assertSame($them, Lane::photographers($lanes, $isListed));
    }

    public function test_an_assistant_is_no_photographer_in_words_either(): void
    {
        $this->assertSame(['the lead photographer', 'the assistant'], array_map(Lane::person(...), ['lead', 'assistant']));
    }
}
