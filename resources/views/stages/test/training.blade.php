<x-layout title="Practice" :bench="$bench" :stage="$stage">
    <p class="small"><a href="{{ route('test', $job) }}">← Test</a></p>
    <div class="stage-head"><h1>One joint may be bad. Which?</h1><span class="aside">simulated on this vehicle; nothing is noted</span></div>
    @if ($page->way === null)
        <x-empty title="Nothing to practise on yet"><p>A way from the bank to a device is drawn on Wiring; then a joint of it can be bad in
            secret.</p></x-empty>
    @else
        <p class="lead">{{ $show->text($page->amps(), 'A', 0) }} flow from the bank to {{ $page->ways()[$page->way->part->uid] }} and back. Hold the
            meter between two points, as often as you need, then name the joint: the fewer measurements, the better.</p>
        @if (count($page->ways()) > 1)
            <form method="get" action="{{ route('test.training', $job) }}" class="flex flex-wrap items-end gap-3">
                <x-field form="way" label="On the way to" name="way" :value="$page->way->part->uid" :options="$page->ways()" />
                <button class="btn plain">Another vehicle</button></form>
        @endif
        @if ($page->isOpen())
            <form method="get" action="{{ route('test.training', $job) }}" class="mt-4 flex flex-wrap items-end gap-3" data-practice>
                <input type="hidden" name="way" value="{{ $page->way->part->uid }}"><input type="hidden" name="seed" value="{{ $page->seed }}">
                @foreach ($page->pairs() as $pair)<input type="hidden" name="m[]" value="{{ $pair }}">@endforeach
                <x-field form="between" label="Meter from" name="from" :options="$page->points()" value="0" />
                <x-field form="between" label="to" name="to" :options="$page->points()" value="{{ $page->wholeTo() }}" />
                <button class="btn">Read it</button></form>
            @error('m')<div class="error">{{ $message }}</div>@enderror
        @else
            <p class="mt-4"><strong>{{ $page->isRight() ? '✓ Right.' : '✗ Not that one.' }}</strong> {{ $page->told() }}</p>
            <p><a class="btn plain" href="{{ $page->url(new: true) }}">Another one</a></p>
        @endif
        @if ($page->readings() !== [])
            <x-table caption="What the meter showed" :head="['From', 'To', '#Shows', '#Promised']">
                @foreach ($page->readings() as $r)<tr><td class="small">{{ $r['from'] }}</td><td class="small" data-label="To"><span>{{ $r['to'] }}</span></td>
                    <td class="n num" data-label="Shows">{{ $show->text(1000 * $r['read']->volts, 'mV', 0) }}</td>
                    <td class="n num" data-label="Promised">{{ $show->text(1000 * $r['promised'], 'mV', 0) }}</td></tr>@endforeach
            </x-table>
        @endif
        @if ($page->isOpen())
            <h2 class="mt-5">Name it</h2>
            <ul class="mt-2">@foreach ($page->pieces() as $p)<li class="py-1">
                <a class="linkish" href="{{ $p['url'] }}">{{ ucfirst($p['says']) }}</a></li>@endforeach
                <li class="py-1"><a class="linkish" href="{{ $page->url(['named' => 'none']) }}">None of them is bad</a></li></ul>
        @endif
    @endif
    <x-caution>On a real vehicle the meter stands on live posts: insulated probes, one hand, nothing loose. No measuring on mains.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
