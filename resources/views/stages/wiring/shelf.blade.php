<x-layout title="Shelf" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('wiring', $job) }}#fold-list">← Wiring</a></p>
    <h1>What is on the shelf?</h1>
    <p class="muted">Price of a metre or a piece, how much is there, and where: kept for the workshop, for every job.</p>
    @if (! $list->isThere())
        <x-empty title="Nothing to pick"><p>New runs in the plan make the list.</p></x-empty>
    @else
        <form method="post" action="{{ route('shelf.update', $job) }}">@csrf @method('put')<input type="hidden" name="_form" value="shelf">
            <x-table caption="On the shelf" :head="['What', 'Size', '#Wanted', 'Price of one', 'In stock', 'Where']">
                @foreach ($list->rows() as $k => $row)
                    <tr><td>{{ $row['what'] }}<input type="hidden" name="item[{{ $k }}]" value="{{ $row['item'] }}"><input type="hidden"
                        name="version[{{ $k }}]" value="{{ $row['version'] }}"></td><td data-label="Size">{{ $row['size'] }}</td>
                        <td class="n num" data-label="Wanted">{{ $row['count'] }}</td>
                        <td data-label="Price of one"><x-field form="shelf" :label="'Price: ' . $row['what'] . ' ' . $row['size']" :name="'price[' . $k . ']'"
                            :value="$row['price']" hide-label class="w-24" inputmode="decimal" autocomplete="off" /></td>
                        <td data-label="In stock"><x-field form="shelf" :label="'Stock: ' . $row['what'] . ' ' . $row['size']" :name="'stock[' . $k . ']'"
                            :value="$row['stock']" hide-label class="w-24" inputmode="decimal" autocomplete="off" /></td>
                        <td data-label="Where"><x-field form="shelf" :label="'Where: ' . $row['what'] . ' ' . $row['size']" :name="'place[' . $k . ']'"
                            :value="$row['place']" hide-label autocomplete="off" /></td></tr>
                @endforeach
            </x-table>
            @may('record', $job)<div class="actions"><button class="btn">Keep it</button></div>@endmay
        </form>
    @endif
</x-layout>
