@props(['stay', 'job', 'sketch', 'months'])
<svg class="draw" viewBox="{{ $sketch->frame->viewBox() }}" role="img"
    aria-label="State of charge through the stay. @foreach ($stay->cases() as $which => $o){{ $which }}: lowest {{ round($o->lowestSocPct()) }} percent, {{
        $o->daysServed() }} of {{ $stay->days() }} days served. @endforeach">
    @foreach ($sketch->days as $i => $d)
        <rect class="{{ $d['day']->isServed() ? 'f-none' : 'f-rust-wash' }}" x="{{ $d['x'] }}" y="{{ $sketch->frame->top }}" width="{{ $d['width'] }}"
            height="{{ $sketch->frame->boxHeight() }}"/>
        <line class="grid" x1="{{ $d['x'] }}" x2="{{ $d['x'] }}" y1="{{ $sketch->frame->top }}" y2="{{ $sketch->sunFloor }}"/>
        <text class="axis mid" x="{{ $d['mid'] }}" y="{{ $sketch->frame->height - 4 }}">{{ $i + 1 }}</text>
        <rect class="f-gorse-wash" x="{{ $d['x'] + $sketch->barX }}" y="{{ $d['offered'][0] }}" width="{{ $sketch->barWidth }}"
            height="{{ $d['offered'][1] }}"/>
        <rect class="f-gorse" x="{{ $d['x'] + $sketch->barX }}" y="{{ $d['used'][0] }}" width="{{ $sketch->barWidth }}" height="{{ $d['used'][1] }}"/>
        @if ($d['day']->day->drives && $d['day']->alternatorWh > 0)<text class="axis mid" x="{{ $d['mid'] - 5 }}" y="{{ $sketch->floor + 16 }}">▲</text>@endif
        @if ($d['day']->day->hookedUp)<text class="axis mid" x="{{ $d['mid'] + 5 }}" y="{{ $sketch->floor + 16 }}">⌁</text>@endif
    @endforeach
    @foreach ($sketch->charges as $t)
        <line class="grid" x1="{{ $sketch->frame->left - 4 }}" x2="{{ $sketch->frame->right }}" y1="{{ $t->at }}" y2="{{ $t->at }}"/>
        <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{ $t->value }} %</text>
    @endforeach
    <text class="axis end" x="{{ $sketch->frame->left - 6 }}" y="{{ $sketch->sunFloor }}">sun</text>
    @isset($sketch->curves['found'])<path class="s-tarn" stroke-dasharray="6 4" d="{{ $sketch->curves['found'] }}"/>@endisset
    @isset($sketch->curves['planned'])<path class="s-heather" d="{{ $sketch->curves['planned'] }}"/>@endisset
    <line class="s-ink" x1="{{ $sketch->frame->left }}" x2="{{ $sketch->frame->right }}" y1="{{ $sketch->sunFloor }}" y2="{{ $sketch->sunFloor }}"/>
</svg>
<p class="small muted flex flex-wrap gap-x-5">
    <span><span class="text-heather">━</span> planned</span>@isset($stay->cases()['found'])<span><span class="text-tarn">┅</span> found</span>@endisset
    <span><span class="text-gorse">■</span> sun used, pale: offered</span><span>▲ driven</span><span>⌁ hooked up</span>
    <span class="text-rust">shaded days: not all was served, {{ $stay->planned ? 'planned' : 'found' }}</span>
