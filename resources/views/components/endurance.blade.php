@props(['pin', 'map', 'words', 'at', 'job', 'sketch'])
<div class="endurance">
    <svg class="draw" viewBox="{{ $sketch->viewBox }}" data-map data-url="{{ route('size.pin', $job) }}" data-ah="{{ $map->battery->size }}"
        data-w="{{ $map->panel->size }}"
        data-most-ah="{{ $map->mostAh }}" data-most-w="{{ $map->mostW }}" data-most-strings="{{ $map->mostStrings() }}"
            data-most-panels="{{ $map->mostPanels() }}"
        data-box="{{ implode(' ', $sketch->box) }}" role="group" aria-label="{{ $words->label($map) }}">
        @foreach ($sketch->levels as $i => $d)
            @if ($d !== '')<path class="lv{{ $i }}" d="{{ $d }}"/>@endif
        @endforeach
        @foreach ($sketch->lines as $line)
            <path class="s-ink-2 thin" d="{{ $line['path'] }}"/>
            @if ($line['shown'])<text class="axis halo mid" x="{{ $line['x'] }}" y="{{ $line['y'] }}">{{ $words->value($map, $line['value']) }}</text>@endif
        @endforeach
        @if ($sketch->wish)
            <path class="s-heather" d="{{ $sketch->wish['path'] }}"/>
            <text class="t-heather halo" x="{{ $sketch->wish['x'] }}" y="{{ $sketch->wish['y'] }}">{{ $words->wish($map, $show) }}</text>
        @endif
        @foreach ($sketch->fences as $f)
            <path class="fence" d="{{ $f['path'] }}"/>
            <text class="t-rust halo {{ $f['end'] ? 'end' : '' }}" x="{{ $f['x'] }}" y="{{ $f['y'] }}">{{ $f['fence']->name }}</text>
        @endforeach
        <path class="s-ink" d="M{{ $sketch->box[0] }} {{ $sketch->box[1] - $sketch->box[3] }}v{{ $sketch->box[3] }}h{{ $sketch->box[2] }}"/>
        @foreach ($sketch->banks as $t)
            <path class="s-ink" d="M{{ $t->at }} {{ $sketch->box[1] }}v5"/>
            @if ($t->decimals === 0)<text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->box[1] + 18 }}">{{ round($t->value) }}</text>@endif
        @endforeach
        @foreach ($sketch->arrays as $t)
            <path class="s-ink" d="M{{ $sketch->box[0] }} {{ $t->at }}h-5"/>
            @if ($t->decimals === 0)<text class="axis end" x="{{ $sketch->box[0] - 8 }}" y="{{ $t->at + 4 }}">{{ round($t->value) }}</text>@endif
        @endforeach
        <text class="t-muted end" x="{{ $sketch->box[0] + $sketch->box[2] }}" y="{{ $sketch->box[1] + 36 }}">bank, Ah, in whole
            {{ $map->battery->parts === 1 ? 'batteries' : 'strings of ' . $map->battery->parts }}</text>
        <text class="t-muted" x="0" y="2">array, W</text>
        @if ($sketch->flag)
            <path class="flag" data-cheapest="{{ implode(' ', $map->cheapest()) }}" d="M{{ $sketch->flag[0] }} {{ $sketch->flag[1] }}v-26l16 6-16 6"/>
        @endif
        <g class="pin" data-pin tabindex="0" role="slider" aria-label="The plan on the map; arrow keys move it" aria-valuemin="1"
            aria-valuemax="{{ $map->mostStrings() }}"
            aria-valuenow="{{ $pin->strings }}" aria-valuetext="{{ $pin->strings * $map->battery->parts }} batteries, {{ $pin->count }} panels"
                transform="translate({{ implode(' ', $sketch->pin) }})">
            <circle r="22" class="reach"/><ellipse rx="12" ry="7"/><ellipse cx="1" cy="-9.5" rx="7.5" ry="5"/><ellipse cx="-.5" cy="-16.5" rx="4.5" ry="3.2"/>
        </g>
    </svg>
    <div id="pin-answer" aria-live="polite"><x-pin-answer :at="$at" :job="$job" /></div>
</div>
<p class="small muted flex flex-wrap gap-x-4 gap-y-1 mt-1">
    @foreach ($sketch->breaks as $i => $b)
        <span class="key"><svg class="draw swatch" viewBox="0 0 12 12" aria-hidden="true"><rect class="lv{{ $i }}" width="12" height="12"/></svg> below
            {{ $words->value($map, $b, $show) }}</span>
    @endforeach
    <span class="key"><svg class="draw swatch" viewBox="0 0 12 12" aria-hidden="true"><rect class="lv5" width="12" height="12"/></svg> more</span>
    <span><span class="text-rust">┅</span> limits</span>
    <span><span class="text-fern">⚑</span> {{ $map->price(1, 1) === null ? 'lightest' : 'cheapest' }} for {{ $words->wish($map, $show) }}</span>
</p>
