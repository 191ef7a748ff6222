@php($sun = $study->sun())
@php($sources = collect($system->parts)->filter(fn ($p) => $p->fate->isPlanned() && ($p->kind->isCharger() || in_array($p->kind->value, ['panel', 'alternator', 'isolator', 'shore_inlet'], true))))
<x-layout title="Sources" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1><span class="aside">{{ $system->place?->name }}{{ $system->place ? ', ' . round($system->place->latitudeDeg, 1) . '°' : '' }}</span></div>
    <p class="lead">
        @if (! $sun)Where is it used? Without a place the sun has no height. @can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Choose it in the brief.</a>@endcan
        @elseif (! $sun->ruling)Which months is it on the road? @can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Mark them in the brief.</a>@endcan
        @elseif ($study->loads()->budget->energyWhDay <= 0)Enter the loads first: nothing is needed yet.
        @else In {{ DateTime::createFromFormat('!n', (string) $sun->ruling->month)->format('F') }}, the poorest month on the road, {{ $show->text($sun->plannedW, 'W') }} of array bring <strong>{{ $show->text($sun->ruling->plannedWh, 'Wh') }}</strong> of <strong>{{ $show->text($sun->ruling->needWh, 'Wh') }}</strong> a day. @if ($sun->isBeyondAnyRoof())No roof is large enough there: another source must carry that month.@else Sun alone would take <strong>{{ $show->text($sun->ruling->neededW, 'W') }}</strong>.@endif
        @endif
    </p>
    @if ($sun)
        <div class="mt-4"><x-sun-year :sun="$sun" :sketch="$sunSketch" /></div>
        @if ($sun->ruling && $sun->needed())
            <div class="figures"><x-stat :figure="$sun->needed()" /><x-stat :figure="$sun->sunOf($sun->ruling)" label="Sun on the panel, a day" /><x-stat :figure="new Pebblefell\Finding\Figure('Covered', 100 * $sun->coverage(), '%', 'planned array’s yield ÷ need, poorest travelled month')" left /></div>
        @endif
    @endif
    @php($graph = $study->planned())
    @php($absorption = $study->settings()->profile?->figure(Pebblefell\Setting\Parameter::Absorption)->value ?? $study->banks()->planned->bank?->nominalV() ?? $system->vehicle->systemV)
    @php($low = $system->place?->recordLowC() ?? -15.0)
    @if ($arrays !== [])
        <div class="section"><div class="section-head"><h2>Sun: does each array fit its regulator?</h2><span class="aside">coldest morning {{ $show->text($low, '°C') }}{{ $system->place?->recordLowC === null ? ', estimated' : ', on record' }}; cells at {{ $show->text(Pebblefell\System\PvArray::HOT_CELL_C, '°C') }} in full sun</span></div>
        @foreach ($arrays as $array)
            @php($row = $array->regulator ? $job->parts->firstWhere('uid', $array->regulator->uid) : null)
            @php($d = $array->regulator?->data)
            <h3 class="mt-3">{{ ($array->regulator ? $say->part($array->regulator) : null) ?? 'No regulator' }} <small class="muted">{{ count($array->panels) }} panel{{ count($array->panels) === 1 ? '' : 's' }}, {{ $show->text($array->watts(), 'W') }}: {{ collect($array->panels)->countBy(fn ($p) => $say->part($p))->map(fn ($n, $name) => "$n × $name")->implode(', ') }}</small></h3>
            @if ($array->regulator && ($array->fit(1, $low, $absorption) !== null))
                <table class="stack"><caption class="sr-only">Ways to join the panels of {{ $say->part($array->regulator) }}</caption>
                    <thead><tr><th scope="col">Panels</th><th scope="col" class="n">Cold, open</th><th scope="col" class="n">Hot, working</th><th scope="col" class="n">Short circuit</th><th scope="col" class="n">Full sun</th><th scope="col">Judged</th><th scope="col"></th></tr></thead>
                    <tbody>@foreach (array_filter(range(1, min(8, count($array->panels))), fn ($s) => count($array->panels) % $s === 0) as $series)
                        @php($fit = $array->fit($series, $low, $absorption))
                        @php($worst = collect($fit->findings())->sortBy(fn ($f) => $f->severity->order())->first())
                        <tr><td>{{ $series }} in series, {{ intdiv(count($array->panels), $series) }} string{{ intdiv(count($array->panels), $series) === 1 ? '' : 's' }}{{ $series === $array->series() ? ' ◆' : '' }}</td>
                            <td class="n num" data-label="Cold, open">{{ $show->text($fit->vocColdV, 'V') }} <small class="muted">of {{ $show->text($d->number('max_pv_v') ?? 0, 'V') }}</small> <x-how :figure="$fit->vocCold()" :left="true" /></td>
                            <td class="n num" data-label="Hot, working">{{ $show->text($fit->vmpHotV, 'V') }} <x-how :figure="$fit->vmpHot()" :left="true" /></td>
                            <td class="n num" data-label="Short circuit">{{ $show->text($fit->iscA, 'A') }}@if ($d->number('max_pv_isc_a')) <small class="muted">of {{ $show->text($d->number('max_pv_isc_a'), 'A') }}</small>@endif</td>
                            <td class="n num" data-label="Full sun">{{ $show->text($fit->chargeA, 'A') }}@if ($fit->chargeAUnclipped > $fit->chargeA + 0.05) <small class="muted">clipped from {{ $show->text($fit->chargeAUnclipped, 'A') }}</small>@endif</td>
                            <td data-label="Judged"><span class="inline-flex gap-2 items-start">@if ($worst)<x-severity :of="$worst->severity" /> {{ $say->finding($worst)->title }}@else<span class="tag good">fits</span>@endif</span></td>
                            <td class="n">@can('plan', $job)@if ($series !== $array->series())<form method="post" action="{{ route('arrays.update', [$job, $row]) }}" data-live>@csrf @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="series" value="{{ $series }}"><button class="btn plain">Choose<span class="sr-only">: {{ $series }} in series</span></button></form>@endif @endcan</td></tr>
                    @endforeach</tbody></table>
                @if ($gain = $gains[$array->regulator->uid] ?? null)<p class="small mt-1">In a year, were all of it used: MPPT {{ $show->text($gain->mpptWh, 'Wh') }}, PWM {{ $show->text($gain->pwmWh, 'Wh') }}; MPPT is {{ round(100 * $gain->gain()) }} % ahead. Fitted is {{ strtoupper($d->text('technology') ?? '') }}.</p>@endif
            @elseif ($array->regulator)<p class="small muted">The data sheets of panels or regulator have gaps: open volts, working volts and currents are needed to judge the fit.</p>@endif
        @endforeach
        <p class="small muted mt-2">A regulator wants the battery before it sees the sun: connect the battery first, disconnect it last. Different panels belong on different regulators; a portable panel gets an input of its own.</p></div>
    @endif
    @php($dcdcs = $graph->ofKind(Pebblefell\System\PartKind::Dcdc))
    @php($seconds = array_filter($graph->ofKind(Pebblefell\System\PartKind::Alternator), fn ($p) => $p->data->flag('for_house') === true))
    @php($isolators = $graph->ofKind(Pebblefell\System\PartKind::Isolator))
    @if ($dcdcs !== [] || $seconds !== [] || $isolators !== [])
        <div class="section"><div class="section-head"><h2>Alternator</h2><span class="aside">{{ $show->figure(Pebblefell\Stage\Sources\AlternatorCheck::rated($graph)) }} {{ Pebblefell\Stage\Sources\AlternatorCheck::rated($graph)->restsOnAssumption() ? 'assumed: read its label' : 'rated' }}; the vehicle itself takes about {{ $show->text(Pebblefell\Stage\Sources\AlternatorCheck::VEHICLE_A, 'A') }}</span></div>
        @if ($dcdcs !== [])<table class="stack"><caption class="sr-only">DC-DC chargers</caption><thead><tr><th scope="col">DC-DC charger</th><th scope="col" class="n">Takes</th><th scope="col" class="n">Of the alternator</th><th scope="col" class="n">Lost on the lead</th><th scope="col">At idle</th><th scope="col" class="n">Dial to</th><th scope="col">Engine signal</th></tr></thead>
            <tbody>@foreach ($dcdcs as $charger)@if ($fit = Pebblefell\Stage\Sources\AlternatorCheck::dcdc($system, $graph, $charger))
                <tr><td>{{ $say->part($charger) }}<div class="small muted">{{ $show->text($fit->outputA, 'A') }} out</div></td><td class="n num" data-label="Takes">{{ $show->text($fit->inputA, 'A') }} <x-how :figure="$fit->input()" :left="true" /></td><td class="n num" data-label="Of the alternator">{{ $show->text($fit->sharePct(), '%') }}</td><td class="n num" data-label="Lost on the lead">@if ($fit->lead){{ $show->text($fit->dropV(), 'V') }} <x-how :figure="$fit->drop()" :left="true" />@else<span class="small muted">lead not noted</span>@endif</td><td data-label="At idle"><span class="tag {{ $fit->mayChargeAtIdle() ? 'good' : 'look' }}">{{ $fit->mayChargeAtIdle() ? ($fit->outputA > Pebblefell\Charging\DcdcFit::EASY_A ? 'for minutes' : 'may charge') : 'off' }}</span></td><td class="n num" data-label="Dial to">{{ $fit->recommendedOutputA > 0 ? $show->text($fit->recommendedOutputA, 'A') : 'too weak' }}</td><td data-label="Engine signal"><span>{{ Pebblefell\Stage\Sources\AlternatorCheck::hasEngineSignal($graph, $charger) ? 'noted' : 'missing: without it the starter battery is drained' }}</span></td></tr>
            @endif @endforeach</tbody></table>@endif
        @if ($isolators !== [] && ($draw = Pebblefell\Stage\Sources\AlternatorCheck::throughRelay($study)))<div class="mt-2">Through {{ $say->part($isolators[0]) }} an emptied bank would draw about <strong>{{ $show->figure($draw) }}</strong> <x-how :figure="$draw" />; a fairly full one 10 to 30 A.{{ $isolators[0]->data->text('method') === 'duty_cycled' ? ' Switched on and off in turns, its mean is a fraction of that.' : '' }}</div>@endif
        @foreach ($seconds as $second)@if ($sense = Pebblefell\Stage\Sources\AlternatorCheck::senseWire($study, $second))<div class="mt-2">{{ $say->part($second) }}, second alternator, bank at 80 %: <strong>{{ $show->figure($sense[0]) }}</strong> <x-how :figure="$sense[0]" /> with the sense wire at the bank, {{ $show->figure($sense[1]) }} <x-how :figure="$sense[1]" /> without. The wire gains {{ $show->text($sense[0]->value - $sense[1]->value, 'A') }}; fuse it at the bank.</div>@endif @endforeach
        <p class="small muted mt-1">A trailer’s path counts both vehicles’ leads: note each run in Survey, the tow vehicle’s and the trailer’s, to the plug.</p></div>
    @endif
    @if ($mains->chargerA > 0 || $mains->outletsW > 0)
        <div class="section"><div class="section-head"><h2>Hook-up and generator</h2><span class="aside">charging {{ $show->text($mains->chargerA, 'A') }}, outlets up to {{ $show->text($mains->outletsW, 'W') }}</span></div>
            <table class="stack"><caption class="sr-only">Posts</caption><thead><tr><th scope="col">Post</th><th scope="col" class="n">Charger takes</th><th scope="col" class="n">With the outlets</th><th scope="col" class="n">Left</th><th scope="col" class="n">Charger at most</th><th scope="col">Then</th></tr></thead>
                <tbody>@foreach ($mains->posts() as $post)<tr><td>{{ $show->text($post->breakerA, 'A') }} at {{ round($post->mainsV) }} V</td><td class="n num" data-label="Charger takes">{{ $show->text($post->chargerAcA, 'A') }}</td><td class="n num" data-label="With the outlets">{{ $show->text($post->totalAcA, 'A') }} <x-how :figure="$post->total()" :left="true" /></td><td class="n num" data-label="Left">{{ $show->text($post->headroomA, 'A') }}</td><td class="n num" data-label="Charger at most">{{ $show->text($post->maxChargerOutputA, 'A') }}</td><td data-label="Then"><span>@if ($post->headroomA >= 0)<span class="tag good">carries both</span>@elseif (($support = $mains->supportA($post)) > 0)the bank adds {{ $show->text($support, 'A') }}; charging waits @elseif ($mains->supports)set the input limit; charging steps back @else the breaker trips: charge less, or boil later @endif</span></td></tr>@endforeach</tbody></table>
            @php([$alone, $helped] = [$mains->generatorAlone(), $mains->generatorHelped()])
            <div class="mt-2">Smallest generator: alone <strong>{{ ($size = Pebblefell\Stage\Sources\MainsCheck::smallest($alone->value)) ? $show->text($size, 'W') : 'none for vehicles' }}</strong> for {{ $show->figure($alone) }} <x-how :figure="$alone" />; with the inverter’s help <strong>{{ ($size = Pebblefell\Stage\Sources\MainsCheck::smallest($helped->value)) ? $show->text($size, 'W') : 'none for vehicles' }}</strong> for {{ $show->figure($helped) }} <x-how :figure="$helped" />, running {{ Pebblefell\Stage\Sources\MainsCheck::GENERATOR_H }} h a day{{ $mains->supports ? '' : ' (needs an inverter-charger that tops up)' }}. A charger fed from the inverter’s own outlets would go round in a circle: it is refused as a Stop where the wires are drawn so.</div></div>
    @endif
    @if ($inverter)
        <div class="section"><div class="section-head"><h2>Inverter</h2><span class="aside">{{ $say->part($inverter->inverter) }}</span></div>
            <div class="figures mt-0!">@if ($inverter->lowVoltsA())<x-stat :figure="$inverter->lowVoltsA()" label="DC at low volts" /><x-stat :figure="$inverter->heatW()" label="Heat at full power" />@endif<x-stat :figure="$inverter->idleDay()" label="Left on, a day" left /></div>
            <p class="small">Continuous {{ $show->text($inverter->inverter->data->number('continuous_w') ?? 0, 'W') }}{{ $inverter->inverter->data->number('surge_w') ? ', surge ' . $show->text($inverter->inverter->data->number('surge_w'), 'W') : '' }}; asked {{ $show->text($study->loads()->budget->acPeakW, 'W') }} at once, {{ $show->text($study->loads()->budget->surgeW, 'W') }} at the largest start. Leave a hand’s width free on all sides, its own fuse at the bank, a switch within reach. Outlets: {{ round($region->mainsV()) }} V with {{ $say->word("regions.$region->value.earth_leakage") }}, under {{ $say->word("regions.$region->value.mains_rule") }}.</p>
            @if ($together)<x-together :together="$together" />@endif</div>
    @endif
    @if ($year && collect($year->months)->sum('frostNights') > 0)
        <div class="section"><div class="section-head"><h2>Cold</h2><span class="aside">simulated year; bay {{ $system->travel->coldestBatteryC === null ? 'as cold as outside' : 'kept above ' . $show->text($system->travel->coldestBatteryC, '°C') }}</span></div>
            <table class="stack"><caption class="sr-only">Cold by month</caption><thead><tr><th scope="col">Month</th><th scope="col" class="n">Nights below the limit</th><th scope="col" class="n">Charge blocked</th><th scope="col" class="n">Heating</th></tr></thead><tbody>@foreach ($year->months as $m)@if ($m->frostNights > 0)<tr><td>{{ DateTime::createFromFormat('!n', (string) $m->month)->format('F') }}{{ $m->travelled ? '' : ', standing' }}</td><td class="n num" data-label="Nights below the limit">{{ $m->frostNights }}</td><td class="n num" data-label="Charge blocked">{{ $show->text($m->blockedH, 'h') }}</td><td class="n num" data-label="Heating">{{ $m->heaterWh > 0 ? $show->text($m->heaterWh, 'Wh') : '–' }}</td></tr>@endif @endforeach</tbody></table>
            <p class="small muted mt-1">The danger is a sunny morning after a freezing night. Test the battery’s cut-off in the cold, do not assume it; some are missing or dead.</p></div>
    @endif
    @if ($start)
        <div class="section"><div class="section-head"><h2>Starting the engine from the house bank</h2></div>
            <div>{{ $start->byRelay ? 'By relay: the bank can give' : 'Not by relay: the bank gives only' }} {{ $show->figure($start->bankA) }} <x-how :figure="$start->bankA" /> for seconds, a starter asks for about {{ $show->text(Pebblefell\Stage\Sources\EngineStart::CRANK_A, 'A') }}.{{ $start->byRelay ? '' : ' The BMS would open in the middle of it.' }} By charging the starter battery first: about <strong>{{ $show->figure($start->minutes) }}</strong> <x-how :figure="$start->minutes" /> with {{ $show->text(Pebblefell\Stage\Sources\EngineStart::CHARGER_A, 'A') }}; gentler, and nothing has to carry hundreds of amps.</div></div>
    @endif
    <div class="section">
        <div class="section-head"><h2>What charges it</h2><span class="aside">as planned</span></div>
        @if ($sources->isEmpty())<x-empty title="No source yet"><p>Survey lists what is there; below, add what is to come.</p></x-empty>
        @else
            <table class="stack"><caption class="sr-only">Sources</caption>
                <thead><tr><th scope="col">Source</th><th scope="col">Limits</th><th scope="col">At most</th><th scope="col">Becomes</th></tr></thead>
                <tbody>@foreach ($sources as $part)
                    @php($row = $job->parts->firstWhere('uid', $part->uid))
                    @php($amps = $part->data->number('max_charge_a') ?? $part->data->number('output_a') ?? $part->data->number('charge_a'))
                    <tr><td><a href="{{ route('parts.edit', [$job, $row]) }}">{{ $say->part($part) }}</a><div class="small muted">{{ $say->name($part->kind) }}</div></td>
                        <td class="small" data-label="Limits"><span>{{ App\Words\PartWords::of($part, $show, $say) }}</span></td>
                        <td class="num" data-label="At most">{{ $amps ? '▲ ' . $show->text($amps, 'A') . ', ' . $show->text($amps * ($study->banks()->planned->bank?->nominalV() ?? $system->vehicle->systemV), 'W') : ($part->data->number('pmax_w') ? '▲ ' . $show->text($part->data->number('pmax_w'), 'W') : '–') }}</td>
                        <td data-label="Becomes"><span class="tag {{ $part->fate->value === 'add' ? 'in' : '' }}">{{ $say->name($part->fate) }}</span></td></tr>
                @endforeach</tbody>
            </table>
        @endif
        <p class="small muted mt-3">Hook-ups in {{ $say->name($region) }}: {{ collect($region->hookUpsA())->map(fn ($a) => $show->text($a, 'A') . ' (' . $show->text($a * $region->mainsV(), 'W') . ')')->implode(', ') }}. Charging and what is passed through share it.</p>
        <x-caution>{{ $say->said($region->solarCaution()) }} {{ $say->said($region->mainsCaution()) }}</x-caution>
    </div>
    @can('plan', $job)
        <div class="section" id="add"><div class="section-head"><h2>Add a source</h2><span class="aside">from the parts library</span></div>
            <form method="post" action="{{ route('parts.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="source"><input type="hidden" name="fate" value="add"><input type="hidden" name="back" value="/jobs/{{ $job->id }}/sources">
                <div class="form-grid">
                    <div class="field"><label for="source-library">Part</label><select id="source-library" name="library_part_id" required data-add-field><option value="">choose</option>@foreach ($library as $kind => $parts)<optgroup label="{{ $kind }}">@foreach ($parts as $part)<option value="{{ $part->id }}" @selected(old('_form') === 'source' && (int) old('library_part_id') === $part->id)>{{ $part->name() }}</option>@endforeach</optgroup>@endforeach</select>@if (old('_form') === 'source')@error('library_part_id')<div class="error">{{ $message }}</div>@enderror @endif</div>
                    <x-field form="source" label="How many" name="count" value="1" inputmode="numeric" />
                    <x-field form="source" label="Where it goes" name="place" placeholder="roof, front" />
                </div>
                <div class="actions"><button class="btn" data-add>Add it to the plan</button></div>
            </form></div>
    @endcan
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
