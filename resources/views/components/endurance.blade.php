@props(['pin', 'job'])
@php($map = $pin->map)
@php([$x0, $y0, $w, $h] = [60, 352, 500, 336])
@php($n = Pebblefell\Sizing\Endurance::CELLS)
@php($px = fn (float $ah) => round($x0 + $ah / $map->mostAh * $w, 1))
@php($py = fn (float $watts) => round($y0 - $watts / $map->mostW * $h, 1))
@php($wish = $map->wish)
@php($year = $map->month === 0)
@php($breaks = $year ? [25, 50, 75, $wish, 99.9] : [$wish / 4, $wish / 2, $wish, $wish * 2, max($wish * 4, 14)])
@php($level = fn (float $v) => count(array_filter($breaks, fn ($b) => $v >= $b - 1e-9)))
@php($paths = array_fill(0, 6, ''))
@foreach ($map->values as $row => $line)
    @php($from = 0)
    @for ($i = 1; $i <= $n; $i++)
        @if ($i === $n || $level($line[$i]) !== $level($line[$from]))
            @php($paths[$level($line[$from])] .= sprintf('M%.1f %.1fh%.1fv%.1fh-%.1fz', $x0 + $from * $w / $n, $y0 - ($row + 1) * $h / $n, ($i - $from) * $w / $n, $h / $n + 0.3, ($i - $from) * $w / $n))
            @php($from = $i)
        @endif
    @endfor
