@if ($waking->sources === [])
    <p class="muted">No source is in the plan yet.</p>
@else
    <x-table caption="Ways to go dark, and what each source does about it" :head="['Gone dark', ...array_map($say->part(...), $waking->sources),
        'Dead until then']">
        @foreach ($waking->rows as $row)
            <tr><td class="small">{{ $page->way($row) }}</td>
                @foreach ($waking->sources as $source)
                    <td data-label="{{ $say->part($source) }}"><span @class(['tag', $page->wakeClass($row['by'][$source->uid])])>{{
                        $say->word('waking.how.' . $row['by'][$source->uid]) }}</span></td>
                @endforeach
                <td class="small" data-label="Dead until then"><span>{{ $page->dark($row) }}</span></td></tr>
        @endforeach
    </x-table>
    <p class="small muted mt-1">As noted in the sheets: what wakes the battery, and whether a charger gives volts into a dead bank. Where it is not noted, ask
        the
        supplier, or try it on the bench before it is needed. Behind a breaker the bank is awake; only a hand brings back what hangs there.</p>
@endif
