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
                                g{{ $item->weight_g === null ? ' (usual)' : '' }}{{ $item->ownership !== NorthSatchel\Kit\Shelf\Ownership::Owned
                                            ? ' · ' .
                                                $item->ownership->value .
                                                ' from ' .
                                                $item->from_whom .
                                                ($item->due_on ? ' until ' . $item->due_on : '')
                                            : '' }}{{
                                                $test ? ' · ' . ($test->isPassed ? 'tested ' : 'failed ') . $test->on : '' }}</span></span>
                        @if ($item->ownership !== NorthSatchel\Kit\Shelf\Ownership::Owned)
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
