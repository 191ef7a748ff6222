@props(['form', 'row', 'appliance', 'may'])
<svg class="strip {{ $row->side->value }}" viewBox="0 0 96 1" preserveAspectRatio="none" shape-rendering="crispEdges" data-field="{{ $form }}-hours"
    data-name="{{ $row->name }}" @if ($may) tabindex="0" role="application" aria-label="Hours of {{ $row->name }}: arrows move, space switches, enter saves"
    @else role="img" aria-label="Hours of {{ $row->name }}" @endif>
@for ($i = 0; $i < 96; $i++)<rect class="cell{{ $appliance?->hours->contains($i / 4 + 0.125) ? ' on' : '' }}" x="{{ $i }}" y="0.06" width="1.02"
    height="0.88"/>@endfor
<path d="@for ($h = 0; $h <= 24; $h++)M{{ $h * 4 }} .06v.88 @endfor" vector-effect="non-scaling-stroke"/>
<rect class="cursor" x="0" y="0.03" width="1" height="0.94" vector-effect="non-scaling-stroke" visibility="hidden"/></svg>
