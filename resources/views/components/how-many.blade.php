@props(['figures'])
<details class="how"><summary>how</summary><div class="how-box">{{ App\Support\HowTree::of($figures, $show) }}</div></details>
