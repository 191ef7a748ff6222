<x-layout title="Test" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.test') }}</h1><span class="aside">{{ $page->good() }} of {{ count($page->proven->rows) }}
        proven</span></div>
    @if (! $page->isThere())
        <p class="lead">Choose the bank first: what is promised follows from it.</p>
        <div class="mt-5"><x-empty title="Nothing to prove yet"><p>With a planned bank each source, load and joint gets its limits here.</p></x-empty></div>
    @else
        <p class="lead">
            @if ($page->misses() > 0)<strong>{{ $page->misses() }} {{ $page->misses() === 1 ? 'line is' : 'lines are' }} not as promised.</strong>
            @elseif ($page->open() === 0)Everything is as promised.
            @elseif ($page->good() === 0)Nothing is proven yet.
            @else So far it is as promised.@endif
            @if ($page->open() > 0) {{ $page->open() }} to go.@endif
            @if ($page->hunting->ways() !== [])<a href="{{ route('test.proof', $job) }}">The ten-minute proof</a>.@endif
        </p>
        @if ($chart = $page->chart())
            <svg class="draw" viewBox="{{ $chart->frame->viewBox() }}" role="img" aria-label="Readings against their limits: {{ $page->good() }} within,
                {{ $page->misses() }} outside, {{ $page->open() }} open">
                <rect class="f-fern-wash" x="{{ $chart->lowX }}" y="{{ $chart->frame->top }}" width="{{ $chart->highX - $chart->lowX }}"
                    height="{{ $chart->frame->boxHeight() }}"/>
                @foreach ($chart->rows as $row)
                    <line class="grid" x1="{{ $chart->frame->left }}" x2="{{ $chart->frame->right }}" y1="{{ $row['y'] }}" y2="{{ $row['y'] }}"/>
                    <text x="0" y="{{ $row['y'] + 4 }}" @class(['t-muted' => $row['open']])>{{ $row['label'] }}</text>
                    @if ($row['x'] !== null && $row['good'])<circle class="f-heather" cx="{{ $row['x'] }}" cy="{{ $row['y'] }}" r="5"/>
                    @elseif ($row['x'] !== null)<path class="f-rust" d="M{{ $row['x'] }} {{ $row['y'] - 8 }}l8 8-8 8-8-8z"/>@endif
                @endforeach
            </svg>
            <p class="small muted flex flex-wrap gap-x-5"><span><span class="text-heather">●</span> within its limits</span>
                <span><span class="text-rust">◆</span> outside</span><span>the band: from the low limit to the high one of each line</span></p>
        @endif
        @error('step')<p class="wrong">{{ $message }}</p>@enderror
        @foreach ($page->groups() as $group)
            <x-fold :id="'test-' . $group['group']" :title="__('tests.groups.' . $group['group'])" :answer="$group['answer']" :open="$group['wrong']"
                data-keep-page>
                @unfolded('test-' . $group['group'], $group['wrong'])
                @foreach ($group['rows'] as ['check' => $check, 'tick' => $tick, 'verdict' => $verdict])
                    @include('stages.test.check')
                @endforeach
                @endunfolded
            </x-fold>
        @endforeach
        @if ($page->batteries() !== [])
            <x-fold id="capacity" title="Capacity, by discharge" :answer="$page->capacities() === [] ? 'not measured' : $page->capacities()[0]['ah'] . ', ' .
                $page->capacities()[0]['share'] . ' of the label'" :open="$errors->hasAny(['table', 'end_v', 'part'])">
                @unfolded('capacity', $errors->hasAny(['table', 'end_v', 'part']))
                @include('stages.test.capacity')
                @endunfolded
            </x-fold>
        @endif
        @if ($page->hunting->ways() !== [])
            <x-fold id="hunt" title="The bad joint, by name" answer="one load, one clamp, one meter" :open="$page->hunting->isHunted()">
                @unfolded('hunt', $page->hunting->isHunted())
                @include('stages.test.hunt', ['hunting' => $page->hunting, 'hunt' => $page->hunting->hunt()])
                @endunfolded
            </x-fold>
        @endif
        <x-fold id="instruments" title="From an instrument" answer="CSV, JSON lines, a simulated bench" :open="$errors->has('file')">
            @unfolded('instruments', $errors->has('file'))
            <p>The sheet as a table: fill in <span class="num">value</span> and <span class="num">amps</span>, or let an instrument’s program write them, and
                take it in. A file of JSON lines has the same names, an object a line:
                <code class="break-all">{"line": "sag", "value": 0.31, "amps": 92}</code></p>
            <div class="flex flex-wrap items-end gap-x-6 gap-y-2 mt-2"><a class="btn plain" href="{{ route('test.readings', $job) }}">As CSV</a>
                <a class="btn link" href="{{ route('test.vehicle', $job) }}">Practise on a simulated vehicle</a>
                @may('record', $job)<x-upload id="test-readings" :action="route('test.readings.store', $job)" label="Readings from a file"
                    button="Take them in" accept=".csv,.jsonl,.ndjson,text/csv,application/x-ndjson" />@endmay</div>
            <x-faults />
            @endunfolded
        </x-fold>
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
