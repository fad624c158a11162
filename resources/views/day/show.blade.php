<!doctype html>
<html lang="en" @class(['dim' => $isDim])>

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>The day · {{ $job->name }}</title>
    <link rel="icon" href="/build/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ App\Http\Shell::asset('app.css') }}">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="theme-color" content="{{ $isDim ? '#2a2016' : '#8a5520' }}">
    <meta name="satchel-day" content="{{ $address }}">
    @isset($clock)
        <meta name="satchel-clock" content="{{ $clock }}">
    @endisset
    <script type="application/json" id="pocket">@json($state, JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS | JSON_HEX_QUOT)</script>
    <script src="{{ App\Http\Shell::asset('day.js') }}" defer></script>
</head>
<body class="day-body">
    @unless ($isShared)
        <nav class="day-nav" aria-label="This job">
            <a href="/">Jobs</a>
            <a href="/jobs/{{ $job->id }}/plan">Plan</a>
            <a href="/jobs/{{ $job->id }}/call">Groups</a>
            <a href="/jobs/{{ $job->id }}/home">Leave</a>
            <a href="/jobs/{{ $job->id }}/day/frames">Frames</a>
            <a href="/jobs/{{ $job->id }}/cards">Cards</a>
            @if ($job->kind->hasPosts())
                <a href="/jobs/{{ $job->id }}/send">Send</a>
            @endif
            <a href="/jobs/{{ $job->id }}/day/phones">Phones</a>
        </nav>
    @endunless
    <p id="day-said" class="note bad" role="alert" hidden></p>
    <main id="day" class="day">
        <noscript>
            <p class="note">This page needs scripts: without them the day is on the sheet under Plan.</p>
        </noscript>
    </main>
    <p class="text-sm text-faint day-foot" id="day-kept"></p>
    <p class="text-sm text-faint day-foot">Look before you step back. Water, shade and a meal at their minutes; a tap can wait.</p>
</body>

</html>
