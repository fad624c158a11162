@if ($run)
    <section class="slab mt-4" id="run" aria-label="Work under way" aria-live="polite"
        @if ($run['isActive']) hx-get="{{ $run['url'] }}" hx-trigger="every 700ms" hx-target="#work" hx-select="#work"
            hx-swap="outerHTML show:none" @endif>
        <h2>{{ $run['title'] }} <span class="figures text-faint font-normal">{{ $run['state'] }}</span></h2>
        @if ($run['isActive'])
            <svg class="progress my-1" viewBox="0 0 100 10" preserveAspectRatio="none" role="img"
                aria-label="{{ $run['percent'] }} per cent">
                <rect class="ground" width="100" height="10" vector-effect="non-scaling-stroke" />
                <rect class="fill" width="{{ $run['percent'] }}" height="10" />
            </svg>
            <p class="figures">{{ $run['percent'] }} % · {{ $run['pace'] }} · {{ $run['doing'] }}</p>
            @if ($run['isPausing'])
                <p class="text-faint">Pausing at the next moment …</p>
            @else
                @post('/jobs/' . $run['job'] . '/copies/pause')
                    <button class="button small">Pause</button>
                @endpost
            @endif
        @endif
        @if ($run['isPaused'])
            <div class="my-1">
                @post('/jobs/' . $run['job'] . '/copies/go-on')
                    <button class="button main">Go on where it was</button>
                @endpost
            </div>
        @endif
        <ul>
            @foreach ($run['report'] as $line)
                <li class="mt-1"><b
                        class="{{ $line['good'] ? 'text-moss' : 'text-signal' }}">{{ $line['good'] ? 'Good:' : 'Trouble:' }}</b>
                    {{ $line['text'] }}
                    @if (!empty($line['files']))
                        <ul class="ml-4 text-sm">
                            @foreach ($line['files'] as $file)
                                <li class="figures">{{ $file['name'] }}: {{ $file['a'] }} on the first, {{ $file['b'] }} on the
                                    second{{ $file['why'] ? ' (' . $file['why'] . ')' : '' }}</li>
                            @endforeach
                        </ul>
                    @endif
                </li>
            @endforeach
        </ul>
    </section>
@endif
