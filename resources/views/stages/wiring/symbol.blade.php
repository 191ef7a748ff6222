<rect class="hit" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
@if ($b['shape'] === 'box')
    <rect class="body" x="{{ $b['x'] }}" y="{{ $b['y'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
    <text class="mid kind" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 19 }}">{{ $drawing->cut($b, $drawing->kind($b)) }}</text>
    <text class="mid name" x="{{ $b['x'] + $b['width'] / 2 }}" y="{{ $b['y'] + 34 }}">{{ $drawing->cut($b, $drawing->name($b)) }}</text>
@else
    <g transform="translate({{ $b['x'] + $b['width'] / 2 }} {{ $b['y'] + $b['height'] / 2 }}){{ $drawing->line->upright ? ' rotate(90)' : '' }}">
        @if ($b['shape'] === 'bar')
            <rect class="rail-bar" x="-5" y="-22" width="10" height="44"/>
        @else
            <line class="through" x1="{{ $drawing->line->upright ? -22 : $b['width'] / -2 }}" y1="0" x2="-13" y2="0"/>
            <line class="through" x1="13" y1="0" x2="{{ $drawing->line->upright ? 22 : $b['width'] / 2 }}" y2="0"/>
            @if ($b['shape'] === 'fuse')
                <rect class="body" x="-13" y="-5.5" width="26" height="11"/><line class="wire" x1="-13" y1="0" x2="13" y2="0"/>
            @else
                <circle class="dot" cx="-13" cy="0" r="2.4"/><circle class="dot" cx="13" cy="0" r="2.4"/>
                <line class="blade" x1="-13" y1="0" x2="{{ $drawing->state($b) === 'open' ? 9 : 13 }}" y2="{{ $drawing->state($b) === 'open' ? -11 : 0 }}"/>
                @if ($b['shape'] === 'breaker')<path class="wire" d="M9 -4l8 8M17 -4l-8 8"/>@endif
            @endif
        @endif
    </g>
    @unless ($b['shape'] === 'bar' && ! $drawing->line->upright)
        <text @class(['kind', 'mid' => ! $drawing->line->upright]) x="{{ $b['x'] + $b['width'] / 2 + ($drawing->line->upright ? 10 : 0) }}"
            y="{{ $b['y'] + ($drawing->line->upright ? 19 : 9) }}">{{ $drawing->cut($b, $drawing->kind($b)) }}</text>
        <text @class(['name', 'mid' => ! $drawing->line->upright]) x="{{ $b['x'] + $b['width'] / 2 + ($drawing->line->upright ? 10 : 0) }}"
            y="{{ $b['y'] + ($drawing->line->upright ? 34 : 42) }}">{{ $drawing->cut($b, $drawing->name($b)) }}</text>
    @endunless
@endif
@if ($b['mark'] === 'out')<path class="strike" d="M{{ $b['x'] + 2 }} {{ $b['y'] + $b['height'] - 4 }}l{{ $b['width'] - 4 }} {{ 8 - $b['height'] }}"/>@endif
@if ($drawing->state($b) === 'danger')
    <path class="alarm" d="M{{ $b['x'] + $b['width'] }} {{ $b['y'] - 9 }}l9 9l-9 9l-9 -9z"/>
    <text class="alarm-text mid" x="{{ $b['x'] + $b['width'] }}" y="{{ $b['y'] + 4 }}">!</text>
@endif
