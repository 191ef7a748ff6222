@props(['action', 'label', 'button', 'accept', 'name' => 'file', 'id'])
<form method="post" action="{{ $action }}" enctype="multipart/form-data" class="flex flex-wrap items-end gap-3">
    @csrf
    <input type="hidden" name="_form" value="{{ $id }}">
    <div class="field"><label for="{{ $id }}">{{ $label }}</label><input id="{{ $id }}" type="file" name="{{ $name }}" accept="{{ $accept }}" required>
        @if (old('_form') === $id || session('faults')) @error($name)<div class="error">{{ $message }}</div>@enderror @endif</div>
    {{ $slot }}
    <button class="btn plain">{{ $button }}</button>
</form>
