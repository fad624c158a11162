<x-page title="Is it sharp, pixel for pixel?" :job="$job" phase="cards">
    <p class="mb-3"><a href="/jobs/{{ $job->id }}/cards">All cards</a> · <b>{{ $card->item->label }}</b> <span
            class="text-faint">{{ $life->look === null
                        ? 'not looked at since it was sealed'
                        : $life->look->frames .
                            ' frames looked at since it was sealed' .
                            ($life->look->isPassed()
                                ? ''
                                : ', with trouble: ' . implode(', ', $life->look->bad) . ' ' . $life->look->words) }}</span>
    </p>
    @if ($sample === [])
        <div class="slab mb-4">
            <p>No jpeg of this card can be shown here: look at it in the camera or in your raw developer, and say so.</p>
        </div>
    @else
        <ol class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3 mb-4">
            @foreach ($sample as $frame)
                <li class="slab min-w-0">
                    <div class="look-pane" tabindex="0" role="region" aria-label="{{ $frame->name }}, its middle at 1:1"><img
                            src="/frames/{{ $frame->id }}/actual" alt="{{ $frame->name }}, its middle, pixel for pixel" loading="lazy">
                    </div>
                    <p class="mt-1"><b class="figures">{{ $frame->name }}</b> <span
                            class="text-faint text-sm">{{ $frame->why }}</span></p><label class="tick"><input type="checkbox"
                            name="bad[]" value="{{ $frame->name }}"
                                form="look" @checked(in_array($frame->name, old('bad', []), true))> not as wanted</label>
                </li>
            @endforeach
        </ol>
    @endif
    <x-form :action="'/jobs/' . $job->id . '/cards/' . $card->id . '/look'" id="look" class="slab grid gap-2">
        <x-field name="words" label="What you saw" maxlength="500" />
        <div class="flex flex-wrap gap-2">
            <button class="button main" name="result" value="well">All is well</button>
            <button class="button" name="result" value="trouble">Something is wrong</button>
            <button class="button quiet" name="result" value="anyway">Something is wrong, and it may go all the same</button>
        </div>
        <p class="text-sm text-faint">Tick the frames that are not as wanted. What is wrong keeps the card from its permit, until it was
            shot again or you say in your words why it may go all the same; the permit names it then.</p>
    </x-form>
    <p class="text-sm text-faint mt-3">The middle of each frame, one pixel to one: the frames that differ between the cards, those with less
        detail than their neighbours, the first, the last, and some in between. The card is opened for reading only.</p>
</x-page>
