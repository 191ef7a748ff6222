@props(['figure'])
<li>{{ $figure->label }}: <span class="num">{{ $show->figure($figure) }}</span>@if ($figure->origin === Pebblefell\Finding\Origin::Assumed) <span class="assumed">assumed</span>@elseif ($figure->origin === Pebblefell\Finding\Origin::DataSheet) <span class="muted">data sheet</span>@elseif ($figure->origin === Pebblefell\Finding\Origin::Measured) <span class="muted">measured</span>@endif
@if ($figure->formula)<span class="formula"> = {{ $figure->formula }}</span>@endif
@if ($figure->source && $figure->source !== 'first principles')<span class="muted small"> ({{ $figure->source }})</span>@endif
@if ($figure->inputs)<ul>@foreach ($figure->inputs as $input)<x-how-line :figure="$input" />@endforeach</ul>@endif</li>
