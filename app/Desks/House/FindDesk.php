<?php

declare(strict_types=1);

namespace App\Desks\House;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\Kit\Item;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Database\Eloquent\Builder;
use NorthSatchel\Time\ClockTime;

/** Finds a word in jobs, people, segments, shots and the shelf. */
final class FindDesk
{
    private const MOST_OF_EACH = 20;

    /** @return list<Found> */
    public function find(string $words): array
    {
        $found = [];
        foreach ($this->having(Job::query(), $words, 'name', 'client', 'must_haves', 'restrictions')->get() as $job) {
            $found[] = new Found(what: 'job', text: $job->name, more: $job->date, url: "/jobs/{$job->id}/brief");
        }
        foreach ($this->having(Person::query(), $words, 'name', 'role')->get() as $person) {
            $found[] = new Found(
                what: 'person',
                text: $person->name,
                more: (string) $person->role,
                url: "/jobs/{$person->job_id}/brief",
            );
        }
        foreach ($this->having(Segment::query(), $words, 'title')->get() as $segment) {
            $found[] = new Found(
                what: 'segment',
                text: $segment->title,
                more: ClockTime::shown($segment->start_clock),
                url: "/jobs/{$segment->job_id}/plan#segment-{$segment->id}",
            );
        }
        foreach ($this->having(ShotLine::query()->with('segment'), $words, 'what')->get() as $line) {
            $found[] = new Found(
                what: 'shot',
                text: $line->what,
                more: $line->segment->title ?? 'no segment yet',
                url: "/jobs/{$line->job_id}/plan?open={$line->segment_id}#shot-{$line->id}",
            );
        }
        foreach ($this->having(Item::query(), $words, 'label', 'description', 'kind')->get() as $item) {
            $found[] = new Found(what: $item->kind, text: $item->label, more: (string) $item->description, url: '/shelf');
        }

        return $found;
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $query
     * @return Builder<T>
     */
    private function having(Builder $query, string $words, string ...$columns): Builder
    {
        $pattern = '%'.addcslashes($words, '%_\\').'%';
        $query->where(static function (Builder $either) use ($columns, $pattern): void {
            foreach ($columns as $column) {
                $either->orWhereRaw("{$column} like ? escape '\\'", [$pattern]);
            }
        });
        $query->limit(self::MOST_OF_EACH);

        return $query;
    }
}
