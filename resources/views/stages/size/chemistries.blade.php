<p class="small muted">For {{ $page->alone() }}; the cheapest bank of each in the library.
    @if ($best){{ $best->costPerKwh ? 'Of those that fit and charge in time it costs least a kWh over its life.' :
        'Of those that fit and charge in time it weighs least.' }}@endif</p>
<x-table caption="Chemistries" :head="['Chemistry', '#Usable', '#Weight', '#Space', '#Full charge', '#Lasts', '#Price', '#A kWh']">
    @foreach ($chemistries as $c)
        <tr><td>{{ $say->name($c->chemistry) }}{{ $c === $best ? ' ◆' : '' }}
                <div class="small muted">{{ $c->proposal->count }} × {{ $say->part($c->battery) }}{{ $c->against ? ': ' . $say->said($c->against) : '' }}</div>
                    </td>
            <td class="n num" data-label="Usable">{{ $show->text($c->proposal->usableWh, 'Wh') }}</td>
                <td class="n num" data-label="Weight">{{ $show->text($c->proposal->massKg, 'kg') }}</td>
            <td class="n num" data-label="Space">{{ $show->text($c->proposal->bank->volumeL(), 'l') }}</td>
                <td class="n num" data-label="Full charge">{{ $show->text($c->chargeH, 'h') }}</td>
            <td class="n num" data-label="Lasts">{{ $show->text($c->lifeYears, 'years') }}</td>
                <td class="n num" data-label="Price">{{ $c->price === null ? '–' : $show->text($c->price, '¤') }}</td>
            <td class="n num" data-label="A kWh">@if ($c->costPerKwh){{ $show->text($c->costPerKwh->value) }}
                {{ $say->how($c->costPerKwh, true) }}@else–@endif</td></tr>
    @endforeach
</x-table>
