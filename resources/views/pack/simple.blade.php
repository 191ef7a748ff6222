<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 640 {{ $sketch->height }}" width="640" height="{{ $sketch->height }}">
    @foreach ($sketch->lines as [$x1, $y1, $x2, $y2])
        <line x1="{{ $x1 }}" y1="{{ $y1 }}" x2="{{ $x2 }}" y2="{{ $y2 }}" stroke="#6b3a78" stroke-width="3"/>@endforeach
    @foreach ($sketch->boxes as $box)
        <rect x="{{ $box['x'] }}" y="{{ $box['y'] }}" width="{{ $box['width'] }}" height="{{ $box['height'] }}" fill="#ffffff" stroke="#1d282b"
            stroke-width="1.5"/>
        <text x="{{ $box['x'] + 10 }}" y="{{ $box['y'] + 20 }}" font-family="DejaVu Sans, sans-serif" font-size="12" font-weight="bold"
            fill="#1d282b">{{ $page->word('simple.' . $box['what']) }}</text>
        <text x="{{ $box['x'] + 10 }}" y="{{ $box['y'] + 36 }}" font-family="DejaVu Sans, sans-serif" font-size="9.5"
            fill="#515e5a">{{ $page->placeOf($box['parts']) }}</text>
    @endforeach
</svg>
