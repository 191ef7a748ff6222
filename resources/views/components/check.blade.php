<div class="field"><input type="hidden" name="{{ $name }}" value="0">
    <label for="{{ $id }}" class="text-ink!"><input id="{{ $id }}" type="checkbox" name="{{ $name }}" value="1" @checked($on)
        {{ $attributes }}><span @class(['sr-only' => $hideLabel])>{{ $label }}</span></label></div>
