<p class="small muted">{{ $show->figure($engine->alternator()) }} {{ $engine->alternator()->restsOnAssumption() ? 'assumed: read its label' : 'rated' }}; the
    vehicle itself takes about {{ $show->text($engine->vehicleTakesA(), 'A') }}</p>
@if ($engine->dcdcs())
    <x-table caption="DC-DC chargers" :head="['DC-DC charger', '#Takes', '#Of the alternator', '#Lost on the lead', 'At idle', '#Dial to', 'Engine signal']">
        @foreach ($engine->dcdcs() as ['part' => $part, 'fit' => $fit, 'idle' => $idle, 'signal' => $signal])
            <tr><td>{{ $say->part($part) }}<div class="small muted">{{ $show->text($fit->outputA, 'A') }} out</div></td>
                <td class="n num" data-label="Takes">{{ $show->text($fit->inputA, 'A') }} {{ $say->how($fit->input(), true) }}</td>
                <td class="n num" data-label="Of the alternator">{{ $show->text($fit->sharePct(), '%') }}</td>
                <td class="n num" data-label="Lost on the lead">@if ($fit->lead){{ $show->text($fit->dropV(), 'V') }}
                    {{ $say->how($fit->drop(), true) }}@else<span class="small muted">lead not noted</span>@endif</td>
                <td data-label="At idle"><span class="tag {{ $fit->bearsIdle() ? 'good' : 'look' }}">{{ $idle }}</span></td>
                <td class="n num" data-label="Dial to">{{ $fit->recommendedOutputA > 0 ? $show->text($fit->recommendedOutputA, 'A') : 'too weak' }}</td>
                <td data-label="Engine signal"><span>{{ $signal ? 'noted' : 'missing: without it the starter battery is drained' }}</span></td></tr>
        @endforeach
    </x-table>
@endif
@if ($engine->isolator() && ($draw = $study->relayCurrent()))
    <div class="mt-2">Through {{ $say->part($engine->isolator()) }} an emptied bank would draw about <strong>{{ $show->figure($draw) }}</strong>
        {{ $say->how($draw) }}; a fairly full one 10 to 30 A.
        {{ $engine->isolator()->data->text('method') === 'duty_cycled' ? 'Switched on and off in turns, its mean is a fraction of that.' : '' }}</div>
@endif
@foreach ($engine->seconds() as ['part' => $part, 'with' => $with, 'without' => $without])
    <div class="mt-2">{{ $say->part($part) }}, second alternator, bank at 80 %: <strong>{{ $show->figure($with) }}</strong> {{ $say->how($with) }} with the
        sense wire at the bank,
        {{ $show->figure($without) }} {{ $say->how($without) }} without. The wire gains {{ $show->text($with->value - $without->value, 'A') }}; fuse it at the
            bank.</div>
@endforeach
<p class="small muted mt-1">A trailer’s path counts both vehicles’ leads: note each run in Survey, the tow vehicle’s and the trailer’s, to the plug.</p>
