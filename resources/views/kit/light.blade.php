<x-page title="Will the flash do?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="light" />
    @isset($wrong['all'])
        <div class="note bad mb-3" role="alert">{{ $wrong['all'] }}</div>
    @endisset
    <form method="get" action="/jobs/{{ $job->id }}/light" class="grid gap-4">
        <section class="slab grid gap-4 lg:grid-cols-[27rem_1fr]">
            <figure>
                @if ($flash)
                    <svg class="w-full max-w-[27rem]" viewBox="0 0 420 300" role="img"
                        aria-label="From above: the camera below, people {{ $v['people'] }} m away, the light {{
                            round($flash->edge->asideM, 1) }} m to the side, {{ $flash->edge->isOutside
                                ? 'just outside the frame'
                                : 'and so near as was asked it would stand in the frame' }}">
                        <polygon class="frame-cone" points="{{ $flash->drawing->frame() }}" />
                        @foreach ($flash->drawing->people() as $head)
                            <circle class="head" cx="{{ $head->x }}" cy="{{ $head->y }}" r="8" />
                        @endforeach
                        @php
                            $l = $flash->drawing->light();
                            $c = $flash->drawing->camera();
                        @endphp
                        <line class="ray" x1="{{ $l->x }}" y1="{{ $l->y }}" x2="{{ $l->toX }}"
                            y2="{{ $l->toY }}" />
                        <rect class="lamp" x="{{ $l->x - 11 }}" y="{{ $l->y - 7 }}" width="22" height="14"
                            rx="3" />
                        <rect class="cam" x="{{ $c->x - 13 }}" y="{{ $c->y - 4 }}" width="26" height="15"
                            rx="3" />
                    </svg>
                    <figcaption class="text-sm text-faint">From above.
                        {{ $flash->edge->isOutside
                                ? 'The light is just out of the picture'
                                : 'So near it cannot be out of the picture; the nearest that can is' }}
                        {{ round($flash->edge->asideM, 1) }} m to the side and {{ round($flash->edge->alongM, 1) }} m from the camera:
                        half the frame is {{ round($flash->edge->halfWidthM, 1) }} m wide there, then half the light and a hand’s
                        breadth.</figcaption>
                @endif
            </figure>
            <div class="grid gap-3 grid-cols-2 sm:grid-cols-3 items-start content-start">
                <x-field name="segment" label="Light of" type="select">
                    @foreach ($stretches as $one)
                        <option
                            value="{{ $one->id }}" @selected($asked->segment?->id === $one->id)>{{ $one->clock }} {{ $one->title }}</option>
                    @endforeach
                </x-field>
                <x-field name="ev" label="Ambient, EV" class="figures" inputmode="decimal" :value="$typed['ev'] ?? ''"
                    placeholder="{{ $asked->ev }} forecast" />
                <x-field name="gun" label="Flash" type="select">
                    @foreach ($flashes as $one)
                        <option value="{{ $one->id }}" @selected($asked->gun?->id === $one->id)>{{ $one->label }}</option>
                    @endforeach
                </x-field>
                @foreach (['under' => 'Ambient under, stops', 'f' => 'f/', 'iso' => 'ISO', 'distance' => 'Light to face, m',
                        'lost' => 'Lost in cloth, stops'] as $name => $label)
                    <x-desk-field :name="$name" :label="$label" :value="$v[$name]" :typed="$typed[$name] ?? ''"
                        :wrong="$wrong[$name] ?? ''" />
                @endforeach
                <x-desk-field name="sync" label="Sync, 1/…s" :value="$asked->sync" />
                @foreach (['people' => 'Camera to people, m', 'focal' => 'Focal length, mm', 'light_width' => 'Light’s width, m',
                        'depth' => 'Front to back row, m', 'rim_power' => 'Second light, 1/… of its power',
                        'rim_distance' => 'Second light to face, m'] as $name => $label)
                    <x-desk-field :name="$name" :label="$label" :value="$v[$name]" :typed="$typed[$name] ?? ''"
                        :wrong="$wrong[$name] ?? ''" />
                @endforeach
                <button class="button main self-end">Work it out</button>
            </div>
        </section>
        @if ($flash)
            <section class="slab overflow-x-auto" tabindex="0" role="region" aria-label="Ways">
                <h2 class="mb-1">{{ $asked->isExample ? 'As an example: ' : '' }}{{
                    $flash->plan->breaksSync ? 'it breaks the sync speed; what mends it' : 'it synchronises' }}</h2>
                <table class="grid-table">
                    <tbody>
                        @foreach ($flash->plan->ways as $way)
                            <tr>
                                <th scope="row" class="whitespace-nowrap">{{ ucfirst($way->name) }}</th>
                                <td>{{ $way->says() }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
        @if ($rest)
            <div class="grid gap-4 lg:grid-cols-2">
                <section class="slab">
                    <h2 class="mb-2">Panning and freezing</h2>
                    <div class="grid gap-3 grid-cols-2 sm:grid-cols-4">
                        @foreach (['speed' => 'Speed, m/s', 'away' => 'Away, m', 'pan_focal' => 'Focal, mm',
                                'pan_shutter' => 'Shutter, 1/…s'] as $name => $label)
                            <x-desk-field :name="$name" :label="$label" :value="$v[$name]" :typed="$typed[$name] ?? ''"
                                :wrong="$wrong[$name] ?? ''" />
                        @endforeach
                    </div>
                    <p class="mt-2">You turn {{ round($rest->pan->degreesPerSecond) }}° a second; the ground streaks over
                        {{ round($rest->pan->groundBlurPx) }} pixels.
                        {{ $rest->pan->tries === null
                                    ? 'Hardly any try will be sharp: a shorter shutter.'
                                    : ($rest->pan->tries === 1
                                        ? 'One try will do.'
                                        : 'Expect ' .
                                            round(100 * $rest->pan->sharpShare) .
                                            ' of 100 tries to be sharp: ' .
                                            $rest->pan->tries .
                                            ' tries for one in nine cases of ten.') }}
                    </p>
                    <p class="mt-1">Not followed, it freezes within two pixels at 1/{{ round(1 / $rest->freeze) }} s.</p>
                </section>
                <section class="slab">
                    <h2 class="mb-2">A room from its corner</h2>
                    <div class="grid gap-3 grid-cols-2 sm:grid-cols-5">
                        @foreach (['room_width' => 'Width, m', 'room_length' => 'Length, m', 'room_focal' => 'Focal, mm',
                                'near' => 'Near, m', 'far' => 'Far, m'] as $name => $label)
                            <x-desk-field :name="$name" :label="$label" :value="$v[$name]" :typed="$typed[$name] ?? ''"
                                :wrong="$wrong[$name] ?? ''" />
                        @endforeach
                    </div>
                    <p class="mt-2">{{ round($v['room_focal']) }} mm sees {{ round($rest->fit->seesDeg) }}° of the
                        {{ round($rest->fit->fromCornerDeg) }}° that lie before the
                        corner{{ $rest->fit->missingDeg() > 0
                                    ? ': ' .
                                        round($rest->fit->missingDeg()) .
                                        '° are missing; ' .
                                        round($rest->fit->focalForCornerMm, 1) .
                                        ' mm takes it all'
                                    : '' }}.
                        The far wall alone wants {{ round($rest->fit->focalForWallMm) }} mm or shorter from the wall opposite.</p>
                    <p class="mt-1">Focus at {{ round($rest->best->focusM, 1) }} m and stop down to f/{{ $rest->best->bestStop }}:
                        further down diffraction costs more than depth gains (blur {{ round($rest->best->blurUm) }} µm, of that
                        {{ round($rest->best->airyUm) }} µm diffraction). Level, two-second timer, bracket.</p>
                </section>
            </div>
            <section class="slab">
                <h2 class="mb-2">A camera that stands alone{{ $asked->segment ? ' until “' . $asked->segment->title . '”' : '' }}</h2>
                <div class="grid gap-3 grid-cols-2 sm:grid-cols-4 mb-2">
                    <x-field name="where" label="Mounted where" :value="$typed['where'] ?? ''" maxlength="120" />
                    @foreach (['bearing' => 'Points to, °', 'alone' => 'Mounted, h before',
                            'shots' => 'Frames of the main camera', 'walk' => 'Walk to it, min', 'mounting' => 'To mount it, min',
                            'fetching' => 'To take it down, min'] as $name => $label)
                        <x-desk-field :name="$name" :label="$label" :value="$v[$name]" :typed="$typed[$name] ?? ''"
                            :wrong="$wrong[$name] ?? ''" />
                    @endforeach
                    <button class="button self-end">Work it out</button>
                </div>
                @if ($remote)
                    @foreach ($remote->verdicts() as $verdict)
                        <article class="verdict plain {{ $verdict->severity->value }}" data-code="{{ $verdict->code }}"><x-severity-mark
                                :severity="$verdict->severity" />
                            <h3>{{ $verdict->finding }}</h3>
                            <p>{{ $verdict->because }}</p>
                        </article>
                    @endforeach
                    <p class="mt-2 flex flex-wrap gap-2"><a class="button" href="/jobs/{{ $job->id }}/light/sheet?{{ $sheet }}">The sheet that
                            goes with it</a><button class="button" form="keep-camera">Keep this camera</button></p>
                @elseif ($asked->isExample)
                    <p class="text-faint">Put in where it points and for how long, and its light, cells and cards are worked out.</p>
                @else<p class="text-faint">It wants a place with coordinates and a body on the list.</p>
                @endif
            </section>
        @endif
    </form>
    @if ($remote)
        <form method="post" id="keep-camera" action="/jobs/{{ $job->id }}/light/cameras?{{ $sheet }}">@csrf</form>
    @endif
    @error('where')
        <p class="note bad mt-3" role="alert">{{ $message }}</p>
    @enderror
    @if ($kept !== [])
        <section class="slab mt-4" id="alone">
            <h2 class="mb-2">Cameras that stand alone, kept</h2>
            @foreach ($kept as $camera)
                <div class="border-t border-rule py-2">
                    <div class="flex flex-wrap gap-2 items-center"><b>{{ $camera->where }}</b>
                        <span class="figures">{{ $camera->when }}</span>
                        <span class="flex-1"></span>
                        <a class="button small" href="/jobs/{{ $job->id }}/light?{{ $camera->query }}">Open</a>
                        <a class="button small" href="/jobs/{{ $job->id }}/light/sheet?{{ $camera->query }}">Sheet</a>
                        <x-form :action="'/asks/' . $camera->ask" method="delete">
                            <button class="button quiet small">Take it back</button>
                        </x-form>
                    </div>
                    <ul class="text-sm">
                        @foreach ($camera->verdicts as $verdict)
                            <li data-code="{{ $verdict->code }}">{{ $verdict->finding }}</li>
                        @endforeach
                    </ul>
                </div>
            @endforeach
        </section>
    @endif
    <p class="text-sm text-faint mt-3">Stands weighted and taped, never boomed overnight; battery packs and mains away from water; what
        hangs overhead has a second cable. Local codes and licensed riggers decide.</p>
</x-page>
