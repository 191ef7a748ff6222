<x-layout title="Survey" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.survey') }}</h1>
        <span class="right">@may('update', $job)<a href="{{ route('jobs.edit', $job) }}">Change customer, vehicle, travel</a>
            @else<a href="{{ route('history', $job) }}">Who changed what</a>@endmay</span></div>
    <p class="lead">
        @if ($system->parts === [])Nothing is listed yet.
        @else{{ $page->found() }} part{{ $page->found() === 1 ? '' : 's' }} found: {{ $page->count('remove') }} come out,
            {{ $page->count('reprogram') }} to reprogram, {{ $page->count('relabel') }} to label. {{ $page->count('add') }} new.
        @endif
    </p>
    <p class="muted mt-2">{{ $page->about() }}</p>
    @foreach ($page->groups() as $group => $rows)
        <div class="section">
            <div class="section-head"><h2>{{ $group }}</h2></div>
            <x-table class="even" :caption="$group" :head="['Part', 'What it is', 'Where', 'Becomes']">
                @each('stages.survey.part', array_map(fn ($r) => [...$r, 'job' => $job, 'page' => $page, 'show' => $show, 'say' => $say], $rows), 'in')
            </x-table>
        </div>
    @endforeach
    @if ($system->parts === [])
        @include('stages.survey.start')
    @endif
    @may('survey', $job)
        @include('stages.survey.add')
    @endmay
    <x-wiring :job="$job" :wiring="$wiring" :editing="$editing" />
    <div class="section flex flex-wrap items-end gap-6">
        @if ($page->toAsk() > 0)<a href="{{ route('letter', $job) }}">Questions to the supplier: {{ $page->toAsk() }} lines are missing</a>@endif
        <a href="{{ route('parts.csv', $job) }}">Parts as CSV</a>
        @may('survey', $job)
            <x-upload id="parts-csv" :action="route('parts.csv.store', $job)" label="Take parts in from CSV" button="Take in" accept=".csv,text/csv" />
        @endmay
    </div>
    <x-faults />
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
