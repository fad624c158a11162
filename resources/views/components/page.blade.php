@props(['title', 'job' => null, 'phase' => null, 'verdicts' => null, 'order' => null])
<!doctype html>
<html lang="en" @class(['dim' => $isDim])>

<x-head :title="$title . ($job ? ' · ' . $job->name : '') . ' · North Satchel'" :is-dim="$isDim" />
<body>
    <div id="work">
        <header class="strap">
            <div class="strap-row">
                <a class="strap-job" href="/" data-key="j">
                    @if ($job)
                        <b>{{ $job->name }}</b>
                        <span
                            class="figures text-sm">{{ $days > 0
                                        ? $days . ($days === 1 ? ' day to go' : ' days to go')
                                        : ($days === 0
                                            ? 'today'
                                            : abs($days) . ' days ago') }}</span>
                    @else
                        <b>North Satchel</b><span class="text-sm">the jobs</span>
                    @endif
                </a>
                <nav class="contents" aria-label="Phases of the job">
                    <ol class="strap-holes">
                        @foreach ($holes as $index => $hole)
                            <li>
                                @if ($hole->isThere)
                                    <a href="/jobs/{{ $job->id }}/{{ $hole->phase }}" data-key="{{ $index + 1 }}"
                                        @if ($hole->phase === $phase) aria-current="page" @endif>
                                        <x-hole :ready="$hole->isReady" :safe="$hole->isSafe" />
                                        <span>{{ ucfirst($hole->phase) }}@if ($hole->left > 0)
                                                <span class="figures"
                                                    title="{{ $hole->left }} items not packed">{{ $hole->left }}<span
                                                        class="visually-hidden"> items not packed</span></span>
                                            @endif
                                        </span>
                                        @if ($hole->open > 0)
                                            <span class="strap-open" title="{{ $hole->open }} open">{{ $hole->open }}<span
                                                    class="visually-hidden"> open findings</span></span>
                                        @endif
                                    </a>
                                @else
                                    <span class="later" title="This phase is not part of this version yet"><x-hole
                                            :ready="false" :safe="false" /><span>{{ ucfirst($hole->phase) }}</span></span>
                                @endif
                            </li>
                        @endforeach
                    </ol>
                </nav>
                @auth
                    <div class="strap-tools">
                        <a href="/find" data-key="/">Find</a>
                        <a href="/shelf" data-key="s">Shelf</a>
                        <a href="/folders" data-key="f">Folders</a>
                        <form method="post" action="/look">@csrf<button data-key="l"
                                title="Change the look">{{ $isDim ? 'Paper' : 'Dim' }}</button></form>
                        <form method="post" action="/sign-out">@csrf<button>Sign out</button></form>
                    </div>
                @endauth
            </div>
        </header>
        <div @class(['desk', 'wide' => $verdicts === null])>
            <main class="sheet">
                <h1 class="mb-3">{{ $title }}</h1>
                <p id="waiting" class="note mb-3" role="status" hidden></p>
                <p id="refusal" class="note bad mb-3" role="alert" hidden></p>
                @if ($said)
                    <div class="note mb-3" role="status">{{ $said }}@if ($undo)
                            <x-form :action="$undo"><button class="button">Undo</button></x-form>
                        @endif
                    </div>
                @endif
                @foreach (['run', 'shoot', 'root', 'refused'] as $key)
                    @error($key)
                        <div class="note bad mb-3" role="alert">{{ $message }}</div>
                    @enderror
                @endforeach
                {{ $slot }}
            </main>
            @if ($verdicts !== null)
                @php $counts = $verdicts->counts(); @endphp
                <aside class="margin" aria-label="What the program finds">
                    <input class="margin-toggle" type="checkbox" id="margin-open" aria-label="Show the findings">
                    <div class="margin-bar"><span class="text-signal">{{ $counts['stop'] }} stop</span><span
                            class="text-amber">{{ $counts['fix'] }} fix</span><span class="text-lake">{{ $counts['mind'] }}
                            mind</span><span class="text-moss">{{ $counts['fine'] }} fine</span></div>
                    <h2 class="margin-title mb-1">Findings</h2>
                    <div class="margin-list">
                        @forelse ($verdicts as $verdict)
                        <x-verdict :verdict="$verdict" :job="$job" :order="$order" />@empty<p class="text-faint">Nothing to say.
                            </p>
                        @endforelse
                    </div>
                </aside>
            @endif
        </div>
        <dialog id="keys" class="m-auto p-6 rounded bg-leaf text-ink border-2 border-ink">
            <h2 class="mb-2">Keys</h2>
            <dl class="grid grid-cols-[3rem_1fr] gap-y-1 mb-4">
                <dt class="figures">1 – 9</dt>
                <dd>the phases of the strap</dd>
                <dt class="figures">j</dt>
                <dd>all jobs</dd>
                <dt class="figures">/</dt>
                <dd>find something</dd>
                <dt class="figures">s</dt>
                <dd>the shelf</dd>
                <dt class="figures">f</dt>
                <dd>folders and drives</dd>
                <dt class="figures">n</dt>
                <dd>the first field of a new line</dd>
                <dt class="figures">l</dt>
                <dd>paper or dim look</dd>
                <dt class="figures">?</dt>
                <dd>this list</dd>
            </dl>
            <button class="button" data-close>Close</button>
        </dialog>
    </div>
</body>

</html>
