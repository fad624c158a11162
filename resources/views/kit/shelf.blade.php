<x-page title="What is on the shelf?" :verdicts="$verdicts">
    @if ($items->isEmpty())
        <div class="slab mb-4 flex flex-wrap gap-3 items-center">
            <p class="flex-1 basis-64">Nothing is on it yet. Put in what you own, a table of it, or begin with a usual kit and change it.</p>
            <x-form action="/shelf/starter"><button class="button main">Begin with a starter shelf</button></x-form>
        </div>
    @elseif ($edit === null && $errors->isEmpty())
        <p class="mb-3"><a class="button" href="#new">Put something new on it</a></p>
        @include('kit._shelf-list')
    @endif
    <div class="flex flex-wrap gap-2 mb-3 mt-4" role="group" aria-label="Kind" id="new">
        @foreach ($kinds as $one)
            <a class="chip" href="/shelf?kind={{ urlencode($one->value) }}#new"
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
            @foreach (NorthSatchel\Kit\Shelf\Ownership::cases() as $o)
                <option @selected(old('ownership', $edit?->ownership->value) === $o->value)>{{ $o->value }}</option>
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
    </div>
    @if ($items->isNotEmpty() && ($edit !== null || $errors->isNotEmpty()))
        @include('kit._shelf-list')
    @endif
</x-page>
