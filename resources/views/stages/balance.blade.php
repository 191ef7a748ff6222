@php($may = auth()->user()->can('record', $job))
@php($clock = fn ($s) => Carbon\CarbonImmutable::createFromTimestampUTC((int) $s)->format('H:i'))
@php($when = function ($s, $now) { $t = Carbon\CarbonImmutable::createFromTimestampUTC((int) $s); $n = $now->copy()->utc(); return ($t->isSameDay($n) ? '' : ($t->isSameDay($n->copy()->addDay()) ? 'tomorrow ' : $t->format('j M '))) . $t->format('H:i'); })
<x-layout title="Balance" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ $stage->question() }}</h1><span class="aside">{{ $session ? $session->protocol->label() . '; since ' . $session->started_at->format('j M H:i') : '' }}{{ $session?->clock ? '; simulated bench, its clock says ' . $session->clock->format('j M H:i') : '' }}</span></div>
    @if ($session)
        @php($now = $session->time())
        @php($gate = $desk->gate)
        @php($joined = $session->joined_at !== null)
        <div class="gate {{ $joined ? 'join' : $gate->answer }}" role="status" data-gate="{{ $joined ? 'joined' : $gate->answer }}">
            <svg class="draw" viewBox="0 0 120 70" aria-hidden="true"><path class="post" d="M14 66V14M106 66V14"/>@if ($joined || $gate->answer === 'join')<path class="leaf" d="M14 22L34 10M14 58L34 46M34 10V46M106 22L86 10M106 58L86 46M86 10V46"/>@else<path class="leaf" d="M14 22H58M14 40H58M14 58H58M106 22H62M106 40H62M106 58H62M58 18V62M62 18V62"/>@endif</svg>
            <div><strong class="answer">@if ($joined)Joined, {{ $session->joined_at->format('j M H:i') }}@elseif ($gate->answer === 'join')Join @elseif ($gate->answer === 'wait')Wait{{ $gate->untilS ? ' until about ' . $when($gate->untilS, $now) : '' }}@else Do not @endif</strong>
            @if ($joined)<p>@if ($gate->levelling && $gate->levelling->hours !== null)By what is known of their charge they are even to half an ampere after {{ $show->text($gate->levelling->hours, 'h') }}; {{ $show->text($gate->levelling->movedAh, 'Ah') }} still move. @endif Leave them 12 to 16 hours; now they read {{ $show->text(1000 * ($gate->spreadV ?? 0)) }} mV apart.</p>
            @else<ul>@foreach (array_slice($gate->reasons, 0, 5) as $reason)<li>{{ ucfirst($reason) }}.</li>@endforeach</ul>
                @if ($gate->rushA !== [])<p class="small muted">At the moment of joining: @foreach ($desk->batteries as $k => $b){{ $k ? ', ' : '' }}{{ App\Support\BalanceDesk::name($b['part'], $k + 1) }} {{ $show->text($gate->rushA[$b['subject']->id] ?? 0, 'A') }}@endforeach (positive: gives).@if ($gate->levelling) Then {{ $gate->levelling->hours === null ? 'weeks' : $show->text($gate->levelling->hours, 'h') }} until even; after the first hour they would be at @foreach (collect($gate->levelling->course)->first(fn ($c) => $c[0] >= 1)[1] ?? $gate->levelling->finalSocPct as $soc){{ $loop->first ? '' : ' and ' }}{{ round($soc) }} %@endforeach.@endif</p>@endif @endif</div>
        </div>
        @error('join')<div class="error mt-1">{{ $message }}</div>@enderror
        @php($all = collect($desk->batteries)->flatMap(fn ($b) => $b['readings']))
        @if ($all->isNotEmpty())
            @php($t0 = $all->min('atS'))
            @php($t1 = max($all->max('atS'), $t0 + 600, ...collect($desk->batteries)->map(fn ($b) => min($b['forecast']->readyAtS ?? 0, $now->getTimestamp() + 86400))->all()))
            @php($lo = $all->min('volts') - .05)
            @php($hi = max($all->max('volts') + .05, $lo + .3))
            @php($x = fn ($s) => round(60 + 830 * ($s - $t0) / ($t1 - $t0), 1))
            @php($y = fn ($v) => round(190 - 175 * ($v - $lo) / ($hi - $lo), 1))
            <div class="scroll mt-3"><svg class="draw" viewBox="0 0 916 226" role="img" aria-label="Volts of each battery over time">
                @foreach (range(0, 4) as $g)<line class="grid" x1="60" x2="890" y1="{{ $y($lo + ($hi - $lo) * $g / 4) }}" y2="{{ $y($lo + ($hi - $lo) * $g / 4) }}"/><text class="axis end" x="54" y="{{ $y($lo + ($hi - $lo) * $g / 4) + 4 }}">{{ number_format($lo + ($hi - $lo) * $g / 4, 2) }}</text><text class="axis mid" x="{{ 60 + 830 * $g / 4 }}" y="208">{{ $clock($t0 + ($t1 - $t0) * $g / 4) }}</text>@endforeach
                <line class="s-ink-2" x1="{{ $x($now->getTimestamp()) }}" x2="{{ $x($now->getTimestamp()) }}" y1="10" y2="190"/>
                @foreach ($desk->batteries as $k => $b)
                    @php($d = '')@foreach ($b['readings'] as $r)@php($d .= ($d === '' ? 'M' : 'L') . $x($r->atS) . ' ' . $y($r->volts))@endforeach
                    @php($class = ['s-heather', 's-tarn', 's-ink', 's-rust'][$k % 4])
                    @if ($d !== '')@php($last = $b['readings'][count($b['readings']) - 1])<path class="{{ $class }}" d="{{ $d }}"/><text class="axis halo" x="{{ $x($last->atS) + 5 }}" y="{{ $y($last->volts) - 4 }}">{{ $k + 1 }}</text>
                        @if ($b['forecast']->readyAtS && $b['forecast']->readyAtS > $now->getTimestamp() && $b['forecast']->readyAtS <= $t1 && $b['row']->step->takesCurrent())<path class="{{ $class }} thin" stroke-dasharray="4 4" d="M{{ $x($last->atS) }} {{ $y($last->volts) }}L{{ $x($b['forecast']->readyAtS) }} {{ $y(min($hi, $b['subject']->absorptionV)) }}"/>@endif
                    @endif
                @endforeach
                <text class="axis mid" x="{{ $x($now->getTimestamp()) }}" y="222">now</text>
            </svg></div>
        @endif
        <table class="stack mt-3"><caption class="sr-only">Batteries in this session</caption>
            <thead><tr><th scope="col">Battery</th><th scope="col">Where it is</th><th scope="col" class="n">Last reading</th><th scope="col" class="n">Charge</th><th scope="col">Ready</th></tr></thead>
            <tbody>@foreach ($desk->batteries as $k => $b)
                @php($row = $b['row'])
                @php($last = $b['readings'] ? $b['readings'][count($b['readings']) - 1] : null)
                @php($steps = $session->protocol->steps())
                @php($next = $steps[array_search($row->step, $steps, true) + 1] ?? null)
                <tr><td>{{ $k + 1 }} {{ $b['part']->name() }}<div class="small muted">{{ $b['part']->serial ?: 'no serial noted' }}</div></td>
                    <td data-label="Where it is"><span>{{ $row->step->label() }}{{ $row->step->takesCurrent() && $row->charger !== '' ? ', ' . $row->charger : '' }}{{ $row->step->takesCurrent() && $row->charger_a ? ', ' . $show->text($row->charger_a, 'A') : '' }}<div class="small muted">since {{ $when($row->since->getTimestamp(), $now) }}</div></span></td>
                    <td class="n num" data-label="Last reading">{{ $last ? number_format($last->volts, 3) . ' V' : '–' }}<div class="small muted">{{ $last?->amps !== null ? $show->text($last->amps, 'A') : '' }} {{ $last?->celsius !== null ? $show->text($last->celsius, '°C') : '' }}</div></td>
                    <td class="n num" data-label="Charge">{{ $b['forecast']->socPct === null ? '–' : ($b['forecast']->vaguePct > Pebblefell\Balance\Gate::VAGUE_PCT ? 'not told' : round($b['forecast']->socPct) . ' %') }}<div class="small muted">{{ $b['forecast']->socPct === null ? '' : '± ' . round($b['forecast']->vaguePct) . ' %' }}</div></td>
                    <td data-label="Ready"><span>{{ $b['forecast']->readyAtS ? ($b['forecast']->readyAtS <= $now->getTimestamp() ? 'over' : 'about ' . $when($b['forecast']->readyAtS, $now)) : '–' }}<div class="small muted">{{ $b['forecast']->why }}</div></span></td></tr>
                @if ($may)<tr class="tools"><td colspan="5"><div class="flex flex-wrap gap-x-6 gap-y-2 items-end">
                    <form method="post" action="{{ route('balance.read', [$job, $session, $row]) }}" class="flex flex-wrap gap-3 items-end" data-reading="{{ $row->id }}">@csrf<input type="hidden" name="_form" value="r{{ $row->id }}"><input type="hidden" name="client_id" value="{{ (string) Str::uuid() }}">
                        <x-field class="narrow" :form="'r'.$row->id" :label="'Volts, '.($k + 1)" name="volts" unit="V" inputmode="decimal" /><x-field class="narrow" :form="'r'.$row->id" label="Amps" name="amps" unit="A" inputmode="text" /><x-field class="narrow" :form="'r'.$row->id" label="At the battery" name="celsius" unit="°C" inputmode="text" />
                        @if (session('ask') === $row->id)<label class="check"><input type="checkbox" name="sure" value="1"> It is so</label>@endif
                        <button class="btn plain" aria-label="Log it, battery {{ $k + 1 }}">Log it</button></form>
                    @if ($next && $next !== Pebblefell\Balance\Step::Joined)
                        <form method="post" action="{{ route('balance.step', [$job, $session, $row]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="step" value="{{ $next->value }}">
                            @if ($next === Pebblefell\Balance\Step::Charging)<div class="field narrow"><label for="ch{{ $row->id }}">Charger</label><input id="ch{{ $row->id }}" name="charger" value="bench {{ $k + 1 }}"></div><div class="field narrow"><label for="ca{{ $row->id }}">Its amps</label><input id="ca{{ $row->id }}" name="charger_a" value="30" inputmode="decimal"></div>@endif
                            @php($does = match ($next) { Pebblefell\Balance\Step::Charging => 'On the charger', Pebblefell\Balance\Step::Absorbing => 'Absorption has begun', Pebblefell\Balance\Step::Resting => 'Off, it rests', default => 'It is ready' })<button class="btn plain" aria-label="{{ $does }}, battery {{ $k + 1 }}">{{ $does }}</button></form>
                    @endif
                </div></td></tr>@endif
            @endforeach</tbody></table>
        @if ($may)
            <div class="section flex flex-wrap gap-8 items-end">
                @if (! $joined && in_array(Pebblefell\Balance\Step::Joined, $session->protocol->steps(), true))<form method="post" action="{{ route('balance.join', [$job, $session]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')@if ($gate->answer !== 'join')@can('plan', $job)<div class="field"><label for="join-reason">Overrule, because</label><input id="join-reason" name="reason" value="{{ old('reason') }}"></div>@endcan @endif<button class="btn {{ $gate->answer === 'join' ? '' : 'plain' }}">They are joined</button></form>@endif
                <form method="post" action="{{ route('balance.finish', [$job, $session]) }}">@csrf @method('put')<input type="hidden" name="passed" value="1"><button class="btn plain">All read alike: keep the result</button></form>
                <form method="post" action="{{ route('balance.finish', [$job, $session]) }}">@csrf @method('put')<input type="hidden" name="passed" value="0"><button class="btn link">Close without a result</button></form>
                <a href="{{ route('balance.ics') }}">Waits as a calendar file</a>
            </div>
            <div class="section"><div class="section-head"><h2>Simulated bench</h2><span class="aside">stand-ins with hidden charges, to try the way out without batteries</span></div>
                <form method="post" action="{{ route('balance.bench', [$job, $session]) }}">@csrf @method('put')<div class="form-grid"><div class="field"><label for="bench-speed">Speed</label><select id="bench-speed" name="speed">@foreach (App\Support\Bench::SPEEDS as $speed)<option value="{{ $speed }}" @selected(($session->bench['speed'] ?? 600.0) == $speed)>{{ number_format($speed) }} ×</option>@endforeach</select></div>
                    @foreach ($desk->batteries as $k => $b)<div class="field"><label for="fault-{{ $k }}">Battery {{ $k + 1 }}</label><select id="fault-{{ $k }}" name="fault[{{ $b['row']->part_uid }}]" @disabled($session->bench !== null)>@foreach (['' => 'sound', 'loose_joint' => 'a loose joint', 'weak_cell' => 'a weak cell', 'dead_cutoff' => 'cold, its cut-off dead'] as $fault => $label)<option value="{{ $fault }}" @selected(($session->bench['states'][$b['row']->part_uid]['fault'] ?? '') === $fault)>{{ $label }}</option>@endforeach</select></div>@endforeach</div>
                    <div class="actions"><button class="btn plain">{{ $session->bench ? 'Change the speed' : 'Start the bench' }}</button></div></form>
                @if ($session->bench)<div data-live-stream="{{ route('balance.live', [$job, $session]) }}" class="small muted">Listening to the bench.</div>@endif</div>
        @endif
    @else
        <p class="lead">New batteries come at an unknown charge. Joined unequal, the full one pours into the empty one, and one stays higher for ever.</p>
        @if (count($batteries) < 1)<div class="mt-4"><x-empty title="No batteries are planned"><p>Size chooses the bank; here they are made alike before they are joined.</p></x-empty></div>
        @elseif ($may)
            <form method="post" action="{{ route('balance.store', $job) }}" class="mt-4">@csrf<input type="hidden" name="_form" value="bal">
                <fieldset><legend>How</legend><div class="grid gap-3">@foreach (Pebblefell\Balance\Protocol::cases() as $p)@php($lead = $batteries[0]->data->text('chemistry') !== 'lfp')<label class="choice"><input type="radio" name="protocol" value="{{ $p->value }}" @checked(old('protocol', $lead ? 'refresh' : 'full') === $p->value)><span><strong>{{ ucfirst($p->label()) }}</strong><br><span class="small muted">{{ $p->words() }}</span></span></label>@endforeach</div></fieldset>
                <fieldset class="mt-4"><legend>Which</legend>@foreach ($batteries as $k => $b)<label class="check"><input type="checkbox" name="parts[]" value="{{ $b->uid }}" checked> {{ $k + 1 }} {{ $b->name() }} {{ $b->serial }}</label>@endforeach @error('parts')<div class="error">{{ $message }}</div>@enderror</fieldset>
                <div class="form-grid mt-4"><x-field form="bal" label="Joining leads" name="mm2" value="35" unit="mm²" inputmode="decimal" /><x-field form="bal" label="Length, each" name="lead_m" value="0.5" unit="m" inputmode="decimal" /><x-field form="bal" label="They bear" name="lead_a" value="150" unit="A" inputmode="decimal" help="By their insulation; empty: not known." /></div>
                <div class="actions"><button class="btn" data-add>Open a session</button></div></form>
            @if ($batteries[0]->data->text('chemistry') !== 'lfp')@php($charge = Pebblefell\Bank\RefreshCharge::of($sums->banks->planned->bank?->cells() ?? 6, ($sums->banks->planned->bank?->ratedAh() ?? 100) * 0.92))<p class="small muted mt-2">Refresh charge of this bank: {{ $show->text($charge->voltageV, 'V') }}, at least {{ $show->text($charge->minCurrentA, 'A') }}, 16 hours (92 % of the rated Ah taken for the 10-hour capacity).</p>@endif
        @endif
    @endif
    @if ($past->isNotEmpty())<div class="section"><div class="section-head"><h2>Before</h2></div><table class="stack"><caption class="sr-only">Earlier sessions</caption><thead><tr><th scope="col">Ended</th><th scope="col">How</th><th scope="col">Result</th><th scope="col">Last volts</th><th scope="col">Next check</th></tr></thead><tbody>@foreach ($past as $old)<tr><td>{{ $old->ended_at->format('j M Y') }}</td><td data-label="How">{{ $old->protocol->value }}</td><td data-label="Result">{{ $old->passed ? 'alike' : 'no result' }}</td><td class="num small" data-label="Last volts"><span>{{ $old->balanceBatteries->map(fn ($b) => ($v = $b->readings->last()?->volts) ? number_format($v, 2) : '–')->implode(', ') }}@php($ends = $old->balanceBatteries->map(fn ($b) => $b->readings->last()?->volts)->filter()){{ $ends->count() > 1 ? ' (' . round(1000 * ($ends->max() - $ends->min())) . ' mV)' : '' }}</span></td><td data-label="Next check">{{ $old->passed ? $old->ended_at->copy()->addYear()->format('j M Y') : '–' }}</td></tr>@endforeach</tbody></table></div>@endif
    <x-caution>{{ $region->bankCaution() }} Charge where you can watch it; a battery that swells, hisses or grows hot is left alone: everyone out, and away. Join plus to plus and minus to minus, with a fuse in one lead.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
