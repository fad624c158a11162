<x-page title="Who is number seven?" :job="$job" phase="people" :verdicts="$verdicts">
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/people">People</a><a class="button"
            href="/jobs/{{ $job->id }}/teams">Teams and players</a><a class="button" href="/jobs/{{ $job->id }}/wrap">Captions</a></p>
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst(str_replace('_', ' ', $wrong->field)) }} {{ $wrong->must }}.</p>
    @endif
    @if ($roster && $roster->players !== [])
        <form method="get" action="/jobs/{{ $job->id }}/roster" class="slab grid gap-2 mb-4" hx-get="/jobs/{{ $job->id }}/roster"
            hx-trigger="input changed delay:150ms from:#f-try" hx-target="#grown" hx-select="#grown" hx-swap="outerHTML show:none">
            <x-field name="try" label="A caption with codes" :value="$typed" autocomplete="off"
                :hint="'A number behind the letters of its team grows into the name: ' . collect($roster->codes)->map(
                    fn ($code, $team) => $code . '7' . ($team === '' ? '' : ' for ' . $team))->implode(', ') . '.'" />
            <div id="grown" aria-live="polite">
                @if ($grown)
                    <p class="font-bold">{{ $grown->text }}</p>
                    @foreach ($grown->unclear as $why)
                        <p class="text-signal">{{ ucfirst($why) }}.</p>
                    @endforeach
                    @foreach ($grown->doubts as $why)
                        <p class="text-faint">{{ ucfirst($why) }}.</p>
                    @endforeach
                @endif
            </div>
            <noscript><button class="button">Grow it</button></noscript>
        </form>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/roster" class="slab grid gap-3 mb-4">
        @csrf
        @method('put')
        <x-field name="players" label="The organiser's list, as it is" type="textarea" rows="10" :value="$record->players"
            hint="From a table or a mail, columns in any order; with their names above, or told from what is in them. A line “Reds:” names
            the team below it." />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="line_up" label="Today's line-up, a line a team" type="textarea" rows="3" :value="$record->line_up"
                hint="Reds: 1 4 7 12, Ada Brun. A late change: Reds: 1 4 7, 12 for 9. By name who has no number." />
            <x-field name="codes" label="Letters of the codes, where you want others" type="textarea" rows="3" :value="$record->codes"
                hint="Reds = r" />
        </div>
        <x-field name="no_consent" label="Who is not to be named, a line each" type="textarea" rows="2" :value="$record->no_consent"
            hint="A whole name, or Reds: 4 7. Of children the guardian decides; a caption with such a name waits." />
        <p class="text-sm text-faint">Of children no surname goes on a shared sheet; a roster is on none.</p>
        <div><button class="button main">Keep it</button></div>
    </form>
    @if ($roster && $roster->players !== [])
        <section class="slab overflow-x-auto" tabindex="0" role="region" aria-label="The roster">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Code</th>
                        <th scope="col">Name</th>
                        <th scope="col">Position</th>
                        <th scope="col">Team</th>
                        <th scope="col">Today</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($roster->players as $player)
                        <tr>
                            <td class="figures">{{ $roster->codeOf($player) ?? '–' }}</td>
                            <th scope="row">{{ $player->name }}</th>
                            <td>{{ $player->position }}</td>
                            <td>{{ $player->team }}</td>
                            <td>{{ $player->isToday === null ? 'not known' : ($player->isToday ? 'plays' : 'not in the line-up') }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-page>
