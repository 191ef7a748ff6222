@props(['skyline', 'job', 'stage' => null])
<nav class="skyline" aria-label="Stages of the job">
    <svg viewBox="0 0 120 100" preserveAspectRatio="none" aria-hidden="true"><path class="land" d="M-1 72 2.7 69 6.7 63 11.6 61 16 57 20 53 24 50 28.4 44 33.3 41 38.2 43 42.7 47 46.7 48 50.7 46 55.1 39 60 36 64.5 37 69 42 73.3 45 78 40 82.5 43 86.7 46 90.7 43 95.1 35 100 33 104 38 108.4 48 113.3 55 116.4 60 121 64 121 101 -1 101z"/></svg>
    <ol>
        @foreach ($skyline->stages() as [$each, $state])
            <li>
                <a href="{{ route($each->value, $job) }}" class="{{ $state->value }}" data-key="{{ $each->key() }}" @if ($each === $stage) aria-current="page"
                    @endif>
                    <x-stone :state="$state->value" :here="$each === $stage" />
                    <span class="stage-name">{{ __('stages.names.'.$each->value) }}<span class="sr-only">: {{ $say->name($state) }}</span></span>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
