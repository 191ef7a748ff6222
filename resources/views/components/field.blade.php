<div {{ $attributes->only('class')->class('field') }}>
    <label for="{{ $id }}" @class(['sr-only' => $hideLabel])>{{ $label }}</label>
    <div class="with-unit">
        @if ($options !== null)
            <select id="{{ $id }}" name="{{ $name }}" {!! $described() !!} @required($required) {{ $attributes->except('class') }}>
                @if ($blank !== null)<option value="">{{ $blank }}</option>@endif
                @foreach ($options as $key => $text)<option value="{{ $key }}" @selected($now === (string) $key)>{{ $text }}</option>@endforeach
            </select>
        @elseif ($rows !== null)
            <textarea id="{{ $id }}" name="{{ $name }}" rows="{{ $rows }}" {!! $described() !!} {{ $attributes->except('class') }}>{{ $now }}</textarea>
        @else
            <input id="{{ $id }}" type="{{ $type }}" name="{{ $name }}" value="{{ $type === 'password' ? '' : $now }}" {!! $described() !!} @required($required)
                {{ $attributes->except('class') }}>
        @endif
        @if ($unit)<span class="unit">{{ $unit }}</span>@endif
    </div>
    @if ($error)<div class="error" id="{{ $id }}-error">{{ $error }}</div>@endif
    @if ($help)<div class="help" id="{{ $id }}-help">{{ $help }}</div>@endif
</div>
