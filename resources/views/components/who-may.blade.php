@props(['stage' => null, 'bench' => null])
@if ($stage !== null && $bench !== null && auth()->user()?->cannot($stage->ability(), $bench->job))
    <p class="read-only">You read this page. It is worked by {{ $bench->whoMay($stage) }}.</p>
@endif
