<x-page title="Of which product is each frame?" :job="$job" phase="wrap" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="boards" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($runs && $runs->products !== [])
        <div id="runs">
        @if ($frames === 0)
            <p class="mb-3">No frame is known yet: show the board in the first frame of each product. What a capture program writes into the
                <a href="/jobs/{{ $job->id }}/session">session folder</a> stands here as soon as it is whole; what lies on a card, once the card is
                read.</p>
        @else
            <section class="slab mb-4" @if ($runs->unread !== []) hx-get="/jobs/{{ $job->id }}/boards" hx-trigger="every 4s" hx-target="#runs"
                hx-select="#runs" hx-swap="outerHTML show:none" @endif>
                <p class="mb-2 figures">{{ $frames - count($runs->unread) }} of {{ $frames }} frames are looked through for boards.</p>
                @if ($runs->unread !== [] && $isThere)
                    <x-form :action="'/jobs/' . $job->id . '/boards/read'"><button class="button main">Read the boards</button></x-form>
                @elseif (!$isThere)
                    <p>The program that reads codes is missing on this machine: <code>sudo apt-get install zbar-tools</code>. Say by hand
                        until
                        then.</p>
                @endif
            </section>
        @endif
        <table class="grid-table slab mb-4">
            <thead>
                <tr>
                    <th scope="col">Board</th>
                    <th scope="col">Product</th>
                    <th scope="col">Frames</th>
                    <th scope="col">From, to</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($runs->products as $product)
                    @php $own = $runs->of[$product->number]; @endphp
                    <tr>
                        <td class="figures"><a href="/jobs/{{ $job->id }}/boards/{{ $product->number }}"><b>{{ $product->number }}</b><span
                                    class="visually-hidden"> as a board on this screen</span></a></td>
                        <th scope="row">{{ $product->name }}</th>
                        <td class="figures">{{ count($own) }} of {{ $product->wanted }}</td>
                        <td class="figures">{{ $own === [] ? '' : $own[0]->name . ', ' . end($own)->name }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        </div>
        @php $unclear = [...$runs->unclaimed, ...$runs->twoBoards]; @endphp
        @if ($unclear !== [])
            <section class="slab mb-4">
                <h2 class="mb-2">Whose are these?</h2>
                <p class="text-sm text-faint mb-2">What you say counts like a board: it holds from that frame to the next board.</p>
                <x-form :action="'/jobs/' . $job->id . '/boards/say'" class="flex flex-wrap gap-3 items-end">
                    <x-field name="frame" label="From this frame on" type="select">
                        @foreach ($unclear as $frame)
                            <option value="{{ $frame->id }}" @selected(old('frame') === $frame->id)>{{ $frame->name }}</option>
                        @endforeach
                    </x-field>
                    <x-field name="product" label="it is" type="select">
                        @foreach ($runs->products as $product)
                            <option value="{{ $product->number }}" @selected((int) old('product') === $product->number)>
                                {{ $product->number }} {{ $product->name }}</option>
                        @endforeach
                    </x-field>
                    <button class="button">Say so</button>
                </x-form>
                <ul class="flex flex-wrap gap-2 mt-3">
                    @foreach (array_slice($unclear, 0, 12) as $frame)
                        <li><img src="/jobs/{{ $job->id }}/boards/frames/{{ $frame->id }}" alt="{{ $frame->name }}" width="120" loading="lazy">
                            <span class="figures text-sm block">{{ $frame->name }}</span></li>
                    @endforeach
                </ul>
            </section>
        @endif
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/boards" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="products" label="Products in the order in which they are taken, a line each" type="textarea" rows="8"
            :value="$record->products" hint="42, Grey blanket, ×4: the number on its board, what it is, and how many frames are wanted." />
        <div class="flex flex-wrap gap-2"><button class="button main">Keep the products</button>
            @if ($runs && $runs->products !== [])
                <a class="button" href="/jobs/{{ $job->id }}/boards/print">Print the boards</a>
            @endif
        </div>
    </form>
</x-page>
