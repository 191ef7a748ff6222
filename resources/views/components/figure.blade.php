@props(['figure', 'left' => false])
@php([$number, $unit] = $show->parts($figure->value, $figure->unit))
<span class="num">@if ($figure->restsOnAssumption())<abbr class="assumed" title="Rests on an assumed value: ask how">≈</abbr>@endif{{ $number }}<small>{{ $unit }}</small></span> <x-how :figure="$figure" :left="$left" />
