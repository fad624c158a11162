<x-page title="What is on the shelf?">
    <x-form action="/shelf" class="slab grid gap-3 sm:grid-cols-4 items-start mb-4">
        <x-field name="kind" label="Kind" type="select">@foreach ($kinds as $kind)<option @selected(old('kind') === $kind)>{{ $kind }}</option>@endforeach</x-field>
        <x-field name="label" label="Label" required maxlength="60" data-key="n" />
        <div class="sm:col-span-2"><x-field name="description" label="Description" maxlength="160" /></div>
        <x-field name="focal_min_mm" label="Lens: from, mm" class="figures" inputmode="numeric" />
        <x-field name="focal_max_mm" label="to, mm" class="figures" inputmode="numeric" />
        <x-field name="cell_type" label="Cell type (cells and bodies)" />
        <x-field name="capacity_gb" label="Card: size, GB" class="figures" inputmode="decimal" />
        <x-field name="serial" label="Body: serial number" />
        <x-field name="raw_mb" label="Body: raw, MB a frame" class="figures" inputmode="decimal" />
        <x-field name="jpeg_mb" label="jpeg, MB a frame (0: none)" class="figures" inputmode="decimal" />
        <x-field name="frames_per_charge" label="frames a charge" class="figures" inputmode="numeric" />
        <x-field name="standby_hours_per_charge" label="standby hours a charge" class="figures" inputmode="decimal" />
        <div class="self-end"><button class="button main">Put it on the shelf</button></div>
    </x-form>
    <div class="grid gap-3 md:grid-cols-2 xl:grid-cols-4">
        @foreach ($items as $kind => $group)
            <section class="slab"><h2 class="mb-1">{{ ucfirst($kind) }} <span class="figures text-faint">{{ count($group) }}</span></h2>
                <ul>@foreach ($group as $item)<li class="border-t border-rule py-1"><b>{{ $item->label }}</b> <span class="text-faint text-sm">{{ $item->description }}{{ $item->card ? ' '.$item->card->capacity_gb.' GB' : '' }}{{ $item->focal_min_mm ? ' '.$item->focal_min_mm.($item->focal_max_mm !== $item->focal_min_mm ? '–'.$item->focal_max_mm : '').' mm' : '' }}</span></li>@endforeach</ul>
            </section>
        @endforeach
    </div>
</x-page>
