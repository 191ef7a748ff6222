@props(['sketch', 'page'])
<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="Volts of each battery over time">
    @foreach ($sketch->volts as $t)
        <line class="grid" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $t->at }}" y2="{{ $t->at }}"/>
        <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{ number_format($t->value, max(1, $t->decimals)) }}</text>
    @endforeach
    @foreach ($sketch->times as $t)
        <line class="grid" x1="{{ $t->at }}" x2="{{ $t->at }}" y1="{{ $sketch->frame->bottom - 4 }}" y2="{{ $sketch->frame->bottom + 4 }}"/>
        <text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->frame->bottom + 18 }}">{{ $page->clock($t->value) }}</text>
    @endforeach
    <line class="s-ink-2" x1="{{ $sketch->now }}" x2="{{ $sketch->now }}" y1="10" y2="{{ $sketch->frame->bottom }}"/>
    @foreach ($sketch->bands as $d)<path class="f-gorse-wash" d="{{ $d }}"/>@endforeach
    @foreach ($sketch->curves as $c)
        <path class="series-{{ $c['number'] % 4 }}" d="{{ $c['path'] }}"/>
        @if ($c['lone'])<circle class="series-{{ $c['number'] % 4 }}" cx="{{ $c['x'] }}" cy="{{ $c['y'] }}" r="3"/>@endif
        <text class="axis halo" x="{{ $c['labelX'] }}" y="{{ $c['labelY'] }}">{{ $c['number'] }}</text>
        @if ($c['ahead'])<path class="series-{{ $c['number'] % 4 }} thin" stroke-dasharray="4 4" d="{{ $c['ahead']['path'] }}"/><circle
            class="series-{{ $c['number'] % 4 }}" cx="{{ $c['ahead']['x'] }}" cy="{{ $c['ahead']['y'] }}" r="3"/>@endif
    @endforeach
    <text class="axis mid" x="{{ $sketch->now }}" y="{{ $sketch->frame->height - 6 }}">now</text>
</svg>
