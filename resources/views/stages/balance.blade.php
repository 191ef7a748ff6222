@php($may = auth()->user()->can('record', $job))
@php($workshop = App\Models\Workshop::current())
@php($clock = fn ($s) => $workshop->local((float) $s)->format('H:i'))
@php($when = function ($s, $now) use ($workshop) { $t = $workshop->local((float) $s); $n = $workshop->local($now); return ($t->isSameDay($n) ? '' : ($t->isSameDay($n->addDay()) ? 'tomorrow ' : $t->format('j M '))) . $t->format('H:i'); })
<x-layout title="Balance" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ $stage->question() }}</h1><span class="aside">{{ $session ? $session->protocol->label() . '; since ' . $workshop->local($session->started_at)->format('j M H:i') : '' }}{{ $session?->clock ? '; simulated bench, its clock says ' . $workshop->local($session->clock)->format('j M H:i') : '' }}</span></div>
    @if ($session)
        @php($now = $session->time())
        @php($gate = $desk->gate())
        @php($against = $desk->against())
        @php($joined = $session->joined_at !== null)
        @php($Step = Pebblefell\Balance\Step::class)
        @php($charges = in_array(Pebblefell\Balance\Step::Charging, $session->protocol->steps(), true))
        @php($isCells = $session->protocol === Pebblefell\Balance\Protocol::Cells)
        @php($onTheWay = collect($desk->batteries)->contains(fn ($b) => $b['row']->step->takesCurrent() || $b['row']->step === $Step::Waiting))
        @php($until = $onTheWay && $charges ? ($desk->queue->doneS === null ? null : max($gate->untilS ?? 0, $desk->queue->doneS)) : $gate->untilS)
        @php($open = $joined || in_array($gate->answer, ['join', 'even'], true))
        <div class="gate {{ $open ? 'join' : $gate->answer }}" role="status" data-gate="{{ $joined ? 'joined' : $gate->answer }}">
            <svg class="draw" viewBox="0 0 120 70" aria-hidden="true"><path class="post" d="M14 66V14M106 66V14"/>@if ($open)<path class="leaf" d="M14 22L34 10M14 58L34 46M34 10V46M106 22L86 10M106 58L86 46M86 10V46"/>@else<path class="leaf" d="M14 22H58M14 40H58M14 58H58M106 22H62M106 40H62M106 58H62M58 18V62M62 18V62"/>@endif</svg>
            <div><strong class="answer">@if ($joined)Joined, {{ $workshop->local($session->joined_at)->format('j M H:i') }}@elseif ($gate->answer === 'join')Join @elseif ($gate->answer === 'even')Even @elseif ($gate->answer === 'wait')Wait{{ $until ? ' until about ' . $when($until, $now) : '' }}@else Do not @endif</strong>
            @if ($joined)<p>@if ($gate->levelling && $gate->levelling->hours !== null)By what is known of their charge they are even to half an ampere after {{ $show->text($gate->levelling->hours, 'h') }}; {{ $show->text($gate->levelling->movedAh, 'Ah') }} still move. @endif Leave them 12 to 16 hours; now they read {{ $show->text(1000 * ($gate->spreadV ?? 0)) }} mV apart.</p>
                @if ($against)<ul>@foreach ($against as $reason)<li>{{ ucfirst($reason) }}.</li>@endforeach</ul>@else<p>They read alike: the result can be kept.</p>@endif
            @else<ul>@foreach (array_slice($gate->reasons, 0, 5) as $reason)<li>{{ ucfirst($reason) }}.</li>@endforeach</ul>
                @if ($gate->rushA !== [] && ! $onTheWay)<p class="small muted">At the moment of joining: @foreach ($desk->batteries as $k => $b){{ $k ? ', ' : '' }}{{ App\Support\BalanceDesk::name($b['part'], $k + 1) }} {{ $show->text($gate->rushA[$b['subject']->id] ?? 0, 'A') }}@endforeach (positive: gives).@if ($gate->levelling) Then {{ $gate->levelling->hours === null ? 'weeks' : $show->text($gate->levelling->hours, 'h') }} until even; after the first hour they would be at @foreach (collect($gate->levelling->course)->first(fn ($c) => $c[0] >= 1)[1] ?? $gate->levelling->finalSocPct as $soc){{ $loop->first ? '' : ' and ' }}{{ round($soc) }} %@endforeach.@endif</p>@endif @endif</div>
        </div>
        @error('join')<div class="error mt-1">{{ $message }}</div>@enderror @error('charger')<div class="error mt-1">{{ $message }}</div>@enderror @error('step')<div class="error mt-1">{{ $message }}</div>@enderror @error('finish')<div class="error mt-1">{{ $message }}</div>@enderror
        @if ($charges)
            <p class="mt-3 small">@if ($desk->queue->free && $waiting = collect($desk->batteries)->filter(fn ($b) => $b['row']->step === $Step::Waiting)->count())<strong>Next:</strong> {{ $waiting === 1 ? 'one battery waits' : $waiting . ' batteries wait' }} and {{ collect($desk->queue->free)->pluck('name')->implode(', ') }} {{ count($desk->queue->free) === 1 ? 'is' : 'are' }} free. @endif
            @foreach ($session->chargers as $charger)@continue(in_array($charger['name'], array_column($desk->queue->free, 'name'), true))@php($onIt = collect($desk->batteries)->search(fn ($b) => $b['row']->step->takesCurrent() && $b['row']->charger === $charger['name'])){{ $charger['name'] }}, {{ $show->text($charger['amps'], 'A') }}: {{ $onIt === false ? 'free' : 'battery ' . ($onIt + 1) . ', free about ' . $when($desk->queue->turns[$desk->batteries[$onIt]['row']->part_uid]['freeS'] ?? $now->getTimestamp(), $now) }}.{{ ' ' }}@endforeach
            @if ($desk->queue->doneS && ! $joined)All have rested about {{ $when($desk->queue->doneS, $now) }}.@endif</p>
        @endif
        @php($all = collect($desk->batteries)->flatMap(fn ($b) => $b['readings']))
        @if ($all->isNotEmpty())
            @php($t0 = $all->min('atS'))
            @php($t1 = max($all->max('atS'), $t0 + 600, ...collect($desk->batteries)->map(fn ($b) => min($b['forecast']->readyAtS ?? 0, $now->getTimestamp() + 86400))->all()))
            @php($lo = $all->min('volts') - .05)
            @php($hi = max($all->max('volts') + .05, $lo + .3))
            @php($x = fn ($s) => round(60 + 830 * ($s - $t0) / ($t1 - $t0), 1))
            @php($y = fn ($v) => round(190 - 175 * ($v - $lo) / ($hi - $lo), 1))
            <div class="scroll mt-3"><svg class="draw" viewBox="0 0 916 226" role="img" aria-label="Volts of each battery over time">
                @php($vs = collect([.02, .05, .1, .2, .5, 1, 2, 5, 10])->first(fn ($step) => ($hi - $lo) / $step <= 6, 20))
                @php($hs = collect([600, 1800, 3600, 7200, 10800, 21600, 43200, 86400])->first(fn ($step) => ($t1 - $t0) / $step <= 8, 172800))
                @for ($v = ceil($lo / $vs) * $vs; $v <= $hi; $v += $vs)<line class="grid" x1="60" x2="890" y1="{{ $y($v) }}" y2="{{ $y($v) }}"/><text class="axis end" x="54" y="{{ $y($v) + 4 }}">{{ number_format($v, $vs < .1 ? 2 : 1) }}</text>@endfor
                @php($off = $workshop->local((float) $t0)->getOffset())@for ($t = ceil(($t0 + $off) / $hs) * $hs - $off; $t <= $t1; $t += $hs)<line class="grid" x1="{{ $x($t) }}" x2="{{ $x($t) }}" y1="186" y2="194"/><text class="axis mid" x="{{ $x($t) }}" y="208">{{ $clock($t) }}</text>@endfor
                <line class="s-ink-2" x1="{{ $x($now->getTimestamp()) }}" x2="{{ $x($now->getTimestamp()) }}" y1="10" y2="190"/>
                @foreach ($desk->spread() as $band)<path class="f-gorse-wash" d="M{{ collect($band)->map(fn ($p) => $x($p[0]) . ' ' . $y($p[2]))->implode('L') }}L{{ collect($band)->reverse()->map(fn ($p) => $x($p[0]) . ' ' . $y($p[1]))->implode('L') }}Z"/>@endforeach
                @foreach ($desk->batteries as $k => $b)
                    @php($d = '')@foreach ($b['readings'] as $r)@php($d .= ($d === '' ? 'M' : 'L') . $x($r->atS) . ' ' . $y($r->volts))@endforeach
                    @php($class = ['s-heather', 's-tarn', 's-ink', 's-rust'][$k % 4])
                    @if ($d !== '')@php($last = $b['readings'][count($b['readings']) - 1])<path class="{{ $class }}" d="{{ $d }}"/>@if (count($b['readings']) === 1)<circle class="{{ $class }}" cx="{{ $x($last->atS) }}" cy="{{ $y($last->volts) }}" r="3"/>@endif<text class="axis halo" x="{{ $x($last->atS) + (count($b['readings']) === 1 ? 8 : -14 - 12 * ($k % 2)) }}" y="{{ $y($last->volts) - 6 }}">{{ $k + 1 }}</text>
                        @if ($b['forecast']->readyAtS && $b['forecast']->readyAtS > $now->getTimestamp() && $b['forecast']->readyAtS <= $t1 && ($b['row']->step->takesCurrent() || $b['row']->step === $Step::Resting))@php($to = $b['row']->step->takesCurrent() ? $b['subject']->absorptionV : max($lo, min($last->volts, $b['subject']->restV(100))))<path class="{{ $class }} thin" stroke-dasharray="4 4" d="M{{ $x($last->atS) }} {{ $y($last->volts) }}L{{ $x($b['forecast']->readyAtS) }} {{ $y(min($hi, $to)) }}"/><circle class="{{ $class }}" cx="{{ $x($b['forecast']->readyAtS) }}" cy="{{ $y(min($hi, $to)) }}" r="3"/>@endif
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
                    <td data-label="Where it is"><span>{{ $row->step->label() }}{{ $row->step->takesCurrent() && $row->charger !== '' ? ', ' . $row->charger : '' }}{{ $row->step->takesCurrent() && $row->charger_a ? ', ' . $show->text($row->charger_a, 'A') : '' }}{{ $row->step->takesCurrent() ? ', to ' . $show->text($b['subject']->absorptionV, 'V') : '' }}<div class="small muted">since {{ $when($row->since->getTimestamp(), $now) }}</div></span></td>
                    <td class="n num" data-label="Last reading"><span>{{ $last ? number_format($last->volts, 3) . ' V' : '–' }}<div class="small muted">{{ $last?->amps !== null ? $show->text($last->amps, 'A') : '' }} {{ $last?->celsius !== null ? $show->text($last->celsius, '°C') : '' }}{{ $last?->spreadMv() !== null ? ' cells ' . round($last->spreadMv()) . ' mV apart' : '' }}{{ $b['lastYearV'] !== null && $last ? ' (last time ' . number_format($b['lastYearV'], 2) . ' V)' : '' }}</div></span></td>
                    <td class="n num" data-label="Charge"><span>{{ $b['forecast']->socPct === null ? '–' : ($b['forecast']->vaguePct > Pebblefell\Balance\Gate::VAGUE_PCT ? 'not told' : round($b['forecast']->socPct) . ' %') }}<div class="small muted">{{ $b['forecast']->socPct === null ? '' : '± ' . round($b['forecast']->vaguePct) . ' %' }}</div></span></td>
                    @php($turn = $row->step === $Step::Waiting ? $desk->queue->turns[$row->part_uid] ?? null : null)
                    <td data-label="Ready"><span>@if ($turn)on {{ $turn['charger'] }} {{ $turn['startS'] <= $now->getTimestamp() ? 'now' : 'about ' . $when($turn['startS'], $now) }}<div class="small muted">charged about {{ $when($turn['freeS'], $now) }} at the latest</div>@else{{ $b['forecast']->readyAtS ? ($b['forecast']->readyAtS <= $now->getTimestamp() ? 'over' : 'about ' . $when($b['forecast']->readyAtS, $now)) : '–' }}<div class="small muted">{{ $b['forecast']->why }}</div>@endif</span></td></tr>
                @foreach ($b['symptoms'] as $symptom)<tr class="tools"><td colspan="5"><p class="small text-rust"><strong>Look at it:</strong> {{ $symptom }}.</p></td></tr>@endforeach
                @if ($isCells && $last?->cells)<tr class="tools"><td colspan="5"><div class="cells" role="img" aria-label="@foreach ($last->cells as $i => $v)cell {{ $i + 1 }}: {{ number_format($v, 3) }} V. @endforeach">@foreach ($last->cells as $i => $v)<span class="num small {{ $v === max($last->cells) && $last->spreadMv() > Pebblefell\Balance\Gate::CELLS_MV ? 'text-rust' : '' }}">{{ $i + 1 }} {{ number_format($v, 3) }}</span>@endforeach</div></td></tr>@endif
                @if ($may)<tr class="tools"><td colspan="5"><div class="flex flex-wrap gap-x-6 gap-y-2 items-end">
                    <form method="post" action="{{ route('balance.read', [$job, $session, $row]) }}" class="flex flex-wrap gap-3 items-end" data-outbox="battery {{ $k + 1 }}" data-outbox-says="{volts} V" data-who="{{ auth()->id() }}">@csrf<input type="hidden" name="_form" value="r{{ $row->id }}"><input type="hidden" name="client_id" value="{{ (string) Str::uuid() }}">
                        <x-field class="narrow" :form="'r'.$row->id" :label="'Volts, '.($k + 1)" name="volts" unit="V" inputmode="decimal" autocomplete="off" required pattern="\s*[-−+]?\d*[.,]?\d+\s*" title="Volts, as read: 13.42" />@if ($isCells)<x-field :form="'r'.$row->id" label="Each cell" name="cells" unit="V" inputmode="text" autocomplete="off" />@endif<x-field class="narrow" :form="'r'.$row->id" label="Amps" name="amps" unit="A" inputmode="text" autocomplete="off" /><x-field class="narrow" :form="'r'.$row->id" label="At the battery" name="celsius" :unit="$show->unit('°C')" inputmode="text" autocomplete="off" />
                        @if (session('ask') === $row->id)<label class="check"><input type="checkbox" name="sure" value="1"> It is so</label>@endif
                        <button class="btn plain" aria-label="Log it, battery {{ $k + 1 }}">Log it</button><span class="small muted" data-outbox-said data-keep="yes" role="status"></span></form>
                    @php($isOver = $b['forecast']->readyAtS !== null && $b['forecast']->readyAtS <= $now->getTimestamp())
                    @php($back = $steps[array_search($row->step, $steps, true) - 1] ?? null)
                    @if ($next && $next !== $Step::Joined && ($next !== $Step::Ready || $isOver) && ($k === 0 || $session->protocol !== Pebblefell\Balance\Protocol::Refresh))
                        <form method="post" action="{{ route('balance.step', [$job, $session, $row]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="step" value="{{ $next->value }}">
                            @if ($next === $Step::Charging)<div class="field"><label for="ch{{ $row->id }}">Charger</label><select id="ch{{ $row->id }}" name="charger">@foreach ($session->chargers as $charger)<option @selected($charger['name'] === ($turn['charger'] ?? ($desk->queue->free[0]['name'] ?? '')))>{{ $charger['name'] }}</option>@endforeach</select></div>@endif
                            @php($does = match ($next) { $Step::Charging => 'On the charger', $Step::Absorbing => $isCells ? 'Full: the balancer bleeds' : 'Absorption has begun', $Step::Resting => 'Off, it rests', default => 'It is ready' })<button class="btn {{ $next === $Step::Charging && $turn && $turn['startS'] <= $now->getTimestamp() ? '' : 'plain' }}" aria-label="{{ $does }}, {{ $session->protocol === Pebblefell\Balance\Protocol::Refresh ? 'the whole bank' : 'battery ' . ($k + 1) }}">{{ $does }}</button></form>
                    @endif
                    @if ($back && ! $joined && ($k === 0 || $session->protocol !== Pebblefell\Balance\Protocol::Refresh))
                        <form method="post" action="{{ route('balance.step', [$job, $session, $row]) }}">@csrf @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="step" value="{{ $back->value }}"><button class="btn link" aria-label="Back a step, battery {{ $k + 1 }}">Back a step</button></form>
                    @endif
                </div></td></tr>@endif
            @endforeach</tbody></table>
        @if ($may)
            <div data-unsent data-keep="yes" hidden class="mt-3"></div>
            <div class="section flex flex-wrap gap-8 items-end">
                @if (! $joined && in_array($Step::Joined, $session->protocol->steps(), true))<form method="post" action="{{ route('balance.join', [$job, $session]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')@if ($gate->answer !== 'join')@can('plan', $job)<div class="field"><label for="join-reason">Overrule, because</label><input id="join-reason" name="reason" value="{{ old('reason') }}"></div>@endcan @endif<button class="btn {{ $gate->answer === 'join' ? '' : 'plain' }}">They are joined</button></form>@endif
                <form method="post" action="{{ route('balance.finish', [$job, $session]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')<input type="hidden" name="passed" value="1">@if ($against && ($joined || ! in_array($Step::Joined, $session->protocol->steps(), true)))@can('plan', $job)<div class="field"><label for="finish-reason">Overrule, because</label><input id="finish-reason" name="reason" value="{{ old('reason') }}"></div>@endcan @endif<button class="btn {{ $against ? 'plain' : '' }}">All read alike: keep the result</button></form>
                <form method="post" action="{{ route('balance.finish', [$job, $session]) }}">@csrf @method('put')<input type="hidden" name="passed" value="0"><button class="btn link">Close without a result</button></form>
            </div>
            <div class="section two">
                <div><h3>Many readings at once</h3>
                    <form method="post" action="{{ route('balance.table', [$job, $session]) }}" enctype="multipart/form-data" class="mt-2">@csrf<input type="hidden" name="_form" value="tbl">
                        <x-field form="tbl" label="Paste them" name="table" rows="4" placeholder="battery,time,volts,amps,celsius&#10;1,2026-11-25 08:30,13.42,0,14" help="First line: battery, time, volts, and if read amps, celsius, cell1, cell2 … Battery: serial, or its number here. Times without a zone are the workshop’s." />
                        <div class="field mt-2"><label for="tbl-file">or a CSV file</label><input id="tbl-file" type="file" name="file" accept=".csv,text/csv"></div>
                        <label class="check mt-2"><input type="checkbox" name="sure" value="1"> Odd ones are so: do not ask about them</label>
                        <x-faults />
                        <div class="actions"><button class="btn plain">Log them all</button></div></form></div>
                <div><h3>Out of it again</h3><p class="small"><a href="{{ route('balance.csv', [$job, $session]) }}">The log as CSV</a>. <a href="{{ route('balance.ics') }}">Waits as a calendar file</a>.</p>
                    <h3 class="mt-4">From an instrument</h3><p class="small">Any device that can print a line can write into this log: <code>./pebblefell feed {{ $job->number }}</code> reads JSON lines from standard input; docs/instruments.md says how.</p>
                    <h3 class="mt-4">Without a network</h3><p class="small">Readings that are logged by hand are kept on this device until they have arrived, each once, in order.</p></div>
            </div>
            <div class="section"><div class="section-head"><h2>Simulated bench</h2><span class="aside">stand-ins with hidden charges, to try the way out without batteries</span></div>
                <form method="post" action="{{ route('balance.bench', [$job, $session]) }}">@csrf @method('put')<div class="form-grid"><div class="field"><label for="bench-speed">Speed</label><select id="bench-speed" name="speed">@foreach (App\Support\Bench::SPEEDS as $speed)<option value="{{ $speed }}" @selected(($session->bench['speed'] ?? 600.0) == $speed)>{{ number_format($speed) }} ×</option>@endforeach</select></div>
                    <div class="field"><label for="bench-source">Charged by</label><select id="bench-source" name="source">@foreach (Pebblefell\Balance\BenchCharger::cases() as $source)<option value="{{ $source->value }}" @selected(($session->bench['charger'] ?? 'mains') === $source->value)>{{ $source->label() }}</option>@endforeach</select></div>
                    @foreach ($desk->batteries as $k => $b)<div class="field"><label for="fault-{{ $k }}">Battery {{ $k + 1 }}</label><select id="fault-{{ $k }}" name="fault[{{ $b['row']->part_uid }}]" @disabled($session->bench !== null)>@foreach (['' => 'sound', 'loose_joint' => 'a loose joint', 'weak_cell' => 'a weak cell', 'dead_cutoff' => 'cold, its cut-off dead'] as $fault => $label)<option value="{{ $fault }}" @selected(($session->bench['states'][$b['row']->part_uid]['fault'] ?? '') === $fault)>{{ $label }}</option>@endforeach</select></div>@endforeach</div>
                    <div class="actions"><button class="btn plain">{{ $session->bench ? 'Change the bench' : 'Start the bench' }}</button></div></form>
                @if ($session->bench)<p class="small muted">{{ $isCells ? 'Cell meters read.' : 'Battery monitors read.' }}</p>@endif
                <div data-live-stream="{{ route('balance.live', [$job, $session]) }}" class="sr-only">Listening for readings.</div></div>
        @endif
    @else
        <p class="lead">New batteries come at an unknown charge. Joined unequal, the full one pours into the empty one, and one stays higher for ever.</p>
        @if (count($batteries) < 1)<div class="mt-4"><x-empty title="No batteries are planned"><p>Size chooses the bank; here they are made alike before they are joined.</p></x-empty></div>
        @elseif ($may)
            <form method="post" action="{{ route('balance.store', $job) }}" class="mt-4">@csrf<input type="hidden" name="_form" value="bal">
                <fieldset><legend>How</legend><div class="grid gap-3">@foreach (Pebblefell\Balance\Protocol::cases() as $p)@php($lead = $batteries[0]->data->text('chemistry') !== 'lfp')<label class="choice"><input type="radio" name="protocol" value="{{ $p->value }}" @checked(old('protocol', $lead ? 'refresh' : 'full') === $p->value)><span><strong>{{ ucfirst($p->label()) }}</strong><br><span class="small muted">{{ $p->words() }}</span></span></label>@endforeach</div></fieldset>
                <fieldset class="mt-4"><legend>Which</legend><div class="checks">@foreach ($batteries as $k => $b)<label class="check"><input type="checkbox" name="parts[]" value="{{ $b->uid }}" checked> {{ $k + 1 }} {{ $b->name() }} {{ $b->serial }}</label>@endforeach</div>@error('parts')<div class="error">{{ $message }}</div>@enderror</fieldset>
                <div class="form-grid mt-4"><x-field form="bal" label="Joining leads" name="mm2" value="35" unit="mm²" inputmode="decimal" /><x-field form="bal" label="Length, each" name="lead_m" value="0.5" unit="m" inputmode="decimal" /><x-field form="bal" label="They bear" name="lead_a" value="150" unit="A" inputmode="decimal" help="By their insulation; empty: not known." /></div>
                <fieldset class="mt-4"><legend>On which chargers</legend><p class="small muted">Those that there are and that suit these batteries; the rest wait their turn.</p><div class="form-grid mt-2">@for ($i = 0; $i < App\Http\Requests\BalanceRequest::CHARGERS; $i++)<x-field form="bal" :label="'Charger '.($i + 1)" name="charger[{{ $i }}]" :value="$i < min(2, count($batteries)) ? 'bench '.($i + 1) : ''" /><x-field form="bal" class="narrow" :label="'Its amps, '.($i + 1)" name="charger_a[{{ $i }}]" :value="$i < min(2, count($batteries)) ? '30' : ''" unit="A" inputmode="decimal" />@endfor</div></fieldset>
                <div class="actions"><button class="btn" data-add>Open a session</button></div></form>
            @if (($bank = $sums->banks->planned->bank) && ! $bank->chemistry()->isLithium())@php($charge = Pebblefell\Bank\RefreshCharge::of($bank->cells(), $bank->ahAtRate(10)))<p class="small muted mt-2">Refresh charge of this bank: {{ $show->text($charge->voltageV, 'V') }}, at least {{ $show->text($charge->minCurrentA, 'A') }} (twice its 10-hour current), 16 hours.</p>@endif
        @endif
    @endif
    @if ($past->isNotEmpty())<div class="section"><div class="section-head"><h2>Before</h2></div><table class="stack"><caption class="sr-only">Earlier sessions</caption><thead><tr><th scope="col">Ended</th><th scope="col">How</th><th scope="col">Result</th><th scope="col">Last volts</th><th scope="col">Next check</th></tr></thead><tbody>@foreach ($past as $old)<tr><td>{{ $workshop->local($old->ended_at)->format('j M Y') }}</td><td data-label="How">{{ $old->protocol->value }}</td><td data-label="Result">{{ $old->passed ? 'alike' : 'no result' }}</td><td class="num small" data-label="Last volts"><span>{{ $old->balanceBatteries->map(fn ($b) => ($v = $b->lastReading?->volts) ? number_format($v, 2) : '–')->implode(', ') }}@php($ends = $old->balanceBatteries->map(fn ($b) => $b->lastReading?->volts)->filter()){{ $ends->count() > 1 ? ' (' . round(1000 * ($ends->max() - $ends->min())) . ' mV)' : '' }}</span></td><td data-label="Next check">{{ $old->passed ? $workshop->local($old->ended_at)->addYear()->format('j M Y') : '–' }}</td></tr>@endforeach</tbody></table></div>@endif
    <x-caution>{{ $region->bankCaution() }} Charge where you can watch it; a battery that swells, hisses or grows hot is left alone: everyone out, and away. Join plus to plus and minus to minus, with a fuse in one lead.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
