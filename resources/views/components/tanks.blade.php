@props(['sketch', 'wish'])
<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img"
    aria-label="@foreach ($sketch->tanks as $which => $t){{ $which }}: {{ round($t['usableWh']) }} of {{ round($t['ratedWh']) }} watt-hours usable{{
        is_finite($t['case']->days()->value) ? ', ' . round($t['case']->days()->value, 1) . ' days' : '' }}. @endforeach">
    @foreach ($sketch->tanks as $which => $t)
        <text class="t-bold" x="0" y="{{ $t['y'] + 26 }}">{{ ucfirst($which) }}</text>
        <text class="t-muted" x="0" y="{{ $t['y'] + 44 }}">{{ $t['case']->bank->chemistry()->short() }}</text>
        <rect class="f-paper" x="{{ $sketch->frame->left }}" y="{{ $t['y'] }}" width="{{ $t['rated'] }}" height="62" rx="3"/>
        <rect class="{{ $which === 'found' ? 'f-tarn-wash' : 'f-heather-wash' }}" x="{{ $sketch->frame->left }}" y="{{ $t['y'] }}" width="{{ $t['usable'] }}"
            height="62" rx="3"/>
        <rect class="s-ink" x="{{ $sketch->frame->left }}" y="{{ $t['y'] }}" width="{{ $t['rated'] }}" height="62" rx="3"/>
        @if ($t['days'] !== '')<path class="s-ink" d="{{ $t['days'] }}"/>@endif
        <text class="big" x="{{ $t['wordsX'] }}" y="{{ $t['y'] + 27 }}">{{ $show->text($t['usableWh'], 'Wh') }}</text>
        <text x="{{ $t['wordsX'] }}" y="{{ $t['y'] + 45 }}">usable{{ is_finite($t['case']->days()->value) && $t['days'] !== '' ? ' · ' .
            $show->text($t['case']->days()->value) . ' days' : '' }}</text>
        @if ($t['restX'] !== null)
            <text class="t-muted" x="{{ $t['restX'] }}" y="{{ $t['y'] + 27 }}">{{ $show->text($t['ratedWh'] - $t['usableWh'], 'Wh') }} rated,</text>
            <text class="t-muted" x="{{ $t['restX'] }}" y="{{ $t['y'] + 45 }}">not to be had</text>
        @endif
    @endforeach
    @if ($sketch->wish)
        <line class="s-heather" x1="{{ $sketch->wish['x'] }}" x2="{{ $sketch->wish['x'] }}" y1="0" y2="{{ $sketch->frame->height - 38 }}"/>
        <text class="t-heather {{ $sketch->wish['end'] ? 'end' : '' }}" x="{{ $sketch->wish['x'] + ($sketch->wish['end'] ? 6 : -6) }}"
            y="{{ $sketch->frame->height - 20 }}">{{ $wish }}</text>
    @endif
</svg>
