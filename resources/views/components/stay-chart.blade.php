@props(['stay', 'job', 'may' => false])
@php($cases = array_filter(['found' => $stay->found, 'planned' => $stay->planned]))
@php($one = $stay->planned ?? $stay->found)
@php($days = count($one->days))
@php($w = 840 / $days)
@php($y = fn ($soc) => 150 - $soc * 1.4)
@php($curve = function ($outcome) use ($y, $days) { $d = ''; $steps = count($outcome->socPct) - 1; $each = max(1, intdiv($steps, 420)); for ($i = 0; $i <= $steps; $i += $each) { $d .= sprintf('%s%.1f %.1f', $i === 0 ? 'M' : 'L', 56 + 840 * $i / $steps, $y($outcome->socPct[$i])); } return $d; })
@php($sun = max(1.0, max(array_map(fn ($d) => $d->solarOfferedWh(), $one->days))))
<div class="scroll"><svg class="draw" viewBox="0 0 916 226" role="img" aria-label="State of charge through the stay. @foreach ($cases as $which => $o){{ $which }}: lowest {{ round($o->lowestSocPct()) }} percent, {{ $o->daysServed() }} of {{ $days }} days served. @endforeach">
    @foreach ($one->days as $i => $d)
        <rect class="{{ $d->isServed() ? 'f-none' : 'f-rust-wash' }}" x="{{ round(56 + $i * $w, 1) }}" y="10" width="{{ round($w, 1) }}" height="140"/>
        <line class="grid" x1="{{ round(56 + $i * $w, 1) }}" x2="{{ round(56 + $i * $w, 1) }}" y1="10" y2="208"/>
        <text class="axis mid" x="{{ round(56 + ($i + .5) * $w, 1) }}" y="222">{{ $i + 1 }}</text>
        @php($tall = $d->solarOfferedWh() / $sun * 34)
        <rect class="f-gorse-wash" x="{{ round(56 + $i * $w + $w * .2, 1) }}" y="{{ round(206 - $tall, 1) }}" width="{{ round($w * .6, 1) }}" height="{{ round($tall, 1) }}"/>
        <rect class="f-gorse" x="{{ round(56 + $i * $w + $w * .2, 1) }}" y="{{ round(206 - $d->solarWh / $sun * 34, 1) }}" width="{{ round($w * .6, 1) }}" height="{{ round($d->solarWh / $sun * 34, 1) }}"/>
        @if ($d->day->drives && $d->alternatorWh > 0)<text class="axis mid" x="{{ round(56 + ($i + .3) * $w, 1) }}" y="166">▲</text>@endif
        @if ($d->day->hookedUp)<text class="axis mid" x="{{ round(56 + ($i + .7) * $w, 1) }}" y="166">⌁</text>@endif
    @endforeach
    @foreach ([0, 50, 100] as $soc)<line class="grid" x1="52" x2="896" y1="{{ $y($soc) }}" y2="{{ $y($soc) }}"/><text class="axis end" x="48" y="{{ $y($soc) + 4 }}">{{ $soc }} %</text>@endforeach
    <text class="axis end" x="48" y="206">sun</text>
    @if (isset($cases['found']))<path class="s-tarn" stroke-dasharray="6 4" d="{{ $curve($cases['found']) }}"/>@endif
    @if (isset($cases['planned']))<path class="s-heather" d="{{ $curve($cases['planned']) }}"/>@endif
    <line class="s-ink" x1="56" x2="896" y1="206" y2="206"/>
