@props(['skyline', 'job', 'stage' => null])
<nav class="skyline" aria-label="Stages of the job">
    <svg viewBox="0 0 120 100" preserveAspectRatio="none" aria-hidden="true"><path class="land" d="M-1 72 2 68 5 63 8.500 61.900 11.800 56.100 15 52
        18.500 48.200 21.800 42.800 25 42 28.500 46.200 31.800 48.800 35 50 38.500 45.600 41.800 39.400 45 38 48.500 42.500 51.800 45.500 55 47 58.500
        44.600 61.800 41.400 65 42 68.500 46.000 71.800 48.000 75 49 78.500 44.100 81.800 36.900 85 35 88.500 39.500 91.800 42.500 95 44 98.500 44.700
        101.800 46.300 105 50 108.500 54.500 111.800 57.500 115 59 118 62 121 66 121 101 -1 101z"/></svg>
    <ol>
        @foreach ($skyline->stages() as [$each, $state])
            <li>
                <a href="{{ route($each->value, $job) }}" class="{{ $state->value }}" data-key="{{ $each->key() }}" @if ($each === $stage) aria-current="page"
                    @endif>
                    @stone($state->value, $each === $stage)
                    <span class="stage-name">{{ __('stages.names.'.$each->value) }}<span class="sr-only">: {{ $say->name($state) }}</span></span>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
