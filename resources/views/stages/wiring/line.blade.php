<div class="scroll mt-3"><svg class="draw one-line" viewBox="0 0 {{ $line->width }} {{ $line->height }}" width="{{ $line->width }}" role="group"
    aria-label="The planned circuit as one line: {{ count($line->boxes) }} boxes, {{ count($line->runs) }} runs">
    @foreach ($line->runs as $r)
        <path @class(['s-rust' => $r['thin'], 's-ink' => ! $r['thin'], 'heavy' => $r['isNew'], 'faded' => $page->isFaded($r)]) fill="none"
            @if ($page->dash($r['circuit'])) stroke-dasharray="{{ $page->dash($r['circuit']) }}" @endif d="{{ $r['path'] }}"/>
    @endforeach
    @foreach ($line->boxes as $b)
        @if ($page->toggled($b['uid']))<a href="{{ $page->toggled($b['uid']) }}#opens"
            aria-label="{{ $page->state($b['uid']) === 'open' ? 'Close' : 'Open' }} {{ $page->boxKind($b) }} {{ $page->boxName($b) }}">@endif
        <g class="box {{ $page->state($b['uid']) }}">
            <rect class="f-ground" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
            <rect class="{{ $b['isNew'] || ! $b['part'] ? 's-heather' : 's-ink' }}" fill="none" x="{{ $b['x'] }}" y="{{ $b['y'] }}"
                width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
            <text class="axis mid" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 16 }}">{{ $page->boxKind($b) }}</text>
            <text class="small-text mid" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 31 }}">{{ $page->boxName($b) }}</text>
        </g>
        @if ($page->toggled($b['uid']))</a>@endif
    @endforeach
    @if ($line->labelled)
        @foreach ($line->runs as $r)
            <text @class(['axis', 'end' => ! $line->upright, 'text-rust' => $r['thin']]) x="{{ $r['x'] }}"
                y="{{ $r['y'] }}">{{ $page->runLabel($r) }}</text>
        @endforeach
    @endif
</svg></div>
<p class="small muted">Positive and line sides; the bank at the {{ $line->upright ? 'top' : 'left' }}. Heavy: new; dashed: array; dotted: starter side; dash
    and dot: mains.
    {{ $line->crossings === 0 ? 'No lines cross.' : $line->crossings . ' lines cross.' }}
    @unless ($proposed ?? false)Drawn from what is noted on Survey and Bank.@endunless</p>
