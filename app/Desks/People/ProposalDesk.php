<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\People\Proposal;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\People\TypedNames;

/** What the couple sends through their link: proposals, accepted or declined line by line. */
final class ProposalDesk
{
    public const MOST_LINES = 40;

    private const LONGEST = 300;

    /** As many as may wait for an answer. */
    private const MOST_WAITING = 200;

    public function __construct(private readonly PeopleDesk $people, private readonly GroupDesk $work, private readonly IdentityDesk $identity) {}

    /** @return Collection<int, Proposal> that wait for an answer */
    public function waiting(Job $job): Collection
    {
        return Proposal::query()->where('job_id', $job->id)->whereNull('answer')->orderBy('id')->get();
    }

    /**
     * Takes a form; sent twice it counts once.
     *
     * @param  list<int>  $wanted  ids of groups that stay
     *
     * @throws ValidationException for too much
     */
    public function receive(Job $job, string $form, array $wanted, string $groups, string $people): void
    {
        // People first: a group may want them.
        $lines = ['person' => self::lines($people, 'people'), 'group' => self::lines($groups, 'groups')];
        DB::transaction(function () use ($job, $form, $wanted, $lines): void {
            if (Proposal::query()->where('form', $form)->exists()) {
                return;
            }
            $waiting = Proposal::query()->where('job_id', $job->id)->whereNull('answer')->count();
            foreach ($this->people->groups($job)->whereNotIn('id', $wanted) as $group) {
                Proposal::query()->create([
                    'job_id' => $job->id,
                    'form' => $form,
                    'kind' => 'without',
                    'text' => $group->title,
                    'formal_group_id' => $group->id,
                ]);
                $waiting++;
            }
            foreach ($lines as $kind => $texts) {
                foreach ($texts as $text) {
                    Proposal::query()->create(['job_id' => $job->id, 'form' => $form, 'kind' => $kind, 'text' => $text]);
                    $waiting++;
                }
            }
            if ($waiting > self::MOST_WAITING) {
                throw ValidationException::withMessages([
                    'groups' => 'So much is waiting to be read already: ask your photographer to read it first.',
                ]);
            }
        });
    }

    /**
     * When it does not fit the family it is refused by the desk below, and waits on.
     *
     * @param  string  $add  names that come onto the list first, with commas
     */
    public function accept(Proposal $proposal, string $add = ''): void
    {
        DB::transaction(function () use ($proposal, $add): void {
            $job = BriefDesk::open($proposal->job_id)->load('people');
            foreach (array_filter(array_map(trim(...), explode(',', $add))) as $name) {
                $this->identity->add($job, $name);
                $job->load('people');
            }
            match ($proposal->kind) {
                'person' => $this->addPerson($job, $proposal->text),
                'group' => $this->addGroup($job, $proposal->text),
                default => FormalGroup::query()->whereKey($proposal->formal_group_id)->delete(),
            };
            $proposal->update(['answer' => 'accepted']);
        });
    }

    private function addPerson(Job $job, string $line): void
    {
        $lines = $job->people
            ->map(static fn (Person $p): string => $p->name.($p->role ? ', '.$p->role : ''))
            ->push($line)
            ->implode("\n");
        $this->work->saveFamily($job, $lines);
    }

    /** "The rowers: Jonas, Kaj", or only the names. */
    private function addGroup(Job $job, string $line): void
    {
        $priority = 'should';
        if (preg_match('/^(must|should|nice)\s*:\s*(.+)$/iu', $line, $found) === 1) {
            [$priority, $line] = [mb_strtolower($found[1]), $found[2]];
        }
        if (preg_match('/^(.*?)\s*\((must|should|nice)(?: have)?\)\s*(.*)$/iu', $line, $found) === 1) {
            [$priority, $line] = [mb_strtolower($found[2]), trim("{$found[1]} {$found[3]}")];
        }
        $typed = TypedNames::of($line, $this->people->family($job)->couple(), isTitled: true);
        $title = $typed->title === '' ? implode(', ', $typed->names) : $typed->title;
        $this->work->add($job, mb_substr($title, 0, 120), $typed->names, $priority);
    }

    /**
     * @return list<string>
     *
     * @throws ValidationException
     */
    private static function lines(string $text, string $field): array
    {
        $lines = array_values(
            array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: []), static fn (string $l): bool => $l !== ''),
        );
        if (count($lines) > self::MOST_LINES || array_filter($lines, static fn (string $l): bool => mb_strlen($l) > self::LONGEST) !== []) {
            throw ValidationException::withMessages([
                $field => 'At most '.self::MOST_LINES.' lines of '.self::LONGEST.' letters, please.',
            ]);
        }

        return $lines;
    }
}
