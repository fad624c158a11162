@props(['verdict', 'job' => null, 'order' => null])
@php
    $way = match (true) {
        $verdict->remedy === null => null,
        $order && $verdict->remedy->action === 'days.order' => $order,
        default => App\Http\RemedyRoutes::of($verdict->remedy, $job),
    };
@endphp
<article class="verdict {{ $verdict->severity->value }}" data-code="{{ $verdict->code }}">
    <x-severity-mark :severity="$verdict->severity" />
    <span class="word">{{ ucfirst($verdict->severity->value) }}</span>
    <h3>{{ $verdict->finding }}</h3>
    <p>{{ $verdict->because }}</p>
    @if ($way && $way->isLink)
        <a class="button" href="{{ $way->url }}">{{ $verdict->remedy->label }}</a>
    @elseif ($way)
        <x-form :action="$way->url">
            @foreach ($way->fields as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <button class="button">{{ $verdict->remedy->label }}</button>
        </x-form>
    @endif
</article>
