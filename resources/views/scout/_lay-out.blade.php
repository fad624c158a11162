<x-form :action="'/jobs/' . $job->id . '/ground'" class="slab grid gap-3 sm:grid-cols-[2fr_auto] items-end max-w-[40rem]">
    <x-field name="kind" :label="'What lies at ' . $job->place->name . '?'" type="select">
        @foreach ($kinds as $kind)
            <option value="{{ $kind->value }}" @selected(old('kind', $likely->value) === $kind->value)>
                {{ $kind->label() }}, {{ $kind->lengthM() }} × {{ $kind->widthM() }} m</option>
        @endforeach
    </x-field>
    <button class="button main">{{ $button }}</button>
    @if ($record)
        <label class="tick sm:col-span-2"><input type="checkbox" name="anew" value="1"> What is typed here goes, for this place and every
            job at it</label>
    @endif
</x-form>
