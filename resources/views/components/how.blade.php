@props(['figure', 'left' => false])
<details class="how {{ $left ? 'left' : '' }}"><summary>how<span class="sr-only"> is {{ $figure->label }} found</span></summary><div class="how-box">
    <strong>{{ $figure->label }}</strong> <span class="num">{{ $show->figure($figure) }}</span>
    @if ($figure->formula)<div class="formula">= {{ $figure->formula }}</div>@endif
    {{ App\Support\HowTree::of($figure->inputs, $show) }}
    @if ($figure->source)<div class="source">Source: {{ $figure->source }}</div>@endif
</div></details>
