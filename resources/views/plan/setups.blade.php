<x-page title="What lights each setup?" :job="$job" phase="plan" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="setups" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($drawing)
        <nav class="flex flex-wrap gap-2 mb-2" aria-label="Setups">
            @foreach ($lights as $one)
                <a @class(['button', 'small', 'main' => $one === $light]) href="?setup={{ urlencode($one->setup) }}"
                    @if ($one === $light) aria-current="true" @endif>{{ $one->setup }}</a>
            @endforeach
        </nav>
        <figure class="slab mb-4">
            <div class="grid gap-3 lg:grid-cols-2">
                <div>
                    <p class="text-sm text-faint">From above, the camera below</p>
                    @include('plan._light', ['isAbove' => true])
                </div>
                <div>
                    <p class="text-sm text-faint">From the side</p>
                    @include('plan._light', ['isAbove' => false])
                </div>
            </div>
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">What</th>
                        <th scope="col">Where</th>
                        <th scope="col">High</th>
                        <th scope="col">Looks</th>
                        @if ($beside)
                            <th scope="col">In {{ $beside->setup }}</th>
                        @endif
                    </tr>
                </thead>
                <tbody>
                    @foreach ($light->pieces as $piece)
                        <tr>
                            <th scope="row">{{ $piece->name }}</th>
                            <td class="figures">{{ $piece->whereSays() }}</td>
                            <td class="figures">{{ $piece->heightM === null ? '' : number_format($piece->heightM, 2) . ' m' }}</td>
                            <td class="figures">{{ $piece->lightSays($light->subjectHeightM()) }}</td>
                            @if ($beside)
                                <td>{{ $difference->says($piece) }}</td>
                            @endif
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($light->keyAboveFill() !== null)
                <p class="figures mt-2">The key is {{ number_format($light->keyAboveFill(), 1) }} stops above the fill at the subject, by
                    distance and power.</p>
            @endif
            @if (count($lights) > 1)
                <form class="flex flex-wrap gap-2 items-end mt-3" method="get">
                    <input type="hidden" name="setup" value="{{ $light->setup }}">
                    <x-field name="beside" label="Against" type="select">
                        <option value="">nothing</option>
                        @foreach ($lights as $one)
                            @continue($one === $light)
                            <option @selected($one === $beside)>{{ $one->setup }}</option>
                        @endforeach
                    </x-field>
                    <button class="button">Compare</button>
                </form>
            @endif
            @if ($beside)
                <p class="text-sm text-faint mt-2">Drawn over it, broken: what is other in {{ $beside->setup }}.
                    @if ($difference->onlyTo !== [])
                        Only there: {{ implode(', ', array_map(fn($p) => $p->name, $difference->onlyTo)) }}.
                    @endif
                </p>
            @endif
        </figure>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/setups" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="lights" label="Each setup, and further in what stands there" type="textarea" rows="12" class="mono" :value="$record->lights"
            hint="Key, 1.8 m away, 45° left, 2.2 m high, 1/4 power, 400 Ws, softbox 60 cm. Also
            Subject, Camera (100 mm), Background, Card, Black, Flag; boom; loses 1 stop." />
        <x-field name="measured" label="Measured again in the morning, written in the same way" type="textarea" rows="5" class="mono"
            :value="$record->measured" />
        <p class="text-sm text-faint">Distances along the floor from the subject, angles around it from the camera, as the camera sees it. What
            stays overnight is lowered, weighted or secured, and no boom stays up. Lamps that stay hot cool down before they are touched or
            covered; the house's electrician decides about its circuits.</p>
        <div><button class="button main">Keep and compare</button></div>
    </form>
</x-page>
