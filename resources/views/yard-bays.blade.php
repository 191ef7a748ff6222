<svg class="draw day-chart mt-2" viewBox="{{ $chart->frame->viewBox() }}" role="group" aria-label="Bays over a fortnight">
    @foreach ($chart->days as $d)
        @if (! $d['open'])<rect class="night" x="{{ $d['x'] }}" y="{{ $chart->frame->top }}" width="{{ $d['width'] }}"
            height="{{ $chart->frame->boxHeight() }}"/>@endif
        <line class="grid" x1="{{ $d['x'] }}" x2="{{ $d['x'] }}" y1="{{ $chart->frame->top }}" y2="{{ $chart->frame->top + $chart->frame->boxHeight() }}"/>
        <text class="axis" x="{{ $d['x'] + 3 }}" y="{{ $chart->frame->top - 7 }}">{{ $page->day($d['h']) }}</text>
    @endforeach
    @foreach ($chart->bays as $bay)
        <line class="grid" x1="0" x2="{{ $chart->frame->width }}" y1="{{ $bay['y'] }}" y2="{{ $bay['y'] }}"/>
        <text class="t-bold" x="{{ $chart->frame->isNarrow() ? 4 : 0 }}" y="{{ $bay['y'] + ($chart->frame->isNarrow() ? 14 : 22) }}">{{ $bay['name'] }}</text>
    @endforeach
    @foreach ($chart->bars as $bar)
        <a href="{{ route('day-plan', $page->plan($bar['k'])->job_id) }}">
            <title>{{ $page->says($bar['k']) }}{{ $bar['clash'] ? ', wants the same bay' : '' }}</title>
            <rect @class(['task', 'clash' => $bar['clash']]) x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="{{ $bar['height'] }}"
                rx="2"/>@if ($bar['label'] !== '')<text x="{{ $bar['x'] + 6 }}" y="{{ $bar['y'] + 17 }}">{{ $bar['label'] }}</text>@endif</a>
    @endforeach
    @if ($chart->nowX !== null)<line class="s-heather" x1="{{ $chart->nowX }}" x2="{{ $chart->nowX }}" y1="{{ $chart->frame->top }}"
        y2="{{ $chart->frame->top + $chart->frame->boxHeight() }}"/>@endif
</svg>
