<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Models\Brief\Job;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;
use Tests\Support\Sayings;

/**
 * Everything that the program says of the demo's jobs, as it stands in `said/`: a rule that changes shows there which sentences it changes.
 * Written anew by `SATCHEL_SAY=1 bin/phpunit tests/App/House/SaidTest.php`; what has changed is then read, and worked out by hand.
 */
final class SaidTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function days(): array
    {
        return ['a day in June' => ['2027-06-16 11:00'], 'a day in October' => ['2027-10-06 11:00']];
    }

    #[DataProvider('days')]
    public function test_what_is_said_of_the_demo(string $now): void
    {
        Carbon::setTestNow($now);
        $this->demo();
        $file = __DIR__.'/said/'.substr($now, 0, 10).'.txt';
        $said = '';
        foreach (Job::query()->orderBy('id')->get() as $job) {
            $said .= "# {$job->name}\n";
            foreach (app(Readiness::class)->verdicts(BriefDesk::open($job->id)) as $phase => $verdicts) {
                $said .= "\n## {$phase}\n\n".implode("\n", array_map(Sayings::line(...), iterator_to_array($verdicts, false)))."\n";
            }
            $said .= "\n";
        }
        if (getenv('SATCHEL_SAY') === '1') {
            file_put_contents($file, $said);
        }
        $this->assertStringEqualsFile($file, $said);
    }
}
