{{-- A segment in the list of the plan: when, what, who and where, and the buttons that move, change or remove it. --}}
@props(['row', 'day'])
@php $segment = $row->segment; @endphp
<div class="flex flex-wrap items-start gap-x-4">
    <span class="figures text-lg font-semibold leading-7">{{ $row->from }} – {{ $row->to }}</span>
    <div class="flex-1 basis-56 min-w-0">
        <h2 class="text-lg leading-7">
            {{ $segment->title }}
            <span class="priority {{ $segment->priority }} !min-w-0 font-normal">{{ $segment->priority }}</span>
        </h2>
        <p class="text-faint text-sm">
            {{ implode(' · ', $row->facts()) }}
            · <span class="figures">{{ implode(' · ', $row->figures()) }}</span>
        </p>
    </div>
    <span class="ml-auto flex flex-wrap">
        @unless ($segment->is_anchor)
            @foreach ([-5 => '−5', 5 => '+5'] as $minutes => $sign)
                @php $words = '5 minutes ' . ($minutes < 0 ? 'earlier' : 'later'); @endphp
                @post('/segments/' . $segment->id . '/shift')
                    <input type="hidden" name="minutes" value="{{ $minutes }}">
                    <button class="button quiet small" title="{{ $words }}" aria-label="{{ $segment->title }} {{ $words }}">{{ $sign }}</button>
                @endpost
            @endforeach
        @endunless
        <x-open class="quiet" :at="'?day=' . $day . '&edit=segment-' . $segment->id" aria-label="Edit {{ $segment->title }}">Edit</x-open>
        @post('/segments/' . $segment->id, 'delete')
            <button class="button quiet" aria-label="Remove {{ $segment->title }}">Remove</button>
        @endpost
    </span>
</div>
