<x-page title="What is on the shelf?" :verdicts="$verdicts">
    <div class="flex flex-wrap gap-2 mb-3" role="group" aria-label="Kind">
        @foreach ($kinds as $one)
            <a class="chip" href="/shelf?kind={{ urlencode($one->value) }}"
                @if ($one === $kind) aria-current="true" @endif>{{ $one->value }} <span
                    class="figures">{{ count($items[$one->value] ?? []) }}</span></a>
        @endforeach
    </div>
    <x-form :action="$edit ? '/shelf/' . $edit->id : '/shelf'" :method="$edit ? 'put' : 'post'"
        class="slab grid gap-3 grid-cols-2 sm:grid-cols-4 items-start mb-4">
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        <h2 class="col-span-2 sm:col-span-4">{{ $edit ? 'Change ' . $edit->label : 'A new ' . $kind->value }}</h2>
        <x-field name="label" label="Label" required maxlength="60" data-key="n" :value="$edit?->label" />
        <x-field name="description" label="Description" maxlength="160" :value="$edit?->description" />
        @foreach ($kind->fields() as $field)
            @php $typed = App\Desks\Kit\ShelfDesk::typed($edit, $field); @endphp
            @if ($field->type === 'yes')
                <x-field :name="$field->name" :label="ucfirst($field->label)" type="select">
                    @foreach (['no', 'yes'] as $o)
                        <option @selected(old($field->name, $typed ?: 'no') === $o)>{{ $o }}</option>
                    @endforeach
                </x-field>
            @else<x-field :name="$field->name" :label="ucfirst($field->label)" :value="$typed"
                :class="$field->type === 'number' ? 'figures' : ''" :inputmode="$field->type === 'number' ? 'decimal' : 'text'" />
            @endif
        @endforeach
        <x-field name="weight_g" label="Weight, g" class="figures" inputmode="numeric" :value="$edit?->weight_g" />
        <x-field name="lead_days" label="Another takes, days" class="figures" inputmode="numeric" :value="$edit?->lead_days" />
        <x-field name="ownership" label="Whose" type="select">
            @foreach (App\Models\Kit\Item::OWNERSHIPS as $o)
                <option @selected(old('ownership', $edit?->ownership) === $o)>{{ $o }}</option>
            @endforeach
        </x-field>
        <x-field name="from_whom" label="From whom" maxlength="80" :value="$edit?->from_whom" />
        <x-field name="due_on" label="Due back" type="date" :value="$edit?->due_on" />
        <x-field name="bought_on" label="Bought" type="date" :value="$edit?->bought_on" />
        <div class="self-end"><button class="button main">{{ $edit ? 'Keep' : 'Put it on the shelf' }}</button></div>
    </x-form>
    <div class="flex flex-wrap gap-3 items-end mb-4">
        <a class="button" href="/shelf/table">Table of the shelf</a>
        <a class="button" href="/shelf/labels">Labels to print</a>
        <x-form action="/shelf/import" enctype="multipart/form-data" hx-encoding="multipart/form-data"
            class="flex flex-wrap gap-2 items-end">
            <div class="w-72"><x-field id="shelf-file" name="file" label="or take a table (.csv)" type="file"
                    accept=".csv,text/csv" /></div><button class="button">Take it</button>
        </x-form>
        @if ($items->isEmpty())
            <x-form action="/shelf/starter"><button class="button main">Begin with a starter shelf</button></x-form>
        @endif
    </div>
    <div class="grid gap-3 md:grid-cols-2">
        @foreach ($items as $name => $group)
            <section class="slab">
                <h2 class="mb-1">{{ ucfirst($name) }} <span class="figures text-faint">{{ count($group) }}</span></h2>
                <ul>
                    @foreach ($group as $item)
                        @php
                            $one = $gear[$item->id];
                            $test = $tests[$item->id] ?? null;
                        @endphp
                        <li class="border-t border-rule py-1 flex items-center gap-2"><span
                                class="flex-1 min-w-0"><b>{{ $item->label }}</b> <span
                                    class="text-faint text-sm">{{ $item->description }}{{
                                        $item->card ? ' ' . $item->card->capacity_gb . ' GB' : '' }}{{ $item->focal_min_mm
                                            ? ' ' .
                                                $item->focal_min_mm .
                                                ($item->focal_max_mm !== $item->focal_min_mm ? '–' . $item->focal_max_mm : '') .
                                                ' mm'
                                            : '' }}
                                    · {{ $one->grams() }}
                                    g{{ $item->weight_g === null ? ' (usual)' : '' }}{{ $item->ownership !== 'owned'
                                                ? ' · ' .
                                                    $item->ownership .
                                                    ' from ' .
                                                    $item->from_whom .
                                                    ($item->due_on ? ' until ' . $item->due_on : '')
                                                : '' }}{{
                                                    $test ? ' · ' . ($test->isPassed ? 'tested ' : 'failed ') . $test->on : '' }}</span></span>
                            @if ($item->ownership !== 'owned')
                                @post('/shelf/' . $item->id . '/back')
                                    <button class="button quiet small" aria-label="{{ $item->label }} went back">Went back</button>
                                @endpost
                            @endif
                            <a class="button quiet small" href="/shelf?edit={{ $item->id }}"
                                aria-label="Edit {{ $item->label }}">Edit</a>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
</x-page>
