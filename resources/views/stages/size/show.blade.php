@php($banks = $study->banks())
@php($found = $banks->found)
@php($planned = $banks->planned)
@php($changed = $system->difference()->parts(Pebblefell\System\Fate::Add) !== [] || count($study->found()->houseBatteries()) !== count($study->planned()->houseBatteries()))
@php($energy = $study->loads()->budget->energyWhDay)
<x-layout title="Size" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1><span class="aside">{{ $study->loads()->scenario?->name }}, {{ $show->text($energy, 'Wh') }} a day, battery at {{ $show->text($banks->celsius->value, '°C') }}</span></div>
    <p class="lead">
        @if ($energy <= 0)Enter the loads first: without them no bank has a size.
        @elseif (! $planned->exists())No bank is planned yet. For {{ $show->text($system->travel->wishDays) }} days it takes <strong>{{ $show->figure($banks->need) }}</strong> of {{ $say->name($system->target) }}.
        @elseif ($found->exists() && $changed)The planned bank lasts <strong>{{ $show->text($planned->days()->value) }} days</strong> without any charge, the old one <strong>{{ $show->text($found->days()->value) }}</strong>. It is {{ $banks->savedKg()->value >= 0 ? $show->text($banks->savedKg()->value, 'kg') . ' lighter' : $show->text(-$banks->savedKg()->value, 'kg') . ' heavier' }}.
        @else It lasts <strong>{{ $show->text($planned->days()->value) }} days</strong> without any charge; wished are {{ $show->text($system->travel->wishDays) }}.@endif
    </p>
    @if ($pin->map)
        <form method="get" action="{{ route('size', $job) }}" class="map-form mt-3" data-map-form>
            <div class="field"><label for="map-battery">Battery</label><select id="map-battery" name="battery">@foreach ($pin->batteries as $b)<option value="{{ $b->uid }}" @selected($pin->battery?->uid === $b->uid)>{{ $say->part($b) }}</option>@endforeach @if (! is_numeric($pin->battery->uid))<option value="" selected>{{ $say->part($pin->battery) }}, as planned</option>@endif</select></div>
            <div class="field"><label for="map-panel">Panel</label><select id="map-panel" name="panel">@foreach ($pin->panels as $p)<option value="{{ $p->uid }}" @selected($pin->panel?->uid === $p->uid)>{{ $say->part($p) }}</option>@endforeach @if (! is_numeric($pin->panel->uid))<option value="" selected>{{ $say->part($pin->panel) }}, as planned</option>@endif</select></div>
            <div class="field"><label for="map-month">Time</label><select id="map-month" name="month"><option value="0" @selected($pin->month === 0)>the whole year</option>@foreach (range(1, 12) as $m)<option value="{{ $m }}" @selected($pin->month === $m)>{{ DateTime::createFromFormat('!n', (string) $m)->format('F') }}</option>@endforeach</select></div>
            <div class="field"><label for="map-driving">Driving</label><select id="map-driving" name="driving"><option value="1" @selected($pin->driving)>every day, {{ $show->text($system->travel->drivingHDay) }} h</option><option value="0" @selected(! $pin->driving)>not at all</option></select></div>
            <div class="field narrow"><label for="map-strings">{{ $pin->map->battery->parts === 1 ? 'Batteries' : 'Strings' }}</label><input id="map-strings" name="strings" type="number" min="1" max="{{ $pin->map->mostStrings() }}" value="{{ $pin->strings }}" data-pin-strings></div>
            <div class="field narrow"><label for="map-panels">Panels</label><input id="map-panels" name="panels" type="number" min="0" max="{{ $pin->map->mostPanels() }}" value="{{ $pin->count }}" data-pin-panels></div>
            <noscript><button class="btn plain">Look</button></noscript>
        </form>
        <div class="mt-2"><x-endurance :pin="$pin" :job="$job" :sketch="$map" /></div>
        <p class="small muted">No hook-up here; loads of {{ mb_strtolower($study->loads()->scenario?->name ?? 'the day') }}, {{ $pin->month === 0 ? 'days of the travelled months' : 'full on the first day' }}, weather of {{ $system->place->name }} with good and bad days in a row. {{ $pin->month === 0 ? '' : 'Counted up to 60 days.' }}</p>
    @elseif ($energy > 0 && ! $system->place)
        <p class="mt-4 muted">Without a place the sun has no height, and the map no second side. @can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Choose it in the brief.</a>@endcan</p>
    @endif
    @if ($stay)
        <div class="section"><div class="section-head"><h2>A typical stay</h2><span class="aside">{{ DateTime::createFromFormat('!n', (string) $stay->month)->format('F') }}, old bank beside new, in steps of 15 minutes</span></div><x-stay-chart :stay="$stay" :job="$job" :sketch="$staySketch" :may="auth()->user()->can('plan', $job)" /></div>
    @endif
    @if ($year)
        <div class="section"><div class="section-head"><h2>The year with the plan</h2><span class="aside">{{ $year->servedPct() === null ? '' : 'all is served on ' . $show->text($year->servedPct()) . ' % of the travelled days; ' }}driven and hooked up as the brief has it</span></div><x-year-chart :year="$year" :sketch="$yearSketch" /></div>
    @endif
    <div class="section"><div class="section-head"><h2>The bank by itself</h2><span class="aside">no charge at all</span></div>
    @if ($found->exists() || $planned->exists())
        <div class="mt-4"><x-tanks :sketch="$tanks" :wish="$system->travel->wishDays" /></div>
        <div class="figures">
            @if ($planned->exists())<x-stat :figure="$planned->usable()" label="Planned, usable" /><x-stat :figure="$planned->days()" label="Planned lasts" />@endif
            @if ($found->exists())<x-stat :figure="$found->usable()" label="Found, usable" /><x-stat :figure="$found->days()" label="Found lasts" left />@endif
        </div>
        <div class="figures mt-0!">
            @if ($found->exists() && $planned->exists() && $changed)<x-stat :figure="$banks->savedKg()" label="Weight saved" /><x-stat :figure="$banks->savedL()" label="Space saved" />@endif
            <x-stat :figure="$banks->need" label="Needed for the wish" left />
        </div>
    @else
        <div class="mt-5"><x-empty title="No batteries yet"><p>Survey lists the bank that is there; below, choose the one to come.</p></x-empty></div>
    @endif
    </div>
    @foreach (['planned' => $planned, 'found' => $changed ? $found : null] as $which => $case)
        @if ($case && ($fit = $banks->bayFit($case)))<div class="section"><div class="section-head"><h2>In the bay, {{ $which }}</h2><span class="aside">{{ count($case->parts) }} × {{ $say->part($case->parts[0]) }}, upright, to scale</span></div><x-bay :fit="$fit" :sketch="Pebblefell\Stage\Size\BaySketch::of($fit, $narrow)" /></div>@endif
    @endforeach
    @if ($chemistries !== [])
        <div class="section"><div class="section-head"><h2>Chemistries side by side</h2><span class="aside">for {{ $show->text($system->travel->wishDays) }} days; the cheapest bank of each in the library</span></div>
            @if ($best)<p class="mb-2">@if ($best->chemistry->isLithium())<strong>{{ $say->name($best->chemistry) }}</strong> is right here{{ $best->costPerKwh ? ': of those that fit and charge in time it costs little a kWh over its life, and weighs least' : ': it fits, charges in time and weighs least' }}.@else<strong>Stay with lead</strong> is right here: {{ $say->part($best->battery) }}, {{ $say->name($best->chemistry) }}, does it {{ $best->costPerKwh ? 'for the least a kWh over its life' : 'and weighs least of those that fit' }}.@endif</p>@endif
            <table class="stack"><caption class="sr-only">Chemistries</caption>
                <thead><tr><th scope="col">Chemistry</th><th scope="col" class="n">Usable</th><th scope="col" class="n">Weight</th><th scope="col" class="n">Space</th><th scope="col" class="n">Full charge</th><th scope="col" class="n">Lasts</th><th scope="col" class="n">Price</th><th scope="col" class="n">A kWh</th></tr></thead>
                <tbody>@foreach ($chemistries as $c)<tr><td>{{ $say->name($c->chemistry) }}{{ $c === $best ? ' ◆' : '' }}<div class="small muted">{{ $c->proposal->count }} × {{ $say->part($c->battery) }}{{ $c->against ? ': ' . $say->said($c->against) : '' }}</div></td><td class="n num" data-label="Usable">{{ $show->text($c->proposal->usableWh, 'Wh') }}</td><td class="n num" data-label="Weight">{{ $show->text($c->proposal->massKg, 'kg') }}</td><td class="n num" data-label="Space">{{ $show->text($c->proposal->bank->volumeL(), 'l') }}</td><td class="n num" data-label="Full charge">{{ $show->text($c->chargeH, 'h') }}</td><td class="n num" data-label="Lasts">{{ $show->text($c->lifeYears, 'years') }}</td><td class="n num" data-label="Price">{{ $c->price === null ? '–' : $show->text($c->price, '¤') }}</td><td class="n num" data-label="A kWh">@if ($c->costPerKwh){{ $show->text($c->costPerKwh->value) }} <x-how :figure="$c->costPerKwh" :left="true" />@else–@endif</td></tr>@endforeach</tbody></table></div>
    @endif
    @if ($voltages !== [])
        <div class="section"><div class="section-head"><h2>12, 24 or 48 V</h2><span class="aside">the worst moment over {{ $show->text(Pebblefell\Stage\Size\VoltageChoice::leadM($study), 'm') }} of lead, 3 % lost at most</span></div>
            <table class="stack"><caption class="sr-only">System voltages</caption><thead><tr><th scope="col">System</th><th scope="col" class="n">Worst moment</th><th scope="col" class="n">Lead</th><th scope="col" class="n">Lost in it</th><th scope="col" class="n">Its price</th><th scope="col">In the library</th></tr></thead>
                <tbody>@foreach ($voltages as $v)<tr><td>{{ round($v->volts) }} V{{ $v->volts === $system->vehicle->systemV ? ' ◆' : '' }}</td><td class="n num" data-label="Worst moment">{{ $show->figure($v->peakA) }} <x-how :figure="$v->peakA" :left="true" /></td><td class="n num" data-label="Lead">{{ $v->cable ? $show->text($v->cable->areaMm2, 'mm²') : 'none is thick enough' }}</td><td class="n num" data-label="Lost in it">{{ $v->lossW === null ? '–' : $show->text($v->lossW, 'W') }}</td><td class="n num" data-label="Its price">{{ $v->cableCost === null ? '–' : $show->text($v->cableCost, '¤') }}</td><td data-label="In the library"><span>{{ collect($v->parts)->map(fn ($n, $k) => "$n $k")->implode(', ') }}{{ $v->needsConverter ? '; the 12 V things need a converter' : '' }}</span></td></tr>@endforeach</tbody></table></div>
    @endif
    <div class="section"><div class="section-head"><h2>Room to grow</h2></div><table class="stack"><caption class="sr-only">Room to grow</caption><thead class="sr-only"><tr><th scope="col">What</th><th scope="col">Left</th><th scope="col">By what</th></tr></thead><tbody>@foreach ($growth as $g)<tr><td>{{ ucfirst($say->word("growth.$g->what.name")) }}</td><td class="n num">{{ $g->left === null ? '–' : $show->text($g->left, $g->unit) }}</td><td class="small muted"><span>{{ $say->said($g->words) }}</span></td></tr>@endforeach</tbody></table></div>
    <x-caution>{{ $say->said($region->bankCaution()) }}</x-caution>
    @can('plan', $job)
        <div class="section">
            <div class="section-head"><h2>The wish</h2><span class="aside">every change recalculates</span></div>
            <form method="post" action="{{ route('size.update', $job) }}" data-live>
                @csrf @method('put')<input type="hidden" name="_form" value="wish"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
                <div class="form-grid">
                    <x-field form="wish" label="Days without any charge" name="wish_days" :value="$show->field($job->wish_days)" unit="days" inputmode="decimal" />
                    <x-field form="wish" label="Towards" name="target_chemistry" :value="$job->target_chemistry" :options="collect(Pebblefell\Chemistry\Chemistry::cases())->mapWithKeys(fn ($c) => [$c->value => $say->name($c)])" help="Staying with lead is a valid answer." />
                    <x-field form="wish" label="Coldest battery" name="coldest_battery_c" :value="$show->field($job->coldest_battery_c, '°C')" :unit="$show->unit('°C')" inputmode="decimal" help="Empty: the place’s coldest travelled nights." />
                    <x-field form="wish" label="Money for batteries and panels" name="budget" :value="$show->field($job->budget)" inputmode="decimal" help="A limit on the map. Empty: none." />
                </div>
                <noscript><div class="actions"><button class="btn plain">Recalculate</button></div></noscript>
            </form>
        </div>
        <div class="section">
            <div class="section-head"><h2>Banks that fulfil it</h2><span class="aside">from the parts library, lightest first</span></div>
            @if ($proposals === [])
                <p class="muted">{{ $energy <= 0 ? 'None yet: the loads are empty.' : 'None in the library: fewer days, another chemistry, or another part.' }}</p>
            @else
                <table class="stack">
                    <caption class="sr-only">Proposed banks</caption>
                    <thead><tr><th scope="col">Battery</th><th scope="col" class="n">How many</th><th scope="col" class="n">Lasts</th><th scope="col" class="n">Usable</th><th scope="col" class="n">Weight</th><th scope="col"></th></tr></thead>
                    <tbody>@foreach ($proposals as ['part' => $part, 'proposal' => $p])
                        <tr><td><a href="{{ route('library.edit', $part) }}">{{ $part->name() }}</a></td><td class="n num" data-label="How many">{{ $p->count }}</td><td class="n num" data-label="Lasts">{{ $show->text($p->days, 'days') }}</td><td class="n num" data-label="Usable">{{ $show->text($p->usableWh, 'Wh') }}</td><td class="n num" data-label="Weight">{{ $show->text($p->massKg, 'kg') }}</td>
                            <td class="n"><form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')<input type="hidden" name="library_part_id" value="{{ $part->id }}"><input type="hidden" name="count" value="{{ $p->count }}"><button class="btn plain">Plan it<span class="sr-only">: {{ $p->count }} × {{ $part->name() }}</span></button></form></td></tr>
                    @endforeach</tbody>
                </table>
            @endif
        </div>
        <div class="section">
            <div class="section-head"><h2>Or choose</h2></div>
            <form method="post" action="{{ route('bank.update', $job) }}">
                @csrf @method('put')<input type="hidden" name="_form" value="bank">
                <div class="form-grid">
                    <x-field form="bank" label="Battery" name="library_part_id" :options="$batteries->mapWithKeys(fn ($b) => [$b->id => $b->name() . ' · ' . strtoupper(str_replace('_', '-', $b->data['chemistry']))])" blank="choose" />
                    <x-field form="bank" label="How many" name="count" value="2" inputmode="numeric" />
                </div>
                <div class="actions"><button class="btn" data-add>Plan this bank</button></div>
            </form>
            @if ($found->exists())<form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')<input type="hidden" name="keep_found" value="1"><button class="btn link mt-2">Keep the bank that is there</button></form>@endif
        </div>
    @endcan
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
