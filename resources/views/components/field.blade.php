@props(['label', 'name', 'value' => null, 'unit' => '', 'type' => 'text', 'help' => '', 'form' => null, 'options' => null, 'rows' => null, 'hideLabel' => false, 'required' => false, 'blank' => null])
@php($dot = trim(str_replace(['[', ']'], ['.', ''], $name), '.'))
@php($mine = old('_form') === $form)
@php($id = ($form ? $form . '-' : '') . str_replace('.', '-', $dot))
@php($now = $mine ? old($dot, $value) : $value)
@php($now = is_scalar($now) || $now instanceof Stringable ? $now : '')
@php($error = $mine ? $errors->first($dot) : '')
<div {{ $attributes->only('class')->class('field') }}>
    <label for="{{ $id }}" @class(['sr-only' => $hideLabel])>{{ $label }}</label>
    <div class="with-unit">
        @if ($options !== null)
            <select id="{{ $id }}" name="{{ $name }}" @if ($error) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif @required($required) {{ $attributes->except('class') }}>
                @if ($blank !== null)<option value="">{{ $blank }}</option>@endif
                @foreach ($options as $key => $text)<option value="{{ $key }}" @selected((string) $now === (string) $key)>{{ $text }}</option>@endforeach
            </select>
        @elseif ($rows !== null)
            <textarea id="{{ $id }}" name="{{ $name }}" rows="{{ $rows }}" @if ($error) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif {{ $attributes->except('class') }}>{{ $now }}</textarea>
        @else
            <input id="{{ $id }}" type="{{ $type }}" name="{{ $name }}" value="{{ $type === 'password' ? '' : $now }}" @if ($error) aria-invalid="true" aria-describedby="{{ $id }}-error" @elseif ($help) aria-describedby="{{ $id }}-help" @endif @required($required) {{ $attributes->except('class') }}>
        @endif
        @if ($unit)<span class="unit">{{ $unit }}</span>@endif
    </div>
    @if ($error)<div class="error" id="{{ $id }}-error">{{ $error }}</div>@endif
    @if ($help)<div class="help" id="{{ $id }}-help">{{ $help }}</div>@endif
</div>
