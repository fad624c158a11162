@props(['job', 'at'])
<nav class="kit-nav mb-4 md:flex-wrap" aria-label="Pages of the studio">
    @php
        $pages = [
            'plan' => 'The plan',
            'elements' => 'Elements',
            'setups' => 'Light',
            'arrive' => 'Pre-light',
            'looks' => 'Looks',
            'rooms' => 'Rooms',
            'crew' => 'Call sheet',
            'boards' => 'Number boards',
            'station' => 'Station',
            'session' => 'Session folder',
            'picks' => 'For the client',
        ];
    @endphp
    @foreach ($pages as $page => $label)
        @continue($page === 'plan' && $at === 'plan')
        <a href="/jobs/{{ $job->id }}/{{ $page }}" @if ($at === $page) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
