<form method="get" action="{{ route('size', $job) }}" class="map-form mt-3" data-map-form>
    <div class="field"><label for="map-battery">Battery</label>
        <select id="map-battery" name="battery">
            @foreach ($page->pin->batteries as $b)<option value="{{ $b->uid }}" @selected($page->pin->battery?->uid === $b->uid)>{{ $say->part($b) }}</option>
                @endforeach
            @if (! is_numeric($page->pin->battery->uid))<option value="" selected>{{ $say->part($page->pin->battery) }}, as planned</option>@endif
        </select></div>
    <div class="field"><label for="map-panel">Panel</label>
        <select id="map-panel" name="panel">
            @foreach ($page->pin->panels as $p)<option value="{{ $p->uid }}" @selected($page->pin->panel?->uid === $p->uid)>{{ $say->part($p) }}</option>
                @endforeach
            @if (! is_numeric($page->pin->panel->uid))<option value="" selected>{{ $say->part($page->pin->panel) }}, as planned</option>@endif
        </select></div>
    <div class="field"><label for="map-in">Coming in</label>
        <select id="map-in" name="in">@foreach ($asked->income() as $in => $name)<option value="{{ $in }}" @selected($page->pin->in->value ===
            $in)>{{ $name }}</option>@endforeach</select></div>
    @if ($asked->isSunny())<div class="field"><label for="map-month">Time</label>
        <select id="map-month" name="month">@foreach ($asked->times() as $m => $name)<option value="{{ $m }}" @selected($page->pin->month ===
            $m)>{{ $name }}</option>@endforeach</select></div>
    @else<input type="hidden" name="month" value="{{ $page->pin->month }}">@endif
    <div class="field narrow"><label for="map-strings">{{ $page->pin->map->battery->parts === 1 ? 'Batteries' : 'Strings' }}</label>
        <input id="map-strings" name="strings" type="number" min="1" max="{{ $page->pin->map->mostStrings() }}" value="{{ $page->pin->strings }}"
            data-pin-strings></div>
    <div class="field narrow"><label for="map-panels">Panels</label>
        <input id="map-panels" name="panels" type="number" min="0" max="{{ $page->pin->map->mostPanels() }}" value="{{ $page->pin->count }}"
            data-pin-panels></div>
    <noscript><button class="btn plain">Look</button></noscript>
</form>
<div class="mt-2"><x-endurance :pin="$page->pin" :map="$page->pin->map" :words="$mapWords" :at="$at" :job="$job" :sketch="$page->map()" /></div>
<p class="small muted">{{ $asked->counted() }}</p>
