@props(['fit'])
@php($scale = min(520 / $fit->bay->lengthMm, 210 / $fit->bay->widthMm))
@php($h = $fit->bay->widthMm * $scale)
@php($side = 40 + $fit->bay->lengthMm * $scale)
@php($tall = min(210 / max($fit->bay->heightMm, $fit->block->heightMm), 300 / $fit->bay->widthMm))
<div class="scroll"><svg class="draw" viewBox="0 0 916 {{ round(max($h, $fit->bay->heightMm * $tall, 120) + 34) }}" role="img" aria-label="The bay from above and from its end: {{ count($fit->places) }} of {{ $fit->wanted }} batteries drawn to scale">
    <text class="t-muted" x="0" y="12">from above</text>
    <rect class="s-ink" x="0" y="22" width="{{ round($fit->bay->lengthMm * $scale, 1) }}" height="{{ round($h, 1) }}"/>
    @foreach ($fit->places as $i => $p)
        <rect class="f-heather-wash" x="{{ round($p['x'] * $scale, 1) }}" y="{{ round(22 + $p['y'] * $scale, 1) }}" width="{{ round($p['l'] * $scale, 1) }}" height="{{ round($p['w'] * $scale, 1) }}"/>
        <rect class="s-heather" x="{{ round($p['x'] * $scale, 1) }}" y="{{ round(22 + $p['y'] * $scale, 1) }}" width="{{ round($p['l'] * $scale, 1) }}" height="{{ round($p['w'] * $scale, 1) }}"/>
        <text class="mid" x="{{ round(($p['x'] + $p['l'] / 2) * $scale, 1) }}" y="{{ round(27 + ($p['y'] + $p['w'] / 2) * $scale, 1) }}">{{ $i + 1 }}</text>
    @endforeach
    <text class="t-muted" x="{{ round($side) }}" y="12">from its end, {{ $show->text($fit->bay->heightMm, 'mm') }} under the lid</text>
    <rect class="s-ink" x="{{ round($side) }}" y="22" width="{{ round($fit->bay->widthMm * $tall, 1) }}" height="{{ round($fit->bay->heightMm * $tall, 1) }}"/>
    @php($end = collect($fit->places)->unique('y')->values())
    @foreach ($end as $p)
        <rect class="{{ $fit->lackHeightMm ? 'f-rust' : 'f-heather-wash' }}" x="{{ round($side + $p['y'] * $tall, 1) }}" y="{{ round(22 + ($fit->bay->heightMm - $fit->block->heightMm) * $tall, 1) }}" width="{{ round($p['w'] * $tall, 1) }}" height="{{ round($fit->block->heightMm * $tall, 1) }}"/>
    @endforeach
</svg></div>
<p class="small muted">{{ $fit->fits() ? count($fit->places) . ' stand in it' . ($fit->most > $fit->wanted ? ', with room for ' . ($fit->most - $fit->wanted) . ' more' : '') : ($fit->lackHeightMm ? $show->text($fit->lackHeightMm, 'mm') . ' of height are missing' : $fit->most . ' of ' . $fit->wanted . ' stand in it') }}; {{ $show->text(Pebblefell\Bank\BayFit::GAP_MM, 'mm') }} between blocks and {{ $show->text(Pebblefell\Bank\BayFit::HEADROOM_MM, 'mm') }} above the terminals are kept free.</p>
