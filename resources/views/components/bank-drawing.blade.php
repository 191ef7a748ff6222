@props(['drawing', 'share', 'job', 'desk' => null, 'name' => 'The bank'])
@php($n = count($drawing->strings))
@php($s = count($drawing->strings[0]))
@php($orders = $desk && $desk->layout === null && $drawing->problem === '' && $n > 1 && auth()->user()?->can('plan', $job))
@php($colW = min(170, 860 / max(1, $n)))
@php($x0 = (900 - $n * $colW) / 2)
@php($boxW = min(118, $colW - 26))
@php($top = 84)
@php($boxY = fn ($k) => $top + ($s - 1 - $k) * 92)
@php($bottom = $top + ($s - 1) * 92 + 62)
@php($pos = [])
@php($number = [])
@foreach ($drawing->strings as $i => $string)
    @foreach ($string as $k => $part)
        @php($cx = $x0 + ($i + .5) * $colW)
        @php($pos[$part->uid . '+'] = [$cx, $boxY($k), 'plus'])
        @php($pos[$part->uid . '-'] = [$cx, $boxY($k) + 62, 'minus'])
        @php($number[$part->uid] = count($number) + 1)
    @endforeach
@endforeach
@php($plusTouch = collect($drawing->links)->flatMap(fn ($l) => [$l->from => $l->to, $l->to => $l->from]))
@foreach ($drawing->links as $l)
    @foreach ([[$l->from, $l->to], [$l->to, $l->from]] as [$bar, $at])
        @if (! isset($pos[$bar]) && isset($pos[$at]))@php($pos[$bar] = [450, $pos[$at][2] === 'plus' ? 26 : $bottom + 58, $pos[$at][2]])@endif
    @endforeach
