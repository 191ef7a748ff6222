<x-bank-drawing :drawing="$page->desk->beside" :share="$page->besideShare()" :page="$page" :sketch="$page->besideSketch()" :name="'Beside it, ' .
    $page->otherName()" />
<x-table caption="Two layouts side by side" :head="['Battery', '#' . $page->layoutName(), '#' . $page->otherName(), '#Ages, against an even share']">
    @foreach ($page->beside() as $b)
        <tr><td>{{ $b['number'] }} {{ $b['serial'] }}</td><td class="n num" data-label="{{ $page->layoutName() }}">{{ $show->text($b['amps'], 'A') }}</td>
            <td class="n num" data-label="{{ $page->otherName() }}">{{ $show->text($b['beside'], 'A') }}</td>
                <td class="n num" data-label="Ages">{{ $b['ages'] === null ? '–' : $show->text($b['ages']) . ' ×' }}</td></tr>
    @endforeach
    <tr><td>Bank volts</td><td class="n num" data-label="{{ $page->layoutName() }}">{{ $show->text($page->desk->share->bankV, 'V') }}</td>
        <td class="n num" data-label="{{ $page->otherName() }}">{{ $show->text($page->besideShare()->bankV, 'V') }}</td><td></td></tr>
    <tr><td>Before a BMS opens</td>
        @foreach ([$page->layoutName() => $page->desk->drawing->trueLimit(true), $page->otherName() => $page->desk->beside->trueLimit(true)] as $name => $limit)
            <td class="n num" data-label="{{ $name }}">{{ $limit ? $show->figure($limit) : 'limits not known' }}</td>
        @endforeach
        <td></td></tr>
</x-table>
<p class="small muted mt-1">Ageing is counted by the Ah that go through: the battery with 1.4 times the share has done its cycles in 70 % of the time.</p>
