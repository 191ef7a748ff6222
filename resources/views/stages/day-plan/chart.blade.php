<svg class="draw day-chart" viewBox="{{ $chart->frame->viewBox() }}" role="img" aria-label="When each part of the work runs: {{ $page->deciding() }} decide
    the end">
    <defs><pattern id="wait" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="f-paper" width="6" height="6"/>
        <line class="grid" x1="0" x2="0" y1="0" y2="6"/></pattern></defs>
    @foreach ($chart->nights as $n)<rect class="night" x="{{ $n['x'] }}" y="{{ $chart->frame->top }}" width="{{ $n['width'] }}"
        height="{{ $chart->frame->boxHeight() }}"/>@endforeach
    @foreach ($chart->ticks as $t)
        <line class="grid" x1="{{ $t['x'] }}" x2="{{ $t['x'] }}" y1="{{ $chart->frame->top }}" y2="{{ $chart->frame->top + $chart->frame->boxHeight() }}"/>
        <text class="axis" x="{{ $t['x'] + 2 }}" y="{{ $chart->frame->top - 6 }}">{{ $page->hour($t['h']) }}</text>
        @if ($t['day'])<text class="t-bold" x="{{ $t['x'] + 2 }}" y="{{ $chart->frame->top - 26 }}">{{ $page->day($t['h']) }}</text>@endif
    @endforeach
    @foreach ($chart->lanes as $lane)
        <line class="grid" x1="0" x2="{{ $chart->frame->width }}" y1="{{ $lane['y'] }}" y2="{{ $lane['y'] }}"/>
        <text class="t-bold" x="{{ $chart->frame->isNarrow() ? $chart->frame->left : 0 }}"
            y="{{ $lane['y'] + ($chart->frame->isNarrow() ? 15 : 32) }}">{{ $lane['name'] }}</text>
    @endforeach
    @foreach ($chart->bars as $bar)
        <g><title>{{ $page->says($bar['id'], $bar['fromH'], $bar['toH']) }}</title>
            <rect @class(['task', 'wait' => $bar['wait'], 'decides' => $bar['critical']]) x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}"
                height="{{ $bar['height'] }}" rx="2"/>
            @if ($bar['label'] !== '')<text x="{{ $bar['x'] + 6 }}" y="{{ $bar['y'] + 20 }}">{{ $bar['label'] }}</text>@endif</g>
    @endforeach
    <line class="s-ink" stroke-dasharray="2 4" x1="{{ $chart->finishX }}" x2="{{ $chart->finishX }}" y1="{{ $chart->frame->top }}"
        y2="{{ $chart->frame->height - 16 }}"/>
    <text class="axis end" x="{{ $chart->finishX }}" y="{{ $chart->frame->height - 2 }}">hand-back</text>
    @if ($chart->nowX !== null)<line class="s-heather" x1="{{ $chart->nowX }}" x2="{{ $chart->nowX }}" y1="{{ $chart->frame->top }}"
        y2="{{ $chart->frame->height - 16 }}"/><text class="t-heather" x="{{ $chart->nowX }}" y="{{ $chart->frame->height - 2 }}">now</text>@endif
</svg>
<p class="small muted flex flex-wrap gap-x-5 mt-1"><span>▭ work</span><span>▨ waits: something else can be done</span><span><strong>heavy outline</strong>
    decides the end</span></p>
