<x-layout title="Size" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.size') }}</h1>
        <span class="aside">{{ $page->scenario() }}, {{ $show->text($page->energyWh(), 'Wh') }} a day, battery at
            {{ $show->figure($page->banks->celsius) }}</span></div>
    <p class="lead">@include('stages.size.answer')</p>
    @if ($page->pin->map)
        @include('stages.size.map')
    @elseif ($page->energyWh() > 0 && ! $system->place)
        <p class="mt-4 muted">Without a place the sun has no height, and the map no second side.
            @may('update', $job)<a href="{{ route('jobs.edit', $job) }}">Choose it in the brief.</a>@endmay</p>
    @endif
    @include('stages.size.folds')
    <x-caution>{{ $say->said($region->bankCaution()) }}</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
