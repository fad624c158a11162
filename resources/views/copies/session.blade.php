<x-page title="Is every frame on both drives?" :job="$job" phase="copies" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="session" />
    @if ($folder)
        <section class="slab mb-4" id="session-now" @if ($folder->is_watched) hx-get="/jobs/{{ $job->id }}/session" hx-trigger="every 3s"
            hx-target="#session-now" hx-select="#session-now" hx-swap="outerHTML show:none" @endif>
            <svg class="session-plan" viewBox="0 0 900 130" role="img"
                aria-label="{{ $whole }} files whole, {{ $automatic }}
                on {{ $folder->automatic->name }}, {{ $byHand }} on {{ $folder->byHand->name }}">
                <line class="route" x1="230" y1="65" x2="560" y2="35" /><line class="route by-hand" x1="230" y1="65" x2="560" y2="98" />
                <text x="395" y="38" text-anchor="middle" font-size="15">by itself</text>
                <text x="395" y="108" text-anchor="middle" font-size="15">by a person</text>
                <rect class="box" x="2" y="34" width="228" height="62" rx="6" /><x-fitted x="16" y="60" width="206" size="17"
                    font-weight="700" :text="basename($folder->folder)" /><text x="16" y="84" font-size="16">{{ $count }} files, {{ $whole }}
                    whole</text>
                <rect class="{{ $automatic === $whole && $whole > 0 ? 'box is-full' : 'box' }}" x="560" y="8" width="338" height="52" rx="6" />
                <x-fitted x="574" y="30" width="316" size="17" font-weight="700" :text="$folder->automatic->name" /><text x="574"
                    y="50" font-size="16">{{ $automatic }} of {{ $whole }}, read back</text>
                <rect class="{{ $byHand === $whole && $whole > 0 ? 'box is-full' : 'box' }}" x="560" y="72" width="338" height="52" rx="6" />
                <x-fitted x="574" y="94" width="316" size="17" font-weight="700" :text="$folder->byHand->name" /><text x="574"
                    y="114" font-size="16">{{ $byHand }} of {{ $whole }}, seen by content</text>
            </svg>
            <p class="text-sm text-faint figures">{{ $folder->looked_at === null ? 'Nobody has looked yet.' : 'Looked at ' .
                (new DateTimeImmutable('@' . $folder->looked_at))->setTimezone($zone)->format('H:i:s') . '.' }}
                The automatic route writes into {{ $target }}; the person may copy anywhere on the other drive, under any name.</p>
            @if ($files !== [])
                <div class="overflow-x-auto mt-3" tabindex="0" role="region" aria-label="Files, the newest first">
                    <table class="grid-table">
                        <thead>
                            <tr>
                                <th scope="col">File</th>
                                <th scope="col">{{ $folder->automatic->name }}</th>
                                <th scope="col">{{ $folder->byHand->name }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($files as $file)
                                <tr>
                                    <th scope="row" class="figures">{{ $file->path }}@if ($file->wholeAt === null)
                                            <span class="text-faint">still grows</span>
                                        @elseif ($file->isGone)
                                            <span class="text-faint">no longer in the folder</span>
                                        @endif
                                    </th>
                                    <td>{{ $file->automaticAt === null ? 'not yet' : 'there' }}</td>
                                    <td>{{ $file->byHandAt === null ? 'not yet' : 'there' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($count > count($files))
                    <p class="text-sm text-faint">And {{ $count - count($files) }} older ones.</p>
                @endif
            @endif
        </section>
        @if (config('satchel.demo'))
            <x-form :action="'/jobs/' . $job->id . '/stand-ins/session'" class="mb-3"><button class="button">Let the stand-in capture program
                    write</button></x-form>
        @endif
        <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/copies">Which drive goes to the office, and where
                each
                sleeps</a></p>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/session" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="folder" label="The folder that the capture program writes into" :value="$folder?->folder"
            hint="Client and date in its name. It has to lie in a folder that this program may look into: see Folders." />
        <div class="grid gap-3 sm:grid-cols-3">
            @foreach (['automatic_id' => 'Copied to by itself', 'by_hand_id' => 'Copied to by a person'] as $name => $label)
                <x-field :name="$name" :label="$label" type="select">
                    <option value="">choose</option>
                    @foreach ($drives as $drive)
                        <option value="{{ $drive->id }}" @selected((int) old($name, $folder?->$name) === $drive->id)>{{ $drive->name }}</option>
                    @endforeach
                </x-field>
            @endforeach
            <x-field name="allowed_minutes" label="Minutes on one drive only" :value="$folder->allowed_minutes ?? 10" inputmode="numeric" />
        </div>
        <label class="tick"><input type="checkbox" name="is_watched" value="1" @checked(old('is_watched', $folder?->is_watched ?? true))>
            Watch it</label>
        <p class="text-sm text-faint">The folder is opened for reading only, whatever the program is: what grows is left alone until it stands
            still, and nothing is ever written over. At night the drives sleep in different houses.</p>
        <div><button class="button main">Keep</button></div>
    </form>
</x-page>
