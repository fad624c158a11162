@props(['job', 'yes', 'no', 'is', 'on', 'words'])
@php
    $kind = $is ? $no : $yes;
    $all = ['job' => $job->id, ...$on];
@endphp
<form method="post" action="/events" class="flex-1" data-tap="{{ $kind }}" data-on="{{ json_encode($all) }}">
    @csrf<input type="hidden" name="kind" value="{{ $kind }}">
    @foreach ($all as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <button class="tick w-full text-left" aria-pressed="{{ $is ? 'true' : 'false' }}">
        <svg class="w-6 h-6 shrink-0" viewBox="0 0 24 24" aria-hidden="true">
            <rect x="2" y="2" width="20" height="20" rx="3" fill="var(--leaf)" stroke="var(--ink)" stroke-width="2" />
            @if ($is)
                <path d="M5 13l5 5L20 6" fill="none" stroke="var(--moss)" stroke-width="4" />
            @endif
        </svg>
        {{ $slot }} <span class="visually-hidden">{{ $words[$is ? 0 : 1] }}</span>
    </button>
</form>
