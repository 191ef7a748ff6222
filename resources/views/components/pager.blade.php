@props(['of'])
@if ($of->hasPages())
    <nav class="pager" aria-label="Pages">
        @if ($of->previousPageUrl())<a href="{{ $of->previousPageUrl() }}" rel="prev">← earlier page</a>@endif
        @if ($of->nextPageUrl())<a href="{{ $of->nextPageUrl() }}" rel="next">next page →</a>@endif
    </nav>
@endif
