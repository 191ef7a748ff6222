<div class="scroll"><svg class="draw one-line" viewBox="0 0 {{ $line->width }} {{ $line->height }}" width="{{ $line->width }}" role="img"
    aria-label="The planned circuit as one line: {{ count($line->boxes) }} boxes, {{ count($line->runs) }} runs">
    @foreach ($line->runs as $r)
        <path @class(['s-rust' => $r['thin'], 's-ink' => ! $r['thin'], 'heavy' => $r['isNew']]) fill="none" @if ($page->dash($r['circuit']))
            stroke-dasharray="{{ $page->dash($r['circuit']) }}" @endif d="{{ $r['path'] }}"/>
    @endforeach
    @foreach ($line->boxes as $b)
        <rect class="f-ground" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
        <rect class="{{ $b['isNew'] || ! $b['part'] ? 's-heather' : 's-ink' }}" fill="none" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}"
            height="{{ $b['height'] }}"/>
        <text class="axis mid" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 16 }}">{{ $page->boxKind($b) }}</text>
        <text class="small-text mid" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 31 }}">{{ $page->boxName($b) }}</text>
    @endforeach
    @unless ($line->upright)
        @foreach ($line->runs as $r)
            <text @class(['axis end', 'text-rust' => $r['thin']]) x="{{ $r['x'] }}" y="{{ $r['y'] }}">{{ $page->runLabel($r) }}</text>
        @endforeach
    @endunless
</svg></div>
<p class="small muted">Positive and line sides; the bank at the {{ $line->upright ? 'top' : 'left' }}. Heavy: new; dashed: array; dotted: starter side; dash and
    dot: mains.
    {{ $line->crossings === 0 ? 'No lines cross.' : $line->crossings . ' lines cross.' }} Drawn from what is noted on Survey and here.</p>
