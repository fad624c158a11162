<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>The day · {{ $job->name }}</title>
    <meta name="satchel-day" content="">
    <meta name="satchel-file" content="{{ $job->id }} {{ $state->version }}">
    <style>{!! $styles !!}</style>
</head>
<body class="day-body">
    <p id="day-said" class="note bad" role="alert" hidden></p>
    <main id="day" class="day"></main>
    <section class="day-foot">
        <details class="slab">
            <summary class="min-h-11 content-center font-bold">Take the taps out</summary>
            <p>Copy this text and send it back: under Phones it is taken in, as often as you like.</p>
            <textarea id="day-taps" class="w-full" rows="6" readonly aria-label="The taps as text"></textarea>
        </details>
    </section>
    <p class="text-sm text-faint day-foot" id="day-kept"></p>
    <script type="application/json" id="pocket">@json($state, JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS | JSON_HEX_QUOT)</script>
    <script>{!! $script !!}</script>
</body>

</html>