@endforeach
@php($line = function (float $at) use ($map, $x0, $y0, $w, $h, $n) { return Pebblefell\Trip\Contour::of($map->values, $at); })
@php($draw = function (array $pieces) use ($x0, $y0, $w, $h, $n) { $d = ''; foreach ($pieces as [$ax, $ay, $bx, $by]) { $d .= sprintf('M%.1f %.1fL%.1f %.1f', $x0 + ($ax + .5) * $w / $n, $y0 - ($ay + .5) * $h / $n, $x0 + ($bx + .5) * $w / $n, $y0 - ($by + .5) * $h / $n); } return $d; })
@php($cheapest = $map->cheapest())
<div class="endurance">
    <div class="scroll"><svg class="draw" viewBox="0 -8 580 408" data-map data-url="{{ route('size.pin', $job) }}" data-ah="{{ $map->battery->size }}" data-w="{{ $map->panel->size }}" data-most-ah="{{ $map->mostAh }}" data-most-w="{{ $map->mostW }}" data-most-strings="{{ $map->mostStrings() }}" data-most-panels="{{ $map->mostPanels() }}" data-box="{{ $x0 }} {{ $y0 }} {{ $w }} {{ $h }}" role="group" aria-label="Endurance map: bank in Ah to the right, array in W upward, shaded by {{ $year ? 'share of days served' : 'days until empty' }}">
        @foreach ($paths as $i => $d)@if ($d !== '')<path class="lv{{ $i }}" d="{{ $d }}"/>@endif @endforeach
        @foreach ($year ? [50, 80] : [1, 2, 3, 5, 10, 20, 40] as $at)
            @if (abs($at - $wish) > 0.15 * $wish && ($pieces = $line((float) $at)) !== [])
                <path class="s-ink-2 thin" d="{{ $draw($pieces) }}"/>
                @php($mid = $pieces[intdiv(count($pieces), 2)])
                <text class="axis halo mid" x="{{ round($x0 + ($mid[0] + .5) * $w / $n, 1) }}" y="{{ round($y0 - ($mid[1] + .5) * $h / $n + 4, 1) }}">{{ $at }}{{ $year ? ' %' : ' d' }}</text>
            @endif
        @endforeach
        @if (($pieces = $line($wish)) !== [])
            <path class="s-heather" d="{{ $draw($pieces) }}"/>
            @php($mid = collect($pieces)->sortByDesc(fn ($p) => $p[1])->first())
            <text class="t-heather halo" x="{{ min(470, round($x0 + ($mid[0] + .5) * $w / $n + 6, 1)) }}" y="{{ max(24, round($y0 - ($mid[1] + .5) * $h / $n + 12, 1)) }}">{{ $year ? 'the wish, ' . $wish . ' % of days' : 'the wish, ' . $show->text($wish) . ' days' }}</text>
        @endif
        @foreach ($map->fences as $i => $fence)
            @php($ax = is_finite($fence->atBank) ? $fence->atBank * $map->battery->size : INF)
            @php($ay = is_finite($fence->atArray) ? $fence->atArray * $map->panel->size : INF)
            @if (is_infinite($ax) && $ay <= $map->mostW)
                <path class="fence" d="M{{ $x0 }} {{ $py($ay) }}h{{ $w }}"/><text class="t-rust halo" x="{{ $x0 + 6 }}" y="{{ $py($ay) - 5 }}">{{ $fence->name }}</text>
            @elseif (is_infinite($ay) && $ax <= $map->mostAh)
                <path class="fence" d="M{{ $px($ax) }} {{ $y0 }}v-{{ $h }}"/><text class="t-rust halo" x="{{ $px($ax) + 5 }}" y="{{ $y0 - 8 - 16 * $i }}">{{ $fence->name }}</text>
            @elseif (is_finite($ax) && is_finite($ay) && ($ax < $map->mostAh || $ay < $map->mostW))
                @php($top = min($ay, $map->mostW))
                @php($right = min($ax, $map->mostAh))
                @php($xTop = $ay > 0 ? $ax * (1 - $top / $ay) : 0)
                @php($yRight = $ax > 0 ? $ay * (1 - $right / $ax) : 0)
                <path class="fence" d="M{{ $px($xTop) }} {{ $py($top) }}L{{ $px($right) }} {{ $py($yRight) }}"/><text class="t-rust halo end" x="{{ min($x0 + $w, $px(($xTop + $right) / 2)) - 6 }}" y="{{ $py(($top + $yRight) / 2) + 14 }}">{{ $fence->name }}</text>
            @endif
        @endforeach
        <path class="s-ink" d="M{{ $x0 }} {{ $y0 - $h }}v{{ $h }}h{{ $w }}"/>
        @for ($i = 1; $i <= $map->mostStrings(); $i++)<path class="s-ink" d="M{{ $px($i * $map->battery->size) }} {{ $y0 }}v5"/>@if ($map->mostStrings() <= 10 || $i % 4 === 0)<text class="axis mid" x="{{ $px($i * $map->battery->size) }}" y="{{ $y0 + 18 }}">{{ round($i * $map->battery->size) }}</text>@endif @endfor
        @for ($i = 0; $i <= $map->mostPanels(); $i++)<path class="s-ink" d="M{{ $x0 }} {{ $py($i * $map->panel->size) }}h-5"/>@if ($map->mostPanels() <= 10 || $i % 4 === 0)<text class="axis end" x="{{ $x0 - 8 }}" y="{{ $py($i * $map->panel->size) + 4 }}">{{ round($i * $map->panel->size) }}</text>@endif @endfor
        <text class="t-muted end" x="{{ $x0 + $w }}" y="{{ $y0 + 38 }}">bank, Ah, in whole {{ $map->battery->parts === 1 ? 'batteries' : 'strings of ' . $map->battery->parts }}</text>
        <text class="t-muted" x="0" y="2">array, W</text>
        @if ($cheapest)
            @php([$cx, $cy] = [$px($cheapest[0] * $map->battery->size), $py($cheapest[1] * $map->panel->size)])
            <path class="flag" data-cheapest="{{ $cheapest[0] }} {{ $cheapest[1] }}" d="M{{ $cx }} {{ $cy }}v-26l16 6-16 6"/>
        @endif
        <g class="pin" data-pin tabindex="0" role="slider" aria-label="The plan on the map; arrow keys move it" aria-valuemin="1" aria-valuemax="{{ $map->mostStrings() }}" aria-valuenow="{{ $pin->strings }}" aria-valuetext="{{ $pin->strings * $map->battery->parts }} batteries, {{ $pin->count }} panels" transform="translate({{ $px($pin->strings * $map->battery->size) }} {{ $py($pin->count * $map->panel->size) }})"><circle r="20" class="reach"/><ellipse rx="12" ry="7"/><ellipse cx="1" cy="-9.5" rx="7.5" ry="5"/><ellipse cx="-.5" cy="-16.5" rx="4.5" ry="3.2"/></g>
    </svg></div>
    <div id="pin-answer" aria-live="polite"><x-pin-answer :pin="$pin" :job="$job" /></div>
</div>
<p class="small muted flex flex-wrap gap-x-4 gap-y-1 mt-1">@foreach ($breaks as $i => $b)<span class="key"><svg class="draw swatch" viewBox="0 0 12 12" aria-hidden="true"><rect class="lv{{ $i }}" width="12" height="12"/></svg> below {{ $show->text($b) }}{{ $year ? ' %' : ' d' }}</span>@endforeach<span class="key"><svg class="draw swatch" viewBox="0 0 12 12" aria-hidden="true"><rect class="lv5" width="12" height="12"/></svg> more</span><span><span class="text-rust">┅</span> limits</span><span><span class="text-fern">⚑</span> {{ $map->price(1, 1) === null ? 'lightest' : 'cheapest' }} that fulfils the wish</span></p>
