@props(['year', 'sketch'])
<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img"
    aria-label="A mean day of each month: what sun, driving and hook-up bring, what is used and what is wasted">
    @foreach ($sketch->months as $m)
        @foreach (['solar' => 'f-gorse', 'alternator' => 'f-tarn', 'shore' => 'f-heather', 'wasted' => 'f-gorse-wash s-box'] as $source => $class)
            @if ($m['bars'][$source][1] > 0)<rect class="{{ $class }}" x="{{ $m['x'] }}" y="{{ $m['bars'][$source][0] }}" width="{{ $sketch->bar }}"
                height="{{ $m['bars'][$source][1] }}"/>@endif
        @endforeach
        @if ($m['asked'] !== null)<path class="s-ink" d="M{{ $m['x'] + $sketch->bar + 1 }} {{ $m['asked'] }}h{{ $sketch->mark }}"/>@endif
        @if ($m['missing'])<rect class="f-rust" x="{{ $m['x'] + $sketch->bar + 2 }}" y="{{ $m['missing'][0] }}" width="{{ max(3, $sketch->mark - 4) }}"
            height="{{ $m['missing'][1] }}"/>@endif
        <text class="axis mid" x="{{ $m['mid'] }}" y="{{ $sketch->frame->bottom + 17 }}">{{ $say->month($m['month']->month, $sketch->frame->isNarrow() ? 1 : 3)
            }}</text>
        <text class="axis mid {{ $m['month']->travelled && $m['month']->daysServed < $m['month']->days ? 't-rust' : '' }}" x="{{ $m['mid'] }}"
            y="{{ $sketch->frame->bottom + 35 }}">{{ $m['month']->travelled ? ($sketch->frame->isNarrow() ? $m['month']->daysServed : $m['month']->daysServed .
                '/' . $m['month']->days) : '–' }}</text>
    @endforeach
    <line class="s-ink" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->frame->bottom }}" y2="{{ $sketch->frame->bottom }}"/>
    <text class="axis" x="0" y="10">{{ $show->text($sketch->topWh, 'Wh') }} a day</text>
    <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $sketch->frame->bottom + 4 }}">0</text>
    @if (! $sketch->frame->isNarrow())<text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $sketch->frame->bottom + 35 }}">days</text>@endif
</svg>
<p class="small muted flex flex-wrap gap-x-5">
    <span><span class="text-gorse">■</span> sun used, pale: not used</span><span><span class="text-tarn">■</span> driving</span>
        <span><span class="text-heather">■</span> hook-up</span><span>━ asked for</span>
    <span><span class="text-rust">■</span> not served</span><span>last row: days on which all was served</span>
</p>
<details class="mt-1">
    <summary class="linkish">As a table</summary>
    <table class="stack">
        <caption class="sr-only">Month by month</caption>
        <thead><tr>
            <th scope="col">Month, a mean day</th><th scope="col" class="n">Sun offered</th><th scope="col" class="n">Used</th>
                <th scope="col" class="n">Clipped</th><th scope="col" class="n">Driving</th><th scope="col" class="n">Hook-up</th>
            <th scope="col" class="n">Sun’s share</th><th scope="col" class="n">Asked</th><th scope="col" class="n">Not served</th>
        </tr></thead>
        <tbody>
        @foreach ($year->months as $m)
            <tr>
                <td>{{ $say->month($m->month) }}{{ $m->travelled ? '' : ', standing' }}</td>
                @foreach (['Sun offered' => 'offeredWh', 'Used' => 'solarWh', 'Clipped' => 'clippedWh', 'Driving' => 'alternatorWh', 'Hook-up' =>
                    'shoreWh'] as $label => $of)
                    <td class="n num" data-label="{{ $label }}">{{ $show->text($m->$of, 'Wh') }}</td>
                @endforeach
                <td class="n num" data-label="Sun’s share">{{ $m->sunSharePct() === null ? '–' : round($m->sunSharePct()) . ' %' }}</td>
                <td class="n num" data-label="Asked">{{ $show->text($m->askedWh, 'Wh') }}</td>
                <td class="n num" data-label="Not served">{{ $show->text($m->unservedWh, 'Wh') }}</td>
            </tr>
        @endforeach
        </tbody>
    </table>
</details>
