@props(['job', 'at'])
<nav class="kit-nav mb-4" aria-label="Kit">
    @foreach (['kit' => 'What breaks', 'kit/propose' => 'What comes along', 'tests' => 'Test early',
            'light' => 'Flash and exposure', 'pack' => 'Pack', 'home' => 'Bring home'] as $path => $name)
        <a href="/jobs/{{ $job->id }}/{{ $path }}"
            @if ($at === $path) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
