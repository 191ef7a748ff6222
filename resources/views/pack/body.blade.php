@php($system = $pack->system)
@php($study = $pack->assessment->study)
@php($planned = $study->banks()->planned)
@php($region = $system->region)
@php($left = collect($system->parts)->filter(fn ($p) => $p->fate === Pebblefell\System\Fate::Relabel))
<p class="lead">{{ $system->client->name }} · {{ $system->vehicle->description ?: str_replace('_', ' ', $system->vehicle->kind) }}{{ $system->vehicle->registration ? ' · ' . $system->vehicle->registration : '' }} · {{ (int) $system->vehicle->systemV }} V</p>

<div class="section"><h2>What it gives you</h2>
<table><tbody>
    @if ($planned->exists())
        <tr><td>Usable in the full bank</td><td class="n">{{ $show->figure($planned->usable()) }}</td></tr>
        @if (is_finite($planned->days()->value))<tr><td>Lasts without any charge, used as you said ({{ $show->text($study->loads()->budget->energyWhDay, 'Wh') }} a day)</td><td class="n">{{ $show->figure($planned->days()) }}</td></tr>@endif
    @endif
    @if ($study->loads()->budget->peakW > 0)<tr><td>Most at once, at the battery</td><td class="n">{{ $show->text($study->loads()->budget->peakW, 'W') }}</td></tr>@endif
    @if ($study->planned()->inverter())<tr><td>The inverter carries, all outlets together</td><td class="n">{{ $show->text($study->planned()->inverter()->data->number('continuous_w') ?? 0, 'W') }}</td></tr>@endif
    @if ($study->sun() && $study->sun()->ruling)<tr><td>Sun in {{ DateTime::createFromFormat('!n', (string) $study->sun()->ruling->month)->format('F') }}, the poorest month on the road, mean day</td><td class="n">{{ $show->text($study->sun()->ruling->plannedWh, 'Wh') }}</td></tr>@endif
</tbody></table></div>

<div class="section"><h2>What is fitted</h2>
<table><thead><tr><th>Part</th><th>Make, model</th><th>Serial</th><th>Firmware</th><th>Place</th></tr></thead><tbody>
    @foreach (collect($system->parts)->filter(fn ($p) => $p->fate->isPlanned()) as $part)
        <tr><td>{{ $say->name($part->kind) }}@if ($part->fate === Pebblefell\System\Fate::Relabel) (no longer true: see label)@endif</td><td>{{ trim($part->make . ' ' . $part->model) ?: '–' }}<div class="muted small">{{ App\Words\PartWords::of($part, $show, $say) }}</div></td><td class="num">{{ $part->serial ?: '–' }}</td><td class="num">{{ $part->firmware ?: '–' }}</td><td>{{ $part->place ?: '–' }}</td></tr>
    @endforeach
</tbody></table></div>

@php($together = Pebblefell\Stage\Loads\LoadSizing::together($study))
@if ($together)
<div class="section"><h2>What can run together</h2>
<p>All outlets together carry {{ $show->text($together->limitW, 'W') }}. These go at once:</p>
<ul>@foreach (array_slice($together->largest, 0, 5) as $set)<li>{{ collect($set)->map(fn ($a) => $a->name)->implode(' + ') }}</li>@endforeach</ul>
@if ($together->never !== [] || $together->alone !== [])<p>These do not: {{ collect($together->alone)->map(fn ($a) => $a->name . ' (not even alone)')->merge(collect($together->never)->take(6)->map(fn ($p) => $p[0]->name . ' with ' . $p[1]->name))->implode('; ') }}.</p>@endif
</div>
@endif

@if ($study->settings()->devices !== [])
<div class="section"><h2>Settings</h2>
    @foreach ($study->settings()->devices as $device)
        <h3>{{ $say->part($device['part']) }}</h3>
        <table><thead><tr><th>Setting</th><th class="n">Found</th><th class="n">Planned</th><th class="n">As set</th><th class="n">Read back</th><th>By, when</th></tr></thead><tbody>
        @foreach ($device['rows'] as $row)
            @php($text = fn ($v) => $v === null ? '–' : ($v->isOff() ? 'off' : $show->field($v->number, $row->parameter->unit()) . ' ' . $show->unit($row->parameter->unit())))
            <tr><td>{{ $say->name($row->parameter) }}</td><td class="n num">{{ $text($row->entry?->found) }}</td><td class="n num">{{ $text($row->planned()) }}</td><td class="n num">{{ $text($row->entry?->asSet) }}</td><td class="n num">{{ $text($row->entry?->readBack) }}</td><td class="small">{{ $row->entry?->asSet ? $row->entry->by . ', ' . substr($row->entry->at, 0, 10) : '' }}</td></tr>
        @endforeach</tbody></table>
    @endforeach
