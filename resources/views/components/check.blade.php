<div class="field"><input type="hidden" name="{{ $name }}" value="0">
    <label for="{{ $id }}" class="text-ink!"><input id="{{ $id }}" type="checkbox" name="{{ $name }}" value="1" @checked($on)
        {{ $attributes }}>{{ $label }}</label></div>