@endforeach
@php($most = max([1.0, ...array_map(abs(...), $share->linkA)]))
@php($query = fn (array $change) => route('bank', $job) . '?' . http_build_query(array_filter([...request()->except(['_token', 'loose']), ...$change], fn ($v) => $v !== null)))
@php($words = fn (string $node) => isset($number[rtrim($node, '+-')]) ? 'battery ' . $number[rtrim($node, '+-')] . ' ' . (str_ends_with($node, '+') ? 'plus' : 'minus') : ($pos[$node][2] ?? 'plus') . ' take-off')
<div class="scroll"><svg class="draw bank-drawing" @if ($desk) data-bank @endif viewBox="0 {{ $drawing->takeoffs ? 36 : 0 }} 900 {{ $drawing->takeoffs ? $bottom + 12 : $bottom + 84 }}" role="group" aria-label="{{ $name }}: @foreach ($drawing->network->sources as $i => $source)battery {{ $number[$source->id] }} gives {{ round($share->amps[$i], 1) }} A. @endforeach">
    @foreach ($drawing->links as $k => $link)
        @php([$ax, $ay, $pole] = $pos[$link->from])
        @php([$bx, $by] = $pos[$link->to])
        @php($pole2 = $pos[$link->to][2])
        @php($series = isset($number[rtrim($link->from, '+-')], $number[rtrim($link->to, '+-')]) && $pole !== $pole2)
        @php($isBar = ! isset($number[rtrim($link->from, '+-')]) || ! isset($number[rtrim($link->to, '+-')]))
        @php($rail = $pole === 'plus' ? min($ay, $by) - 22 : max($ay, $by) + 22)
        @php($d = $series ? "M$ax {$ay}L$bx $by" : ($isBar ? (isset($number[rtrim($link->from, '+-')]) ? "M$ax {$ay}V$by" : "M$bx {$by}V$ay") : "M$ax {$ay}V{$rail}H{$bx}V$by"))
        @php($amps = $share->linkA[$k])
        @php($isLoose = $desk && $desk->loose === $k)
        @php($lx = $series || $isBar ? ($isBar ? (isset($number[rtrim($link->from, '+-')]) ? $ax : $bx) : $ax) + 6 : ($ax + $bx) / 2)
        @php($ly = $series || $isBar ? ($isBar ? ($pole === 'plus' ? min($ay, $by) + 30 : max($ay, $by) - 24) : ($ay + $by) / 2 + 4) : $rail + ($pole === 'plus' ? -6 : 15))
        <g class="{{ $isLoose ? 'loose' : '' }}"><path class="link {{ $isLoose ? 'bad' : '' }}" stroke-width="{{ round(1.5 + 6 * abs($amps) / $most, 1) }}" d="{{ $d }}"/>
        @if ($desk)<a href="{{ $query(['loose' => $isLoose ? null : $k]) }}" aria-label="Link {{ $words($link->from) }} to {{ $words($link->to) }}, {{ round(abs($amps), 1) }} A, {{ round($link->ohm * 1000, 2) }} mΩ{{ $isLoose ? ', made loose' : '' }}"><path class="touch" d="{{ $d }}"/><text class="axis halo {{ $series || $isBar ? '' : 'mid' }} {{ $isLoose ? 't-rust' : '' }}" x="{{ round($lx, 1) }}" y="{{ round($ly, 1) }}">{{ $show->text(round(abs($amps), 6), 'A') }}</text></a>@else <text class="axis halo {{ $series || $isBar ? '' : 'mid' }} {{ $isLoose ? 't-rust' : '' }}" x="{{ round($lx, 1) }}" y="{{ round($ly, 1) }}">{{ $show->text(round(abs($amps), 6), 'A') }}</text>@endif</g>
    @endforeach
    @foreach (['plus' => $drawing->positive, 'minus' => $drawing->negative] as $pole => $node)
        @php([$tx, $ty] = $pos[$node] ?? [450, $pole === 'plus' ? 26 : $bottom + 58])
        @php($touching = $drawing->takeoffs ? ($x0 + ($drawing->takeoffs[$pole === 'plus' ? 0 : 1] + .5) * $colW) : null)
        @php($bx = $touching ?? $tx)
        @if ($touching === null)<path class="bar" d="M{{ $x0 + 10 }} {{ $ty }}H{{ $x0 + $n * $colW - 10 }}"/>@endif
        <g class="takeoff"><path class="f-heather" d="{{ $pole === 'plus' ? 'M' . ($bx - 9) . ' ' . ($ty - 2) . 'h18l-9 -15z' : 'M' . ($bx - 9) . ' ' . ($ty + 2) . 'h18l-9 15z' }}"/><text class="t-heather" x="{{ $bx + 14 }}" y="{{ $pole === 'plus' ? $ty - 4 : $ty + 14 }}">take-off {{ $pole === 'plus' ? '+' : '−' }}, {{ $show->text(abs($share->loadA), 'A') }}</text></g>
    @endforeach
    @foreach ($drawing->strings as $i => $string)
        @foreach ($string as $k => $part)
            @php($cx = $x0 + ($i + .5) * $colW)
            @php($b = array_search($part->uid, array_map(fn ($q) => $q->id, $drawing->network->sources), true))
            @php($amps = $share->amps[$b])
            @php($fair = abs($share->loadA) / $n)
            @php($off = $fair > 0 ? abs(abs($amps) / $fair - 1) : 0)
            @if ($orders)<g class="movable" data-battery="{{ $number[$part->uid] - 1 }}" data-row="{{ $k }}" tabindex="0" role="group" aria-label="Battery {{ $number[$part->uid] }}, {{ $show->text($amps, 'A') }}; the arrow keys move it">@else<g>@endif
            <rect class="f-paper s-ink" x="{{ round($cx - $boxW / 2, 1) }}" y="{{ $boxY($k) }}" width="{{ round($boxW, 1) }}" height="62" rx="4"/>
            <rect class="{{ $off > .25 ? 'f-rust-wash' : ($off > .1 ? 'f-gorse-wash' : 'f-fern-wash') }}" x="{{ round($cx - $boxW / 2 + 1, 1) }}" y="{{ $boxY($k) + 1 }}" width="{{ round(max(0, min(1, $fair > 0 ? abs($amps) / $fair / 2 : 0)) * ($boxW - 2), 1) }}" height="60" rx="3"/>
            <text class="t-bold" x="{{ round($cx - $boxW / 2 + 8, 1) }}" y="{{ $boxY($k) + 22 }}">{{ $number[$part->uid] }}</text>
            <text class="big mid" x="{{ round($cx + 6, 1) }}" y="{{ $boxY($k) + 30 }}">{{ $show->text(round($amps, 6), 'A') }}</text>
            <text class="t-muted mid" x="{{ round($cx + 6, 1) }}" y="{{ $boxY($k) + 50 }}">{{ $share->loadA != 0 ? round(100 * $amps / $share->loadA) . ' %' : '' }}</text></g>
            @foreach ([['+', $boxY($k), 'plus', $k === $s - 1], ['−', $boxY($k) + 62, 'minus', $k === 0]] as [$sign, $y, $pole, $end])
                @if ($desk && $end && $drawing->takeoffs)<a href="{{ $query(['layout' => null, 'plus' => $pole === 'plus' ? $i : $drawing->takeoffs[0], 'minus' => $pole === 'minus' ? $i : $drawing->takeoffs[1]]) }}" class="terminal" data-terminal="{{ $pole }}-{{ $i }}" aria-label="Take off {{ $pole }} at battery {{ $number[$part->uid] }}"><circle cx="{{ $cx }}" cy="{{ $y }}" r="22" class="reach"/><circle cx="{{ $cx }}" cy="{{ $y }}" r="8" class="{{ $pole === 'plus' ? 'f-heather' : 'neg' }}"/></a>
                @else<circle cx="{{ $cx }}" cy="{{ $y }}" r="7" class="{{ $pole === 'plus' ? 'f-heather' : 'neg' }}"/>@endif
                <text class="{{ $pole === 'plus' ? 'on-heather' : '' }} mid sign" x="{{ $cx }}" y="{{ $y + 4.5 }}">{{ $sign }}</text>
            @endforeach
        @endforeach
    @endforeach
</svg></div>
@if ($desk)<details class="mt-1 small"><summary>The links in figures</summary>
    <table class="stack mt-1"><caption class="sr-only">Links of the bank</caption><thead><tr><th scope="col">Link</th><th scope="col" class="n">Size</th><th scope="col" class="n">Length</th><th scope="col" class="n">With its joints</th><th scope="col" class="n">Carries</th><th scope="col" class="n">Heat</th></tr></thead>
        <tbody>@foreach ($drawing->links as $k => $link)<tr><td>{{ ucfirst($words($link->from)) }} to {{ $words($link->to) }}</td><td class="n num" data-label="Size">{{ $drawing->sizes[$k]['assumed'] ? '≈ ' : '' }}{{ $show->text($drawing->sizes[$k]['mm2'], 'mm²') }}</td><td class="n num" data-label="Length">{{ $show->text($drawing->sizes[$k]['m'], 'm') }}</td><td class="n num" data-label="With its joints">{{ $show->text($link->ohm * 1000) }} mΩ</td><td class="n num" data-label="Carries">{{ $show->text(abs($share->linkA[$k]), 'A') }}</td><td class="n num" data-label="Heat">{{ $show->text($share->linkW()[$k], 'W') }}</td></tr>@endforeach</tbody></table></details>@endif