</div>
@endif

@if ($system->measurements !== [])
<div class="section"><h2>Readings</h2>
<table><thead><tr><th>Part</th><th>What</th><th class="n">Value</th><th>When (UTC)</th><th>By, with</th></tr></thead><tbody>
    @foreach ($system->measurements as $m)<tr><td>{{ $say->part($system->parts[$m->partUid]) }}</td><td>{{ str_replace('_', ' ', $m->quantity) }}{{ $m->note ? ', ' . $m->note : '' }}</td><td class="n num">{{ $show->text($m->value, $m->unit()) }}</td><td class="num">{{ substr(str_replace('T', ' ', $m->at), 0, 16) }}</td><td class="small">{{ $m->by }}{{ $m->instrument ? ', ' . $m->instrument : '' }}</td></tr>@endforeach
</tbody></table></div>
@endif

<div class="section"><h2>Living with it</h2>
<ul class="plain">
    @if ($left->isNotEmpty())<li><strong>{{ $left->map(fn ($p) => $say->part($p))->implode(', ') }}</strong> {{ $left->count() === 1 ? 'is' : 'are' }} left in and labelled: what {{ $left->count() === 1 ? 'it shows' : 'they show' }} is no longer true. Believe the monitor.</li>@endif
    @if ($study->planned()->inverter())<li>Switch the inverter off when nothing needs it: it draws {{ $show->figure($study->loads()->idleW) }} for being on. If it trips on overload, take something off, then switch it off and on.</li>@endif
    <li>On most monitors “time to go” reads endless while the bank is charging.</li>
    @if ($planned->bank?->chemistry()->isLithium())<li>Do not leave it full on hook-up for months: between half and 80 % is right for storage. It must not be charged below {{ $show->text($planned->parts[0]->data->number('charge_min_c') ?? 0.0, '°C') }}.</li><li>A battery that is swollen, hot or hissing is left alone: everyone out, and away.</li>@endif
    @if ($study->planned()->arrayW() > 0)<li>A storage cover shuts out the sun: leave some light on the panels, or charge it now and then.</li>@endif
    <li>Ventilate before you cool, and do before dark what needs much power.</li>
</ul>
<p class="caution"><strong>Careful.</strong> {{ $say->said($region->bankCaution()) }} {{ $say->said($region->mainsCaution()) }} {{ $say->said($region->solarCaution()) }} After a crash or a flood, isolate and do not reset.</p></div>

@if ($pack->assessment->verdicts !== [])
<div class="section"><h2>Judged when this pack was made</h2>
<table><thead><tr><th>What</th><th>Why</th><th>Answer</th></tr></thead><tbody>
    @php($words = $pack->say())
    @foreach ($pack->assessment->verdicts as $v)@php($said = $words->finding($v->finding))<tr><td><strong>{{ ucfirst($v->finding->severity->value) }}:</strong> {{ $said->title }}</td><td class="small">{{ $said->message }} <span class="muted">({{ $said->source }})</span></td><td class="small">@if ($v->answer){{ ucfirst($v->answer->answer) }} by {{ $v->answer->by }}, {{ substr($v->answer->at, 0, 10) }}{{ $v->answer->reason ? ': ' . $v->answer->reason : '' }}@else open @endif</td></tr>@endforeach
</tbody></table></div>
@endif

@php($pictures = collect($system->parts)->filter(fn ($p) => $p->fate->isPlanned())->flatMap(fn ($p) => collect($p->photos)->map(fn ($ph) => [$p, $ph])))
@if ($pictures->isNotEmpty())
<div class="section"><h2>Pictures</h2><div class="thumbs">
    @foreach ($pictures as [$part, $photo])<figure><img src="{{ $photoOf($photo->sha256) }}" alt="{{ $photo->caption ?: $say->part($part) }}"><figcaption class="small">{{ $say->part($part) }}{{ $photo->caption ? ': ' . $photo->caption : '' }}</figcaption></figure>@endforeach
</div></div>
@endif

<div class="section"><h2>Who to call</h2>
<p>{{ $pack->workshop->name }}{{ $pack->workshop->phone ? ', ' . $pack->workshop->phone : '' }}{{ $pack->workshop->email ? ', ' . $pack->workshop->email : '' }}{{ $pack->workshop->address ? ', ' . $pack->workshop->address : '' }}. Any auto electrician can work from this pack; the open file holds the whole system. Pack {{ $pack->handover->number }}, issued by {{ $pack->handover->issued_by }}.</p></div>
