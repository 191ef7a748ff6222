@props(['figures'])
<details class="how"><summary>how</summary><div class="how-box">{{ $say->inputs($figures) }}</div></details>
