<p class="small muted">Charging {{ $show->text($mains->chargerA, 'A') }}, outlets up to {{ $show->text($mains->outletsW, 'W') }}</p>
<x-table caption="Posts" :head="['Post', '#Charger takes', '#With the outlets', '#Left', '#Charger at most', 'Then']">
    @foreach ($page->posts() as ['fit' => $post, 'supportA' => $support])
        <tr><td>{{ $show->text($post->breakerA, 'A') }} at {{ round($post->mainsV) }} V</td>
            <td class="n num" data-label="Charger takes">{{ $show->text($post->chargerAcA, 'A') }}</td>
            <td class="n num" data-label="With the outlets">{{ $show->text($post->totalAcA, 'A') }} {{ $say->how($post->total(), true) }}</td>
            <td class="n num" data-label="Left">{{ $show->text($post->headroomA, 'A') }}</td>
                <td class="n num" data-label="Charger at most">{{ $show->text($post->maxChargerOutputA, 'A') }}</td>
            <td data-label="Then"><span>@if ($post->headroomA >= 0)<span class="tag good">carries both</span>
                @elseif ($support > 0)the bank adds {{ $show->text($support, 'A') }}; charging waits
                @elseif ($mains->supports)set the input limit; charging steps back
                @else the breaker trips: charge less, or boil later @endif</span></td></tr>
    @endforeach
</x-table>
<div class="mt-2">Smallest generator: alone <strong>{{ $page->generator($mains->generatorAlone()) }}</strong> for {{ $show->figure($mains->generatorAlone()) }}
    {{ $say->how($mains->generatorAlone()) }};
    with the inverter’s help <strong>{{ $page->generator($mains->generatorHelped()) }}</strong> for {{ $show->figure($mains->generatorHelped()) }}
        {{ $say->how($mains->generatorHelped()) }},
    running {{ $page->generatorH() }} h a day{{ $mains->supports ? '' : ' (needs an inverter-charger that tops up)' }}.
    A charger fed from the inverter’s own outlets would go round in a circle: it is refused as a Stop where the wires are drawn so.</div>
