<x-layout title="Sources" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.sources') }}</h1>
        <span class="aside">{{ $system->place?->name }}{{ $system->place ? ', ' . round($system->place->latitudeDeg, 1) . '°' : '' }}</span></div>
    <p class="lead">@include('stages.sources.answer')</p>
    @if ($sun)
        <div class="mt-4"><x-sun-year :sun="$sun" :sketch="$page->sunSketch()" /></div>
        @if ($sun->ruling && $sun->needed())
            <div class="figures">@unless ($sun->isBeyondRoof())<x-stat :figure="$sun->needed()" />@endunless<x-stat :figure="$sun->sunOf($sun->ruling)"
                label="Sun on the panel, a day" /><x-stat
                :figure="$sun->covered()" left /></div>
        @endif
    @endif
    <x-fold id="sources" title="What charges it" :answer="$answers->sources(count($page->planned()))" :open="! $sun">@unfolded('sources', ! $sun)
        @include('stages.sources.list')
    @endunfolded</x-fold>
    @if ($page->hasDay())
        <x-fold id="together" title="All of them in one day" answer="sun, engine and posts, against what the bank takes"
            :open="$page->isAskedForDay()">@unfolded('together', $page->isAskedForDay())
            @include('stages.sources.day', ['day' => $day = $page->day(), 'sketch' => $day ? $page->daySketch($day) : null])
        @endunfolded</x-fold>
    @endif
    @if ($page->arrays())
        <x-fold id="arrays" title="Sun: does each array fit its regulator?"
            :answer="$answers->arrays($page->arrays())">@unfolded('arrays')
        @include('stages.sources.arrays')
    @endunfolded</x-fold>
    @endif
    @if ($page->engine->hasAlternator())
        <x-fold id="alternator" title="Alternator" :answer="$answers->alternator($page->engine->alternator(),
            $page->engine->dcdcs())">@unfolded('alternator')
        @include('stages.sources.alternator', ['engine' => $page->engine])
    @endunfolded</x-fold>
    @endif
    @if ($study->mains()->chargerA > 0 || $study->mains()->outletsW > 0)
        <x-fold id="mains" title="Hook-up and generator" :answer="$answers->mains($page->posts())">@unfolded('mains')
        @include('stages.sources.mains', ['mains' =>
            $study->mains()])
    @endunfolded</x-fold>
    @endif
    @if ($study->inverter())
        <x-fold id="inverter" title="Inverter" :answer="$answers->inverter($study->inverter())">@unfolded('inverter')
        @include('stages.sources.inverter', ['inverter' =>
            $study->inverter()])
    @endunfolded</x-fold>
    @endif
    @if ($morning = $study->simulations->frostMorning())
        <x-fold id="morning" title="The first sunny morning after frost" :answer="$answers->morning($morning)">@unfolded('morning')
            @include('stages.sources.morning', ['morning' => $morning, 'sketch' => $page->cold->morningSketch($morning)])
        @endunfolded</x-fold>
    @endif
    @if ($page->cold->frost())
        <x-fold id="cold" title="Cold" :answer="$answers->frost($page->cold->frost())">@unfolded('cold')
        @include('stages.sources.cold')
    @endunfolded</x-fold>
    @endif
    @if ($start = $study->engineStart())
        <x-fold id="start" title="Starting the engine from the house bank" :answer="$start->byRelay ? 'by relay, for seconds' :
            'not by relay: charge the starter battery first'">@unfolded('start')
        @include('stages.sources.start')
    @endunfolded</x-fold>
    @endif
    <x-caution>{{ $say->said($region->solarCaution()) }} {{ $say->said($region->mainsCaution()) }}</x-caution>
    @may('plan', $job)
        @include('stages.sources.add')
    @endmay
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
