<form method="get" action="{{ route('bank', $job) }}#pack" id="pack">
    <div class="form-grid">
        @foreach ($inside->packFields() as $key => [$label, $unit])
            <div class="field"><label for="pk-{{ $key }}">{{ $label }}</label>
                <div class="with-unit"><input id="pk-{{ $key }}" name="{{ $key }}" value="{{ $show->field($desk->packInput[$key]) }}"
                    inputmode="decimal">@if ($unit)<span class="unit">{{ $unit }}</span>@endif</div></div>
        @endforeach
    </div>
    @if ($desk->packFault)<div class="error mt-1">{{ $desk->packFault }}</div>@endif
    <div class="actions"><button class="btn plain">Look inside</button></div>
</form>
@if ($desk->pack && ($sketch = $inside->packSketch()))
    <svg class="draw mt-2" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="Volts of each group when the first reaches its limit">
        @foreach ($sketch->bars as $i => $b)
            <rect class="{{ $b['full'] ? 'f-rust' : 'f-tarn-wash' }}" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}"
                height="{{ $b['height'] }}"/>
            @if (! $sketch->frame->isNarrow() || count($sketch->bars) <= 8)<text class="axis mid" x="{{ $b['mid'] }}"
                y="{{ $b['y'] - 4 }}">{{ number_format($b['volts'], $sketch->frame->isNarrow() ? 2 : 3) }}</text>@endif
            <text class="axis mid" x="{{ $b['mid'] }}" y="{{ $sketch->frame->bottom + 18 }}">{{ $i + 1 }}</text>
        @endforeach
    </svg>
    <p>The first group passes {{ $show->text($inside->cellLimitV(), 'V') }} when the pack reads <strong>{{ $show->text($desk->pack->packLimitV, 'V')
        }}</strong>:
        above that a charger harms a cell it cannot see.
        {{ $show->text($desk->pack->spreadMv()) }} mV then lie between the groups, {{ $show->text($desk->pack->leftAh, 'Ah') }} of the emptiest are not filled.
        The balancer needs <strong>{{ $show->text($desk->pack->balanceH, 'h') }}</strong> at the top to take that away.</p>
    @if ($inside->schools())
        <table class="stack mt-3"><caption class="sr-only">The two schools of building it</caption>
            <thead><tr><th scope="col">Two schools</th>@foreach ($inside->schools() as $school)<th scope="col" class="n">{{ $say->said($school->name) }}</th>
                @endforeach</tr></thead>
            <tbody>
            @foreach ($inside->schoolLines() as $line => $values)
                <tr><td>{{ $line }}</td>@foreach ($values as $i => $value)<td class="n num"
                    data-label="{{ $say->said($inside->schools()[$i]->name) }}">{{ $value }}</td>@endforeach</tr>
            @endforeach
            </tbody></table>
        <p class="small mt-1">One large BMS is cheaper, and one point of failure; the cells of a group hide behind one reading. Strings with a BMS each see
            every cell, and one goes on when the other stops;
            they then share like batteries in parallel, so mind their links. Say what weighs more here.</p>
    @endif
    <p class="small muted mt-2">Without a BMS? Some hold that healthy cells and other cut-offs will do. Pebblefell always asks for one: the pack’s two ends say
        nothing of its cells, and it is the last safety layer, not the daily control.</p>
@endif
