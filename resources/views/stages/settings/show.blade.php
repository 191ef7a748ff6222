<x-layout title="Settings" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.settings') }}</h1><span class="aside">{{ $page->aside() }}</span></div>
    <p class="lead">
        @if (! $page->hasBank())Choose the bank first: the settings follow from it.
        @elseif ($page->devices() === [])Nothing that charges is in the plan.
        @elseif ($page->open() === 0)Every box is noted.
        @else @if ($ladder){{ $ladder->answer() }} @endif{{ $page->open() }} boxes to set, on {{ count($page->devices()) }}
            device{{ count($page->devices()) === 1 ? '' : 's' }}.
            Firmware first, until there is none newer; then set; then read back.
            <a href="{{ route('settings.step', $job) }}">One by one</a>.
        @endif
    </p>
    @if ($page->devices() === [])
        <div class="mt-5"><x-empty title="No boxes yet"><p>With a planned bank and a charger beside it, each box gets its value here.</p></x-empty></div>
    @endif
    @if ($page->schools() !== [])
        @may('plan', $job)
            <form method="post" action="{{ route('school.update', $job) }}" class="line-tabs items-baseline" data-live>@csrf @method('put')
                <label for="school" class="muted">{{ __('brief.travel.school') }}</label>
                <select id="school" name="school" class="w-auto!">@foreach ($page->schools() as $key => $says)<option value="{{ $key }}"
                    @selected($page->school() === $key)>{{ $says }}</option>@endforeach</select>
                <noscript><button class="btn plain">Plan for it</button></noscript>
                <span class="small">{{ $page->consequence() }}</span>
            </form>
        @else
            <p class="small">{{ __('brief.travel.school') }} {{ $page->schools()[$page->school()] }}. {{ $page->consequence() }}</p>
        @endmay
    @endif
    @if ($ladder)
        @include('stages.settings.ladder')
    @endif
    @if ($page->hasBank())
        <x-fold id="words" title="What does the word on the box mean?" answer="boost, cycle use, equalisation …"
            :open="$words->asked !== '' || $errors->has('word') || $errors->has('parameter')">
            @unfolded('words', $words->asked !== '' || $errors->has('word') || $errors->has('parameter'))
            @include('stages.settings.words')
        @endunfolded</x-fold>
    @endif
    @foreach ($page->devices() as $device)
        @include('stages.settings.device', ['device' => $device, ...$device])
    @endforeach
    @if ($page->devices() !== [])
        <div class="flex flex-wrap items-end gap-x-6 mt-4"><a class="btn plain" href="{{ route('settings.csv', $job) }}">As CSV</a><a class="btn plain"
            href="{{ route('settings.paper', $job) }}">On paper</a>
            @may('record', $job)<x-upload id="settings-csv" :action="route('settings.csv.store', $job)" label="Settings from a CSV file" button="Take them in"
                accept=".csv,text/csv" />@endmay</div>
        <x-faults />
    @endif
    @if ($page->hasBank())
        <x-caution>A system wrongly programmed does not work, and can hurt. Where a data sheet and this page differ, the data sheet of the battery goes first.
            {{ $say->said($region->bankCaution()) }}</x-caution>
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
