@props(['skyline', 'job', 'stage' => null])
@php($keys = ['survey' => 's', 'loads' => 'l', 'size' => 'z', 'sources' => 'o', 'settings' => 't', 'handover' => 'h'])
<nav class="skyline" aria-label="Stages of the job">
    <svg viewBox="0 0 120 100" preserveAspectRatio="none" aria-hidden="true"><path class="land" d="M-1 72 4 69 10 62 17 60 23 57 30 51 35 50 42 44 50 40 57 43 63 47 70 48 76 44 83 37 90 34 96 39 101 48 110 54 115 61 121 64 121 101 -1 101z"/></svg>
    <ol>
        @foreach (Pebblefell\Assessment\Stage::cases() as $each)
            @php($state = $skyline->states[$each->value])
            <li>
                <a href="{{ route($each->value, $job) }}" class="{{ $state->value }}" data-key="{{ $keys[$each->value] }}" @if ($each === $stage) aria-current="page" @endif>
                    <x-stone :state="$state->value" :here="$each === $stage" />
                    <span class="stage-name">{{ $each->label() }}<span class="sr-only">: {{ $state->label() }}</span></span>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
