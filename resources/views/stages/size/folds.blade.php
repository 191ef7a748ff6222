@if ($study->stay())
    <x-fold id="stay" title="A typical stay" :answer="$answers->stay()"><x-stay-chart :stay="$study->stay()" :job="$job" :sketch="$page->staySketch()"
        :months="$page->months()" /></x-fold>
@endif
@if ($study->year())
    <x-fold id="year" title="The year with the plan" :answer="$answers->year()"><x-year-chart :year="$study->year()" :sketch="$page->yearSketch()" /></x-fold>
@endif
<x-fold id="bank" title="The bank by itself" :answer="$answers->bank()" :open="! $page->pin->map">@include('stages.size.bank')</x-fold>
@foreach ($page->bays() as $which => $bay)
    <x-fold :id="'bay-' . $which" :title="'In the bay, ' . $which" :answer="$answers->bay($bay['fit'])">
        <p class="small muted">{{ count($bay['case']->parts) }} × {{ $say->part($bay['case']->parts[0]) }}, upright, to scale</p>
        <x-bay :fit="$bay['fit']" :sketch="$bay['sketch']" />
    </x-fold>
@endforeach
@if ($system->choices !== [])
    <x-fold id="choices" title="Choices beside the plan" :answer="$answers->choices()" :open="$errors->has('choice') && ! old('as')">
        @include('stages.size.choices')
    </x-fold>
@endif
@if ($chemistries = $page->chemistries())
    <x-fold id="chemistries" title="Chemistries side by side" :answer="$answers->chemistries($page->best($chemistries))">
        @include('stages.size.chemistries', ['best' => $page->best($chemistries)])
    </x-fold>
@endif
@if ($voltages = $page->voltages())
    <x-fold id="voltages" title="12, 24 or 48 V" :answer="$answers->voltages($page->leadM())">@include('stages.size.voltages')</x-fold>
@endif
<x-fold id="growth" title="Room to grow" :answer="$answers->growth($page->growth())">
    <x-table caption="Room to grow" :head="['What', 'Left', 'By what']" quiet>
        @foreach ($page->growth() as $g)
            <tr><td>{{ ucfirst($say->word("growth.$g->what.name")) }}</td><td class="n num">{{ $g->left === null ? '–' : $show->text($g->left, $g->unit) }}</td>
                <td class="small muted"><span>{{ $say->said($g->words) }}</span></td></tr>
        @endforeach
    </x-table>
</x-fold>
@can('plan', $job)
    <x-fold id="wish" title="The wish" :answer="$answers->wish()" :open="old('_form') === 'wish'">@include('stages.size.wish')</x-fold>
    <x-fold id="choose" title="Choose the bank" answer="what fulfils the wish, lightest first; or any other" :open="old('_form') === 'bank' || !
        $page->banks->planned->exists()">
        @include('stages.size.choose', ['batteries' => $page->batteries()])
    </x-fold>
@endcan
