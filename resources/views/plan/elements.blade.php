<x-page title="Is every element in the can?" :job="$job" phase="plan" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="elements" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($board)
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="The board of elements, drawn">
                <svg class="board" viewBox="0 0 1000 {{ $board->height }}" role="img"
                    aria-label="{{ count($list->pictures) }} final pictures, {{ count($list->elements()) }} elements">
                    @foreach ($board->trays as $tray)
                        <rect class="tray" x="1" y="{{ $tray->y + 1 }}" width="998" height="{{ $tray->height - 2 }}" rx="6" />
                        <x-fitted class="tray-name" x="12" :y="$tray->y + 23" width="820" size="18" :text="$tray->name" />
                        <text class="tray-lacks" x="988" y="{{ $tray->y + 23 }}"
                            text-anchor="end">{{ $tray->lacks === 0 ? 'all in the can' : $tray->lacks . ' to take' }}</text>
                    @endforeach
                    <polyline class="thread"
                        points="{{ collect($board->thread)->map(fn($p) => round($p->x, 1) . ',' . round($p->y, 1))->implode(' ') }}" />
                    @foreach ($board->trays as $tray)
                        @foreach ($tray->cells as $cell)
                            <g>
                                <title>{{ $cell->element->title() }}: {{ $cell->says }}</title>
                                <rect class="{{ in_array(false, $cell->beads, true) ? 'cell' : 'cell is-full' }}" x="{{ $cell->x }}"
                                    y="{{ $cell->y }}" width="{{ $cell->width }}" height="{{ $cell->height }}" rx="4" />
                                <text>
                                    @foreach ($cell->name->lines as $line)
                                        <tspan x="{{ $cell->x + 8 }}" y="{{ $cell->y + 5 + $cell->name->size + $cell->name->dy($loop->index) }}"
                                            font-size="{{ $cell->name->size }}">{{ $line }}</tspan>
                                    @endforeach
                                </text>
                                @foreach ($cell->beads as $i => $isIn)
                                    <circle class="{{ $isIn ? 'bead' : 'dent' }}" cx="{{ $cell->x + 15 + 14.5 * $i }}"
                                        cy="{{ $cell->y + 56 }}" r="5.5" />
                                @endforeach
                                <x-fitted class="cell-says" :x="$cell->x + 8" :y="$cell->y + 82" :width="$cell->width - 14" size="13"
                                    :text="$cell->element->setup ?? 'no setup'" />
                                @if ($cell->turn !== null)
                                    <circle class="turn" cx="{{ $cell->x + $cell->width - 16 }}" cy="{{ $cell->y + 16 }}" r="12" />
                                    <text class="turn-number" x="{{ $cell->x + $cell->width - 16 }}" y="{{ $cell->y + 21 }}"
                                        text-anchor="middle" font-size="14">{{ $cell->turn }}</text>
                                @endif
                            </g>
                        @endforeach
                    @endforeach
                </svg>
            </div>
            <figcaption class="text-sm text-faint">A full bead is an alternative in the can, an open one is still to take; the numbers and
                the thread are the order of work.</figcaption>
        </figure>
        <section class="mb-4">
            <h2 class="mb-2">The order of work</h2>
            @if ($fresh > 0)
                <x-form :action="'/jobs/' . $job->id . '/elements/frames'" class="note mb-3 items-end">
                    <span class="self-center">{{ $fresh === 1 ? '1 frame was' : $fresh . ' frames were' }} written into the session folder since
                        the last press.</span>
                    <x-field name="element" label="They are of" type="select">
                        @foreach ($day->timed as $one)
                            <option value="{{ $one->element->id }}" @selected((int) old('element') === $one->element->id)>{{
                                $one->element->title() }}</option>
                        @endforeach
                    </x-field>
                    <div class="w-28"><x-field name="keepers" label="Keepers" value="1" inputmode="numeric" /></div>
                    <button class="button main">Count them</button>
                </x-form>
            @endif
            <ol class="slab">
                @foreach ($day->timed as $one)
                    @if ($one->changeFrom !== null || $loop->first)
                        <li class="pt-2 font-bold">{{ $one->element->setup }}
                            @if ($one->changeFrom !== null)
                                <span class="figures font-normal text-faint">{{ $one->changeSays() }}</span>
                            @endif
                        </li>
                    @endif
                    <li class="border-t border-rule py-1 flex flex-wrap gap-2 items-center" data-tapped>
                        <span class="flex-1 basis-56"><span class="figures inline-block w-28">{{ $one->says() }}</span>
                            <b>{{ $one->element->name }}</b> <span class="text-faint">{{ $one->element->picture }}</span>
                            <span class="block text-sm text-faint figures">{{ $count->keepers($one->element->id) }} of
                                {{ $one->element->wanted }}, {{ $count->tries($one->element->id) }} tried @if ($one->element->people !== [])
                                    · {{ implode(', ', $one->element->people) }}
                                @endif
                            </span></span>
                        <span class="flex flex-wrap gap-2">
                            <x-press :job="$job" kind="kept" :on="['element' => $one->element->id]">Keeper<span class="visually-hidden"> of
                                    {{ $one->element->title() }}</span></x-press>
                            <x-press :job="$job" kind="tried" :on="['element' => $one->element->id]">Not good<span class="visually-hidden">:
                                    {{ $one->element->title() }}</span></x-press>
                            @if ($count->tries($one->element->id) > 0)
                                <x-press :job="$job" kind="dropped" :on="['element' => $one->element->id]">Take back<span
                                        class="visually-hidden"> the last of {{ $one->element->title() }}</span></x-press>
                            @endif
                        </span>
                    </li>
                @endforeach
            </ol>
            @if ($day->people() !== [])
                <p class="text-sm mt-2">Who must be there: @foreach ($day->people() as $one)
                        {{ $loop->first ? '' : ' · ' }}<b>{{ $one->name }}</b> <span class="figures">{{ $one->says() }}</span>
                    @endforeach
                </p>
            @endif
        </section>
        <section class="slab mb-4">
            <h2 class="mb-2">Strike a setup</h2>
            <p class="mb-2 text-sm">Nothing is struck before its list is empty, or somebody says so in writing.</p>
            @foreach ($struck as $setup => [$number, $words])
                @if ($words !== null)
                    <p class="border-t border-rule py-2 flex flex-wrap gap-2 items-center" data-tapped><span class="flex-1"><b>{{ $setup }}</b>
                            is
                            struck{{ $words === '' ? '' : ': “' . $words . '”' }}.</span>
                        <x-press :job="$job" kind="stands" :on="['setup' => $number]">It stands again</x-press>
                    </p>
                @else
                    <x-form :action="'/jobs/' . $job->id . '/elements/strike'" class="border-t border-rule py-2 flex flex-wrap gap-2 items-end">
                        <input type="hidden" name="setup" value="{{ $setup }}">
                        <input type="hidden" name="_form" value="strike-{{ $number }}">
                        <span class="basis-40 self-center"><b>{{ $setup }}</b></span>
                        <div class="flex-1 basis-56"><x-field name="words" :id="'words-' . $number" :bag="'strike-' . $number"
                                label="Where something lacks: who says so, and why" maxlength="400" /></div>
                        <button class="button">Strike <span class="visually-hidden">{{ $setup }}</span></button>
                    </x-form>
                @endif
            @endforeach
            <p class="text-sm text-faint mt-2">No boom stays up overnight: lower, weight or secure what stays, and note its marks.</p>
        </section>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/elements" class="slab grid gap-3" id="list">
        @csrf
        @method('put')
        <p class="flex flex-wrap gap-2 items-center"><span>Begin with:</span>
            @foreach ($templates as $template)
                <a class="button small" href="?like={{ $template->value }}#list">{{ $template->label() }}</a>
            @endforeach
        </p>
        @if ($isOffered)
            <p class="note" role="status">A list to begin with stands at the end; nothing is kept yet.</p>
        @endif
        <x-field name="elements" label="Final pictures, their setups, their elements: each further in" type="textarea" rows="14" class="mono"
            :value="$text"
            hint="An element: Splash left ×3, 20 min, after Clean pack, with Ida, throws Bo, catches Ida, keeps dry Cia. What may be left out
             ends in “, nice”." />
        <x-field name="changes" label="From setup to setup, a line each" type="textarea" rows="3" :value="$record->changes"
            hint="Dark ground to Tank, 25 min: both ways, unless the other is listed too." />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="change_minutes" label="Minutes for any other change" :value="$record->change_minutes" inputmode="numeric" />
            <x-field name="begins_clock" label="The first picture" :value="$record->begins_clock ?? $begins" />
        </div>
        <div><button class="button main">Keep and work it out</button></div>
    </form>
</x-page>
