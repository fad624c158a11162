<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Needs\OpenStop;
use PHPUnit\Framework\TestCase;

/** No lens is asked for that nobody makes: how much the widest one lacks is said. */
final class OpenStopTest extends TestCase
{
    public function test_what_the_light_asks_for_where_it_is_made(): void
    {
        $this->assertNull(OpenStop::of(85, 12.0)->fNumber, 'f/8 does');
        $widest = [60 => 1.4, 61 => 1.4, 90 => 1.4, 91 => 1.8, 135 => 1.8, 136 => 2.0, 200 => 2.0, 201 => 2.8, 300 => 2.8, 400 => 2.8, 401 => 4.0,
            600 => 4.0, 601 => 5.6];
        foreach ($widest as $mm => $made) {
            $this->assertSame($made, OpenStop::of($mm, -6.0)->fNumber, "{$mm} mm, about the widest that is made");
        }
        // log2(f² · 160 · 100 / 6400) = 5: f is 3.58, and f/3.5 the next wider one.
        $this->assertSame([3.5, 'f/3.5 or wider at 1/160 s and ISO 6400 in that light.'], array_values((array) OpenStop::of(200, 5.0)));
    }

    public function test_the_widest_that_is_made_with_what_it_lacks(): void
    {
        // At EV 2 f is 1.26: of 200 mm f/2 is made, 1.3 stops less light.
        $open = OpenStop::of(200, 2.0);
        $this->assertSame(2.0, $open->fNumber);
        $this->assertSame(
            'f/2, about the widest that is made, is 1.3 stops short at 1/160 s and ISO 6400 in that light, which raw bears to be lifted.',
            $open->why,
        );
        $this->assertSame(1.4, OpenStop::of(50, 2.0)->fNumber);
        $this->assertStringEndsWith('is 2.3 stops short at 1/160 s and ISO 6400 in that light: bring light, or a support for what stands still.',
            OpenStop::of(200, 1.0)->why);
        $this->assertSame([1.4, 1.4, 1.8, 1.8, 2.0, 2.8, 2.8, 2.8, 4.0, 5.6], array_map(
            static fn (int $mm): ?float => OpenStop::of($mm, -3.0)->fNumber,
            [20, 90, 91, 135, 200, 201, 300, 400, 600, 800],
        ));
    }
}
