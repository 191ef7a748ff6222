@if ($page->sources() === [])
    <x-empty title="No source yet"><p>Survey lists what is there; below, add what is to come.</p></x-empty>
@else
    <x-table caption="Sources" :head="['Source', 'Limits', 'At most', 'Becomes']">
        @foreach ($page->sources() as ['part' => $part, 'row' => $row, 'gives' => $gives])
            <tr><td><a href="{{ route('parts.edit', [$job, $row->id]) }}">{{ $say->part($part) }}</a>
                <div class="small muted">{{ $say->name($part->kind) }}</div></td>
                <td class="small" data-label="Limits"><span>{{ $say->about($part) }}</span></td><td class="num" data-label="At most">{{ $gives }}</td>
                <td data-label="Becomes"><span @class(['tag', 'in' => ! $part->fate->isFound()])>{{ $say->name($part->fate) }}</span></td></tr>
        @endforeach
    </x-table>
@endif
<p class="small muted mt-3">Hook-ups in {{ $say->name($region) }}: {{ $page->hookUps() }}. Charging and what is passed through share it.</p>
