<x-page title="Does each room fit, and when has each front the sun?" :job="$job" phase="scout" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="rooms" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($turns !== [])
        <div class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="Rooms and fronts in their order">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">Where</th>
                        <th scope="col">From its corner</th>
                        <th scope="col">Stop, focus</th>
                        <th scope="col">Bracket</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($turns as $turn)
                        <tr>
                            <td class="figures">{{ $turn->hours() }}</td>
                            <th scope="row">{{ $turn->shot->room->name }} <span class="text-faint figures">×{{ $turn->shot->room->pictures }}{{
                                $turn->shot->room->hasLamps ? ', lamps on' : '' }}</span></th>
                            <td>{{ $turn->shot->room->facesDeg === null ? $turn->shot->says() : $turn->sunSays() }}</td>
                            <td class="figures">{{ $turn->shot->focusSays() }}</td>
                            <td class="figures">{{ $turn->shot->bracket?->says() }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="text-sm text-faint mb-4">The camera level at {{ number_format(NorthSatchel\Kit\Rooms\RoomShot::HEIGHT_M, 1) }} m, what is high or
            low by shift; focus magnified on the main thing that is no wall; the timer of two seconds or a cable. A bathroom: mind the mirrors,
            from the door.</p>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/rooms" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="rooms" label="Rooms and fronts, a line each" type="textarea" rows="9" :value="$record->rooms"
            hint="Kitchen, 4.2 × 3.1 m, ×2, window EV 13, room EV 7, lamps. A
            front: Street side, faces 190° (or S), ×1. Without minutes: 8 a picture." />
        <div><button class="button main">Keep the rooms</button></div>
        <p class="text-sm text-faint">Several houses on one day: <a href="/days/{{ $job->date }}">their order with the ways between them</a>.</p>
    </form>
</x-page>
