<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="Amps of each battery over the hours">
    @foreach ($sketch->hours as $t)
        <line class="grid" x1="{{ $t->at }}" x2="{{ $t->at }}" y1="{{ $sketch->frame->top }}" y2="{{ $sketch->frame->bottom }}"/>
        <text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->frame->bottom + 18 }}">{{ $show->text($t->value, 'h') }}</text>
    @endforeach
    <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="18">{{ $show->text($sketch->mostA, 'A') }}</text>
    <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $sketch->frame->bottom + 4 }}">0</text>
    @foreach ($sketch->curves as $c)
        <path class="series-{{ $c['number'] % 4 }} thin" d="{{ $c['path'] }}"/>
        <text class="axis end" x="{{ $sketch->frame->width - 2 }}" y="{{ $c['y'] }}">{{ $c['number'] }}</text>
    @endforeach
</svg>
