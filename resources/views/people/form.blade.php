<!doctype html>
<html lang="en">

<x-head title="Your family groups" :has-scripts="false" />
<body>
    <div class="call-page">
        <main>
            <h1 class="mb-2">Which groups do you want?</h1>
            @if ($said)
                <p class="note mb-3" role="status">{{ $said }}</p>
            @endif
            <p class="mb-3">Take the tick from what you do not need, and add what is missing. Nothing is changed until your photographer
                has read it.</p>
            <form method="post" action="/form/{{ $token }}" class="grid gap-3">
                @csrf
                <input type="hidden" name="form" value="{{ $form }}">
                <fieldset class="slab">
                    <legend class="font-bold px-1">Groups</legend>
                    @foreach ($groups as $group)
                        <label class="tick"><input type="checkbox" name="wanted[]" value="{{ $group->id }}"
                                @checked(old('form') === null || in_array((string) $group->id, (array) old('wanted'), true))> <span><b>{{
                                    $group->title }}</b> <span
                                    class="text-faint text-sm">{{
                                        implode(', ', array_map($calling->shared(...), $group->people)) }}</span></span></label>
                    @endforeach
                </fieldset>
                <x-field name="groups" type="textarea" label="Groups that are missing, a line each" hint="such as: The rowers: Jonas, Kaj"
                    maxlength="6000" />
                <x-field name="people" type="textarea" label="People we forgot, a line each" hint="such as: Ida, aunt of Tuva, elderly"
                    maxlength="6000" />
                <div><button class="button main">Send</button></div>
            </form>
        </main>
    </div>
</body>

</html>
