@props(['job', 'links', 'at'])
{{-- Links without an account that open something, each revoked by one press, and a new one --}}
@foreach ($links as $link)
    <p class="border-t border-rule py-2 flex flex-wrap gap-2 items-center"><span class="flex-1">Open until
            {{ $link->expires_at->timezone($job->place->timezone)->format('j M H:i') }}</span>
        @post($at . '/' . $link->id . '/revoke')
            <button class="button">Revoke</button>
        @endpost
    </p>
@endforeach
@post($at)
    <button class="button">Make a link</button>
@endpost
