<p class="small muted">Simulated year; bay {{ $system->travel->coldestBatteryC === null ? 'as cold as outside' : 'kept above ' .
    $show->text($system->travel->coldestBatteryC, '°C') }}</p>
<x-table caption="Cold by month" :head="['Month', '#Nights below the limit', '#Charge blocked', '#Heating']">
    @foreach ($page->cold->frost() as $m)
        <tr><td>{{ $page->month($m->month) }}{{ $m->travelled ? '' : ', standing' }}</td>
            <td class="n num" data-label="Nights below the limit">{{ $m->frostNights }}</td>
            <td class="n num" data-label="Charge blocked">{{ $show->text($m->blockedH, 'h') }}</td>
                <td class="n num" data-label="Heating">{{ $m->heaterWh > 0 ? $show->text($m->heaterWh, 'Wh') : '–' }}</td></tr>
    @endforeach
</x-table>
<p class="small muted mt-1">The danger is a sunny morning after a freezing night. Test the battery’s cut-off in the cold, do not assume it; some are missing or
    dead.</p>