</svg></div>
<p class="small muted flex flex-wrap gap-x-5"><span><span class="text-heather">━</span> planned</span>@if (isset($cases['found']))<span><span class="text-tarn">┅</span> found</span>@endif<span><span class="text-gorse">■</span> sun used, pale: offered</span><span>▲ driven</span><span>⌁ hooked up</span><span class="text-rust">shaded days: not all was served, {{ $stay->planned ? 'planned' : 'found' }}</span></p>
@if ($may)
    <form method="post" action="{{ route('stay.update', $job) }}" data-live class="mt-3">
        @csrf @method('put')<input type="hidden" name="_form" value="stay"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
        <div class="stay-days" role="group" aria-label="Days of the stay">
            <span class="small muted">driven</span>@foreach (range(1, $days) as $d)<label class="dot"><input type="checkbox" name="drive[]" value="{{ $d }}" @checked(in_array($d, $stay->stay->drive, true))><span class="sr-only">day {{ $d }} driven</span></label>@endforeach
        </div>
        <div class="stay-days" role="group" aria-label="Hook-ups of the stay">
            <span class="small muted">hooked up</span>@foreach (range(1, $days) as $d)<label class="dot"><input type="checkbox" name="hook_up[]" value="{{ $d }}" @checked(in_array($d, $stay->stay->hookUp, true))><span class="sr-only">day {{ $d }} hooked up</span></label>@endforeach
        </div>
        <div class="stay-days" role="group" aria-label="Bright days of the stay">
            <span class="small muted">bright</span>@foreach (range(1, $days) as $d)<label class="dot"><input type="checkbox" name="bright[]" value="{{ $d }}" @checked(in_array($d, $stay->stay->bright, true))><span class="sr-only">day {{ $d }} bright</span></label>@endforeach
        </div>
        <div class="stay-days" role="group" aria-label="Grey days of the stay">
            <span class="small muted">grey</span>@foreach (range(1, $days) as $d)<label class="dot"><input type="checkbox" name="grey[]" value="{{ $d }}" @checked(in_array($d, $stay->stay->grey, true))><span class="sr-only">day {{ $d }} grey</span></label>@endforeach
        </div>
        <p class="small muted">Where neither is ticked the sky comes as it comes in that month; bright is its clearest tenth, grey its dullest.</p>
        <div class="form-grid mt-2">
            <x-field form="stay" label="Month" name="month" :value="$stay->stay->month" :options="[0 => 'the poorest on the road'] + collect(range(1, 12))->mapWithKeys(fn ($m) => [$m => DateTime::createFromFormat('!n', (string) $m)->format('F')])->all()" />
            <x-field form="stay" label="Days" name="days" :value="$stay->stay->days" inputmode="numeric" />
        </div>
        <noscript><div class="actions"><button class="btn plain">Play it through</button></div></noscript>
    </form>
@endif
<table class="stack mt-4"><caption class="sr-only">The stay in figures</caption>
    <thead><tr><th scope="col">Over {{ $days }} days</th><th scope="col" class="n">Days served</th><th scope="col" class="n">Lowest charge</th><th scope="col" class="n">▲ Sun</th><th scope="col" class="n">▲ Driving</th><th scope="col" class="n">▲ Hook-up</th><th scope="col" class="n">Sun not used</th><th scope="col" class="n">▽ Served</th><th scope="col" class="n">Not served</th></tr></thead>
    <tbody>@foreach ($cases as $which => $o)<tr><td>{{ ucfirst($which) }}</td><td class="n num" data-label="Days served">{{ $o->daysServed() }}</td><td class="n num" data-label="Lowest charge">{{ $show->text($o->lowestSocPct(), '%') }}</td><td class="n num" data-label="Sun">{{ $show->text($o->sum(fn ($d) => $d->solarWh), 'Wh') }}</td><td class="n num" data-label="Driving">{{ $show->text($o->sum(fn ($d) => $d->alternatorWh), 'Wh') }}</td><td class="n num" data-label="Hook-up">{{ $show->text($o->sum(fn ($d) => $d->shoreWh), 'Wh') }}</td><td class="n num" data-label="Sun not used">{{ $show->text($o->sum(fn ($d) => $d->curtailedWh), 'Wh') }}</td><td class="n num" data-label="Served">{{ $show->text($o->sum(fn ($d) => $d->servedWh), 'Wh') }}</td><td class="n num" data-label="Not served">{{ $show->text($o->sum(fn ($d) => $d->unservedWh), 'Wh') }}</td></tr>@endforeach</tbody></table>
<details class="mt-2"><summary class="linkish">Day by day, {{ $stay->planned ? 'planned' : 'found' }}</summary>
    <table class="stack"><caption class="sr-only">Day by day</caption><thead><tr><th scope="col">Day</th><th scope="col" class="n">Clearness</th><th scope="col" class="n">Night</th><th scope="col" class="n">Sun</th><th scope="col" class="n">Driving</th><th scope="col" class="n">Hook-up</th><th scope="col" class="n">Served</th><th scope="col" class="n">Not served</th><th scope="col" class="n">Lowest</th></tr></thead>
    <tbody>@foreach ($one->days as $i => $d)<tr><td>{{ $i + 1 }}</td><td class="n num" data-label="Clearness">{{ $show->text($d->day->weather->clearness) }}</td><td class="n num" data-label="Night">{{ $show->text($d->day->weather->minC, '°C') }}</td><td class="n num" data-label="Sun">{{ $show->text($d->solarWh, 'Wh') }}</td><td class="n num" data-label="Driving">{{ $show->text($d->alternatorWh, 'Wh') }}</td><td class="n num" data-label="Hook-up">{{ $show->text($d->shoreWh, 'Wh') }}</td><td class="n num" data-label="Served">{{ $show->text($d->servedWh, 'Wh') }}</td><td class="n num" data-label="Not served">{{ $show->text($d->unservedWh, 'Wh') }}</td><td class="n num" data-label="Lowest">{{ $show->text($d->lowestSocPct, '%') }}</td></tr>@endforeach</tbody></table>
</details>
