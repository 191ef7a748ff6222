<p class="muted">{{ $page->works() }}</p>
<h1>{{ $page->word('title') }}</h1>
@foreach ($page->pages() as $k => $trouble)
    <details @if ($k === 0) open @endif @class(['hot' => $trouble['trouble'] === 'hot'])>
        <summary><h2>{{ $trouble['title'] }}</h2></summary>
        <ol>
            @foreach ($trouble['steps'] as $step)
                <li><p>{{ $step['says'] }} @if ($step['where'])<span class="muted">{{ $step['where'] }}</span>@endif</p>
                    @foreach ($step['pictures'] as $sha256)<img src="{{ $page->photo($sha256) }}" alt="">@endforeach</li>
            @endforeach
        </ol>
    </details>
@endforeach
<p class="night-call">{{ $page->who() }}@if ($page->phone()), <a href="tel:{{ str_replace(' ', '', $page->phone()) }}">{{ $page->phone() }}</a>@endif</p>
<p class="muted">{{ $page->say() }}</p>
