<?php

declare(strict_types=1);

namespace Tests\Core\Wrap;

use NorthSatchel\Verdict;
use NorthSatchel\Wrap\Caption;
use NorthSatchel\Wrap\IptcRecord;
use NorthSatchel\Wrap\QueuedPicture;
use NorthSatchel\Wrap\QueueJudge;
use PHPUnit\Framework\TestCase;

/** What waits for the editor, and what is written into it. */
final class QueueTest extends TestCase
{
    /** @return list<string> */
    private static function codes(QueuedPicture ...$pictures): array
    {
        $verdicts = QueueJudge::of(array_values($pictures), 2.0, 1000);

        return array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($verdicts));
    }

    public function test_what_the_queue_is_judged_by(): void
    {
        $this->assertSame([], self::codes(), 'an empty queue is nothing sent');
        $sent = new QueuedPicture(1, 'a.jpg', 900, 950);
        $this->assertSame(['mind queue.came-late', 'fine queue.sent'], self::codes($sent), 'late as it was, it is there');
        $this->assertTrue($sent->isLate(1000));
        $sent = new QueuedPicture(1, 'a.jpg', 950, 950);
        $this->assertSame(['fine queue.sent'], self::codes($sent));
        // 6 MB at 2 MB/s: three seconds each.
        $this->assertSame(['mind queue.waiting'], self::codes($sent, new QueuedPicture(2, 'b.jpg', 1003)));
        $this->assertSame(['fix queue.too-slow'], self::codes($sent, new QueuedPicture(2, 'b.jpg', 1002)));
        $this->assertSame(['fix queue.late'], self::codes($sent, new QueuedPicture(2, 'b.jpg', 999)));
        $this->assertSame(['fix queue.late', 'fix queue.too-slow'],
            self::codes(new QueuedPicture(3, 'c.jpg', 1005), new QueuedPicture(2, 'b.jpg', 999)), 'the late one goes first');
        $slow = iterator_to_array(QueueJudge::of(
            [new QueuedPicture(1, 'a.jpg', 1100), new QueuedPicture(2, 'b.jpg', 1005), new QueuedPicture(3, 'c.jpg', 1005)], 2.0, 1000,
        ))[0];
        $this->assertSame(['At 2 MB/s 1 picture will not be there in time: c.jpg.', ['late' => 1]], [$slow->finding, $slow->figures]);
        $failed = new QueuedPicture(2, 'b.jpg', null, null, 'The server does not answer.');
        $this->assertSame(['fix queue.failed', 'mind queue.waiting'], self::codes($failed));
        // Two of 6 MB at 2 MB/s are six seconds.
        $waits = iterator_to_array(QueueJudge::of([new QueuedPicture(1, 'a.jpg'), new QueuedPicture(2, 'b.jpg')], 2.0, 0))[0];
        $this->assertStringContainsString('about 6 s', $waits->because);
        $first = iterator_to_array(QueueJudge::of([new QueuedPicture(1, 'a.jpg')], null, 0))[0];
        $this->assertStringContainsString('not measured yet', $first->because);
    }

    public function test_what_went_to_another_desk_is_not_on_this_one(): void
    {
        $codes = static fn (string ...$to): array => array_map(static fn (Verdict $v): string => $v->code, iterator_to_array(QueueJudge::of(
            array_map(static fn (string $at): QueuedPicture => new QueuedPicture(1, 'a.jpg', null, 900, sentTo: $at), array_values($to)), 2.0, 1000,
            '/new',
        )));
        $this->assertSame(['queue.sent'], $codes('/new', '/new'));
        $this->assertSame(['queue.elsewhere'], $codes('/new', '/old'));
    }

    /** IPTC-IIM 4.2, 1.6: a tag marker, record, dataset, length in two bytes, value; PHP's own reader reads it back. */
    public function test_the_record_in_the_picture(): void
    {
        $long = str_repeat('å', 1500);
        $record = IptcRecord::of(
            new Caption($long, ['Ада Берг', 'Bo & Co'], 'Halle'), 'Åsa', '', new \DateTimeImmutable('2027-06-12T18:05:09+02:00'), 'Cup',
        );
        $read = iptcparse($record);
        $this->assertIsArray($read);
        $this->assertSame(["\x1B%G"], $read['1#090']);
        $this->assertSame(['Ада Берг', 'Bo & Co'], $read['2#025']);
        $this->assertSame(str_repeat('å', 1000), $read['2#120'][0], 'two thousand bytes, and no half of a letter');
        $this->assertSame([['Åsa'], ['20270612'], ['180509+0200'], ['Halle'], ['Cup']],
            [$read['2#080'], $read['2#055'], $read['2#060'], $read['2#092'], $read['2#005']]);
        $this->assertArrayNotHasKey('2#116', $read, 'what nobody said is not said');
    }
}
