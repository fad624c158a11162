<x-page title="How high is it, and where does it stand?" :job="$job" phase="scout" :verdicts="$verdicts">
    <p class="mb-2"><a href="/jobs/{{ $job->id }}/scout?spot={{ $spot->id }}">{{ $spot->name }}</a> <span
            class="text-faint figures">{{ $picture->name }}{{ $picture->direction_deg === null
                        ? ''
                        : ' · looking ' .
                            round($picture->direction_deg) .
                            '°' .
                            ($picture->is_magnetic ? ' by compass, not true north' : '') }}{{
                                $picture->ev100 === null ? '' : ' · EV ' . round($picture->ev100, 1) }}{{
                                    $picture->focal35_mm ? ' · ' . $picture->focal35_mm . ' mm' : '' }}</span>
    </p>
    <div class="grid gap-4 lg:grid-cols-[minmax(0,auto)_minmax(16rem,1fr)] items-start">
        <div>
            <div class="tap-picture" data-taps>
                <img src="/pictures/{{ $picture->id }}" width="{{ $picture->width }}" height="{{ $picture->height }}"
                    alt="{{ $picture->name }}: tap the foot, the top, then one side of the thing">
                <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
                    <line class="level" x1="0" x2="1" y1=".5" y2=".5" vector-effect="non-scaling-stroke" />
                </svg>
                @foreach (['foot', 'top', 'edge'] as $tap)
                    <span class="tap-mark" data-mark="{{ $tap }}" hidden>{{ $tap === 'edge' ? 'side' : $tap }}</span>
                @endforeach
            </div>
            <p class="text-faint text-sm mb-2">Tap the foot of the thing, then its top, then one side of it. The line is the level: it must
                lie on the horizon, or the picture was tilted and the heights are off. Flat ground is taken for granted; a distance that you
                paced beats it.</p>
        </div>
        <div>
            @if ($measured)
                <div class="note mb-3 figures" role="status">It stands {{ round($measured->distanceM, 1) }} m
                    away{{ $measured->bearingDeg === null ? '' : ' at ' . round($measured->bearingDeg) . '°' }} and is
                    {{ round($measured->heightM, 1) }} m
                    high{{ $measured->widthM === null ? '' : ' and ' . round($measured->widthM, 1) . ' m wide' }}; its top stands
                    {{ round($measured->topDeg, 1) }}° above the level.</div>
            @endif
            <x-form :action="'/jobs/' . $job->id . '/pictures/' . $picture->id . '/measure'" class="slab grid gap-3 items-start">
                @foreach (['foot' => 'Foot', 'top' => 'Top', 'edge' => 'Side'] as $tap => $label)
                    <fieldset class="grid grid-cols-2 gap-2">
                        <legend class="text-sm font-bold">{{ $label }}</legend>
                        <x-field :id="'m-' . $tap . '-x'" :name="$tap . '_x'" label="across" class="figures" inputmode="decimal"
                            :data-tap-x="$tap" />
                        <x-field :id="'m-' . $tap . '-y'" :name="$tap . '_y'" label="down" class="figures" inputmode="decimal"
                            :data-tap-y="$tap" />
                    </fieldset>
                @endforeach
                <div class="grid gap-2 grid-cols-2">
                    <x-field id="m-eye" name="eye_m" label="Camera up, m" class="figures" value="1.6" inputmode="decimal"
                        required />
                    <x-field id="m-distance" name="distance_m" label="Away, m, if paced" class="figures" inputmode="decimal" />
                </div>
                @error('taps')
                    <p class="wrong">{{ $message }}</p>
                @enderror
                <div class="flex flex-wrap gap-2 items-end">
                    <button class="button main" name="keep" value="no">Measure</button>
                    <div class="w-48"><x-field id="m-name" name="name" label="Name of the thing" /></div>
                    <button class="button" name="keep" value="thing">Keep it as a thing</button>
                    <button class="button" name="keep" value="skyline">Its top is the skyline</button>
                    @if ($posts !== [])
                        <div class="w-48"><x-field id="m-post" name="post" label="Taken from the post" type="select">
                                @foreach ($posts as $post)
                                    <option @selected(old('post') === $post)>{{ $post }}</option>
                                @endforeach
                            </x-field></div>
                        <button class="button" name="keep" value="zone">Keep it as a zone of the ground</button>
                    @endif
                </div>
            </x-form>
        </div>
    </div>
</x-page>
