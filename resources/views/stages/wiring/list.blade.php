<x-table caption="What the new runs take" :head="['Where', 'What', 'Size', '#How many', '#Cost', 'Stock', 'Open']">
    @foreach ($list->rows() as $row)
        <tr><td class="small" data-label="Where"><span>{{ $row['place'] ?: '–' }}</span></td><td>{{ $row['what']
            }}</td><td data-label="Size"><span>{{ $row['size'] }}</span></td>
            <td class="n num" data-label="How many">{{ $row['count'] }}</td><td class="n num" data-label="Cost"><span>{{ $row['cost'] ?: '–'
            }}</span></td><td class="small" data-label="Stock"><span>{{ $row['order'] ?: '–' }}</span></td>
            <td class="small" @if ($row['open']) data-label="Open" @endif><span>{{ $row['open'] }}</span></td></tr>
    @endforeach
</x-table>
<p class="small mt-1">{{ $list->cost() }}</p>
<p class="small muted mt-1">Cable with a tenth more and a little at each end. A lug fits its cable and its stud: measure the stud where it is open. Plugs of
    panels come with them; mains are left to licensed people.</p>
@empty($onPaper)
    <div class="actions"><a class="btn plain" href="{{ route('wiring.csv', $job) }}">As CSV</a><a class="btn plain"
        href="{{ route('shelf', $job) }}">Prices, stock and places</a>
        @foreach ($list->stocks() as $stock => $says)<a class="linkish" href="{{ route('wiring.labels', [$job, 'stock' => $stock]) }}">Labels: {{ $says }}</a>
        @endforeach</div>
@endempty
