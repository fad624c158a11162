<x-form :action="$url" class="flex flex-wrap items-center gap-x-4 mt-2">
    <fieldset class="contents">
        <legend class="float-left mr-3 text-faint text-sm">Hidden from</legend>
        @foreach ($audiences as $audience)
            <label class="tick"><input type="checkbox" name="hidden_from[]"
                value="{{ $audience->value }}" @checked(in_array($audience->value, $hidden, true))>
                {{ $audience->value }}</label>
        @endforeach
    </fieldset>
    <button class="button small" aria-label="Keep who may read {{ $of }}">Keep</button>
</x-form>
