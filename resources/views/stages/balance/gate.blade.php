<div class="gate {{ $page->isGateOpen() ? 'join' : $page->gate->answer }}" role="status" data-gate="{{ $page->isJoined() ? 'joined' : $page->gate->answer }}">
    <svg class="draw" viewBox="0 0 120 70" aria-hidden="true"><path class="post" d="M14 66V14M106 66V14"/>
        @if ($page->isGateOpen())<path class="leaf" d="M14 22L34 10M14 58L34 46M34 10V46M106 22L86 10M106 58L86 46M86 10V46"/>
        @else<path class="leaf" d="M14 22H58M14 40H58M14 58H58M106 22H62M106 40H62M106 58H62M58 18V62M62 18V62"/>@endif
    </svg>
    <div><strong class="answer">{{ $page->answer() }}</strong>
        @if ($page->isJoined())
            <p>@if (($levelling = $page->gate->rush?->levelling())?->hours !== null)By what is known of their charge they are even to half an ampere
                after {{ $show->text($levelling->hours, 'h') }}; {{ $show->text($levelling->movedAh, 'Ah') }} still move.@endif
                Leave them 12 to 16 hours; now they read {{ $show->text(1000 * ($page->gate->spreadV ?? 0)) }} mV apart.</p>
            @if ($page->against)<ul>@foreach ($page->against as $reason)<li>{{ ucfirst($say->said($reason)) }}.</li>@endforeach</ul>
            @else<p>They read alike: the result can be kept.</p>@endif
        @else
            <ul>@foreach (array_slice($page->gate->reasons, 0, 5) as $reason)<li>{{ ucfirst($say->said($reason)) }}.</li>@endforeach</ul>
            @if ($page->rush() !== '')<p class="small muted">{{ $page->rush() }}</p>@endif
        @endif
    </div>
</div>
