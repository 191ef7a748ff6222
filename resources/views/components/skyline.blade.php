@props(['skyline', 'job', 'stage' => null])
<nav class="skyline" aria-label="Stages of the job">
    <svg viewBox="0 0 120 100" preserveAspectRatio="none" aria-hidden="true"><path class="land" d="M-1 72 3 69 7.5 63 13 61 18 57 22.5 53 27 50 32 44 37.500 41 43 43 48 47 52.500 48 57 46 62 39 67.500 36 73 37 78 43 82.500 46 87 43 92 35 97.500 33 102 38 107 48 112.500 55 116 60 121 64 121 101 -1 101z"/></svg>
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
