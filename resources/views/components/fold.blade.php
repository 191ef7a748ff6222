@props(['id', 'title', 'answer' => '', 'open' => false])
<details {{ $attributes->class(['fold']) }} id="fold-{{ $id }}" data-fold="{{ $id }}" @unfolded($id, (bool) $open) open @endunfolded>
    <summary><h2>{{ $title }}</h2><span class="aside">{{ $answer }}</span></summary>
    <div class="fold-body">@if ($slot->hasActualContent()){{ $slot }}@else<p data-fold-empty><a href="@foldlink($id)">Show it</a></p>@endif</div>
</details>
