@props(['stage' => null, 'job' => null])
@if ($stage !== null && $job !== null && auth()->user()?->cannot($stage->ability(), $job))
    <p class="read-only">You read this page. It is worked by {{ App\Policies\JobPolicy::whoMay($stage->ability()) }}.</p>
@endif
