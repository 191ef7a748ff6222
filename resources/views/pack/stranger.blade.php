<div class="section break"><h2 id="part-stranger">{{ $page->word('parts.stranger') }}</h2>
<h3>{{ $page->word('fitted') }}</h3>
<table><thead><tr><th>{{ $page->word('part') }}</th><th>{{ $page->word('model') }}</th><th>{{ $page->word('serial') }}</th><th>{{ $page->word('firmware')
    }}</th>
    <th>{{ $page->word('place') }}</th></tr></thead><tbody>
    @foreach ($page->fitted() as $part)
        <tr><td>{{ $say->name($part->kind) }}@if ($page->isLabelled($part)) ({{ $page->word('untrue') }})@endif</td>
            <td>{{ $part->typedName() ?: '–' }}<div class="muted small">{{ $say->about($part) }}</div></td>
            <td class="num">{{ $part->serial ?: '–' }}</td><td class="num">{{ $part->firmware ?: '–' }}</td><td>{{ $part->place ?: '–' }}</td></tr>
    @endforeach
</tbody></table>
@if ($drawing = $record->drawing())
    <div @class(['drawing', 'turned' => $onPaper ?? false])><h3>{{ $page->word('drawing') }}</h3>
        <img src="{{ $drawing->dataUri($onPaper ?? false) }}" alt="{{ $page->word('drawing') }}"></div>
@endif
@if ($record->fuses())
    <h3>{{ $page->word('fuses') }}</h3>
    <table><thead><tr><th>{{ $page->word('part') }}</th><th>{{ $page->word('rating') }}</th><th>{{ $page->word('family') }}</th>
        <th>{{ $page->word('protects') }}</th></tr></thead><tbody>
    @foreach ($record->fuses() as $row)<tr><td>{{ $say->onePart($row['part']) }}</td><td class="num">{{ $row['rating'] }}</td><td>{{ $row['family'] }}</td>
        <td class="small">{{ $row['protects'] }}</td></tr>@endforeach
    </tbody></table>
@endif
@if ($record->runs())
    <h3>{{ $page->word('runs') }}</h3>
    <table><thead><tr><th>{{ $page->word('from') }}</th><th>{{ $page->word('to') }}</th><th class="n">{{ $page->word('size') }}</th>
        <th class="n">{{ $page->word('length') }}</th></tr></thead><tbody>
    @foreach ($record->runs() as $row)<tr><td class="small">{{ $row['from'] }}</td><td class="small">{{ $row['to'] }}</td><td class="n num">{{ $row['size']
        }}</td>
        <td class="n num">{{ $row['length'] }}</td></tr>@endforeach
    </tbody></table>
@endif
@if ($record->safe())
    <h3>{{ $page->word('safe') }}</h3>
    <table><tbody>@foreach ($record->safe() as $row)<tr><th scope="row">{{ $say->onePart($row['part']) }}</th><td class="small">{{ implode(' → ',
        $row['steps']) }}</td>
        </tr>@endforeach</tbody></table>
@endif
@if ($record->wakes())<h3>{{ $page->word('wakes') }}</h3><p>{{ $record->wakes() }}</p>@endif
@if ($waking = $record->waking())
    <table><thead><tr><th>{{ $page->word('gone-dark') }}</th>@foreach ($waking['sources'] as $source)<th>{{ $source }}</th>@endforeach</tr></thead><tbody>
    @foreach ($waking['rows'] as $row)<tr><td class="small">{{ $row['way'] }}</td>@foreach ($row['does'] as $does)<td class="small">{{ $does
        }}</td>@endforeach</tr>@endforeach
    </tbody></table>
@endif
@if ($record->settings())
    <h3>{{ $page->word('settings') }}</h3>
    @foreach ($record->settings() as $device)
        <h4>{{ $say->part($device['part']) }}</h4>
        @if ($device['how'] !== '')<p class="small muted">{{ $device['how'] }}</p>@endif
        <table><thead><tr><th>{{ $page->word('setting') }}</th><th class="n">{{ $page->word('found') }}</th><th class="n">{{ $page->word('planned') }}</th>
            <th class="n">{{ $page->word('as-set') }}</th><th class="n">{{ $page->word('read-back') }}</th><th>{{ $page->word('by-when')
                }}</th></tr></thead><tbody>
        @foreach ($device['rows'] as $row)
            <tr><td>{{ $row['name'] }}</td>@foreach ($row['values'] as $value)<td class="n num">{{ $value }}</td>
                @endforeach<td class="small">{{ $row['by'] }}</td></tr>
        @endforeach
        </tbody></table>
    @endforeach
@endif
@if ($done->tests())
    <h3>{{ $page->word('tests') }}</h3>
    <table><thead><tr><th>{{ $page->word('what') }}</th><th>{{ $page->word('promised') }}</th><th class="n">{{ $page->word('measured') }}</th>
        <th>{{ $page->word('verdict') }}</th></tr></thead><tbody>
    @foreach ($done->tests() as $row)<tr><td>{{ $row['title'] }}@if ($row['note'])<div class="small muted">{{ $row['note'] }}</div>@endif</td>
        <td class="small num">{{ $row['limits'] }}</td><td class="n num">{{ $row['measured'] }}</td><td>{{ $row['says'] }}</td></tr>@endforeach
    </tbody></table>
@endif
</div>
