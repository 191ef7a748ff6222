@props(['action', 'what', 'caption', 'shows' => '', 'label', 'back', 'who', 'id'])
<form method="post" action="{{ $action }}" enctype="multipart/form-data" data-outbox="{{ $what }}" data-outbox-says="picture" data-who="{{ $who }}"
    data-caption="{{ $caption }}" {{ $attributes->class('snap') }}>@csrf
    <input type="hidden" name="_form" value="{{ $id }}"><input type="hidden" name="caption" value="{{ $caption }}">
    <input type="hidden" name="shows" value="{{ $shows }}">
    <input type="hidden" name="back" value="{{ $back }}">
    <div class="field"><label for="{{ $id }}">{{ $label }}</label><input id="{{ $id }}" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
        capture="environment" required
        class="w-full file:min-h-12 file:px-5 file:mr-3 file:border file:border-solid file:border-current file:rounded-sm"></div>
    <noscript><button class="btn plain">Keep the picture</button></noscript>
    <span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
</form>
