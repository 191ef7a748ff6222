@props(['sun', 'sketch'])
<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img"
    aria-label="Energy from the sun on a mean day of each month, against {{ round($sketch->needWh) }} watt-hours needed">
    @foreach ($sketch->months as $m)
        @if ($m['month']->travelled)<rect class="f-fern-wash" x="{{ $m['x'] }}" y="{{ $sketch->frame->top }}" width="{{ round($sketch->each * .94, 1) }}"
            height="{{ $sketch->frame->boxHeight() }}" opacity=".6"/>@endif
        <rect class="f-tarn-wash" x="{{ round($m['mid'] - $sketch->bar - 1, 1) }}" y="{{ $m['found'][0] }}" width="{{ $sketch->bar }}"
            height="{{ $m['found'][1] }}"/>
        <line class="s-tarn" x1="{{ round($m['mid'] - $sketch->bar - 1, 1) }}" x2="{{ $m['mid'] - 1 }}" y1="{{ $m['found'][0] }}" y2="{{ $m['found'][0] }}"/>
        <rect class="f-heather" x="{{ $m['mid'] + 1 }}" y="{{ $m['planned'][0] }}" width="{{ $sketch->bar }}" height="{{ $m['planned'][1] }}"/>
        <text class="axis mid" x="{{ $m['mid'] }}" y="{{ $sketch->frame->bottom + 16 }}">{{ $say->month($m['month']->month, $sketch->frame->isNarrow() ? 1 : 3)
            }}</text>
        <text class="axis mid" x="{{ $m['mid'] }}"
            y="{{ $sketch->frame->bottom + 34 }}">{{ $m['month']->neededShort($sun->roofW, $sketch->frame->isNarrow()) }}</text>
        @if ($m['ruling'])<path class="f-heather" d="M{{ $m['mid'] - 6 }} 4h12l-6 8z"/>@endif
    @endforeach
    <line class="s-ink" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->frame->bottom }}" y2="{{ $sketch->frame->bottom }}"/>
    <line class="s-ink-2" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->need }}" y2="{{ $sketch->need }}"/>
    @if ($sketch->needStandsClear)<text class="axis end" x="{{ $sketch->frame->left - 5 }}"
        y="{{ $sketch->need + 4 }}">{{ $show->parts($sketch->needWh, 'Wh')[0] }}</text>@endif
    <text class="axis end" x="{{ $sketch->frame->left - 5 }}" y="{{ $sketch->frame->top + 8 }}">{{ $show->parts($sketch->topWh, 'Wh')[1] }}</text>
    <text class="axis end" x="{{ $sketch->frame->left - 5 }}" y="{{ $sketch->frame->bottom + 4 }}">0</text>
    <text class="axis end" x="{{ $sketch->frame->left - 5 }}" y="{{ $sketch->frame->bottom + 34 }}">{{ $sketch->frame->isNarrow() ? 'kW' : 'W' }}</text>
</svg>
<p class="small muted flex flex-wrap gap-x-5">
    <span><span class="text-tarn">▔</span> found, {{ $show->text($sun->foundW, 'W') }}</span>
        <span><span class="text-heather">■</span> planned, {{ $show->text($sun->plannedW, 'W') }}</span>
    <span>┄ needed a day, losses of the battery in</span><span><span class="text-heather">▼</span> the poorest travelled month</span>
        <span>last row: array that the sun alone would take; – is more than the roof holds</span>
</p>
<div class="sr-only">
    <table>
        <caption>Sun by month</caption>
        <thead><tr><th scope="col">Month</th><th scope="col">On the panel, kWh/m² a day</th><th scope="col">Found Wh</th><th scope="col">Planned Wh</th>
            <th scope="col">Array W for sun alone</th></tr></thead>
        <tbody>
        @foreach ($sun->months as $m)
            <tr><td>{{ $m->month }}</td><td>{{ round($m->planeKwh, 2) }}</td><td>{{ round($m->foundWh) }}</td><td>{{ round($m->plannedWh) }}</td>
                <td>{{ $m->neededShort($sun->roofW) }}</td></tr>
        @endforeach
        </tbody>
    </table>
</div>
