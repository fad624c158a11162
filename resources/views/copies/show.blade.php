<x-page title="Where does everything lie, and is it enough?" :job="$job" phase="copies" :verdicts="$verdicts">
    @if ($grid === [])
        <div class="slab">
            <p>No card of this job is shot and unformatted, so nothing waits to be copied.</p>
            <p class="text-faint">Shot cards appear here once they are sealed under <a href="/jobs/{{ $job->id }}/cards">Cards</a>.</p>
        </div>
        @include('copies._shuttle')
    @else
        <div class="overflow-x-auto slab">
            <table class="grid-table">
                <caption class="visually-hidden">Card loads and the places their content lies at</caption>
                <thead>
                    <tr>
                        <td></td>
                        @foreach ($groups as $kept => $count)
                            <th class="mid" colspan="{{ $count }}" scope="colgroup">{{ $keptWords[$kept] ?? $kept }}</th>
                        @endforeach
                        <td>
                        </td>
                    </tr>
                    <tr>
                        <th scope="col">Card</th>
                        @foreach ($destinations as $destination)
                            <th class="mid" scope="col">{{ $destination->name }}</th>
                        @endforeach
                        <th scope="col">
                            Verified on</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($grid as $row)
                        <tr>
                            <th scope="row" class="figures text-lg">{{ $row->card->item->label }} <span
                                    class="text-faint text-sm font-normal">fill {{ $row->fill }}, {{ $row->state }}</span></th>
                            @foreach ($destinations as $destination)
                                @php $cell = $row->cells[$destination->id]; @endphp
                                <td class="mid" data-state="{{ $cell->value }}">
                                    <svg class="disc" viewBox="0 0 30 30" role="img" aria-label="{{ $cell->words() }}">
                                        <circle cx="15" cy="15" r="11"
                                            fill="{{ $cell === \App\Models\Copies\CopyState::Verified ? 'var(--moss)' : 'none' }}"
                                            stroke="{{ $cell === \App\Models\Copies\CopyState::Failed ? 'var(--signal)' : 'var(--ink)' }}"
                                            stroke-width="2.5"
                                            @if ($cell->isDoubtful()) stroke-dasharray="4 3" @endif />
                                        @if ($cell->isDoubtful())
                                            <path d="M9 15l5 5 8-10" fill="none" stroke="var(--ink)" stroke-width="2"
                                                stroke-dasharray="3 3" />
                                        @endif
                                        @if ($cell->isHalf())
                                            <path d="M15 4a11 11 0 0 1 0 22z" fill="var(--lake)" />
                                        @endif
                                        @if ($cell === \App\Models\Copies\CopyState::Verified)
                                            <path d="M9 15l5 5 8-10" fill="none" stroke="var(--leaf)" stroke-width="3" />
                                        @endif
                                        @if ($cell === \App\Models\Copies\CopyState::Failed)
                                            <path d="M5 25L25 5" stroke="var(--signal)" stroke-width="3.5" />
                                        @endif
                                    </svg>
                                    <span class="block text-sm">{{ $cell->words() }}</span>
                                </td>
                            @endforeach
                            <td class="figures text-lg">{{ $row->verified }} of {{ $wanted }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
    @if ($grid !== [])
        <p class="mt-3"><a class="button" href="/jobs/{{ $job->id }}/frames">Frames in their true order</a></p>
    @endif
    @include('cards._run')
    @if ($grid !== [] && !($run && $run['isActive']))
        <x-form :action="'/jobs/' . $job->id . '/copies'" class="slab mt-4 grid gap-2">
            <h2>Copy, then read everything back</h2>
            <div class="flex flex-wrap gap-x-6">
                <fieldset>
                    <legend class="text-faint text-sm">Cards</legend>
                    @foreach ($grid as $row)
                        @continue($row->state === 'formatted')
                        <label class="tick"><input type="checkbox" name="cards[]" value="{{ $row->card->id }}"
                                @checked($row->isSealed) @disabled(!$row->isSealed)> {{ $row->card->item->label }}</label>
                    @endforeach
                </fieldset>
                <fieldset>
                    <legend class="text-faint text-sm">To</legend>
                    @foreach ($ours as $destination)
                        <label class="tick"><input type="checkbox" name="destinations[]" value="{{ $destination->id }}"
                                @checked($destination->kept !== 'elsewhere')> {{ $destination->name }} <span
                                class="text-faint text-sm">{{ $destination->kept }}</span></label>
                    @endforeach
                </fieldset>
            </div>
            <div class="flex flex-wrap gap-3"><button class="button main" name="kind" value="copy" data-key="n">Copy and
                    verify</button><button class="button" name="kind" value="verify">Only verify again</button></div>
            <p class="text-faint text-sm">The cards are opened for reading only. Nothing is overwritten or deleted anywhere; a copy that
                stops goes on where it was.</p>
        </x-form>
    @endif
    @if ($grid !== [])
        @include('copies._audit')
        @include('copies._shuttle')
        <details class="slab mt-4" @if ($errors->hasAny(['name', 'folder', 'route'])) open @endif>
            <summary class="font-bold min-h-11 flex items-center">A copy made by hand or by another routine</summary>
            <p class="text-sm text-faint">One wrongly set-up routine must never stand alone. The folder is looked through by content,
                whatever its files are called there, and is never written to.</p>
            <x-form :action="'/jobs/' . $job->id . '/copies/adopt'" class="grid gap-3 grid-cols-2 sm:grid-cols-3 items-start mt-2">
                <x-field name="name" id="adopt-name" label="Name of the place" maxlength="60" />
                <div class="col-span-2"><x-field name="folder" id="adopt-folder" label="Folder, within what is allowed under Folders" />
                </div>
                <x-field name="route" id="adopt-route" label="Made by" value="by hand" />
                <x-field name="adopt_kept" label="Sleeps" type="select">
                    @foreach ($keptWords as $kept => $word)
                        <option value="{{ $kept }}" @selected(old('adopt_kept', 'home') === $kept)>{{ $word }}</option>
                    @endforeach
                </x-field>
                <x-field name="adopt_kind" label="Device" type="select">
                    @foreach (App\Models\Copies\Destination::KINDS as $k)
                        <option @selected(old('adopt_kind') === $k)>{{ $k }}</option>
                    @endforeach
                </x-field>
                <button class="button">Look through it</button>
            </x-form>
        </details>
    @endif
</x-page>
