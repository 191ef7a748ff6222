@props(['sun'])
@php($need = $sun->months[0]->needWh)
@php($top = max([1.0, $need * 1.25, ...array_map(fn ($m) => max($m->foundWh, $m->plannedWh), $sun->months)]))
@php($y = fn ($wh) => 200 - $wh / $top * 180)
<div class="scroll"><svg class="draw" viewBox="0 0 916 250" role="img" aria-label="Energy from the sun on a mean day of each month, against {{ round($need) }} watt-hours needed">
    @foreach ($sun->months as $i => $m)
        @php($x = 60 + $i * 71)
        @if ($m->travelled)<rect class="f-fern-wash" x="{{ $x - 4 }}" y="14" width="66" height="186" opacity=".6"/>@endif
        <rect class="f-tarn-wash" x="{{ $x + 4 }}" y="{{ round($y($m->foundWh), 1) }}" width="23" height="{{ round(200 - $y($m->foundWh), 1) }}"/><line class="s-tarn" x1="{{ $x + 4 }}" x2="{{ $x + 27 }}" y1="{{ round($y($m->foundWh), 1) }}" y2="{{ round($y($m->foundWh), 1) }}"/>
        <rect class="f-heather" x="{{ $x + 31 }}" y="{{ round($y($m->plannedWh), 1) }}" width="23" height="{{ round(200 - $y($m->plannedWh), 1) }}"/>
        <text class="axis mid" x="{{ $x + 29 }}" y="216">{{ DateTime::createFromFormat('!n', (string) $m->month)->format('M') }}</text>
        <text class="axis mid" x="{{ $x + 29 }}" y="234">{{ is_finite($m->neededW) ? ($m->neededW >= 9950 ? round($m->neededW / 1000) . 'k' : round($m->neededW)) : '∞' }}</text>
        @if ($m === $sun->ruling)<path class="f-heather" d="M{{ $x + 23 }} 4h12l-6 8z"/>@endif
    @endforeach
    <line class="s-ink" x1="52" x2="916" y1="200" y2="200"/>
    <line class="s-ink-2" x1="52" x2="916" y1="{{ round($y($need), 1) }}" y2="{{ round($y($need), 1) }}"/>
    <text class="axis end" x="48" y="{{ round($y($need) + 4, 1) }}">{{ $show->parts($need, 'Wh')[0] }}</text>
    <text class="axis end" x="48" y="24">{{ $show->parts($top, 'Wh')[1] }}</text><text class="axis end" x="48" y="204">0</text><text class="axis end" x="48" y="234">W</text>
</svg></div>
<p class="small muted flex flex-wrap gap-x-5"><span><span class="text-tarn">▔</span> found, {{ $show->text($sun->foundW, 'W') }}</span><span><span class="text-heather">■</span> planned, {{ $show->text($sun->plannedW, 'W') }}</span><span>┄ needed a day, losses of the battery in</span><span><span class="text-heather">▼</span> the poorest travelled month</span><span>last row: W of array that the sun alone would take</span></p>
<div class="sr-only"><table><caption>Sun by month</caption><thead><tr><th scope="col">Month</th><th scope="col">On the panel, kWh/m² a day</th><th scope="col">Found Wh</th><th scope="col">Planned Wh</th><th scope="col">Array W for sun alone</th></tr></thead><tbody>@foreach ($sun->months as $m)<tr><td>{{ $m->month }}</td><td>{{ round($m->planeKwh, 2) }}</td><td>{{ round($m->foundWh) }}</td><td>{{ round($m->plannedWh) }}</td><td>{{ is_finite($m->neededW) ? round($m->neededW) : 'no sun' }}</td></tr>@endforeach</tbody></table></div>
