@props(['figure', 'left' => false])
<details class="how {{ $left ? 'left' : '' }}"><summary>how<span class="sr-only"> is {{ $say->label($figure) }} found</span></summary><div class="how-box">
    <strong>{{ ucfirst($say->label($figure)) }}</strong> <span class="num">{{ $show->figure($figure) }}</span>
    @if ($figure->formula)<div class="formula">= {{ $say->formula($figure) }}</div>@endif
    {{ App\Words\HowTree::of($figure->inputs, $show, $say) }}
    @if ($figure->source)<div class="source">Source: {{ $say->source($figure) }}</div>@endif
</div></details>
