<x-page title="Where may the program look, and where do copies go?">
    <div class="grid gap-4 lg:grid-cols-2">
        <section class="slab lg:col-span-2">
            <h2 class="mb-1">Seen on this machine</h2>
            @if ($seen === [])
                <p class="text-faint">Nothing is mounted where cards and drives usually are. Put a card into the reader or plug a drive in,
                    and look again; or find its folder below.</p>
            @else
                <ul class="grid gap-3 md:grid-cols-2">
                    @foreach ($seen as $one)
                        <li class="border border-rule rounded p-3">
                            <p><b>{{ $one->name() }}</b> <span
                                    class="text-faint text-sm">{{ $one->isCard ? 'looks like a camera card' : 'a drive' }} ·
                                    {{ $one->gb }} GB · {{ $one->medium }}</span></p>
                            <p class="figures text-sm break-all">{{ $one->path }}</p>
                            @if (isset($taken[$one->path]))
                                <p>{{ $taken[$one->path] }}</p>
                            @elseif ($one->isCard)
                                <x-form action="/cards/seen" class="flex flex-wrap gap-2 items-end mt-1"><input type="hidden" name="folder"
                                        value="{{ $one->path }}"><input type="hidden" name="allow" value="1">
                                    @if ($cards->isNotEmpty())
                                        <label class="grid"><span class="text-sm text-faint">It is</span><select name="card"
                                                aria-label="Which card is at {{ $one->path }}">
                                                <option value="">a new card</option>
                                                @foreach ($cards as $card)
                                                    <option value="{{ $card->id }}">{{ $card->item->label }}</option>
                                                @endforeach
                                            </select>
                                        </label>
                                    @endif
                                    <label class="grid"><span class="text-sm text-faint">or new, called</span><input name="label"
                                            maxlength="40" aria-label="Name of the new card at {{ $one->path }}"></label>
                                    <button class="button">It is in the reader</button>
                                </x-form>
                            @else
                                <x-form action="/destinations" class="flex flex-wrap gap-2 items-end mt-1"><input type="hidden"
                                        name="folder" value="{{ $one->path }}"><input type="hidden" name="allow" value="1">
                                    <label class="grid"><span class="text-sm text-faint">Called</span><input name="name"
                                            value="{{ $one->name() }}" maxlength="60"
                                            aria-label="Name of the place at {{ $one->path }}"></label>
                                    <label class="grid"><span class="text-sm text-faint">Kept</span><select name="kept"
                                            aria-label="Where {{ $one->name() }} is kept">
                                            @foreach ($keptWords as $kept => $word)
                                                <option value="{{ $kept }}">{{ $word }}</option>
                                            @endforeach
                                        </select>
                                    </label>
                                    <button class="button">Copies go here</button></x-form>
                            @endif
                        </li>
                    @endforeach
                </ul>
            @endif
            @if (!$forCard)
                @error('folder')
                    <p class="wrong" role="alert">{{ $message }}</p>
                    @enderror @error('card')
                    <p class="wrong" role="alert">{{ $message }}</p>
                    @enderror @error('label')
                    <p class="wrong" role="alert">{{ $message }}</p>
                @enderror
            @endif
        </section>
        <section class="slab">
            <h2 class="mb-1">Places for copies</h2>
            <ul>
                @foreach ($destinations as $one) @php $place = $one['place']; @endphp
                    <li class="border-t border-rule py-2"><b>{{ $place->name }}</b> <span
                            class="text-faint text-sm">{{ $keptWords[$place->kept] ?? $place->kept }} ·
                            {{ $one['medium'] }}{{ $place->medium_said ? ', in your word' : '' }}</span><br><span
                            class="figures text-sm break-all">{{ $place->folder }}</span>
                        @if ($one['now'])
                            <p class="text-signal text-sm">{{ $one['now'] }}</p>
                            @if (str_contains($one['now'], 'was left on'))
                                @post('/destinations/' . $place->id . '/mark')
                                    <button class="button small" aria-label="{{ $place->name }} is this drive all the same">It is this drive
                                        all the same</button>
                                @endpost
                            @endif
                        @endif
                        @error('place' . $place->id)
                            <p class="wrong" role="alert">{{ $message }}</p>
                        @enderror
                        @if ($one['sharing'])
                            <p class="text-amber text-sm">Counts once together with {{ implode(' and ', $one['sharing']) }}.</p>
                        @endif
                        @if ($place->medium_said)
                            <p class="text-sm text-faint">“{{ $place->medium_words }}”</p>
                        @elseif ($one['medium'] === NorthSatchel\Cards\Permit\Medium::UNKNOWN || $one['sharing'])
                            <details class="text-sm" @if (old('_form') === 'medium-' . $place->id) open @endif>
                                <summary class="min-h-11 flex items-center text-faint">Say once, in writing, which disk it is</summary>
                                <x-form :action="'/destinations/' . $place->id . '/medium'" class="grid gap-2"><input type="hidden"
                                    name="_form"
                                        value="medium-{{ $place->id }}"><x-field :bag="'medium-' . $place->id"
                                            :id="'medium-' . $place->id" name="medium"
                                        label="The disk is called" maxlength="80" /><x-field :bag="'medium-' . $place->id"
                                            :id="'medium-words-' . $place->id"
                                        name="words" label="How you know that it is one of its own" maxlength="500" />
                                    <div><button class="button small">Say so</button></div>
                                </x-form>
                            </details>
                        @endif
                    </li>
                @endforeach
            </ul>
            @if ($destinations->isEmpty())
                <p class="text-faint">None yet: two on different disks are wanted before a card may be formatted.</p>
            @endif
            <details class="mt-2" @if (old('_form') === 'destination') open @endif>
                <summary class="min-h-11 flex items-center">Add a folder by its path</summary>
                <x-form action="/destinations" class="grid gap-2">
                    <input type="hidden" name="_form" value="destination">
                    <div class="grid gap-2 sm:grid-cols-2"><x-field bag="destination" name="name" label="Name" required
                            maxlength="60" /><x-field bag="destination" name="kept" label="Kept" type="select">
                            @foreach ($keptWords as $kept => $word)
                                <option value="{{ $kept }}">{{ $word }}</option>
                            @endforeach
                        </x-field>
                    </div>
                    <x-field bag="destination" id="f-folder" name="folder" label="Folder" :value="$at" required />
                    <div><button class="button">Add the destination</button></div>
                </x-form>
            </details>
        </section>
        <section class="slab">
            <h2 class="mb-1">Allowed folders</h2>
            <p class="text-faint text-sm mb-2">The program reads and writes only below these.</p>
            <ul>
                <li class="border-t border-rule py-2 figures"><a class="break-all"
                        href="/folders?{{ http_build_query(['at' => $standIns, 'for' => $for]) }}#look-around">{{ $standIns }}</a> <span
                        class="text-faint text-sm">the stand-ins</span></li>
                @foreach ($roots as $root)
                    <li class="border-t border-rule py-1 flex items-center justify-between figures"><a class="break-all"
                            href="/folders?{{ http_build_query(['at' => $root->path, 'for' => $for]) }}#look-around">{{ $root->path }}</a><x-form
                            :action="'/folders/' . $root->id" method="delete"><button class="button quiet">Forget</button></x-form></li>
                @endforeach
            </ul>
            <x-form action="/folders" class="flex gap-2 items-start mt-2"><input type="hidden" name="_form" value="root">
                <div class="flex-1"><x-field bag="root" name="path" label="Allow another folder" placeholder="/media"
                        required /></div><button class="button mt-6">Allow</button>
            </x-form>
        </section>
        <section class="slab lg:col-span-2" id="look-around">
            <h2 class="mb-1">Look around</h2>
            <p class="figures mb-2">{{ $at }}@if ($isCardAt)
                    <span class="text-faint text-sm">looks like a camera card</span>
                @endif
            </p>
            @if ($problem)
                <p class="wrong" role="alert">{{ $problem }}</p>
            @endif
            <div class="flex flex-wrap gap-2">
                @if ($up)
                    <a class="button" href="/folders?{{ http_build_query(['at' => $up, 'for' => $for]) }}">↑ up</a>
                @endif
                @foreach ($below as $name)
                    <a class="button"
                        href="/folders?{{ http_build_query(['at' => $at . '/' . $name, 'for' => $for]) }}">{{ $name }}</a>
                @endforeach
                @if (!$below && !$problem)
                    <span class="text-faint">No folder below.</span>
                @endif
            </div>
            @if ($forCard)
                <x-form :action="'/cards/' . $forCard->id . '/folder'" class="mt-3"><input type="hidden" name="folder"
                    value="{{ $at }}"><button
                        class="button main">{{ $forCard->item->label }} is mounted here</button></x-form>
                @error('folder')
                    <p class="wrong">{{ $message }}</p>
                @enderror
            @endif
        </section>
    </div>
</x-page>
