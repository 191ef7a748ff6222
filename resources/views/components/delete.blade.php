@props(['action', 'version' => null, 'what', 'extra' => []])
<details class="inline-block">
    <summary class="linkish">Delete …</summary>
    <form method="post" action="{{ $action }}" class="mt-2">
        @csrf @method('delete')
        @if ($version !== null)<input type="hidden" name="lock_version" value="{{ $version }}">@endif
        @foreach ($extra as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        <button class="btn danger">Delete {{ $what }} for good</button>
    </form>
</details>
