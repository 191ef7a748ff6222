<p class="lead">{{ $page->about() }}</p>

<div class="section"><h2>What it gives you</h2>
<table><tbody>
    @foreach ($page->gives() as $what => $much)<tr><td>{{ $what }}</td><td class="n">{{ $much }}</td></tr>@endforeach
</tbody></table></div>

<div class="section"><h2>What is fitted</h2>
<table><thead><tr><th>Part</th><th>Make, model</th><th>Serial</th><th>Firmware</th><th>Place</th></tr></thead><tbody>
    @foreach ($page->fitted() as $part)
        <tr><td>{{ $say->name($part->kind) }}@if ($page->isLabelled($part)) (no longer true: see label)@endif</td>
            <td>{{ $part->typedName() ?: '–' }}<div class="muted small">{{ $say->about($part) }}</div></td>
            <td class="num">{{ $part->serial ?: '–' }}</td><td class="num">{{ $part->firmware ?: '–' }}</td><td>{{ $part->place ?: '–' }}</td></tr>
    @endforeach
</tbody></table></div>

@if ($page->together())
    <div class="section"><h2>What can run together</h2>
    <p>All outlets together carry {{ $page->outlets() }}. These go at once:</p>
    <ul>@foreach ($page->together() as $set)<li>{{ $set }}</li>@endforeach</ul>
    @if ($page->apart() !== '')<p>These do not: {{ $page->apart() }}.</p>@endif
    </div>
@endif

@if ($page->settings())
    <div class="section"><h2>Settings</h2>
    @foreach ($page->settings() as $device)
        <h3>{{ $say->part($device['part']) }}</h3>
        <table><thead><tr><th>Setting</th><th class="n">Found</th><th class="n">Planned</th><th class="n">As set</th><th class="n">Read back</th>
            <th>By, when</th></tr></thead><tbody>
        @foreach ($device['rows'] as $row)
            <tr><td>{{ $row['name'] }}</td>@foreach ($row['values'] as $value)<td class="n num">{{ $value }}</td>
                @endforeach<td class="small">{{ $row['by'] }}</td></tr>
        @endforeach
        </tbody></table>
    @endforeach
    </div>
@endif

@if ($pack->system->measurements !== [])
    <div class="section"><h2>Readings</h2>
    <table><thead><tr><th>Part</th><th>What</th><th class="n">Value</th><th>When (UTC)</th><th>By, with</th></tr></thead><tbody>
    @foreach ($pack->system->measurements as $m)
        <tr><td>{{ $say->part($pack->system->parts[$m->partUid]) }}</td><td>{{ str_replace('_', ' ', $m->quantity) }}{{ $m->note ? ', ' . $m->note : '' }}</td>
            <td class="n num">{{ $show->text($m->value, $m->unit()) }}</td><td class="num">{{ substr(str_replace('T', ' ', $m->at), 0, 16) }}</td>
            <td class="small">{{ $m->by }}{{ $m->instrument ? ', ' . $m->instrument : '' }}</td></tr>
    @endforeach
    </tbody></table></div>
@endif

<div class="section"><h2>Living with it</h2>
<ul class="plain">
    @if ($left = $page->labelled())
        <li><strong>{{ implode(', ', $left) }}</strong> {{ count($left) === 1 ? 'is' : 'are' }} left in and labelled: what
            {{ count($left) === 1 ? 'it shows' : 'they show' }} is no longer true. Believe the monitor.</li>
    @endif
    @if ($page->hasInverter())
        <li>Switch the inverter off when nothing needs it: it draws {{ $page->idle() }} for being on. If it trips on overload, take something off, then switch
            it off and on.</li>
    @endif
    <li>On most monitors “time to go” reads endless while the bank is charging.</li>
    @if ($page->isLithium())
        <li>Do not leave it full on hook-up for months: between half and 80 % is right for storage. It must not be charged below {{ $page->coldest() }}.</li>
        <li>A battery that is swollen, hot or hissing is left alone: everyone out, and away.</li>
    @endif
    @if ($page->hasPanels())<li>A storage cover shuts out the sun: leave some light on the panels, or charge it now and then.</li>@endif
    <li>Ventilate before you cool, and do before dark what needs much power.</li>
</ul>
<p class="caution"><strong>Careful.</strong> {{ $say->said($pack->system->region->bankCaution()) }} {{ $say->said($pack->system->region->mainsCaution()) }}
    {{ $say->said($pack->system->region->solarCaution()) }} After a crash or a flood, isolate and do not reset.</p></div>

@if ($page->verdicts())
    <div class="section"><h2>Judged when this pack was made</h2>
    <table><thead><tr><th>What</th><th>Why</th><th>Answer</th></tr></thead><tbody>
    @foreach ($page->verdicts() as ['verdict' => $v, 'said' => $said])
        <tr><td><strong>{{ ucfirst($v->finding->severity->value) }}:</strong> {{ $said->title }}</td>
            <td class="small">{{ $said->message }} <span class="muted">({{ $said->source }})</span></td>
            <td class="small">@if ($v->answer){{ ucfirst($v->answer->answer) }} by {{ $v->answer->by }},
                {{ substr($v->answer->at, 0, 10) }}{{ $v->answer->reason ? ': ' . $v->answer->reason : '' }}@else open @endif</td></tr>
    @endforeach
    </tbody></table></div>
@endif

@if ($page->pictures())
    <div class="section"><h2>Pictures</h2><div class="thumbs">
    @foreach ($page->pictures() as ['part' => $part, 'photo' => $photo])
        <figure><img src="{{ $photoOf($photo->sha256) }}" alt="{{ $photo->caption ?: $say->part($part) }}"><figcaption
            class="small">{{ $say->part($part) }}{{ $photo->caption ? ': ' . $photo->caption : '' }}</figcaption></figure>
    @endforeach
    </div></div>
@endif

<div class="section"><h2>Who to call</h2>
<p>{{ $page->whoToCall() }}. Any auto electrician can work from this pack; the open file holds the whole system. Pack {{ $pack->handover->number }}, issued by
    {{ $pack->handover->issued_by }}.</p></div>
