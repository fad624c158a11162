@props(['job', 'at'])
<nav class="flex flex-wrap gap-2 mb-4" aria-label="Pages of the studio">
    <a class="button" href="/jobs/{{ $job->id }}/plan">The plan</a>
    @foreach (['elements' => 'Elements'] as $page => $label)
        <a @class(['button', 'main' => $at === $page]) href="/jobs/{{ $job->id }}/{{ $page }}"
            @if ($at === $page) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
