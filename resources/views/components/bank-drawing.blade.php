@props(['drawing', 'share', 'sketch', 'page', 'active' => false, 'name' => 'The bank'])
<svg class="draw bank-drawing" @if ($active) data-bank @endif @if ($sketch->upright) data-along="y" @endif viewBox="{{ $sketch->viewBox }}" role="group"
    aria-label="{{ $name }}: @foreach ($sketch->batteries as $b)battery {{ $b['number'] }} gives {{ round($b['amps'], 1) }} A. @endforeach">
    @foreach ($sketch->links as $l)
        <g class="{{ $l['loose'] ? 'loose' : '' }}">
            <path class="link {{ $l['loose'] ? 'bad' : '' }}" stroke-width="{{ $l['thick'] }}" d="{{ $l['path'] }}"/>
            @if ($active)<a href="{{ $page->address(['loose' => $l['loose'] ? null : $l['index']]) }}"
                aria-label="{{ $page->linkSays($l) }}"><path class="touch" d="{{ $l['path'] }}"/>@endif
            <text class="axis halo {{ $l['middle'] ? 'mid' : '' }} {{ $l['loose'] ? 't-rust' : '' }}" x="{{ $l['x'] }}"
                y="{{ $l['y'] }}">{{ $show->text(round(abs($l['amps']), 6), 'A') }}</text>
            @if ($active)</a>@endif
        </g>
    @endforeach
    @foreach ($sketch->takeoffs as $pole => $t)
        @if ($t['bar'] !== '')<path class="bar" d="{{ $t['bar'] }}"/>@endif
        <g class="takeoff">
            <path class="f-heather" d="{{ $t['path'] }}"/>
            <text class="t-heather {{ $sketch->upright && $pole === 'minus' ? 'end' : '' }}" x="{{ $t['x'] }}"
                y="{{ $t['y'] }}">{{ $sketch->upright ? '' : 'take-off ' }}{{ $pole === 'plus' ? '+' : '−' }}{{ $sketch->upright ? ' ' : ', ' }}{{
                $show->text(abs($share->loadA), 'A') }}</text>
        </g>
    @endforeach
    @foreach ($sketch->batteries as $b)
        <g @if ($active && $page->canBeReordered()) class="movable" data-battery="{{ $b['number'] - 1 }}" data-row="{{ $b['row'] }}" tabindex="0" role="group"
            aria-label="Battery {{ $b['number'] }}, {{ $show->text($b['amps'], 'A') }}; the arrow keys move it" @endif>
            <rect class="f-paper s-ink" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $sketch->boxHeight }}" rx="4"/>
            <rect class="{{ ['bad' => 'f-rust-wash', 'look' => 'f-gorse-wash', 'good' => 'f-fern-wash'][$b['even']] }}" x="{{ $b['x'] + 1 }}"
                y="{{ $b['y'] + 1 }}" width="{{ $b['fill'] }}" height="{{ $sketch->boxHeight - 2 }}" rx="3"/>
            <text class="t-bold" x="{{ $b['x'] + 8 }}" y="{{ $b['y'] + 20 }}">{{ $b['number'] }}</text>
            <text class="{{ $b['width'] < 96 ? 't-bold' : 'big' }} mid" x="{{ $b['x'] + $b['width'] / 2 + ($b['width'] < 96 ? 0 : 6) }}"
                y="{{ $b['y'] + 34 }}">{{ $show->text(round($b['amps'], 6), 'A') }}</text>
            <text class="t-muted mid" x="{{ $b['x'] + $b['width'] / 2 + 6 }}"
                y="{{ $b['y'] + 52 }}">{{ $b['sharePct'] === null ? '' : round($b['sharePct']) . ' %' }}</text>
        </g>
    @endforeach
    @foreach ($sketch->terminals as $t)
        @if ($active && $t['end'] && $drawing->takeoffs)
            <a href="{{ $page->takeOffAt($t, $drawing->takeoffs) }}" class="terminal" data-terminal="{{ $t['pole'] }}-{{ $t['string'] }}"
                aria-label="Take off {{ $t['pole'] }} at string {{ $t['string'] + 1 }}"><circle cx="{{ $t['x'] }}" cy="{{ $t['y'] }}" r="22" class="reach"/>
                <circle cx="{{ $t['x'] }}" cy="{{ $t['y'] }}" r="8" class="{{ $t['pole'] === 'plus' ? 'f-heather' : 'neg' }}"/></a>
        @else
            <circle cx="{{ $t['x'] }}" cy="{{ $t['y'] }}" r="7" class="{{ $t['pole'] === 'plus' ? 'f-heather' : 'neg' }}"/>
        @endif
        <text class="{{ $t['pole'] === 'plus' ? 'on-heather' : '' }} mid sign" x="{{ $t['x'] }}"
            y="{{ $t['y'] + 4.5 }}">{{ $t['pole'] === 'plus' ? '+' : '−' }}</text>
    @endforeach
</svg>
@if ($active)
    <details class="mt-1 small">
        <summary>The links in figures</summary>
        <table class="stack mt-1">
            <caption class="sr-only">Links of the bank</caption>
            <thead><tr><th scope="col">Link</th><th scope="col" class="n">Size</th><th scope="col" class="n">Length</th>
                <th scope="col" class="n">With its joints</th><th scope="col" class="n">Carries</th><th scope="col" class="n">Heat</th></tr></thead>
            <tbody>
            @foreach ($drawing->links as $k => $link)
                <tr>
                    <td>{{ ucfirst($page->node($link->from)) }} to {{ $page->node($link->to) }}</td>
                    <td class="n num" data-label="Size">{{ $drawing->sizes[$k]['assumed'] ? '≈ ' : '' }}{{ $show->text($drawing->sizes[$k]['mm2'], 'mm²')
                        }}</td>
                    <td class="n num" data-label="Length">{{ $show->text($drawing->sizes[$k]['m'], 'm') }}</td>
                    <td class="n num" data-label="With its joints">{{ $show->text($link->ohm * 1000) }} mΩ</td>
                    <td class="n num" data-label="Carries">{{ $show->text(abs($share->linkA[$k]), 'A') }}</td>
                    <td class="n num" data-label="Heat">{{ $show->text($share->linkW()[$k], 'W') }}</td>
                </tr>
            @endforeach
            </tbody>
        </table>
    </details>
@endif
