@if ($later->watts() !== null)
    <form method="get" action="{{ route('wiring', $job) }}#fold-later" class="flex flex-wrap items-end gap-3">
        <x-field form="later" label="Inverter that is promised" name="watts" :value="$show->field($later->watts(), '')" unit="W" inputmode="decimal" />
        <button class="btn plain">Work it out</button></form>
@endif
<p class="mt-3">{{ $later->answer() }}</p>
@if ($later->rows() !== [])
    <x-table caption="What is promised for later, from the start or then" :head="['For', 'What', '#Planned', '#Wanted', '#From the start', '#Changed later']">
        @foreach ($later->rows() as $row)
            <tr><td class="small">{{ $row['for'] }}</td><td data-label="What"><span>{{ $row['what'] }}</span></td>
                <td class="n num" data-label="Planned">{{ $row['now'] }}</td><td class="n num" data-label="Wanted">{{ $row['later'] }}</td>
                <td class="n num" data-label="From the start">{{ $row['start'] }}</td><td class="n num" data-label="Changed later">{{ $row['then'] }}</td></tr>
        @endforeach
    </x-table>
    <p class="small muted">From the start: what the larger one costs more, cable out and back. Later: the whole of it, and half an hour of work for each. Prices
        of cable stand on the shelf, those of parts in the library. Which place and which battery: see Room to grow, on Size.</p>
@endif
