@props(['pin', 'job'])
@php($map = $pin->map)
@if ($map === null)
    <p class="muted">There is no battery or no panel in the library to ask with.</p>
@else
@php($worth = $pin->worth())
@php($year = $map->month === 0)
@php($value = fn (float $v) => $year ? $show->text($v) . ' %' : ($v >= Pebblefell\Trip\EnduranceMap::MOST_DAYS ? 'no end' : $show->text($v) . ' d'))
@php($count = $pin->strings * $map->battery->parts)
@php($broken = $map->broken($pin->strings, $pin->count))
@php($price = $map->price($pin->strings, $pin->count))
@php($cheapest = $map->cheapest())
<div class="label">{{ $count }} × {{ $say->part($pin->battery) }}, {{ $pin->count }} × {{ $say->part($pin->panel) }}</div>
<div class="value big-answer" data-answer>{{ $year ? $show->text($worth->now) : ($worth->now >= 60 ? '60+' : $show->text($worth->now)) }}<small>{{ $year ? '% of days served' : ($worth->now >= 60 ? 'days, no end in sight' : 'days until empty') }}</small></div>
<p>@if ($worth->now >= $map->wish - 1e-9)<span class="tag good">the wish is fulfilled</span>@else<span class="tag look">{{ $year ? $show->text($map->wish - $worth->now) . ' % short of the wish' : $show->text($map->wish - $worth->now) . ' days short of the wish' }}</span>@endif</p>
<dl class="pairs">
    <div><dt>One more {{ $map->battery->parts === 1 ? 'battery' : 'string' }}</dt><dd class="num">+{{ $value($worth->battery) }}@if ($map->battery->price) <small>for {{ $show->text($map->battery->price, '¤') }}</small>@endif</dd></div>
    <div><dt>One more panel</dt><dd class="num">+{{ $value($worth->panel) }}@if ($map->panel->price) <small>for {{ $show->text($map->panel->price, '¤') }}</small>@endif</dd></div>
    <div><dt>Parts</dt><dd class="num">{{ $price === null ? 'no price' : $show->text($price, '¤') }} <small>{{ $show->text($map->massKg($pin->strings, $pin->count), 'kg') }}</small></dd></div>
</dl>
<p class="small">@switch($worth->better)
    @case('battery')Here {{ $worth->byMoney ? 'money' : 'weight' }} goes further in <strong>battery</strong>: the sun that is there cannot all be stored, or there is too little of it.@break
    @case('panel')Here {{ $worth->byMoney ? 'money' : 'weight' }} goes further in <strong>panel</strong>: the bank would hold more than the sun brings.@break
    @case('either')Battery and panel are worth the same here.@break
    @default Neither gains anything here: {{ $worth->now >= $map->wish ? 'it carries already' : 'something else must charge' }}.
@endswitch</p>
@foreach ($broken as $fence)<p class="small text-rust"><b aria-hidden="true">┅</b> Past the limit: {{ $say->said($fence->words) }}.</p>@endforeach
@if ($cheapest)<p class="small">⚑ {{ $price === null ? 'Lightest' : 'Cheapest' }} inside the limits: {{ $cheapest[0] * $map->battery->parts }} × battery, {{ $cheapest[1] }} × panel{{ ($least = $map->price(...$cheapest)) === null ? '' : ', ' . $show->text($least) }}.</p>
@else<p class="small">⚑ Nothing inside the limits fulfils the wish.</p>@endif
@can('plan', $job)@if (is_numeric($pin->battery->uid) && is_numeric($pin->panel->uid))
    <form method="post" action="{{ route('plan.update', $job) }}">@csrf @method('put')<input type="hidden" name="battery" value="{{ $pin->battery->uid }}"><input type="hidden" name="batteries" value="{{ $count }}"><input type="hidden" name="panel" value="{{ $pin->panel->uid }}"><input type="hidden" name="panels" value="{{ $pin->count }}"><button class="btn">Make this the plan</button></form>
@endif @endcan
@endif
