@props(['together'])
<div class="section">
    <div class="section-head"><h2>What can run together</h2><span class="aside">on the planned inverter and bank, {{ $show->text($together->limitW, 'W') }} at
        the outlets</span></div>
    <div class="two">
        <ul>@foreach (array_slice($together->largest, 0, 6) as $set)<li class="py-1"><span class="text-fern font-semibold">✓</span>
            {{ collect($set)->map->called()->implode(' + ') }} <span class="muted small">{{ $show->text($together->roomBeside(...$set), 'W') }} to spare</span>
            </li>@endforeach</ul>
        <ul>@foreach (array_slice($together->alone, 0, 8) as $one)<li class="py-1"><span class="text-rust font-semibold">✗</span> {{ $one->name }} <span
            class="muted small">not even alone</span></li>@endforeach
            @foreach (array_slice($together->never, 0, 8) as [$one, $other])<li class="py-1"><span class="text-rust font-semibold">✗</span> {{ $one->name }}
                with {{ $other->name }}</li>@endforeach
            @if ($together->alone === [] && $together->never === [])<li class="muted py-1">No pair is too much.</li>@endif</ul>
    </div>
</div>
