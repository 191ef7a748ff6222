<p class="muted">{{ $offer->word('for', ['customer' => $offer->customer()]) }} · {{ $offer->word('valid', ['date' =>
    $offer->offer->valid_until->format('Y-m-d')]) }}</p>
@if ($offer->text())<p class="lead">{!! nl2br(e($offer->text())) !!}</p>@endif
<table class="stack"><thead><tr><th scope="col">{{ $offer->word('what') }}</th><th scope="col" class="n">{{ $offer->word('count') }}</th>
    <th scope="col" class="n">{{ $offer->word('each') }}</th><th scope="col" class="n">{{ $offer->word('sum') }}</th></tr></thead>
    <tbody>@foreach ($offer->lines() as $l)<tr><td>{{ $l['what'] }}</td><td class="n num" data-label="{{ $offer->word('count') }}">{{ $l['count'] }}</td>
        <td class="n num" data-label="{{ $offer->word('each') }}">{{ $l['each'] }}</td><td class="n num" data-label="{{ $offer->word('sum') }}">{{ $l['sum']
            }}</td></tr>@endforeach
    @foreach ($offer->sums() as $s)<tr><td colspan="3" class="n">@if ($s['last'])<strong>{{ $s['says'] }}</strong>@else{{ $s['says'] }}@endif</td>
        <td class="n num">@if ($s['last'])<strong>{{ $s['amount'] }}</strong>@else{{ $s['amount'] }}@endif</td></tr>@endforeach</tbody></table>
@if ($offer->gives())<p class="mt-3"><strong>{{ $offer->word('gives') }}:</strong> {{ $offer->gives() }}</p>@endif
@if ($offer->later() !== [])<p class="mt-3"><strong>{{ $offer->word('later.head') }}:</strong> {{ implode(' ', $offer->later()) }}</p>@endif
