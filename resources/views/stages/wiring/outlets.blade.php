<x-table caption="What guards the outlets on each source" :head="['On', 'People are', 'Devices behind it', 'Neutral to earth']">
    @foreach ($outlets->rows() as $row)
        <tr><td>{{ $row['source'] }}</td><td data-label="People are"><span class="tag {{ $row['class'] }}">{{ $row['guard'] }}</span></td>
            <td class="small" data-label="Devices behind it"><span>{{ $row['devices'] }}</span></td>
            <td class="small" data-label="Neutral to earth"><span>{{ $row['bond'] }}</span></td></tr>
    @endforeach
</x-table>
<p class="small muted mt-1">A device at the inlet does not guard what the inverter feeds. {{ $say->said($region->mainsCaution()) }}</p>
