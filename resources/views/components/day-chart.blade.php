@props(['budget'])
@php($top = max(1.0, $budget->peakW))
@php($sum = 0.0)
@php($path = '')
@php($layers = ['dc' => 'M0 100', 'ac' => 'M0 100', 'all' => 'M0 100'])
@php($energy = 'M0 100')
@foreach ($budget->moments as $m)
    @php($x0 = $m->fromH / 24 * 480)
    @php($x1 = $m->toH / 24 * 480)
    @foreach (['dc' => $m->dcMeanW, 'ac' => $m->dcMeanW + $m->acMeanW(), 'all' => $m->meanW] as $layer => $watts)
        @php($layers[$layer] .= sprintf(' L%.2f %.2f L%.2f %.2f', $x0, 100 - $watts / $top * 88, $x1, 100 - $watts / $top * 88))
    @endforeach
    @php($peak = 100 - $m->peakW / $top * 88)
    @php($path .= sprintf('%s%.2f %.2f L%.2f %.2f', $path === '' ? 'M' : ' L', $x0, $peak, $x1, $peak))
    @php($sum += $m->meanW * $m->hours())
    @php($energy .= sprintf(' L%.2f %.2f', $x1, 100 - ($budget->energyWhDay > 0 ? $sum / $budget->energyWhDay : 0) * 88))
@endforeach
<div class="day-row border-b-0! items-start!">
    <div class="small muted pt-2">Power through the day<br><span class="text-heather">■</span> DC <span class="text-tarn">■</span> AC <span class="text-gorse">■</span> inverter<br><span>━</span> all on at once<br><span class="text-tarn">┄</span> energy so far</div><span></span><span></span>
    <div class="strip-cell">
        <svg class="draw" viewBox="0 0 480 128" role="img" aria-label="Power at the battery through the day; the worst moment is {{ round($budget->peakW) }} watts from {{ $budget->worst->fromH }} to {{ $budget->worst->toH }} o’clock">
            @foreach ([0, 3, 6, 9, 12, 15, 18, 21, 24] as $h)<line class="grid" x1="{{ $h * 20 }}" x2="{{ $h * 20 }}" y1="8" y2="100"/><text class="axis mid" x="{{ $h * 20 }}" y="115">{{ $h }}</text>@endforeach
            <rect class="f-gorse-wash" x="{{ $budget->worst->fromH * 20 }}" y="8" width="{{ max(2, $budget->worst->hours() * 20) }}" height="92" opacity=".55"/>
            <path class="f-gorse" d="{{ $layers['all'] }} L480 100z"/>
            <path class="f-tarn" d="{{ $layers['ac'] }} L480 100z"/>
            <path class="f-heather" d="{{ $layers['dc'] }} L480 100z"/>
            <path class="s-ink" d="{{ $path }}"/>
            <path class="s-tarn" d="{{ $energy }}" stroke-dasharray="4 4"/>
            <line class="s-ink" x1="0" x2="480" y1="100" y2="100"/>
        </svg>
    </div>
    <div class="num small text-right pt-1">{{ $show->text($top, 'W') }}</div>
</div>
<div class="sr-only"><table><caption>Power through the day</caption><thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Mean W</th><th scope="col">At most W</th></tr></thead><tbody>@foreach ($budget->moments as $m)<tr><td>{{ $m->fromH }}</td><td>{{ $m->toH }}</td><td>{{ round($m->meanW) }}</td><td>{{ round($m->peakW) }}</td></tr>@endforeach</tbody></table></div>
