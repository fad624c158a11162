<x-page title="Who, what, where, when?" :job="$job" phase="wrap" :verdicts="$verdicts">
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/frames">All frames</a>
        <a class="button" href="/jobs/{{ $job->id }}/send">The editor's desk</a>
        @if ($job->kind->hasPosts())
            <a class="button" href="/jobs/{{ $job->id }}/roster">The roster</a>
        @endif
    </p>
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst(str_replace('_', ' ', $wrong->field)) }} {{ $wrong->must }}.</p>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/captions" class="slab grid gap-3 mb-4">
        @csrf
        @method('put')
        <x-field name="captions" label="Captions, a line each" type="textarea" rows="8" :value="$record->captions"
            hint="18:42 k7 scores: for what is taken from then on, ten minutes at most. NSA_0123: for one frame. Codes of the roster grow
            into names; place and day are added." />
        <div><button class="button main">Keep them</button></div>
    </form>
    @if ($count === 0)
        <p>No frame is indexed yet: read a card, or copy it, and its frames stand here.</p>
    @else
        <section class="slab overflow-x-auto mb-4" tabindex="0" role="region" aria-label="Captions by frame">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Frame</th>
                        <th scope="col">Taken</th>
                        <th scope="col">Caption</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($frames as $one)
                        <tr>
                            <th scope="row" class="figures">{{ $one->frame->name }}</th>
                            <td class="figures">{{ $one->frame->face($zone) }}</td>
                            <td>{{ $one->caption->text }}
                                @foreach ($one->unclear as $why)
                                    <span class="block text-signal">{{ ucfirst($why) }}.</span>
                                @endforeach
                                @foreach ($one->doubts as $why)
                                    <span class="block text-faint">{{ ucfirst($why) }}.</span>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($pages > 1)
                <p class="mt-3 flex gap-2">
                    @if ($page > 1)
                        <a class="button" href="?page={{ $page - 1 }}">Earlier</a>
                    @endif
                    <span class="self-center figures">{{ $page }} of {{ $pages }}</span>
                    @if ($page < $pages)
                        <a class="button" href="?page={{ $page + 1 }}">Later</a>
                    @endif
                </p>
            @endif
        </section>
        <form method="post" action="/jobs/{{ $job->id }}/captions/sidecars"
            class="slab grid gap-3 sm:grid-cols-[1fr_2fr_auto] items-end">@csrf
            <x-field name="creator" label="Creator" maxlength="120" />
            <x-field name="copyright" label="Copyright" maxlength="200" />
            <button class="button">Captions as sidecars (.xmp) in a zip</button>
        </form>
    @endif
</x-page>
