@if ($stays = $answers->stay())
    <x-fold id="stay" title="A typical stay" :answer="$stays">@unfolded('stay')
        <x-stay-chart :stay="$study->simulations->stay()" :job="$job" :sketch="$page->staySketch()" :months="$page->months()" />
    @endunfolded</x-fold>
@endif
@if ($study->simulations->year())
    <x-fold id="year" title="The year with the plan" :answer="$answers->year()">@unfolded('year')
        <x-year-chart :year="$study->simulations->year()" :sketch="$page->yearSketch()" />
    @endunfolded</x-fold>
@endif
<x-fold id="bank" title="The bank by itself" :answer="$answers->bank()" :open="! $page->pin->map">@unfolded('bank', ! $page->pin->map)
        @include('stages.size.bank')
    @endunfolded</x-fold>
@if ($roof = $study->simulations->roof())
    <x-fold id="roof" title="The roof, to scale" :answer="$answers->roof($roof)">@unfolded('roof')
        @include('stages.size.roof', ['sketch' => $sketch = $page->roofSketch($roof), 'picture' => $page->roofPicture($roof, $sketch),
            'shades' => $page->shades($roof)])
    @endunfolded</x-fold>
@endif
@if ($axles = $study->axles())
    <x-fold id="axles" title="On the axles" :answer="$answers->axles($axles)">@unfolded('axles')
        @include('stages.size.axles', ['sketch' => $page->axleSketch($axles)])
    @endunfolded</x-fold>
@endif
@foreach ($page->bays() as $which => $bay)
    <x-fold :id="'bay-' . $which" :title="'In the bay, ' . $which" :answer="$answers->bay($bay['fit'])">@unfolded('bay-' . $which)
        <p class="small muted">{{ count($bay['case']->parts) }} × {{ $say->part($bay['case']->parts[0]) }}, upright, to scale</p>
        <x-bay :fit="$bay['fit']" :sketch="$bay['sketch']" />
    @endunfolded</x-fold>
@endforeach
@if ($system->choices !== [])
    <x-fold id="choices" title="Choices beside the plan" :answer="$answers->choices()" :open="$errors->has('choice') && ! old('as')">@unfolded('choices',
        $errors->has('choice') && ! old('as'))
        @include('stages.size.choices')
    @endunfolded</x-fold>
@endif
@if ($chemistries = $page->chemistries())
    <x-fold id="chemistries" title="Chemistries side by side" :answer="$answers->chemistries($page->best($chemistries))">@unfolded('chemistries')
        @include('stages.size.chemistries', ['best' => $page->best($chemistries)])
    @endunfolded</x-fold>
@endif
@if ($page->energyWh() > 0)
    <x-fold id="voltages" title="12, 24 or 48 V" :answer="$answers->voltages($page->leadM())">@unfolded('voltages')
        @include('stages.size.voltages', ['voltages' => $page->voltages()])
    @endunfolded</x-fold>
@endif
<x-fold id="growth" title="Room to grow" :answer="$answers->growth($page->growth())">@unfolded('growth')
    <x-table caption="Room to grow" :head="['What', 'Left', 'By what']" quiet>
        @foreach ($page->growth() as $g)
            <tr><td>{{ ucfirst($say->word("growth.$g->what.name")) }}</td><td class="n num">{{ $g->left === null ? '–' : $show->text($g->left, $g->unit) }}</td>
                <td class="small muted"><span>{{ $say->said($g->words) }}</span></td></tr>
        @endforeach
    </x-table>
    @endunfolded</x-fold>
@may('plan', $job)
    <x-fold id="wish" title="The wish" :answer="$answers->wish()" :open="old('_form') === 'wish'">@unfolded('wish', old('_form') === 'wish')
        @include('stages.size.wish')
    @endunfolded</x-fold>
    <x-fold id="choose" title="Choose the bank" :answer="'what lasts ' . $page->alone() . ', lightest first; or any other'" :open="old('_form') === 'bank' || !
        $page->banks->planned->exists()">@unfolded('choose', old('_form') === 'bank' || ! $page->banks->planned->exists())
        @include('stages.size.choose', ['batteries' => $page->batteries()])
    @endunfolded</x-fold>
@endmay
