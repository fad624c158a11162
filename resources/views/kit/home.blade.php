<x-page title="Is everything back?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="home" />
    <section class="slab mb-4">
        <h2 class="mb-1">Standing somewhere now</h2>
        <ul>
            @forelse ($standing as $one)
                <li class="border-t border-rule py-1">
                    <div class="flex flex-wrap gap-2 items-center"><span class="flex-1 basis-56"><b>{{ $one->label }}</b> at
                            {{ $one->place }} since {{ $one->clock }}@if ($one->marks !== [])
                                <span class="block text-faint text-sm figures">{{ $one->marksInWords() }}</span>
                            @endif
                        </span>
                        <span data-tapped><x-tick :job="$job" yes="fetched" no="fetched" :is="false" :on="['item' => $one->itemId]"
                                :words="['fetched', 'not fetched']">Fetched <span
                                    class="visually-hidden">{{ $one->label }}</span></x-tick></span>
                    </div>
                    @if ($one->marks !== [])
                        <x-form :action="'/jobs/' . $job->id . '/home/' . $one->itemId . '/measure'"
                            class="flex flex-wrap gap-2 items-end mt-1">
                            @foreach (['heightCm' => 'height, cm', 'angleDeg' => 'angle, °',
                                    'distanceCm' => 'distance, cm'] as $mark => $word)
                                @if (isset($one->marks[$mark]))
                                    <div class="w-28"><x-field :name="$mark" :id="$mark . '-' . $one->itemId" :label="$word" class="figures"
                                            inputmode="decimal" /></div>
                                @endif
                            @endforeach
                            <button class="button">Does it stand as it did?</button>
                        </x-form>
                    @endif
                </li>
                @empty<li class="text-faint">Nothing. What you put down and walk away from, note below.</li>
                @endforelse
            </ul>
        </section>
        <section class="slab mb-4">
            <h2 class="mb-2">Put something down</h2>
            <x-form :action="'/jobs/' . $job->id . '/home/placed'" class="grid gap-3 grid-cols-2 sm:grid-cols-3 items-start">
                <x-field name="item" label="What" type="select" data-key="n">
                    @foreach ($entries as $entry)
                        <option
                            value="{{ $entry->item_id }}" @selected((int) old('item') === $entry->item_id)>{{ $entry->item->label }}</option>
                    @endforeach
                </x-field>
                <x-field name="place" label="Where" list="places" required maxlength="80" />
                <datalist id="places">
                    @foreach ($places as $place)
                        <option value="{{ $place }}">
                    @endforeach
                </datalist>
                <x-field name="heightCm" label="Height, cm" class="figures" inputmode="decimal" />
                <x-field name="angleDeg" label="Angle, °" class="figures" inputmode="decimal" />
                <x-field name="distanceCm" label="Distance, cm" class="figures" inputmode="decimal" />
                <button class="button sm:mt-6">Note it</button>
            </x-form>
            <p class="text-sm text-faint mt-2">Marks are for lights that stay overnight: lowered or secured, never boomed, and measured again in
                the morning.@if ($leaving !== [])
                    The plan leaves {{ collect($leaving)->map(fn($at, $place) => $place . ' at ' . $at)->implode(', ') }}.
                @endif
            </p>
        </section>
        <section class="slab">
            <h2 class="mb-1">The count at the end <span
                    class="figures text-faint">{{ $entries->filter(fn($e) => $isHome($e->item_id))->count() }} of {{ $entries->count() }}
                    home</span></h2>
            <ul class="grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
                @foreach ($entries as $entry)
                    <li class="border-t border-rule" data-tapped><x-tick :job="$job" yes="home" no="away" :is="$isHome($entry->item_id)"
                            :on="['item' => $entry->item_id]"
                                :words="['home', 'not counted yet']"><b>{{ $entry->item->label }}</b></x-tick></li>
                @endforeach
            </ul>
        </section>
    </x-page>
