@props(['budget', 'sketch'])
<div class="day-row border-b-0! items-start!">
    <div class="small muted pt-2">Power through the day<br><span class="text-heather">■</span> DC <span class="text-tarn">■</span> AC <span
        class="text-gorse">■</span> inverter<br><span>━</span> all on at once<br><span class="text-tarn">┄</span> energy so far</div>
    <span></span><span></span>
    <div class="strip-cell">
        <svg class="draw" viewBox="{{ $sketch->viewBox }}" role="img"
            aria-label="Power at the battery through the day; the worst moment is {{ round($budget->peakW) }} watts from {{ $budget->worst->fromH
                }} to {{ $budget->worst->toH }} o’clock">
            @foreach ($sketch->hours as $t)
                <line class="grid" x1="{{ $t->at }}" x2="{{ $t->at }}" y1="8" y2="{{ $sketch->floor }}"/><text class="axis mid" x="{{ $t->at }}"
                    y="115">{{ $t->value }}</text>
            @endforeach
            <rect class="f-gorse-wash" x="{{ $sketch->worst['x'] }}" y="8" width="{{ $sketch->worst['width'] }}" height="92" opacity=".55"/>
            <path class="f-gorse" d="{{ $sketch->layers['all'] }}"/><path class="f-tarn" d="{{ $sketch->layers['ac'] }}"/><path class="f-heather"
                d="{{ $sketch->layers['dc'] }}"/>
            <path class="s-ink" d="{{ $sketch->peak }}"/><path class="s-tarn" d="{{ $sketch->energy }}" stroke-dasharray="4 4"/>
        </svg>
    </div>
    <div class="num small text-right pt-1">{{ $show->text($sketch->topW, 'W') }}</div>
</div>
<div class="sr-only">
    <table>
        <caption>Power through the day</caption>
        <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Mean W</th><th scope="col">At most W</th></tr></thead>
        <tbody>@foreach ($budget->moments as $m)<tr><td>{{ $m->fromH }}</td><td>{{ $m->toH }}</td><td>{{ round($m->meanW) }}</td><td>{{ round($m->peakW) }}</td>
            </tr>@endforeach</tbody>
    </table>
</div>
