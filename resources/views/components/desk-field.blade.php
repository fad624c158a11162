@props(['name', 'label', 'value', 'wrong' => '', 'typed' => ''])
<div class="field">
    <label for="f-{{ $name }}">{{ $label }}</label>
    <input id="f-{{ $name }}" name="{{ $name }}" class="figures" inputmode="decimal"
        value="{{ $wrong !== '' ? $typed : $value }}"
        @if ($wrong !== '') aria-invalid="true" aria-describedby="f-{{ $name }}-wrong" @endif>
    @if ($wrong !== '')
        <p class="wrong" id="f-{{ $name }}-wrong">{{ $wrong }}</p>
    @endif
</div>
