<x-table caption="System voltages" :head="['System', '#Worst moment', '#Lead', '#Lost in it', '#Its price', 'In the library']">
    @foreach ($voltages as $v)
        <tr><td>{{ round($v->volts) }} V{{ $v->volts === $system->vehicle->systemV ? ' ◆' : '' }}</td>
            <td class="n num" data-label="Worst moment">{{ $show->figure($v->peakA) }} {{ $say->how($v->peakA, true) }}</td>
            <td class="n num" data-label="Lead">{{ $v->cable ? $show->text($v->cable->areaMm2, 'mm²') : 'none is thick enough' }}</td>
            <td class="n num" data-label="Lost in it">{{ $v->lossW === null ? '–' : $show->text($v->lossW, 'W') }}</td>
            <td class="n num" data-label="Its price">{{ $v->cableCost === null ? '–' : $show->text($v->cableCost, '¤') }}</td>
            <td data-label="In the library"><span>{{ $answers->counted($v->parts) }}{{ $v->needsConverter ? '; the 12 V things need a converter' : '' }}</span>
                </td></tr>
    @endforeach
</x-table>
