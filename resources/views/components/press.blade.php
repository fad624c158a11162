@props(['job', 'kind', 'on'])
@php
    $all = ['job' => $job->id, ...$on];
@endphp
<form method="post" action="/events" data-tap="{{ $kind }}" data-on="{{ json_encode($all) }}">
    @csrf<input type="hidden" name="kind" value="{{ $kind }}">
    @foreach ($all as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <button class="button">{{ $slot }}</button>
</form>
