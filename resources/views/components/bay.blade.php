@props(['fit', 'sketch'])
<svg class="draw" viewBox="0 0 {{ $sketch->width }} {{ $sketch->height }}" role="img"
    aria-label="The bay from above and from its end: {{ count($fit->places) }} of {{ $fit->wanted }} batteries drawn to scale">
    <text class="t-muted" x="0" y="12">from above</text>
    <rect class="s-ink" x="{{ $sketch->above['x'] }}" y="{{ $sketch->above['y'] }}" width="{{ $sketch->above['width'] }}"
        height="{{ $sketch->above['height'] }}"/>
    @foreach ($sketch->blocks as $i => $b)
        <rect class="f-heather-wash" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
        <rect class="s-heather" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
        <text class="mid" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + $b['height'] / 2 + 5 }}">{{ $i + 1 }}</text>
    @endforeach
    <text class="t-muted" x="{{ $sketch->end['x'] }}" y="{{ $sketch->end['y'] - 10 }}">from its end, {{ $show->text($fit->bay->heightMm, 'mm') }} under the
        lid</text>
    <rect class="s-ink" x="{{ $sketch->end['x'] }}" y="{{ $sketch->end['y'] }}" width="{{ $sketch->end['width'] }}" height="{{ $sketch->end['height'] }}"/>
    @foreach ($sketch->blocksAtEnd as $b)
        <rect class="{{ $fit->lackHeightMm ? 'f-rust' : 'f-heather-wash' }}" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}"
            height="{{ $b['height'] }}"/>
    @endforeach
</svg>
<p class="small muted">
    {{ $fit->fits() ? count($fit->places) . ' stand in it' . ($fit->most > $fit->wanted ? ', with room for ' . ($fit->most - $fit->wanted) . ' more' : '') :
        ($fit->lackHeightMm ? $show->text($fit->lackHeightMm, 'mm') . ' of height are missing' : $fit->most . ' of ' . $fit->wanted . ' stand in it') }};
    {{ $show->text($fit->gapMm(), 'mm') }} between blocks and {{ $show->text($fit->headroomMm(), 'mm') }} above the terminals are kept free.
</p>
