@foreach ($selective->lines() as $line)
    <h3 class="mt-3">{{ $line['title'] }}</h3>
    <ul class="plain small">@foreach ($line['says'] as $says)<li>{{ $says }}</li>@endforeach</ul>
    @if ($chart = $line['chart'])
        <svg class="draw" viewBox="{{ $chart->frame->viewBox() }}" role="img" aria-label="Time to open over current: {{ $line['title'] }}">
            @foreach ($chart->seconds as $s)
                <line class="grid" x1="{{ $chart->frame->left }}" x2="{{ $chart->frame->right }}" y1="{{ $s['tick']->at }}" y2="{{ $s['tick']->at }}"/>
                <text class="axis end" x="{{ $chart->frame->left - 6 }}" y="{{ $s['tick']->at + 4 }}">{{ $selective->seconds($s['seconds']) }}</text>
            @endforeach
            @foreach ($chart->amps as $a)
                <line class="grid" x1="{{ $a['tick']->at }}" x2="{{ $a['tick']->at }}" y1="{{ $chart->frame->top }}" y2="{{ $chart->frame->bottom }}"/>
                <text class="axis mid" x="{{ $a['tick']->at }}" y="{{ $chart->frame->bottom + 17 }}">{{ $show->text($a['amps'], 'A', 0) }}</text>
            @endforeach
            @foreach ($chart->bands as $k => $band)
                <path class="band b{{ $k % 3 }}" d="{{ $band['area'] }}"/>
                <line class="s-ink thin" x1="{{ $band['x'] }}" x2="{{ $band['x'] }}" y1="{{ $band['y'] + 3 }}" y2="{{ $chart->frame->top }}"/>
                <text @class(['end' => $band['x'] > $chart->frame->width / 2]) x="{{ $band['x'] }}"
                    y="{{ $band['y'] }}">{{ $selective->name($band['part']) }}</text>
            @endforeach
            @foreach ($chart->from as $f)
                <circle class="f-rust" cx="{{ $f['x'] }}" cy="{{ $f['y'] }}" r="4.5"/>
            @endforeach
        </svg>
    @endif
@endforeach
<p class="small muted mt-1">Between the quickest and the slowest that a fuse of its family may be, up to the short that the bank drives behind it; the dot: from
    there on both may open. Bands by ISO 8820, UL 248 and IEC 60269, from memory: the maker’s own curve is better. A breaker’s curve is its maker’s.</p>
