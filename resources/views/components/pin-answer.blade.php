@props(['at', 'job'])
@if ($at->map === null)
    <p class="muted">There is no battery or no panel in the library to ask with.</p>
@else
    <div class="label">{{ $at->count() }} × {{ $say->part($at->pin->battery) }}, {{ $at->pin->count }} × {{ $say->part($at->pin->panel) }}</div>
    <div class="value big-answer" data-answer>{{ $at->days() }}<small>{{ $at->of() }}</small></div>
    <p>@if ($at->short() === '')<span class="tag good">{{ $at->enough() }}</span>@else<span class="tag look">{{ $at->short() }}</span>@endif</p>
    <dl class="pairs">
        <div><dt>One more {{ $at->map->battery->parts === 1 ? 'battery' : 'string' }}</dt>
            <dd class="num">{{ $at->gain($at->worth->battery) }}@if ($at->map->battery->price) <small>for
                {{ $show->text($at->map->battery->price, '¤') }}</small>@endif</dd></div>
        <div><dt>One more panel</dt>
            <dd class="num">{{ $at->gain($at->worth->panel) }}@if ($at->map->panel->price) <small>for
                {{ $show->text($at->map->panel->price, '¤') }}</small>@endif</dd></div>
        <div><dt>Parts</dt><dd class="num">{{ $at->price() === null ? 'no price' : $show->text($at->price(), '¤') }}
            <small>{{ $show->text($at->map->massKg($at->pin->strings, $at->pin->count), 'kg') }}</small></dd></div>
    </dl>
    <p class="small">{{ $at->better() }}</p>
    @foreach ($at->broken() as $fence)<p class="small text-rust"><b aria-hidden="true">┅</b> Past the limit: {{ $say->said($fence->words) }}.</p>@endforeach
    <p class="small">⚑ {{ $at->cheapest() }}</p>
    @may('plan', $job)
        @if ($at->canBePlanned())
            <form method="post" action="{{ route('plan.update', $job) }}">@csrf @method('put')<input type="hidden" name="battery"
                value="{{ $at->pin->battery->uid }}"><input type="hidden" name="batteries" value="{{ $at->count() }}">
                <input type="hidden" name="panel" value="{{ $at->pin->panel->uid }}"><input type="hidden" name="panels" value="{{ $at->pin->count }}">
                <button class="btn">Make this the plan</button>
                <x-keep-choice form="pin" :suggest="$at->count() . ' × ' . $at->pin->battery->typedName() . ', ' . $at->pin->count . ' × ' .
                    $at->pin->panel->typedName()" />
            </form>
        @endif
    @endmay
@endif
