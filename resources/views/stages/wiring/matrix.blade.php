<p class="small mt-1">{{ $matrix->answer() }}.</p>
<x-table caption="What opens, and what it does" :head="['Opens', ...$matrix->states()]">
    @foreach ($matrix->rows() as $row)
        <tr><th scope="row" class="small font-normal!">{{ $row['name'] }}</th>
            @foreach ($row['cells'] as $i => $cell)
                <td class="small" data-label="{{ $matrix->states()[$i] }}"><a href="{{ $cell['url'] }}">{{ $cell['says'] }}</a>@if ($cell['danger'])<span
                    class="block"><span class="tag out">in danger</span> {{ $cell['danger'] }}</span>@endif</td>
            @endforeach
        </tr>
    @endforeach
</x-table>
