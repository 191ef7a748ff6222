@props(['figure', 'label' => null, 'left' => false])
<div class="stat">
    <div class="label">{{ $label ?? ucfirst($say->label($figure)) }} {{ $say->how($figure, $left) }}</div>
    <div class="value">@if ($figure->restsOnAssumption())<abbr class="assumed"
        title="Rests on an assumed value: ask how">≈</abbr>@endif{{ $show->parts($figure->value, $figure->unit)[0] }}<small>{{ $show->parts($figure->value,
        $figure->unit)[1] }}</small></div>
</div>
