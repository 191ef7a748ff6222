<p><strong>{{ $hunting->huntSays($hunt) }}</strong></p>
@if (count($hunting->ways()) > 1)
    <form method="get" action="{{ route('test', $job) }}#fold-hunt" class="flex flex-wrap gap-3 items-end mt-2">
        <x-field form="way" label="On the way to" name="way" :value="$hunt->way->part->uid" :options="$hunting->ways()" /><button class="btn plain">Show
            it</button></form>
@endif
<p class="small"><a class="linkish" href="{{ route('test.training', [$job, 'way' => $hunt->way->part->uid]) }}">Practise it first, on a simulated
    vehicle</a></p>
@if ($hunt->suspects !== [] && ! $hunt->isSound())
    <x-table caption="Suspects" :head="['Joint', 'How likely', 'It has']">
        @foreach ($hunt->suspects as $s)<tr><td>{{ $hunting->piece($s) }}</td><td class="num" data-label="How likely">{{ $show->text(100 * $s['chance'], '%',
            0) }}</td>
            <td class="num small" data-label="It has">{{ $hunting->ohm($s['ohm'], $s['sigmaOhm'], $s['expectedOhm']) }}</td></tr>@endforeach
    </x-table>
@endif
@if ($hunt->read !== [])
    <x-table caption="Drops measured" :head="['From', 'To', 'Measured', 'Promised']">
        @foreach ($hunt->read as $r)<tr><td class="small">{{ $hunting->point($r['from']) }}</td><td class="small">{{ $hunting->point($r['to']) }}</td>
            <td class="num" data-label="Measured">{{ $show->text($r['drop']->volts, 'V', 3) }} at {{ $show->text($r['drop']->amps, 'A') }}</td>
            <td class="num" data-label="Promised">{{ $show->text($r['expectedV'], 'V', 3) }}</td></tr>@endforeach
    </x-table>
@endif
@may('record', $job)
    <form method="post" action="{{ route('test.store', $job) }}" class="mt-3">@csrf<input type="hidden" name="_form" value="drop">
        <input type="hidden" name="state" value="done"><input type="hidden" name="back"
            value="{{ route('test', [$job, 'way' => $hunt->way->part->uid], false) }}#fold-hunt">
        <div class="form-grid">
            <x-field class="wide" form="drop" label="Meter between" name="step" :options="$hunting->pairs($hunt)" />
            <x-field form="drop" label="Volts" name="value" unit="V" inputmode="decimal" autocomplete="off" required />
            <x-field form="drop" label="while there flow" name="amps" unit="A" inputmode="decimal" autocomplete="off" required />
        </div><div class="actions"><button class="btn">Note the drop</button></div></form>
@endmay
<x-caution>The meter stands on live posts: insulated probes, one hand, nothing loose. No measuring on mains.</x-caution>
