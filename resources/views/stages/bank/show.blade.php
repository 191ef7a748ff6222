@php($drawing = $desk->drawing)
@php($share = $desk->share)
@php($bank = $study->banks()->planned->bank)
<x-layout title="Bank" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1><span class="aside">{{ $bank ? count($bank->batteries) . ' × ' . $say->part($study->banks()->planned->parts[0]) . ($bank->series > 1 ? ', strings of ' . $bank->series : '') : '' }}</span></div>
    @if (! $drawing)
        <x-empty title="No bank is planned"><p>Size chooses one; its links are drawn here.</p></x-empty>
    @else
        @php($limit = $drawing->trueLimit(true))
        @php($spread = $share->spreadPct())
        @php($names = array_map(fn ($p) => $p->uid, array_merge(...$drawing->strings)))
        <p class="lead">@if (count($drawing->strings) === 1)One string: every battery in it carries all of it.
            @elseif ($spread !== null && $spread <= 10)They carry alike: the currents spread by <strong>{{ $show->text($spread) }} %</strong>.
            @else Battery <strong>{{ array_search($drawing->network->sources[array_search(max($share->amps) > 0 ? round(max($share->amps), 3) : round(min($share->amps), 3), array_map(fn ($a) => round($a, 3), $share->amps), true)]->id, $names, true) + 1 }}</strong> works hardest: the currents spread by <strong>{{ $show->text($spread ?? 0) }} %</strong>{{ $limit && $limit->value < $limit->inputs[0]->value - .5 ? ', and the bank gives ' . $show->figure($limit) . ' before the first BMS opens, not ' . $show->figure($limit->inputs[0]) : '' }}.@endif
            @if ($drawing->problem !== null)<span class="text-rust">As drawn it is not joined up ({{ $say->refusal($drawing->problem) }}); the usual links stand in.</span>@elseif ($drawing->assumed)<span class="muted">≈ Some sizes, lengths or take-offs are not noted yet and are assumed.</span>@endif</p>
        <form method="get" action="{{ route('bank', $job) }}" class="map-form mt-3" data-look>
            <div class="field"><label for="b-layout">Layout</label><select id="b-layout" name="layout"><option value="">as drawn in the plan</option>@foreach (Pebblefell\Bank\Layout::cases() as $l)<option value="{{ $l->value }}" @selected($desk->layout === $l)>{{ $say->name($l) }}</option>@endforeach</select></div>
            <div class="field"><label for="b-beside">Beside it</label><select id="b-beside" name="beside">@foreach (Pebblefell\Bank\Layout::cases() as $l)<option value="{{ $l->value }}" @selected($desk->other === $l)>{{ $say->name($l) }}</option>@endforeach</select></div>
            <div class="field narrow"><label for="b-load">Load, A</label><input id="b-load" name="load" value="{{ $show->field($desk->loadA) }}" inputmode="text"></div>
            <div class="field narrow"><label for="b-mm2">Links, mm²</label><input id="b-mm2" name="mm2" value="{{ $show->field($desk->mm2) }}" inputmode="decimal"></div>
            <div class="field narrow"><label for="b-link">Link, m</label><input id="b-link" name="link_m" value="{{ $show->field($desk->linkM) }}" inputmode="decimal"></div>
            <div class="field narrow"><label for="b-lead">Lead, m</label><input id="b-lead" name="lead_m" value="{{ $show->field($desk->leadM) }}" inputmode="decimal"></div>
            <noscript><button class="btn plain">Look</button></noscript>
        </form>
        <p class="small muted mt-1">A negative load is a charge. Touch a terminal to move its take-off; touch a link’s amps to make its joint loose by {{ $show->text($desk->looseMohm) }} mΩ.</p>
        <div class="mt-3"><x-bank-drawing :drawing="$drawing" :share="$share" :job="$job" :desk="$desk" :sketch="$sketch" /></div>
        @if (count($drawing->strings) > 1 && $desk->layout === null && $drawing->problem === null)@can('plan', $job)<form method="post" action="{{ route('bank.order', $job) }}" class="map-form mt-2" data-bank-order>@csrf @method('put')<input type="hidden" name="_form" value="ord">
            <x-field form="ord" label="Order" name="order" :value="implode(' ', range(1, count($names)))" inputmode="numeric" help="Or drag a battery to its place." /><button class="btn plain">Stand them so</button></form>@endcan @endif
        <div class="figures">
            <x-stat :figure="new Pebblefell\Finding\Figure('Spread', round($spread ?? 0, 1), '%', '(largest − smallest current) ÷ mean', [Pebblefell\Finding\Figure::given('load', $desk->loadA, 'A')], 'nodal analysis: Ho, Ruehli & Brennan 1975')" label="Spread" />
            @if ($limit)<x-stat :figure="$limit" label="Gives before a BMS opens" />@endif
            @if ($charge = $drawing->trueLimit(false))<x-stat :figure="$charge" label="Takes before a BMS opens" />@endif
            @if ($share->lostV() !== null)<x-stat :figure="new Pebblefell\Finding\Figure('Lost in the links', $share->lostV(), 'V', 'heat in the links ÷ load', [Pebblefell\Finding\Figure::given('load', $desk->loadA, 'A')], 'Joule’s law')" label="Lost in the links" />@endif
            <x-stat :figure="new Pebblefell\Finding\Figure('Heat in the links', $share->heatW(), 'W', 'sum of I² × R', [], 'Joule’s law')" left />
        </div>
        @can('plan', $job)@if (count($drawing->strings) > 1 && ($desk->layout || $drawing->positive === Pebblefell\Bank\Layout::POSITIVE))
            <form method="post" action="{{ route('bank.links', $job) }}" class="mt-2">@csrf @method('put')<input type="hidden" name="layout" value="{{ ($desk->layout ?? Pebblefell\Bank\Layout::Across)->value }}">@if ($drawing->takeoffs)<input type="hidden" name="plus" value="{{ $drawing->takeoffs[0] }}"><input type="hidden" name="minus" value="{{ $drawing->takeoffs[1] }}">@endif<input type="hidden" name="mm2" value="{{ $desk->mm2 }}"><input type="hidden" name="link_m" value="{{ $desk->linkM }}"><input type="hidden" name="lead_m" value="{{ $desk->leadM }}"><button class="btn">Draw it so into the plan</button></form>
        @endif @endcan
        @if (count($drawing->strings) > 1)
            @php($otherShare = $desk->beside->network->share($desk->loadA))
            <div class="section"><div class="section-head"><h2>Beside it: {{ $say->name($desk->other) }}</h2><span class="aside">{{ $say->word('layouts.words.' . $desk->other->value) }}</span></div>
                <x-bank-drawing :drawing="$desk->beside" :share="$otherShare" :job="$job" :sketch="$besideSketch" :name="'Beside it, '.$say->name($desk->other)" />
                <table class="stack"><caption class="sr-only">Two layouts side by side</caption><thead><tr><th scope="col">Battery</th><th scope="col" class="n">{{ $desk->layout ? $say->name($desk->layout) : 'as drawn' }}</th><th scope="col" class="n">{{ $say->name($desk->other) }}</th><th scope="col" class="n">Ages, against an even share</th></tr></thead>
                    <tbody>@foreach ($names as $k => $uid)@php($b = array_search($uid, array_map(fn ($q) => $q->id, $drawing->network->sources), true))@php($fair = $desk->loadA / count($drawing->strings))<tr><td>{{ $k + 1 }} {{ $drawing->part($uid)?->serial }}</td><td class="n num" data-label="{{ $desk->layout ? $say->name($desk->layout) : 'as drawn' }}">{{ $show->text($share->amps[$b], 'A') }}</td><td class="n num" data-label="{{ $say->name($desk->other) }}">{{ $show->text($otherShare->amps[$b], 'A') }}</td><td class="n num" data-label="Ages">{{ $fair != 0 ? $show->text($share->amps[$b] / $fair) . ' ×' : '–' }}</td></tr>@endforeach
                    <tr><td>Bank volts</td><td class="n num" data-label="{{ $desk->layout ? $say->name($desk->layout) : 'as drawn' }}">{{ $show->text($share->bankV, 'V') }}</td><td class="n num" data-label="{{ $say->name($desk->other) }}">{{ $show->text($otherShare->bankV, 'V') }}</td><td></td></tr>
                    <tr><td>Before a BMS opens</td><td class="n num" data-label="{{ $desk->layout ? $say->name($desk->layout) : 'as drawn' }}">{{ $limit ? $show->figure($limit) : 'limits not known' }}</td><td class="n num" data-label="{{ $say->name($desk->other) }}">{{ ($ol = $desk->beside->trueLimit(true)) ? $show->figure($ol) : 'limits not known' }}</td><td></td></tr></tbody></table>
                <p class="small muted mt-1">Ageing is counted by the Ah that go through: the battery with 1.4 times the share has done its cycles in 70 % of the time.</p></div>
        @endif
        @if ($desk->drift && count($drawing->strings) > 1)
            @php($course = $desk->drift->course)
            @php($last = $course[count($course) - 1]['hours'])
            @php($top = max([1.0, ...array_map(fn ($c) => max(array_map(abs(...), $c['amps'])), $course)]))
            <div class="section"><div class="section-head"><h2>Through a whole {{ $desk->loadA > 0 ? 'discharge' : 'charge' }}</h2><span class="aside">{{ $show->text(abs($desk->loadA), 'A') }} for {{ $show->text($last, 'h') }}; it ends when {{ $say->word('balance.drift.' . $desk->drift->ended, ['name' => $say->word('balance.battery', ['number' => (string) (1 + $desk->drift->endedBy)])]) }}; the charges drift apart by up to {{ $show->text($desk->drift->widestPct()) }} points</span></div>
                <svg class="draw" viewBox="{{ $driftSketch->frame->viewBox() }}" role="img" aria-label="Amps of each battery over the hours">
                    @foreach ($driftSketch->hours as $t)
                        <line class="grid" x1="{{ $t->at }}" x2="{{ $t->at }}" y1="{{ $driftSketch->frame->top }}" y2="{{ $driftSketch->frame->bottom }}"/><text class="axis mid" x="{{ $t->at }}" y="{{ $driftSketch->frame->bottom + 18 }}">{{ $show->text($t->value, 'h') }}</text>
                    @endforeach
                    <text class="axis end" x="{{ $driftSketch->frame->left - 6 }}" y="18">{{ $show->text($driftSketch->mostA, 'A') }}</text><text class="axis end" x="{{ $driftSketch->frame->left - 6 }}" y="{{ $driftSketch->frame->bottom + 4 }}">0</text>
                    @foreach ($driftSketch->curves as $c)<path class="series-{{ $c['number'] % 4 }} thin" d="{{ $c['path'] }}"/><text class="axis end" x="{{ $driftSketch->frame->width - 2 }}" y="{{ $c['y'] }}">{{ $c['number'] }}</text>@endforeach
                </svg></div>
        @endif
        @if (count($drawing->strings) > 1)
        <div class="section"><div class="section-head"><h2>Which joint is it?</h2><span class="aside">read at each battery under a steady load of {{ $show->text($desk->loadA, 'A') }}; − is charging</span></div>
            <form method="get" action="{{ route('bank', $job) }}">
                @foreach (['layout' => $desk->layout?->value, 'load' => $desk->loadA, 'mm2' => $desk->mm2, 'link_m' => $desk->linkM, 'lead_m' => $desk->leadM, 'plus' => $desk->layout || $drawing->takeoffs === null ? null : request('plus'), 'minus' => $desk->layout || $drawing->takeoffs === null ? null : request('minus')] as $key => $value)@if ($value !== null)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endif @endforeach
                @php($meter = $desk->byVolts ? 'volts' : 'amps')
                <p class="pick mb-2"><a href="{{ request()->fullUrlWithQuery(['amps' => [''], 'volts' => null]) }}" @if (! $desk->byVolts) aria-current="true" @endif>amps, by clamp</a><a href="{{ request()->fullUrlWithQuery(['volts' => [''], 'amps' => null]) }}" @if ($desk->byVolts) aria-current="true" @endif>volts, at its terminals</a></p>
                <div class="form-grid">@foreach ($drawing->network->sources as $i => $source)<div class="field"><label for="read-{{ $i }}">Battery {{ array_search($source->id, $names, true) + 1 }}</label><div class="with-unit"><input id="read-{{ $i }}" name="{{ $meter }}[{{ $i }}]" value="{{ $desk->measured[$i] ?? '' }}" inputmode="text"><span class="unit">{{ $desk->byVolts ? 'V' : 'A' }}</span></div></div>@endforeach</div>
                @if ($desk->measuredFault)<div class="error mt-1">{{ $desk->measuredFault }}</div>@endif
                <div class="actions"><button class="btn plain">Find it</button></div>
            </form>
            @if ($desk->suspects)
                <table class="stack mt-3"><caption class="sr-only">Suspects</caption><thead><tr><th scope="col">Likeliest first</th><th scope="col" class="n">Would be worse by</th><th scope="col" class="n">Left unexplained</th></tr></thead><tbody>@foreach (array_slice($desk->suspects, 0, 4) as $sus)<tr><td>@if ($sus->kind === 'none')Nothing is wrong @elseif ($sus->kind === 'battery')Battery {{ array_search($sus->name, $names, true) + 1 }} itself: tired, or its own fuse or terminal @else The link {{ preg_replace_callback('/(p\d+)([+-])/', fn ($m) => (array_search($m[1], $names, true) + 1) . ($m[2] === '+' ? ' plus' : ' minus'), str_replace([Pebblefell\Bank\Layout::POSITIVE, Pebblefell\Bank\Layout::NEGATIVE], ['take-off +', 'take-off −'], $sus->name)) }} @endif</td><td class="n num" data-label="Worse by">{{ $sus->addedOhm > 0 ? $show->text($sus->addedOhm * 1000) . ' mΩ' : '–' }}</td><td class="n num" data-label="Left unexplained">{{ $show->text($sus->error) }} {{ $desk->byVolts ? 'mV' : '%' }}</td></tr>@endforeach</tbody></table>
                <p class="small muted mt-1">Below {{ $desk->byVolts ? Pebblefell\Bank\Diagnosis::METER_MV . ' mV is within a meter’s error' : Pebblefell\Bank\Diagnosis::METER_PCT . ' % is within a clamp meter’s error' }}. Undo, clean and retighten the first suspect to its torque, then measure again.</p>
            @endif</div>
        @endif
        <div class="section"><div class="section-head"><h2>Inside a self-built pack</h2><span class="aside">LFP cells; the fullest group decides, and the charger cannot see it</span></div>
            <form method="get" action="{{ route('bank', $job) }}#pack" id="pack"><div class="form-grid">@foreach (['groups' => ['Groups in series', ''], 'parallel' => ['Cells in a group', ''], 'cell_ah' => ['A cell', 'Ah'], 'capacity_spread_pct' => ['Capacity spread', '%'], 'charge_spread_pct' => ['Charge spread', '%'], 'soc_pct' => ['Charge now', '%'], 'charge_a' => ['Charge current', 'A'], 'bleed_a' => ['Balancer bleeds', 'A'], 'pack_a' => ['Drawn at most', 'A'], 'bms_one' => ['Price of one large BMS', ''], 'bms_each' => ['Price of a string’s BMS', '']] as $key => [$label, $unit])<div class="field"><label for="pk-{{ $key }}">{{ $label }}</label><div class="with-unit"><input id="pk-{{ $key }}" name="{{ $key }}" value="{{ $show->field($desk->packInput[$key]) }}" inputmode="decimal">@if ($unit)<span class="unit">{{ $unit }}</span>@endif</div></div>@endforeach</div>
                @if ($desk->packFault)<div class="error mt-1">{{ $desk->packFault }}</div>@endif<div class="actions"><button class="btn plain">Look inside</button></div></form>
            @if ($pack = $desk->pack)
                <svg class="draw mt-2" viewBox="{{ $packSketch->frame->viewBox() }}" role="img" aria-label="Volts of each group when the first reaches its limit">
                    @foreach ($packSketch->bars as $i => $b)
                        <rect class="{{ $b['full'] ? 'f-rust' : 'f-tarn-wash' }}" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
                        @if (! $packSketch->frame->isNarrow() || count($packSketch->bars) <= 8)<text class="axis mid" x="{{ $b['mid'] }}" y="{{ $b['y'] - 4 }}">{{ number_format($b['volts'], $packSketch->frame->isNarrow() ? 2 : 3) }}</text>@endif
                        <text class="axis mid" x="{{ $b['mid'] }}" y="{{ $packSketch->frame->bottom + 18 }}">{{ $i + 1 }}</text>
                    @endforeach
                </svg>
                <p>The first group passes {{ $show->text(Pebblefell\Bank\Pack::CELL_LIMIT_V, 'V') }} when the pack reads <strong>{{ $show->text($pack->packLimitV, 'V') }}</strong>: above that a charger harms a cell it cannot see. {{ $show->text($pack->spreadMv()) }} mV then lie between the groups, {{ $show->text($pack->leftAh, 'Ah') }} of the emptiest are not filled. The balancer needs <strong>{{ $show->text($pack->balanceH, 'h') }}</strong> at the top to take that away.</p>
                @if ($desk->packInput['parallel'] > 1)
                @php($schools = Pebblefell\Bank\PackSchool::both((int) $desk->packInput['groups'], (int) $desk->packInput['parallel'], max(0, $desk->packInput['pack_a']), $desk->packInput['bms_one'] ?: null, $desk->packInput['bms_each'] ?: null))
                <table class="stack mt-3"><caption class="sr-only">The two schools of building it</caption><thead><tr><th scope="col">Two schools</th>@foreach ($schools as $school)<th scope="col" class="n">{{ $say->said($school->name) }}</th>@endforeach</tr></thead><tbody>
                    @foreach ([['BMSs', fn ($q) => $q->bms], ['Cells seen one by one', fn ($q) => $q->cellsSeen === $q->cells ? 'all ' . $q->cells : $q->cellsSeen . ' groups of ' . $q->cells . ' cells'], ['A cell that lost 10 % shows as', fn ($q) => $show->text($q->weakShows, '%')], ['Left when a BMS opens', fn ($q) => $q->leftPct > 0 ? $show->text($q->leftPct, '%') : 'nothing'], ['Each BMS carries, shared evenly', fn ($q) => $show->text($q->eachBmsA, 'A')], ['BMS cost', fn ($q) => $q->price === null ? 'no price given' : $show->text($q->price, '¤')]] as [$line, $of])<tr><td>{{ $line }}</td>@foreach ($schools as $school)<td class="n num" data-label="{{ $say->said($school->name) }}">{{ $of($school) }}</td>@endforeach</tr>@endforeach</tbody></table>
                <p class="small mt-1">One large BMS is cheaper, and one point of failure; the cells of a group hide behind one reading. Strings with a BMS each see every cell, and one goes on when the other stops; they then share like batteries in parallel, so mind their links. Say what weighs more here.</p>
                @endif
                <p class="small muted mt-2">Without a BMS? Some hold that healthy cells and other cut-offs will do. Pebblefell always asks for one: the pack’s two ends say nothing of its cells, and it is the last safety layer, not the daily control.</p>
            @endif</div>
        <x-caution>{{ $say->said($region->bankCaution()) }} Before a string is closed onto the bar, measure it: strings within a few tenths of a volt, or balance first.</x-caution>
        <p class="small muted mt-2">Like with like: one maker, model, age and BMS. Leads that must be equal are of one size and one length; none may chafe another. {{ $study->banks()->bayFit($study->banks()->planned) ? 'At least ' . $show->text(Pebblefell\Bank\BayFit::GAP_MM, 'mm') . ' between blocks.' : '' }} Keep the means to take one battery out and go on with the rest.</p>
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
