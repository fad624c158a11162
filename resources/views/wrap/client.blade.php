<!doctype html>
<html lang="en">

<x-head title="Final pictures" />
<body>
    <div class="call-page">
        <main>
            <h1 class="mb-2">Final pictures</h1>
            @if ($said)
                <p class="note mb-3" role="status">{{ $said }}</p>
            @endif
            @if ($off->picks === [])
                <p>Nothing is shown yet. This page stays as it is until your photographer shows something.</p>
            @endif
            @foreach ($off->pictures as $picture)
                @continue($off->picksOf($picture) === [])
                <section class="mb-5">
                    <h2>{{ $picture }}</h2>
                    <p class="mb-2">{{ ucfirst($off->says($picture, $zone)) }}.</p>
                    @foreach ($off->picksOf($picture) as $pick)
                        @php $mine = (int) old('pick') === $pick->id; @endphp
                        <form method="post" action="/client/{{ $token }}" class="slab grid gap-3 mb-3" id="pick-{{ $pick->id }}" data-marks>
                            @csrf
                            <input type="hidden" name="pick" value="{{ $pick->id }}">
                            <input type="hidden" name="mark_x" value=""><input type="hidden" name="mark_y" value="">
                            <span class="pick-frame is-large"><img src="/client/{{ $token }}/{{ $pick->id }}.jpg"
                                    alt="{{ $picture }}, {{ $pick->name }}" data-mark-on>
                                <x-marks :answers="$off->answersTo($pick)" />
                            </span>
                            @if ($mine && $errors->any())
                                <p class="note bad" role="alert">{{ $errors->first() }}</p>
                            @endif
                            <div class="field"><label for="name-{{ $pick->id }}">Your name</label><input id="name-{{ $pick->id }}"
                                    name="name" maxlength="80" value="{{ $mine ? old('name') : session('client') }}" autocomplete="name"></div>
                            <div class="field"><label for="words-{{ $pick->id }}">No, because … or what to change at the mark</label><input
                                    id="words-{{ $pick->id }}" name="words" maxlength="1000" value="{{ $mine ? old('words') : '' }}"></div>
                            <p class="flex flex-wrap gap-2"><button class="button main" name="says" value="yes">Yes</button>
                                <button class="button" name="says" value="no">No, because</button>
                                <button class="button" name="says" value="mark" data-mark-send>Keep the mark</button>
                            </p>
                            <p class="text-sm text-faint">Press the picture to mark a place. What you say is kept with your name and the time;
                                your last word holds.</p>
                        </form>
                    @endforeach
                </section>
            @endforeach
        </main>
    </div>
</body>

</html>
