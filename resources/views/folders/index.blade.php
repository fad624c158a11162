<x-page title="Where may the program look, and where do copies go?">
    <div class="grid gap-4 lg:grid-cols-2">
        <section class="slab">
            <h2 class="mb-1">Allowed folders</h2>
            <p class="text-faint text-sm mb-2">The program reads and writes only below these. Allow the folder under which your cards and drives are mounted.</p>
            <ul>
                <li class="border-t border-rule py-2 figures">{{ $standIns }} <span class="text-faint text-sm">the stand-ins</span></li>
                @foreach ($roots as $root)<li class="border-t border-rule py-1 flex items-center justify-between figures">{{ $root->path }}<x-form :action="'/folders/'.$root->id" method="delete"><button class="button quiet">Forget</button></x-form></li>@endforeach
            </ul>
            <x-form action="/folders" class="flex gap-2 items-start mt-2"><input type="hidden" name="_form" value="root"><div class="flex-1"><x-field bag="root" name="path" label="Allow another folder" placeholder="/media" required /></div><button class="button mt-6">Allow</button></x-form>
        </section>
        <section class="slab">
            <h2 class="mb-1">Destinations</h2>
            <ul>@foreach ($destinations as $destination)<li class="border-t border-rule py-2"><b>{{ $destination->name }}</b> <span class="text-faint text-sm">{{ $keptWords[$destination->kept] ?? $destination->kept }}</span><br><span class="figures text-sm">{{ $destination->folder }}</span></li>@endforeach</ul>
            <x-form action="/destinations" class="grid gap-2 mt-2">
                <input type="hidden" name="_form" value="destination">
                <div class="grid gap-2 sm:grid-cols-2"><x-field bag="destination" name="name" label="Name" required maxlength="60" /><x-field bag="destination" name="kept" label="Kept" type="select">@foreach ($keptWords as $kept => $word)<option value="{{ $kept }}">{{ $word }}</option>@endforeach</x-field></div>
                <x-field bag="destination" id="f-folder" name="folder" label="Folder" :value="$at" required />
                <div><button class="button">Add the destination</button></div>
            </x-form>
        </section>
        <section class="slab lg:col-span-2">
            <h2 class="mb-1">Look around</h2>
            <p class="figures mb-2">{{ $at }}</p>
            @if ($problem)<p class="wrong" role="alert">{{ $problem }}</p>@endif
            <div class="flex flex-wrap gap-2">
                @if ($up)<a class="button" href="/folders?{{ http_build_query(['at' => $up, 'for' => $for]) }}">↑ up</a>@endif
                @foreach ($below as $name)<a class="button" href="/folders?{{ http_build_query(['at' => $at.'/'.$name, 'for' => $for]) }}">{{ $name }}</a>@endforeach
                @if (! $below && ! $problem)<span class="text-faint">No folder below.</span>@endif
            </div>
            @if ($forCard)
                <x-form :action="'/cards/'.$forCard->id.'/folder'" class="mt-3"><input type="hidden" name="folder" value="{{ $at }}"><button class="button main">{{ $forCard->item->label }} is mounted here</button></x-form>
                @error('folder')<p class="wrong">{{ $message }}</p>@enderror
            @endif
        </section>
    </div>
</x-page>
