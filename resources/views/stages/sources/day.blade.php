@if ($day === null)<p>Nothing in the plan charges yet.</p>@else
<p class="mb-3">{{ ucfirst($answers->together($day)) }}.</p>
<nav class="tabs" aria-label="Month">@foreach ($page->months() as $month => $name)<a href="{{ route('sources', [$job, 'month' => $month]) }}#fold-together"
    @if ($month === $day->month) aria-current="true" @endif>{{ $name }}</a>@endforeach</nav>
<svg class="draw mt-3" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="{{ $answers->together($day) }}">
    @foreach ($sketch->amps as $t)
        <line class="grid" x1="{{ $sketch->frame->left - 4 }}" x2="{{ $sketch->frame->right }}" y1="{{ $t->at }}" y2="{{ $t->at }}"/>
        <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{ $show->text($t->value, 'A', $t->decimals) }}</text>
    @endforeach
    @foreach ($sketch->hours as $t)<text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->frame->height - 8 }}">{{ $t->value }}</text>@endforeach
    @foreach ($sketch->arrays as $i => $area)<path class="f-gorse" fill-opacity="{{ $page->shadeOf($i) }}" d="{{ $area }}"/>@endforeach
    <path class="f-heather" d="{{ $sketch->engine }}"/>
    <path class="s-ink" stroke-dasharray="5 4" d="{{ $sketch->usual }}"/>
    <path class="s-tarn" stroke-dasharray="2 4" d="{{ $sketch->post }}"/>
    <path class="s-ink" d="{{ $sketch->used }}"/>
    @if ($sketch->limit !== null)<line class="s-rust" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->limit }}"
        y2="{{ $sketch->limit }}"/>@endif
</svg>
<p class="small muted flex flex-wrap gap-x-5">
    <span><span class="text-gorse">■</span> sun, a bright day</span><span>┅ sun, the month’s own sky</span>
    @if ($day->engine !== [])<span><span class="text-heather">■</span> engine, on top</span>@endif
    @if ($day->mainsA > 0)<span><span class="text-tarn">┈</span> with a post instead, whenever there is one</span>@endif
    <span>━ used</span>@if ($sketch->limit !== null)<span><span class="text-rust">━</span> more the bank does not take</span>@endif
</p>
<x-table caption="What each source brings in a day" :head="['Source', '#At most', '#In a day', 'When']">
    @foreach ($page->bringing($day) as $row)
        <tr><td>{{ $row['name'] }}</td><td class="n num" data-label="At most">{{ $show->text($row['amps'], 'A') }}</td>
            <td class="n num" data-label="In a day"><span>{{ $row['wh'] === null ? '–' : $show->text($row['wh'], 'Wh', 0) }}</span></td>
            <td class="small" data-label="When"><span>{{ $row['when'] }}</span></td></tr>
    @endforeach
</x-table>
@endif
