@props(['year'])
@php($top = max([1.0, ...array_map(fn ($m) => max($m->offeredWh + $m->alternatorWh + $m->shoreWh, $m->askedWh), $year->months)]) * 1.08)
@php($y = fn ($wh) => 190 - $wh / $top * 176)
@php($name = fn ($m) => DateTime::createFromFormat('!n', (string) $m)->format('M'))
<div class="scroll"><svg class="draw" viewBox="0 0 916 232" role="img" aria-label="A mean day of each month: what sun, driving and hook-up bring, what is used and what is wasted">
    @foreach ($year->months as $i => $m)
        @php($x = 64 + $i * 71)
        @php($stack = 0.0)
        @foreach (['f-gorse' => $m->solarWh, 'f-tarn' => $m->alternatorWh, 'f-heather' => $m->shoreWh] as $class => $wh)
            <rect class="{{ $class }}" x="{{ $x }}" y="{{ round($y($stack + $wh), 1) }}" width="34" height="{{ round($y($stack) - $y($stack + $wh), 1) }}"/>
            @php($stack += $wh)
        @endforeach
        @if ($m->wastedWh() > 0)<rect class="f-gorse-wash s-box" x="{{ $x }}" y="{{ round($y($stack + $m->wastedWh()), 1) }}" width="34" height="{{ round($y($stack) - $y($stack + $m->wastedWh()), 1) }}"/>@endif
        @if ($m->travelled)<path class="s-ink" d="M{{ $x + 38 }} {{ round($y($m->askedWh), 1) }}h16"/>@if ($m->unservedWh > 0.5)<rect class="f-rust" x="{{ $x + 42 }}" y="{{ round($y($m->askedWh), 1) }}" width="8" height="{{ max(2, round($y($m->askedWh - $m->unservedWh) - $y($m->askedWh), 1)) }}"/>@endif
        @endif
        <text class="axis mid" x="{{ $x + 25 }}" y="207">{{ $name($m->month) }}</text>
        <text class="axis mid {{ $m->travelled && $m->daysServed < $m->days ? 't-rust' : '' }}" x="{{ $x + 25 }}" y="225">{{ $m->travelled ? $m->daysServed . '/' . $m->days : '–' }}</text>
    @endforeach
    <line class="s-ink" x1="56" x2="916" y1="190" y2="190"/>
    <text class="axis" x="0" y="10">{{ $show->text($top / 1.08, 'Wh') }} a day</text><text class="axis end" x="50" y="194">0</text><text class="axis end" x="50" y="225">days</text>
</svg></div>
<p class="small muted flex flex-wrap gap-x-5"><span><span class="text-gorse">■</span> sun used, pale: not used</span><span><span class="text-tarn">■</span> driving</span><span><span class="text-heather">■</span> hook-up</span><span>━ asked for</span><span><span class="text-rust">■</span> not served</span><span>last row: days on which all was served</span></p>
<details class="mt-1"><summary class="linkish">As a table</summary><table class="stack"><caption class="sr-only">Month by month</caption><thead><tr><th scope="col">Month, a mean day</th><th scope="col" class="n">Sun offered</th><th scope="col" class="n">Used</th><th scope="col" class="n">Clipped</th><th scope="col" class="n">Driving</th><th scope="col" class="n">Hook-up</th><th scope="col" class="n">Sun’s share</th><th scope="col" class="n">Asked</th><th scope="col" class="n">Not served</th></tr></thead><tbody>@foreach ($year->months as $m)@php($in = $m->solarWh + $m->alternatorWh + $m->shoreWh)<tr><td>{{ DateTime::createFromFormat('!n', (string) $m->month)->format('F') }}{{ $m->travelled ? '' : ', standing' }}</td><td class="n num" data-label="Sun offered">{{ $show->text($m->offeredWh, 'Wh') }}</td><td class="n num" data-label="Used">{{ $show->text($m->solarWh, 'Wh') }}</td><td class="n num" data-label="Clipped">{{ $show->text($m->clippedWh, 'Wh') }}</td><td class="n num" data-label="Driving">{{ $show->text($m->alternatorWh, 'Wh') }}</td><td class="n num" data-label="Hook-up">{{ $show->text($m->shoreWh, 'Wh') }}</td><td class="n num" data-label="Sun’s share">{{ $in > 0 ? round(100 * $m->solarWh / $in) . ' %' : '–' }}</td><td class="n num" data-label="Asked">{{ $show->text($m->askedWh, 'Wh') }}</td><td class="n num" data-label="Not served">{{ $show->text($m->unservedWh, 'Wh') }}</td></tr>@endforeach</tbody></table></details>
