@props(['id', 'title', 'answer' => '', 'open' => false])
<details {{ $attributes->class(['fold']) }} id="fold-{{ $id }}" data-fold="{{ $id }}" @if ($open) open data-fold-open @endif>
    <summary><h2>{{ $title }}</h2><span class="aside">{{ $answer }}</span></summary>
    <div class="fold-body">{{ $slot }}</div>
</details>
