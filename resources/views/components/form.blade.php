@props(['action', 'method' => 'post'])
<form method="post" action="{{ $action }}" hx-post="{{ $action }}" hx-target="#work" hx-select="#work" hx-swap="outerHTML show:none"
    {{ $attributes }}>
    @csrf
    @if ($method !== 'post')
        @method($method)
    @endif
    {{ $slot }}
</form>
