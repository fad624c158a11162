@php $place = $job?->place; @endphp
<div class="grid gap-4 lg:grid-cols-2">
    <fieldset class="slab grid gap-3 content-start">
        <legend class="font-bold px-1">Who and what</legend>
        <x-field name="name" label="Name of the job" :value="$job?->name" required maxlength="120" />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="kind" label="Kind" type="select">
                @foreach (NorthSatchel\JobKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected(old('kind', $job?->kind->value) === $kind->value)>
                        {{ $kind->label() }}</option>
                @endforeach
            </x-field>
            <x-field name="client" label="Client" :value="$job?->client" maxlength="120" />
        </div>
        <x-field name="people" label="People, one a line, the role after a comma" type="textarea" rows="5"
            hint="A heading such as “Bride’s family” or “Suppliers” says whose the lines below it are."
            :value="$job?->people->map(fn($p) => $p->name . ($p->role ? ', ' . $p->role : ''))->implode(PHP_EOL)" />
        <x-field name="must_haves" label="Must-haves, one a line" type="textarea" rows="4" :value="$job?->must_haves" />
        <x-field name="restrictions" label="Restrictions of the venue" type="textarea" rows="3" :value="$job?->restrictions"
            hint="where you may stand, flash or not, passes, forms" />
    </fieldset>
    <fieldset class="slab grid gap-3 content-start">
        <legend class="font-bold px-1">When and where</legend>
        <div class="grid gap-3 sm:grid-cols-[1.5fr_1fr_1fr]">
            <x-field name="date" label="Date" type="date" :value="$job?->date" required />
            <x-field name="covered_from" label="Covered from" class="figures" :value="$job?->covered_from" placeholder="10:00" required />
            <x-field name="covered_to" label="until" class="figures" :value="$job?->covered_to" placeholder="23:00"
                hint="after midnight: 25:30"
                required />
        </div>
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="appointment_from" label="May start from" class="figures" :value="$job?->appointment_from"
                hint="where there are several jobs that day" />
            <x-field name="appointment_to" label="and until" class="figures" :value="$job?->appointment_to" hint="left empty: as planned" />
        </div>
        <x-field name="place_name" label="Main place" :value="$place?->name" required maxlength="120" />
        <x-field name="where" label="Where: a town, coordinates, or a link from a map" list="towns" maxlength="500"
            :hint="$place?->latitude === null ? 'such as Visby; 57.63, 18.29; or geo:57.63,18.29' : 'it has coordinates; left empty they stay'"
            hx-get="/places/find" hx-trigger="input changed delay:250ms" hx-target="#towns" hx-swap="innerHTML" hx-params="where" />
        <datalist id="towns"></datalist>
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="latitude" label="Latitude, north positive" class="figures" :value="$place?->latitude" inputmode="decimal" />
            <x-field name="longitude" label="Longitude, east positive" class="figures" :value="$place?->longitude" inputmode="decimal" />
            <x-field name="timezone" label="Time zone" :value="$place?->timezone" list="zones"
                hint="left empty it follows from the place" />
            <x-field name="temperature_c" label="Temperature expected, °C" class="figures" :value="$job?->temperature_c ?? 15"
                inputmode="decimal" />
        </div>
    </fieldset>
    <label class="tick lg:col-span-2"><input type="checkbox" name="is_confidential"
        value="1" @checked(old('is_confidential', $job?->is_confidential))>
        Confidential: the words of this brief stay off every sheet but the photographers'</label>
    <p class="lg:col-span-2 text-sm text-faint">Towns: the GeoNames gazetteer (geonames.org), CC BY 4.0.</p>
</div>
<datalist id="zones">
    @foreach (timezone_identifiers_list() as $zone)
        <option value="{{ $zone }}"></option>
    @endforeach
</datalist>
