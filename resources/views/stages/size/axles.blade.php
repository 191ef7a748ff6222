<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="Weight along the vehicle: {{ $answers->axles($axles) }}">
    <line class="s-ink" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->beam }}" y2="{{ $sketch->beam }}"/>
    <path class="f-ink" d="M{{ $sketch->front }} {{ $sketch->beam }}l-9 16h18z"/><path class="f-ink" d="M{{ $sketch->rear }} {{ $sketch->beam }}l-9 16h18z"/>
    <text class="axis mid" x="{{ $sketch->front }}" y="{{ $sketch->beam + 32 }}">{{ $axles->isTrailer ? 'coupling' : 'front' }}</text>
    <text class="axis mid" x="{{ $sketch->rear }}" y="{{ $sketch->beam + 32 }}">{{ $axles->isTrailer ? 'axle' : 'rear' }}</text>
    @foreach ($sketch->masses as $m)
        <rect class="{{ $m['kg'] > 0 ? 'f-heather' : 'f-tarn' }}" x="{{ $m['x'] - 5 }}" y="{{ $m['top'] }}" width="10" height="{{ $m['height'] }}"/>
        <text class="axis" x="{{ $m['x'] + 9 }}" y="{{ $m['kg'] > 0 ? $m['top'] + 12 : $m['top'] + $m['height'] }}">{{ $answers->more($m['kg'], 'kg') }}</text>
    @endforeach
    @foreach ($sketch->metres as $t)<text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->frame->height - 6 }}">{{ $show->text($t->value, 'm') }}</text>
        @endforeach
</svg>
<p class="small muted"><span class="text-heather">■</span> comes in, above the line · <span class="text-tarn">■</span> goes out, below it</p>
<x-table caption="What the axles bear" :head="['', '#Before', '#Change', '#After', '#By the plate']">
    @foreach ([[$axles->isTrailer ? 'Coupling' : 'Front axle', $axles->frontBefore, $axles->front, $axles->frontAfter(), $axles->frontMost],
        [$axles->isTrailer ? 'Axle' : 'Rear axle', $axles->rearBefore, $axles->rear, $axles->rearAfter(), $axles->rearMost]] as [$name, $before, $change,
            $after, $most])
        <tr><td>{{ $name }}</td><td class="n num" data-label="Before">{{ $before === null ? 'not weighed' : $show->text($before, 'kg', 0) }}</td>
            <td class="n num" data-label="Change">{{ $answers->more($change->value, 'kg') }} {{ $say->how($change) }}</td>
            <td class="n num" data-label="After">{{ $after === null ? '–' : $show->text($after, 'kg', 0) }}</td>
            <td class="n num" data-label="By the plate">{{ $most === null ? 'not noted' : $show->text($most, 'kg', 0) }}</td></tr>
    @endforeach
</x-table>
@if ($axles->unknown !== [])
    <p class="small muted mt-1">Not counted, their place along the vehicle is not noted:
        {{ implode(', ', array_map($say->onePart(...), $axles->unknown)) }}.</p>
@endif
