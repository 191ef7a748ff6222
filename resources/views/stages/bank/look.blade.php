<form method="get" action="{{ route('bank', $job) }}" class="map-form mt-3" data-look>
    <div class="field"><label for="b-layout">Layout</label>
        <select id="b-layout" name="layout"><option value="">as drawn in the plan</option>
            @foreach ($page->layouts() as $l)<option value="{{ $l->value }}" @selected($page->desk->layout === $l)>{{ $say->name($l) }}</option>
                @endforeach</select></div>
    <div class="field"><label for="b-beside">Beside it</label>
        <select id="b-beside" name="beside">@foreach ($page->layouts() as $l)<option value="{{ $l->value }}" @selected($page->desk->other ===
            $l)>{{ $say->name($l) }}</option>@endforeach</select></div>
    <div class="field narrow"><label for="b-load">Load, A</label><input id="b-load" name="load" value="{{ $show->field($page->desk->loadA) }}"
        inputmode="text"></div>
    <div class="field narrow"><label for="b-mm2">Links, mm²</label><input id="b-mm2" name="mm2" value="{{ $show->field($page->desk->mm2) }}"
        inputmode="decimal"></div>
    <div class="field narrow"><label for="b-link">Link, m</label><input id="b-link" name="link_m" value="{{ $show->field($page->desk->linkM) }}"
        inputmode="decimal"></div>
    <div class="field narrow"><label for="b-lead">Lead, m</label><input id="b-lead" name="lead_m" value="{{ $show->field($page->desk->leadM) }}"
        inputmode="decimal"></div>
    <noscript><button class="btn plain">Look</button></noscript>
</form>
<p class="small muted mt-1">A negative load is a charge. Touch a terminal to move its take-off; touch a link’s amps to make its joint loose by
    {{ $show->text($page->desk->looseMohm) }} mΩ.</p>
