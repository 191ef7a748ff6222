<svg xmlns="http://www.w3.org/2000/svg" @class(['draw one-line', 'lanes' => ! $drawing->line->upright, 'both' => $drawing->shown->value === 'both',
    'long' => $drawing->line->isLong()])
    viewBox="0 0 {{ $drawing->line->width }} {{ $drawing->line->height }}" width="{{ $drawing->line->width }}"
    role="group"
    aria-label="The circuit as one line: {{ count($drawing->line->boxes) }} boxes, {{ count($drawing->line->runs) }} runs">
    @isset($css)<style>{!! $css !!}</style>@endisset
    @foreach ($drawing->line->lanes as $lane)
        <rect class="lane" x="0" y="{{ $lane['top'] }}" width="{{ $drawing->line->width }}" height="{{ $lane['height'] }}"/>
        <text class="lane-name" x="8" y="{{ $lane['top'] + 17 }}">{{ __('opens.lanes.' . $lane['name']) }}</text>
    @endforeach
    @foreach ($drawing->line->runs as $r)
        <path @class(['run', $r['mark'], 's-rust' => $r['thin'], 'faded' => $drawing->isFaded($r)]) stroke-width="{{ $r['stroke'] }}"
            @if ($drawing->dash($r['circuit'], $r['mark'])) stroke-dasharray="{{ $drawing->dash($r['circuit'], $r['mark']) }}" @endif d="{{ $r['path'] }}"/>
    @endforeach
    @foreach ($drawing->line->runs as $r)
        @if ($drawing->runLink($r))<a href="{{ $drawing->runLink($r) }}" aria-label="{{ $drawing->runSays($r) }}"><path class="run-tap"
            d="{{ $r['path'] }}"/></a>@endif
    @endforeach
    @foreach ($drawing->line->boxes as $b)
        @if ($drawing->link($b))<a href="{{ $drawing->link($b) }}" aria-label="{{ $drawing->linkSays($b) }}">@endif
        <g class="box {{ $drawing->state($b) }} {{ $b['mark'] }} as-{{ $b['shape'] }}"><title>{{ $b['parts'][0]->uid }}: {{ $drawing->kind($b) }}
            {{ $drawing->name($b) }}</title>
            @include('stages.wiring.symbol')
        </g>
        @if ($drawing->link($b))</a>@endif
    @endforeach
    @foreach ($drawing->line->lanes === [] ? [] : $drawing->line->runs as $r)
        <text @class(['axis run-text end', 'text-rust' => $r['thin'], $r['mark']]) x="{{ $r['x'] }}" y="{{ $r['y'] }}">{{ $drawing->size($r) }}</text>
        <text @class(['axis run-text end', $r['mark']]) x="{{ $r['x'] }}" y="{{ $r['y'] + 19 }}">{{ $drawing->length($r) }}</text>
    @endforeach
</svg>
