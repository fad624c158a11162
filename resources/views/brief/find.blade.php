<x-page title="What are you looking for?">
    <form method="get" action="/find" class="flex gap-2 items-end max-w-xl mb-4" role="search">
        <div class="flex-1"><x-field name="q" label="A word from a job, a name, a shot, a thing on the shelf" :value="$words" autofocus
                data-key="n" /></div>
        <button class="button main">Find</button>
    </form>
    @if ($words !== '' && $found === [])
        <p>Nothing holds “{{ $words }}”.</p>
    @endif
    <ul class="grid gap-1 max-w-3xl">
        @foreach ($found as $hit)
            <li class="slab flex gap-3 items-baseline !py-2"><span class="text-faint text-sm w-20 shrink-0">{{ $hit->what }}</span><a
                    href="{{ $hit->url }}">{{ $hit->text }}</a><span class="text-faint text-sm">{{ $hit->more }}</span></li>
        @endforeach
    </ul>
</x-page>
