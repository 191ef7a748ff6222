@props(['skyline', 'job', 'stage' => null])
<nav class="skyline" aria-label="Stages of the job">
    <svg viewBox="0 0 120 100" preserveAspectRatio="none" aria-hidden="true"><path class="land" d="M-1 72 2 68 5.500 63 9 61 12.500 56 16.400 52 20 50 23.500 45 27.300 42 31 43 34.500 48 38.200 50 42 47 45.500 41 49.100 38 53 40 56.500 45 60 47 63.500 46 67 43 70.900 42 74.500 45 78 48 81.800 49 85.500 45 89 38 92.700 35 96.500 37 100 42 103.600 44 107 48 111 54 114.500 57 118 60 121 64 121 101 -1 101z"/></svg>
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
