@props(['name', 'label', 'value' => null, 'type' => 'text', 'hint' => null, 'id' => null, 'bag' => null])
@php
    $id ??= 'f-' . $name;
    $isMine = $bag === null || old('_form') === $bag;
    $wrong = $isMine ? $errors->first($name) : '';
    $shown = $isMine ? old($name, $value) : $value;
    $shown = is_array($shown) ? '' : $shown;
@endphp
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    @if ($type === 'textarea')
        <textarea id="{{ $id }}" name="{{ $name }}"
            @if ($wrong) aria-invalid="true" aria-describedby="{{ $id }}-wrong" @endif {{ $attributes }}>{{ $shown }}</textarea>
    @elseif ($type === 'select')
        <select id="{{ $id }}" name="{{ $name }}"
            @if ($wrong) aria-invalid="true" aria-describedby="{{ $id }}-wrong" @endif
            {{ $attributes }}>{{ $slot }}</select>
    @else
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" value="{{ $shown }}"
            @if ($wrong) aria-invalid="true" aria-describedby="{{ $id }}-wrong" @endif {{ $attributes }}>
    @endif
    @if ($wrong)
        <p class="wrong" id="{{ $id }}-wrong">{{ $wrong }}</p>
    @elseif ($hint)
        <p class="text-sm text-faint">{{ $hint }}</p>
    @endif
</div>
