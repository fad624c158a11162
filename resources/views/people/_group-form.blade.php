@php
    $bag = $group ? 'group-' . $group->id : 'group-new';
    $mine = old('_form') === $bag;
@endphp
<x-form :action="$group ? '/groups/' . $group->id : '/jobs/' . $job->id . '/people/groups'" :method="$group ? 'put' : 'post'"
    class="grid gap-3 sm:grid-cols-[1.5fr_3fr_7rem_9rem_auto] items-start">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <x-field :bag="$bag" :id="$bag . '-title'" name="title" label="Group" :value="$group?->title" required maxlength="120"
        :data-key="$group ? null : 'n'" />
    <x-field :bag="$bag" :id="$bag . '-people'" name="people" label="Who, names with commas" :value="implode(', ', $group->people ?? [])"
        required />
    <x-field :bag="$bag" :id="$bag . '-priority'" name="priority" label="Priority" type="select">
        @foreach (['must', 'should', 'nice'] as $p)
            <option @selected(($mine ? old('priority') : $group?->priority) === $p)>{{ $p }}</option>
        @endforeach
    </x-field>
    <x-field :bag="$bag" :id="$bag . '-after'" name="after" label="Not before" type="select">
        <option value="">any</option>
        @foreach ($groups as $one)
            @if ($one->id !== $group?->id)
                <option
                    value="{{ $one->id }}" @selected((int) ($mine ? old('after') : $group?->after_id) === $one->id)>{{ $one->title }}</option>
            @endif
        @endforeach
    </x-field>
    <button class="button sm:mt-6">{{ $group ? 'Keep' : 'Add' }}</button>
</x-form>
