<x-layout title="Log" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('aftercare', $job) }}">← Aftercare</a></p>
    <h1>{{ $page->log->name }}</h1>
    @if ($page->log->columns === null)
        <p class="lead">Which column is which? The next log with the same columns comes with them filled in.</p>
        <form method="post" action="{{ route('logs.update', [$job, $page->log]) }}">@csrf @method('put')
            <input type="hidden" name="_form" value="columns">
            <input type="hidden" name="lock_version" value="{{ $page->log->lock_version }}">
            <div class="form-grid">
                @foreach (['time' => 'Time', 'volts' => 'Battery volts', 'amps' => 'Battery amps', 'charge' => 'Charge, %', 'sun' => 'Sun, W'] as $what =>
                    $label)
                    <x-field form="columns" :label="$label" :name="$what" :options="$page->columns()" :value="$page->column($what)" blank="none" />
                @endforeach
            </div>
            <x-check form="columns" label="Amps are positive while the battery is emptied" name="out_is_positive" :checked="$page->isOutPositive()" />
            @may('record', $job)<div class="actions"><button class="btn">Read it</button></div>@endmay
        </form>
    @elseif (! $page->log->isRead())
        <p class="lead">It is being read. One can go on meanwhile; whoever opens this page again sees how far it is.</p>
        <progress class="run-bar" max="100" value="{{ $page->log->percent() }}" data-progress="{{ route('logs.progress', [$job, $page->log]) }}"
            aria-label="Read so far">{{ $page->log->percent() }} %</progress>
        <p class="small muted" role="status"><span data-progress-says>{{ $page->log->percent() }} %, {{ $page->log->rows }} rows</span></p>
        <noscript><p><a href="{{ route('logs.show', [$job, $page->log]) }}">Look again</a></p></noscript>
    @elseif ($page->days === [])
        <p class="lead">None of its lines could be read: {{ $page->log->refused }} were refused, the first is {{ $page->log->first_fault ?: 'missing' }}.</p>
    @else
        <p class="lead">{{ ucfirst($page->answer()) }}.</p>
        <ul class="plain">@foreach ($page->says() as $line)<li class="mt-2">{{ $line }}</li>@endforeach</ul>
        <svg class="draw mt-3" viewBox="{{ $page->sketch->frame->viewBox() }}" role="group" aria-label="Energy in and out by day: {{ $page->answer() }}">
            @foreach ($page->sketch->watts as $t)<line class="grid" x1="{{ $page->sketch->frame->left }}" x2="{{ $page->sketch->frame->right }}" y1="{{ $t->at
                }}" y2="{{ $t->at }}"/><text class="axis end" x="{{ $page->sketch->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{ $show->text(abs($t->value),
                'Wh', 0) }}</text>@endforeach
            @foreach ($page->sketch->bars as $b)
                <a href="{{ route('logs.show', [$job, $page->log, 'from' => $b['day']]) }}#closely" aria-label="{{ $b['day'] }}, closely">
                    <rect class="f-fern" x="{{ $b['x'] }}" y="{{ $b['inY'] }}" width="{{ $b['width'] }}" height="{{ $b['in'] }}"/>
                    <rect class="f-tarn" x="{{ $b['x'] }}" y="{{ $page->sketch->zeroY }}" width="{{ $b['width'] }}" height="{{ $b['out'] }}"/></a>
                @if ($b['label'] !== '')<text class="axis mid" x="{{ $b['middle'] }}" y="{{ $page->sketch->frame->height - 6 }}">{{ $b['label'] }}</text>@endif
            @endforeach
            @if ($page->sketch->plannedY !== null)<line class="s-heather" stroke-dasharray="6 4" x1="{{ $page->sketch->frame->left }}" x2="{{
                $page->sketch->frame->right }}" y1="{{ $page->sketch->plannedY }}" y2="{{ $page->sketch->plannedY }}"/>@endif
            <path class="s-ink" d="{{ $page->sketch->low }}"/>
        </svg>
        <p class="small muted">Up: what came in. Down: what went out; dashed, what the plan takes out a day. The line: the lowest charge of each day, from 0 %
            at the bottom to 100 %. A press on a day looks at it closely.</p>
        @if ($close = $page->closely())
            <section id="closely" class="section"><div class="section-head"><h2>{{ $page->from === $page->to ? $page->from : $page->from . ' to ' . $page->to
                }}</h2><span class="aside">@foreach ($page->moves() as $says => [$from, $to])<a href="{{ route('logs.show', [$job, $page->log, 'from' => $from,
                'to' => $to]) }}#closely">{{ $says }}</a> @endforeach</span></div>
            <svg class="draw" viewBox="{{ $close['frame']->viewBox() }}" role="img" aria-label="Charge and volts, {{ $page->from }} to {{ $page->to }}">
                @foreach ($close['voltTicks'] as $t)<line class="grid" x1="{{ $close['frame']->left }}" x2="{{ $close['frame']->right }}" y1="{{ $t->at }}"
                    y2="{{ $t->at }}"/><text class="axis end" x="{{ $close['frame']->left - 6 }}" y="{{ $t->at + 4 }}">{{ $show->text($t->value, 'V',
                    $t->decimals) }}</text>@endforeach
                @foreach ($close['hours'] as $t)<text class="axis mid" x="{{ $t->at }}" y="{{ $close['frame']->height - 6 }}">{{ $show->text($t->value, 'h', 0)
                    }}</text>@endforeach
                <path class="s-ink" d="{{ $close['charge'] }}"/><path class="s-heather" d="{{ $close['volts'] }}"/>
            </svg>
            <p class="small muted">Thin: charge, 0 to 100 %. Thick: volts, at the left.</p></section>
        @endif
        <x-fold id="log-days" title="Day by day" :answer="$page->log->rows . ' rows' . ($page->log->refused > 0 ? ', ' . $page->log->refused .
            ' lines refused, first ' . $page->log->first_fault : '')" :open="false">@unfolded('log-days', false)
            <x-table caption="Day by day" :head="['Day', '#In', '#Out', '#Sun', '#Lowest', '#Highest', '#At the top']">
                @foreach ($page->days as $d)<tr><td class="num">{{ $d->day }}</td><td class="n num" data-label="In">{{ $page->number($d->inWh, 'Wh') }}</td>
                    <td class="n num" data-label="Out">{{ $page->number($d->outWh, 'Wh') }}</td><td class="n num" data-label="Sun">{{ $page->number($d->sunWh,
                    'Wh') }}</td><td class="n num" data-label="Lowest">{{ $page->number($d->lowPct, '%') }}</td><td class="n num" data-label="Highest">{{
                    $page->number($d->highPct, '%') }}</td><td class="n num" data-label="At the top">{{ $page->number($d->topH, 'h') }}</td></tr>@endforeach
            </x-table>
        @endunfolded</x-fold>
    @endif
    @may('record', $job)<div class="mt-4"><x-delete :action="route('logs.destroy', [$job, $page->log])" what="the log" :version="$page->log->lock_version"
        /></div>@endmay
</x-layout>
