<x-layout title="Measured">
    <h1>Do our promises hold?</h1>
    <p class="lead">What was promised beside what was measured, over all jobs. Few jobs say little.</p>
    <div class="section"><div class="section-head"><h2>Budgets</h2>
        <span class="aside">{{ count($budgets) }} log{{ count($budgets) === 1 ? '' : 's' }}; what left
        the battery is the least that was used</span></div>
        @if ($budgets === [])<p class="muted">No owner’s log has been read yet.</p>
        @else<x-table caption="Budgets" :head="['Job', '#Planned a day', '#Out of the battery a day', '#Of the plan']">
            @foreach ($budgets as $b)<tr><td><a href="{{ route('aftercare', $b['job']) }}">{{ $b['title'] }}</a></td>
                <td class="n num" data-label="Planned">{{ $show->text($b['planned'], 'Wh', 0) }}</td><td class="n num" data-label="Out">{{
                $show->text($b['out'], 'Wh', 0) }}</td><td class="n num" data-label="Of the plan">{{ $show->text($b['share'], '%', 0) }}</td></tr>@endforeach
        </x-table>@endif</div>
    <div class="section"><div class="section-head"><h2>Durations</h2><span class="aside">what past jobs took, by what is done</span></div>
        @if ($durations === [])<p class="muted">Each speaks once three jobs have done it.</p>
        @else<x-table caption="Durations" :head="['Step', '#Median', '#Half lie between', '#Jobs']">
            @foreach ($durations as $d)<tr><td>{{ $d['title'] }}</td><td class="n num" data-label="Median">{{ $d['median'] }}</td>
                <td class="n num" data-label="Half lie between">{{ $d['spread'] }}</td><td class="n num" data-label="Jobs">{{ $d['jobs'] }}</td></tr>@endforeach
        </x-table>@endif</div>
    <div class="section"><div class="section-head"><h2>Batteries</h2><span class="aside">capacity tests over the label, the poorest first</span></div>
        @if ($batteries === [])<p class="muted">No capacity was measured yet.</p>
        @else<x-table caption="Batteries" :head="['Model', '#Of the label', '#The poorest', '#Tests', '#Jobs']">
            @foreach ($batteries as $b)<tr><td>{{ $b['model'] }}</td><td class="n num" data-label="Of the label">{{ $show->text($b['share'], '%', 0) }}</td>
                <td class="n num" data-label="The poorest">{{ $show->text($b['least'], '%', 0) }}</td><td class="n num" data-label="Tests">{{ $b['tests']
                }}</td><td class="n num" data-label="Jobs">{{ $b['jobs'] }}</td></tr>@endforeach
        </x-table>@endif</div>
</x-layout>
