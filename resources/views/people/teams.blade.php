<x-page title="Which team first?" :job="$job" phase="people" :verdicts="$verdicts">
    <form method="get" action="/jobs/{{ $job->id }}/teams" class="slab grid gap-3 sm:grid-cols-[2fr_10rem_auto] items-start mb-4">
        <div class="field"><label for="teams">Teams, a line each</label>
            <textarea id="teams" name="teams" rows="5"
                @if ($wrong) aria-invalid="true" aria-describedby="teams-wrong" @endif>{{ $text }}</textarea>
            @if ($wrong)
            <p class="wrong" id="teams-wrong">{{ $wrong }}</p>@else<p class="text-sm text-faint">Juniors, 14 players, 4 min, 60
                    s, heights 152 148 160 …; 3 min for the team and 100 s a player where you do not say.</p>
            @endif
        </div>
        <x-field name="sets" label="Light sets" type="select">
            @foreach ([1, 2] as $n)
                <option @selected($sets === $n)>{{ $n }}</option>
            @endforeach
        </x-field>
        <button class="button main sm:mt-6">Work it out</button>
    </form>
    @if ($schedule && $schedule->segments !== [])
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="The schedule, drawn">
                <svg class="ruler" viewBox="0 0 1000 {{ $sets * 64 + 24 }}" role="img"
                    aria-label="{{ collect($schedule->order)->pluck('id')->implode(', then ') }}; over after {{
                        (int) ceil($schedule->finishMinutes) }} min">
                    @foreach ($drawing->minutes() as $mark)
                        <line class="hour" x1="{{ $mark->x }}" x2="{{ $mark->x }}" y1="0" y2="{{ $sets * 64 }}" />
                        <text x="{{ $mark->x }}" y="{{ $sets * 64 + 18 }}" font-size="13"
                            text-anchor="middle">{{ $mark->minute }}</text>
                    @endforeach
                    @for ($n = 0; $n < $sets; $n++)
                        <text x="0" y="{{ $n * 64 + 34 }}" font-size="14">Set {{ $n + 1 }}</text>
                    @endfor
                    @foreach ($drawing->slips() as $slip)
                        <g class="slip">
                            <rect @class(['team-slip' => $slip->isTeam]) x="{{ $slip->x }}" y="{{ $slip->lane * 64 + 8 }}"
                                width="{{ $slip->width }}" height="46" rx="2" />
                            <title>{{ $slip->team }} {{ $slip->isTeam ? 'team' : 'players' }}</title>
                            @if ($slip->holdsItsName())
                                <text class="when" x="{{ $slip->x + 5 }}"
                                    y="{{ $slip->lane * 64 + 28 }}">{{ $slip->team }}</text><text
                                    x="{{ $slip->x + 5 }}"
                                    y="{{ $slip->lane * 64 + 44 }}">{{ $slip->isTeam ? 'team' : 'players' }}</text>
                            @endif
                        </g>
                    @endforeach
                </svg>
            </div>
        </figure>
        <table class="grid-table slab">
            <thead>
                <tr>
                    <th scope="col">From, min</th>
                    <th scope="col">to</th>
                    <th scope="col">Team</th>
                    <th scope="col">What</th>
                    <th scope="col">Light set</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($schedule->segments as $row)
                    <tr>
                        <td class="figures">{{ round($row->from, 1) }}</td>
                        <td class="figures">{{ round($row->to, 1) }}</td>
                        <th scope="row">{{ $row->team }}</th>
                        <td>{{ $row->isTeam ? 'team picture' : 'players, one by one' }}</td>
                        <td class="figures">{{ $row->set }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @foreach ($rotas as $one)
            @if ($one['rota'] !== [])
                <details class="slab mt-3" open>
                    <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">Pose rota: {{ $one['team'] }}</summary>
                    <p class="text-faint text-sm">From the left. Two passes: {{ implode(', then ', NorthSatchel\People\PoseRota::FACES) }}.
                        {{ $one['sharpness'] ??
                                'With the heights from the left (heights 152 148 160) it says who stands half a step forward.' }}
                    </p>
                    <ol>
                        @foreach ($one['rota'] as $pose)
                            <li class="border-t border-rule py-1 figures">{{ $pose->number }}. {{ $pose->pose }}, turned
                                {{ $pose->turned }}@if ($pose->isForward)
                                    , <b>half a step forward</b>
                                @endif
                            </li>
                        @endforeach
                    </ol>
                </details>
            @endif
        @endforeach
    @endif
    <p class="text-sm text-faint mt-3">Children: a guardian knows, and helps with hair and laces. Stands get weights.</p>
</x-page>
