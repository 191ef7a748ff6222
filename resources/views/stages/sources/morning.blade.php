<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img" aria-label="{{ implode(' ', $page->cold->morning($morning)) }}">
    @foreach ($sketch->degrees as $t)
        <line class="grid" x1="{{ $sketch->frame->left - 4 }}" x2="{{ $sketch->frame->right }}" y1="{{ $t->at }}" y2="{{ $t->at }}"/>
        <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{ $show->text($t->value, '°C') }}</text>
    @endforeach
    @foreach ($sketch->hours as $t)<text class="axis mid" x="{{ $t->at }}" y="{{ $sketch->frame->height - 4 }}">{{ $t->value }}</text>@endforeach
    @foreach ($sketch->bars as $b)<rect class="{{ $b['blocked'] ? 'f-rust' : 'f-gorse' }}" x="{{ $b['x'] }}" y="{{ $b['top'] }}" width="{{ $b['width'] }}"
        height="{{ $b['height'] }}"/>@endforeach
    <line class="s-ink" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->sunFloor }}" y2="{{ $sketch->sunFloor }}"/>
    <line class="s-rust" stroke-dasharray="2 4" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->limit }}"
        y2="{{ $sketch->limit }}"/>
    <path class="s-tarn" stroke-dasharray="6 4" d="{{ $sketch->outside }}"/>
    <path class="s-heather" d="{{ $sketch->battery }}"/>
</svg>
<p class="small muted flex flex-wrap gap-x-5">
    <span><span class="text-heather">━</span> at the battery</span><span><span class="text-tarn">┅</span> outside</span>
    <span><span class="text-rust">┈</span> no charge below</span><span><span class="text-gorse">■</span> sun that may charge</span>
    <span><span class="text-rust">■</span> sun that must not</span>
</p>
<ol class="steps mt-2">@foreach ($page->cold->morning($morning) as $line)<li>{{ $line }}</li>@endforeach</ol>
