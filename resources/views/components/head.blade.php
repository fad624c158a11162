@props(['title', 'isDim' => false, 'hasScripts' => true])
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $title }}</title>
    <link rel="icon" href="/build/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ App\Http\Shell::asset('app.css') }}">
    @if ($hasScripts)
        <meta name="csrf-token" content="{{ csrf_token() }}">
        <meta name="theme-color" content="{{ $isDim ? '#2a2016' : '#8a5520' }}">
        <meta name="htmx-config"
            content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true,"historyCacheSize":0,"scrollIntoViewOnBoost":false}'>
        <script src="{{ App\Http\Shell::asset('htmx.min.js') }}" defer></script>
        <script src="{{ App\Http\Shell::asset('satchel.js') }}" defer></script>
    @endif
    {{ $slot }}
</head>
