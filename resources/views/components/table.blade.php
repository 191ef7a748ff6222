@props(['caption', 'head', 'quiet' => false])
<table {{ $attributes->class(['stack']) }}>
    <caption class="sr-only">{{ $caption }}</caption>
    <thead @class(['sr-only' => $quiet])><tr>@foreach ($head as $h)<th scope="col" @class(['n' => str_starts_with($h, '#')])>{{ ltrim($h, '#') }}</th>
        @endforeach</tr></thead>
    <tbody>{{ $slot }}</tbody>
</table>
