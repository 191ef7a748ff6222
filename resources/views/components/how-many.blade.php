@props(['figures'])
<details class="how"><summary>how</summary><div class="how-box"><ul>@foreach ($figures as $figure)<x-how-line :figure="$figure" />@endforeach</ul></div></details>
