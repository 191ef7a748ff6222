@props(['label', 'name', 'checked' => false, 'form' => null])
@php($mine = old('_form') === $form && old('_form', '?') !== '?')
@php($id = ($form ? $form . '-' : '') . $name)
<div class="field"><input type="hidden" name="{{ $name }}" value="0"><label for="{{ $id }}" class="text-ink!"><input id="{{ $id }}" type="checkbox" name="{{ $name }}" value="1" @checked(old($name) !== null && ($form === null || $mine) ? old($name) : $checked) {{ $attributes }}>{{ $label }}</label></div>
