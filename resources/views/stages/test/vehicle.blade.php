<x-layout title="Practice" :bench="$bench" :stage="$stage">
    <p class="small"><a href="{{ route('test', $job) }}">← Test</a></p>
    <div class="stage-head"><h1>Something may be bad. What?</h1><span class="aside">simulated on this vehicle; nothing is noted</span></div>
    @if ($page->vehicle === null)
        <x-empty title="Nothing to practise on yet"><p>A load hangs on a way that is drawn on Wiring; then a lug, a battery or a sensor can be bad in
            secret.</p></x-empty>
    @else
        <p class="lead">A loose lug, a tired battery, a dead sensor, or nothing. Take the readings that you need, in any order, then name it: the fewer,
            the better.</p>
        @if (! $page->isOpen())
            <p class="mt-3"><strong>{{ $page->isRight() ? '✓ Right.' : '✗ Not that.' }}</strong> {{ $page->told() }}</p>
            @if ($page->says())<p class="small"><strong>By what was read:</strong> {{ $page->says() }}</p>@endif
            <p><a class="btn plain" href="{{ $page->url(new: true) }}">Another one</a></p>
        @endif
        @foreach ($page->steps() as $step)
            <h2 class="mt-4">{{ $step['title'] }}</h2>
            @foreach ($step['rows'] as $row)
                <div class="flex flex-wrap gap-x-4 items-baseline py-1"><span class="grow">{{ $row['says'] }}
                        @if ($row['read'] && $row['promised'])<span class="small muted">promised {{ $row['promised'] }}</span>@endif</span>
                    @if ($row['read'])<strong class="num">{{ $row['read'] }}</strong>
                    @elseif ($page->isOpen())<a class="linkish" href="{{ $page->url(['read' => $row['step']]) }}">Read it<span class="sr-only">:
                        {{ $step['title'] }}, {{ $row['says'] }}</span></a>@endif</div>
            @endforeach
        @endforeach
        <h2 class="mt-4">The battery’s temperature sensor</h2>
        <p class="py-1">@if ($page->sensor()){{ $page->sensor() }}@elseif ($page->isOpen())<a class="linkish"
            href="{{ $page->url(['read' => 'sensor']) }}">Lay a hand about it</a>@endif</p>
        @if ($page->isOpen())
            <h2 class="mt-4">Name it</h2>
            <ul>@foreach ($page->names() as $name)<li class="py-1"><a class="linkish" href="{{ $name['url'] }}">{{ ucfirst($name['says']) }}</a></li>
                @endforeach</ul>
            <p class="small mt-3"><a href="{{ route('test.vehicle.readings', [$job, 'seed' => $page->seed]) }}">All its readings as JSON lines</a>, as an
                instrument would hand them over.</p>
        @endif
    @endif
    <x-caution>On a real vehicle the meter stands on live posts: insulated probes, one hand, nothing loose. No measuring on mains.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
