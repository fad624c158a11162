{{-- Numbers and ticks of a part of a segment's form. --}}
@foreach (App\Models\Plan\SegmentField::of($of) as $field)
    @php $stored = $segment?->{$field->name}; @endphp
    @if ($field->most === null)
        <label class="tick sm:mt-5"><input type="checkbox" name="{{ $field->name }}" value="1"
            @checked($val($field->name, $stored))> {{ $field->label }}</label>
    @else
        <x-field :bag="$bag" :id="$bag . '-' . strtok($field->name, '_')" :name="$field->name" :label="$field->label" class="figures"
            :value="$field->isNeeded ? ($stored ?: null) : $stored" inputmode="numeric" :hint="$field->hint" />
    @endif
@endforeach