</p>
@may('plan', $job)
    <form method="post" action="{{ route('stay.update', $job) }}" data-live class="mt-3">
        @csrf @method('put')<input type="hidden" name="_form" value="stay"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
        <div class="stay-grid">
            @foreach (['drive' => ['driven', $stay->stay->drive], 'hook_up' => ['hooked up', $stay->stay->hookUp], 'bright' => ['bright', $stay->stay->bright],
                'grey' => ['grey', $stay->stay->grey]] as $field => [$word, $set])
                <div class="stay-days" role="group" aria-label="Days of the stay, {{ $word }}">
                    <span class="small muted">{{ $word }}</span>
                    @foreach (range(1, $stay->days()) as $d)
                        <label class="dot"><input type="checkbox" name="{{ $field }}[]" value="{{ $d }}" @checked(in_array($d, $set, true))><span
                            class="day-number" aria-hidden="true">{{ $d }}</span><span class="sr-only">day {{ $d }} {{ $word }}</span></label>
                    @endforeach
                </div>
            @endforeach
        </div>
        <p class="small muted">Where neither is ticked the sky comes as it comes in that month; bright is its clearest tenth, grey its dullest.</p>
        <div class="form-grid mt-2">
            <x-field form="stay" label="Month" name="month" :value="$stay->stay->month" :options="[0 => 'the poorest on the road'] + $months" />
            <x-field form="stay" label="Days" name="days" :value="$stay->stay->days" inputmode="numeric" />
        </div>
        <noscript><div class="actions"><button class="btn plain">Play it through</button></div></noscript>
    </form>
@endmay
<table class="stack mt-4">
    <caption class="sr-only">The stay in figures</caption>
    <thead><tr>
        <th scope="col">Over {{ $stay->days() }} days</th><th scope="col" class="n">Days served</th><th scope="col" class="n">Lowest charge</th>
            <th scope="col" class="n">▲ Sun</th><th scope="col" class="n">▲ Driving</th>
        <th scope="col" class="n">▲ Hook-up</th><th scope="col" class="n">Sun not used</th><th scope="col" class="n">▽ Served</th>
            <th scope="col" class="n">Not served</th>
    </tr></thead>
    <tbody>
    @foreach ($stay->cases() as $which => $o)
        <tr>
            <td>{{ ucfirst($which) }}</td>
            <td class="n num" data-label="Days served">{{ $o->daysServed() }}</td>
            <td class="n num" data-label="Lowest charge">{{ $show->text($o->lowestSocPct(), '%') }}</td>
            @foreach (['Sun' => 'solarWh', 'Driving' => 'alternatorWh', 'Hook-up' => 'shoreWh', 'Sun not used' => 'curtailedWh', 'Served' => 'servedWh',
                'Not served' => 'unservedWh'] as $label => $of)
                <td class="n num" data-label="{{ $label }}">{{ $show->text($o->sum(fn ($d) => $d->$of), 'Wh') }}</td>
            @endforeach
        </tr>
    @endforeach
    </tbody>
</table>
<details class="mt-2">
    <summary class="linkish">Day by day, {{ $stay->planned ? 'planned' : 'found' }}</summary>
    <table class="stack">
        <caption class="sr-only">Day by day</caption>
        <thead><tr>
            <th scope="col">Day</th><th scope="col" class="n">Clearness</th><th scope="col" class="n">Night</th><th scope="col" class="n">Sun</th>
                <th scope="col" class="n">Driving</th><th scope="col" class="n">Hook-up</th>
            <th scope="col" class="n">Served</th><th scope="col" class="n">Not served</th><th scope="col" class="n">Lowest</th>
        </tr></thead>
        <tbody>
        @foreach ($stay->main()->days as $i => $d)
            <tr>
                <td>{{ $i + 1 }}</td>
                <td class="n num" data-label="Clearness">{{ $show->text($d->day->weather->clearness) }}</td>
                <td class="n num" data-label="Night">{{ $show->text($d->day->weather->minC, '°C') }}</td>
                @foreach (['Sun' => 'solarWh', 'Driving' => 'alternatorWh', 'Hook-up' => 'shoreWh', 'Served' => 'servedWh', 'Not served' =>
                    'unservedWh'] as $label => $of)
                    <td class="n num" data-label="{{ $label }}">{{ $show->text($d->$of, 'Wh') }}</td>
                @endforeach
                <td class="n num" data-label="Lowest">{{ $show->text($d->lowestSocPct, '%') }}</td>
            </tr>
        @endforeach
        </tbody>
    </table>
</details>
