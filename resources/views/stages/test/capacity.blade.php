@if ($page->capacities() !== [])
    <x-table caption="Capacities measured" :head="['Battery', 'When', '#Capacity', '#Of the label', 'How']">
        @foreach ($page->capacities() as $c)<tr><td>{{ $c['part'] }}</td><td class="num" data-label="When">{{ $c['when'] }}</td>
            <td class="n num" data-label="Capacity">{{ $c['ah'] }}</td><td class="n num" data-label="Of the label">{{ $c['share'] }}</td>
            <td class="small" data-label="How">{{ $c['note'] ?: '–' }}</td></tr>@endforeach
    </x-table>
@endif
@may('record', $job)
    <form method="post" action="{{ route('test.capacity', $job) }}" class="mt-3">@csrf<input type="hidden" name="_form" value="capacity">
        <div class="form-grid">
            <x-field form="capacity" label="Battery" name="part" :options="$page->batteries()" />
            <x-field form="capacity" label="Ends at" name="end_v" unit="V" :value="$page->endV()" inputmode="decimal" required />
            <x-field form="capacity" label="Warmth of the battery" name="celsius" :unit="$show->unit('°C')" inputmode="text" />
            <x-field form="capacity" class="wide" label="The log, as a table: minutes, volts, amps" name="table" :rows="5"
                help="Full at the start; a steady load; the first line names the columns. What stands after the end is left out." required />
        </div><div class="actions"><button class="btn">Work it out and keep it</button></div></form>
@endmay
