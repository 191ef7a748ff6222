@props(['figures'])
<details class="how"><summary>how</summary><div class="how-box">{{ App\Words\HowTree::of($figures, $show, $say) }}</div></details>
