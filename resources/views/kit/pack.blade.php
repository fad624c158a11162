<x-page title="What goes where?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="pack" />
    @php $byBag = $entries->groupBy(fn ($e) => $allBags->firstWhere('id', $e->bag_id)->name ?? 'In no bag yet'); @endphp
    <x-form :action="'/jobs/' . $job->id . '/pack/scan'" class="slab grid gap-3 grid-cols-[1fr_auto] items-end mb-4">
        <x-field name="scan" label="Scan a label, or type one" data-key="n" autocomplete="off" />
        <button class="button">Tick it</button>
    </x-form>
    <div class="flex flex-col">
        @if ($bags !== [])
            <div class="grid gap-4 sm:grid-cols-2 mb-4 order-2 sm:order-1">
                @foreach ($bags as ['bag' => $bag, 'drawing' => $drawing, 'weighs' => $weighs])
                    <figure class="slab">
                        <figcaption class="mb-1"><b>{{ $bag->name }}</b> <span class="text-faint figures">{{ $bag->packed() }} of
                                {{ count($bag->items) }} in · {{ $bag->placesTaken() }} of {{ $bag->places }} places ·
                                {{ $weighs }}</span></figcaption>
                        <svg class="bag" viewBox="0 0 400 {{ $drawing->height() }}" role="img"
                            aria-label="{{ $bag->name }}: {{ collect($bag->items)
                                    ->map(fn($i) => $i->label . ($i->isPacked ? ' in' : ' not in'))
                                    ->implode(', ') }}">
                            <rect class="bag-shell" x="3" y="3" width="394" height="{{ $drawing->height() - 6 }}" rx="14" />
                            @foreach ($drawing->compartments() as $c)
                                <g transform="translate({{ $c->x }} {{ $c->y }})">
                                    <title>{{ $c->title }}</title>
                                    <rect class="place {{ $c->state }}" width="{{ $c->width }}" height="{{ $c->height }}"
                                        rx="6" />
                                    @foreach ($c->lines as $line)
                                        <x-fitted x="8" :y="19 + $loop->index * 17" :width="$c->width - 12" size="14" :parted="false"
                                            :text="($line->isPacked ? '✓ ' : '') . $line->text" />
                                    @endforeach
                                </g>
                            @endforeach
                        </svg>
                    </figure>
                @endforeach
            </div>
        @endif
        <div class="grid gap-4 lg:grid-cols-2 mb-4 order-1 sm:order-2">
            @foreach ($byBag as $name => $group)
                <section class="slab">
                    <h2 class="mb-1">{{ $name }} <span
                            class="figures text-faint">{{ $group->filter(fn($e) => $isPacked($e->item_id))->count() }} of
                            {{ $group->count() }} packed</span></h2>
                    <ul>
                        @foreach ($group as $entry)
                            <li class="border-t border-rule" data-tapped><x-tick :job="$job" yes="pack" no="unpack"
                                    :is="$isPacked($entry->item_id)" :on="['item' => $entry->item_id]"
                                        :words="['packed', 'not packed yet']"><b>{{ $entry->item->label }}</b> <span
                                        class="text-faint text-sm">{{ $entry->item->kind }} · {{ $entry->lane }}</span></x-tick></li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
    </div>
    <div class="grid gap-4 lg:grid-cols-2 mb-4">
        @foreach (['night' => 'The night before', 'door' => 'At the door'] as $when => $title)
            <section class="slab">
                <h2 class="mb-1">{{ $title }}</h2>
                <ul>
                    @foreach ($lists->{$when} as $line)
                        <li class="border-t border-rule" data-tapped>
                            @if ($line->proved === null)
                                <x-tick :job="$job" yes="check" no="uncheck" :is="$home->isChecked($job, $line)"
                                    :on="['line' => $home::lineId($line->code)]"
                                    :words="['done', 'open']"><span><b>{{ $line->what }}</b> <span
                                            class="block text-faint text-sm">{{ $line->why }}</span></span></x-tick>
                            @else<div class="flex gap-2 items-center min-h-11 {{ $line->proved ? 'fine' : 'fix' }}"><span
                                        class="proof"><x-severity-mark
                                            :severity="$line->proved ? NorthSatchel\Severity::Fine : NorthSatchel\Severity::Fix" /></span><span><b>{{
                                                 $line->what }}</b> <span
                                            class="block text-faint text-sm">{{ $line->proved ? 'Seen. ' : 'Not so yet. ' }}{{
                                                $line->why }}</span></span>
                                </div>
                            @endif
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
    <section class="slab mb-4">
        <h2 class="mb-2">Into a bag</h2>
        <x-form :action="'/jobs/' . $job->id . '/pack/into'" class="grid gap-3">
            <div class="grid gap-x-3 grid-cols-2 sm:grid-cols-4">
                @foreach ($entries as $entry)
                    <label class="tick"><input type="checkbox" name="items[]" value="{{ $entry->item_id }}">
                        {{ $entry->item->label }}</label>
                @endforeach
            </div>
            @error('items')
                <p class="wrong">{{ $message }}</p>
            @enderror
            <div class="flex gap-3 items-end">
                <div class="w-64"><x-field name="bag" label="Goes into" type="select">
                        <option value="">no bag</option>
                        @foreach ($allBags as $bag)
                            <option value="{{ $bag->id }}">{{ $bag->name }}</option>
                        @endforeach
                    </x-field>
                </div><button class="button">Put them in</button>
            </div>
        </x-form>
        <x-form :action="'/jobs/' . $job->id . '/pack/bags'" class="grid gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr_auto] items-start mt-4">
            <x-field name="name" label="A new bag" maxlength="40" />
            <x-field name="kind" label="Kind" type="select" id="bag-kind">
                @foreach ($kinds as $kind)
                    <option>{{ $kind }}</option>
                @endforeach
            </x-field>
            <x-field name="places" label="Places" class="figures" inputmode="numeric" />
            <x-field name="limit_kg" label="At most, kg" class="figures" inputmode="decimal" />
            <button class="button sm:mt-6">Make it</button>
        </x-form>
    </section>
    <p class="text-sm text-faint"><a href="/shelf/labels">Print labels</a> for the shelf. Cells covered at their contacts; a damaged one is
        neither packed nor charged. Tape and weights for stands, a second cable for whatever hangs.</p>
</x-page>
