{{-- A link that opens a form in its place on this page, and is an ordinary link without scripts. --}}
@props(['at'])
<a href="{{ $at }}" hx-get="{{ $at }}" hx-target="#work" hx-select="#work" hx-swap="outerHTML show:none"
    {{ $attributes->class('button') }}>{{ $slot }}</a>
