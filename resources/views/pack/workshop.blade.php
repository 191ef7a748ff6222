<div class="section break"><h2 id="part-workshop">{{ $page->word('parts.workshop') }}</h2>
@if ($done->hours())<p>{{ $done->hours() }}</p>@endif
@if ($record->warranties())
    <h3>{{ $page->word('warranties') }}</h3>
    <table><thead><tr><th>{{ $page->word('part') }}</th><th class="n">{{ $page->word('months') }}</th><th>{{ $page->word('until') }}</th>
        <th>{{ $page->word('registered') }}</th></tr></thead><tbody>
    @foreach ($record->warranties() as $row)<tr><td>{{ $say->onePart($row['part']) }}</td><td class="n num">{{ $row['months'] }}</td>
        <td class="num">{{ $row['until'] ?: '–' }}</td><td class="small">{{ $row['by'] ?: '–' }}</td></tr>@endforeach
    </tbody></table>
@endif
@if ($done->asked())
    <h3>{{ $page->word('questions') }}</h3>
    <table><tbody>@foreach ($done->asked() as $row)<tr><td>{{ $row['at'] }}</td><td>{{ $row['asked'] }}</td><td class="small">{{ $row['by'] }}</td></tr>
    @endforeach</tbody></table>
@endif
@if ($signature = $done->signature())
    <h3>{{ $page->word('signature') }}</h3>
    <div class="signed">@if ($signature['uri'] !== '')<img src="{{ $signature['uri'] }}" alt="{{ $page->word('signature') }}">@endif
        <p>{{ $signature['says'] }}</p><p class="small muted">{{ $signature['hash'] }}</p></div>
@endif
@if ($done->otherwise())
    <h3>{{ $page->word('otherwise') }}</h3>
    <table><thead><tr><th>{{ $page->word('step') }}</th><th>{{ $page->word('because') }}</th><th>{{ $page->word('by-when') }}</th></tr></thead><tbody>
    @foreach ($done->otherwise() as $row)<tr><td>{{ $row['step'] }}</td><td>{{ $row['because'] }}</td><td class="small">{{ $row['by'] }}</td></tr>@endforeach
    </tbody></table>
@endif
@if ($done->readings())
    <h3>{{ $page->word('readings') }}</h3>
    <table><thead><tr><th>{{ $page->word('part') }}</th><th>{{ $page->word('what') }}</th><th class="n">{{ $page->word('value') }}</th>
        <th>{{ $page->word('when') }}</th><th>{{ $page->word('by-with') }}</th></tr></thead><tbody>
    @foreach ($done->readings() as $m)<tr><td>{{ $m['part'] }}</td><td>{{ $m['what'] }}</td><td class="n num">{{ $m['value'] }}</td>
        <td class="num">{{ $m['when'] }}</td><td class="small">{{ $m['by'] }}</td></tr>@endforeach
    </tbody></table>
@endif
@if ($done->verdicts())
    <h3>{{ $page->word('judged') }}</h3>
    <table><thead><tr><th>{{ $page->word('what') }}</th><th>{{ $page->word('why') }}</th><th>{{ $page->word('answer') }}</th></tr></thead><tbody>
    @foreach ($done->verdicts() as $v)
        <tr><td><strong>{{ $v['severity'] }}:</strong> {{ $v['title'] }}</td>
            <td class="small">{{ $v['message'] }} <span class="muted">({{ $v['source'] }})</span></td><td class="small">{{ $v['answer'] }}</td></tr>
    @endforeach
    </tbody></table>
@endif
@if ($record->pictures())
    <h3>{{ $page->word('pictures') }}</h3><div class="thumbs">
    @foreach ($record->pictures() as ['photo' => $photo, 'says' => $says])
        <figure><img src="{{ $photoOf($photo->sha256) }}" alt="{{ $says }}"><figcaption class="small">{{ $says }}</figcaption></figure>
    @endforeach
    </div>
@endif
</div>
