@props(['figure', 'label' => null, 'left' => false])
@php([$number, $unit] = $show->parts($figure->value, $figure->unit))
<div class="stat">
    <div class="label">{{ $label ?? ucfirst($say->label($figure)) }} <x-how :figure="$figure" :left="$left" /></div>
    <div class="value">@if ($figure->restsOnAssumption())<abbr class="assumed" title="Rests on an assumed value: ask how">≈</abbr>@endif{{ $number }}<small>{{ $unit }}</small></div>
</div>
