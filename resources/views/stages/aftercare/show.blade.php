<x-layout title="Aftercare" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.aftercare') }}</h1>
        @if ($page->handover)<span class="aside">handed over {{ $page->at($page->handover->created_at) }}, pack {{ $page->handover->number }}</span>@endif</div>
    @if (! $page->handover)
        <p class="lead">It has not gone home yet: what is compared later is what Test proves now.</p>
        <div class="mt-5"><x-empty title="Nothing to look after yet"><p>With the first pack issued, the yearly visit, drift and fading capacity stand
            here.</p></x-empty>
        </div>
    @else
        <p class="lead">@if ($page->isDue())<strong>A visit is due</strong> since {{ $page->at($page->due()) }}.@else The next visit is due {{
            $page->at($page->due())
            }}.@endif
            @if ($page->drift->read() === 0)Nothing was read again yet.
            @elseif ($page->drift->off() === 0)All {{ $page->drift->read() }} readings since are as they were.
            @else<strong>{{ $page->drift->off() }} of {{ $page->drift->read() }}</strong> readings since have drifted.@endif</p>
        <div class="actions"><a class="btn" href="{{ route('test', $job) }}">Read it again, on Test</a>
            <a class="btn link" href="{{ route('aftercare.ics', $job) }}">The next visit as a calendar file</a></div>
        @foreach ($page->fades() as $f)
            <div class="section"><div class="section-head"><h2>{{ $f['name'] }}</h2><span class="aside">{{ $f['says'] }}</span></div>
                <svg class="draw" viewBox="{{ $f['sketch']->frame->viewBox() }}" role="img" aria-label="Capacity of {{ $f['name'] }}: {{ $f['says'] }}">
                    @foreach ($f['sketch']->percents as $t)<line class="grid" x1="{{ $f['sketch']->frame->left - 4 }}" x2="{{ $f['sketch']->frame->right }}"
                        y1="{{ $t->at }}" y2="{{ $t->at }}"/><text class="axis end" x="{{ $f['sketch']->frame->left - 6 }}" y="{{ $t->at + 4 }}">{{
                        $show->text(100 * $t->value, '%', 0) }}</text>@endforeach
                    @foreach ($f['sketch']->years as $t)<text class="axis mid" x="{{ $t->at }}" y="{{ $f['sketch']->frame->height - 6 }}">{{ (int) $t->value
                        }}</text>
                    @endforeach
                    @if ($f['sketch']->doubt)<path class="f-heather-wash" d="{{ $f['sketch']->doubt }}"/><path class="s-heather" stroke-dasharray="6 4"
                        d="{{ $f['sketch']->line }}"/>@endif
                    <line class="s-rust" stroke-dasharray="2 4" x1="{{ $f['sketch']->frame->left }}" x2="{{ $f['sketch']->frame->right }}"
                        y1="{{ $f['sketch']->endY }}" y2="{{ $f['sketch']->endY }}"/>
                    @foreach ($f['sketch']->points as $p)<circle class="f-heather" cx="{{ $p['x'] }}" cy="{{ $p['y'] }}" r="5"/>@endforeach
                </svg>
                <p class="small muted">Share of the label over years since {{ $f['first'] }}; dashed the line through it, shaded its doubt, dotted the end of
                    life.</p>
            </div>
        @endforeach
        <x-fold id="drift" title="The handover’s readings beside today’s" :answer="$page->drift->rows === [] ? 'none were noted' : $page->drift->read() . '
            of ' .
            count($page->drift->rows) . ' read again'" :open="$page->drift->off() > 0">@unfolded('drift', $page->drift->off() > 0)
            @if ($page->drift->rows === [])
                <p class="muted">Nothing was measured on Test before the handover, so there is nothing to compare with.</p>
            @else
                <x-table caption="Then and now" :head="['Line', '#Handover', '#Today', '#Change', '']">
                    @foreach ($page->drift->rows as $r)<tr><td>{{ $page->title($r) }}</td>
                        <td class="n num" data-label="Handover">{{ $page->value($r['reading'], $r['then']) }}</td>
                        <td class="n num" data-label="Today">{{ $page->value($r['reading'], $r['now']) }}</td>
                        <td class="n num" data-label="Change">{{ $page->change($r['change']) }}</td>
                        <td>@if ($r['good'] === false)<span class="tag out">out of its limits</span>@elseif ($r['drifted'])<span class="tag look">drifted</span>
                            @elseif ($r['now'] !== null)<span class="tag good">as it was</span>@endif</td></tr>@endforeach
                </x-table>
            @endif
        @endunfolded</x-fold>
        <x-fold id="replace" title="A part is replaced" :answer="$replace['name'] ?? 'what is set, proven and printed again'"
            :open="$replace !== null">@unfolded('replace', $replace !== null)
            <form method="get" action="{{ route('aftercare', $job) }}#fold-replace" class="flex flex-wrap gap-3 items-end"><input type="hidden" name="_form"
                value="replace"><x-field form="replace" label="Which part" name="replace" :options="$page->parts()" :value="$replaces"
                blank="choose a part" /><button class="btn plain">What follows?</button></form>
            @if ($replace)
                <h3 class="mt-3">{{ $replace['name'] }}</h3>
                <ul class="plain">@foreach ($replace['mind'] as $line)<li>{{ $line }}</li>@endforeach</ul>
                @if ($replace['boxes'])<p class="mt-2"><strong>Set again:</strong> {{ implode(', ', $replace['boxes']) }}. <a
                    href="{{ route('settings', $job) }}">Settings</a></p>@endif
                @if ($replace['checks'])<p class="mt-2"><strong>Prove again:</strong> {{ implode('; ', $replace['checks']) }}. <a
                    href="{{ route('test', $job) }}">Test</a></p>@endif
            @endif
        @endunfolded</x-fold>
        <x-fold id="visits" title="Visits" :answer="$page->visits()->isEmpty() ? 'none yet' : $page->visits()->count() . ', the last ' .
            $page->at($page->visits()->first()->noted_at)" :open="$errors->hasAny(['visited_on', 'note'])">@unfolded('visits', $errors->hasAny(['visited_on',
                'note']))
            @foreach ($page->visits() as $visit)<p class="mt-2"><strong>{{ $page->at($visit->noted_at) }}</strong>, {{ $visit->by }}: {{ $visit->note
                }}</p>@endforeach
            @may('record', $job)
                <form method="post" action="{{ route('aftercare.store', $job) }}" class="mt-3">@csrf<input type="hidden" name="_form" value="visit">
                    <div class="form-grid"><x-field form="visit" label="Visited on" name="visited_on" type="date" :value="$page->today()" required />
                        <x-field form="visit" class="wide" label="What was seen and done" name="note" required /></div>
                    <div class="actions"><button class="btn">Keep the visit</button></div></form>
            @endmay
        @endunfolded</x-fold>
    @endif
    @if ($page->handover || $page->messages()->isNotEmpty() || $page->logs()->isNotEmpty())
    <x-fold id="messages" title="From the customer" :answer="$page->waiting() === 0 ? ($page->messages()->isEmpty() ? 'nothing yet' : 'all answered') :
        $page->waiting() . ' to answer'" :open="$page->waiting() > 0">@unfolded('messages', $page->waiting() > 0)
        @foreach ($page->messages() as $m)
            <div class="section"><p><strong>{{ $page->at($m->created_at) }}</strong>
                @if ($m->answered_at)<span class="tag good">answered</span>
                    <span class="small muted">{{ $m->answered_by }}: {{ $m->answer }}</span>@else<span
                    class="tag look">to answer</span>@endif</p>
                <p class="mt-1 whitespace-pre-line">{{ $m->text }}</p>
                @if ($page->told($m) !== '')<p class="small">{{ $page->told($m) }}</p>@endif
                @if ($m->file_path !== '')<p class="mt-1"><a href="{{ route('messages.file', [$job, $m]) }}">{{ $m->file_name }}</a></p>@endif
                @may('record', $job)
                    @if ($m->file_kind === 'log')<form method="post" action="{{ route('messages.take', [$job, $m]) }}" class="mt-2">@csrf
                        <button class="btn plain">Take the log in</button></form>@endif
                    @if (! $m->answered_at)<form method="post" action="{{ route('messages.update', [$job, $m]) }}"
                        class="flex flex-wrap gap-3 items-end mt-2">
                        @csrf @method('put')<input type="hidden" name="_form" value="m{{ $m->id }}"><input type="hidden" name="lock_version"
                            value="{{ $m->lock_version }}"><x-field :form="'m' . $m->id" label="What was answered" name="answer" autocomplete="off" />
                        <button class="btn plain">Answered</button></form>@endif
                @endmay</div>
        @endforeach
    @endunfolded</x-fold>
    <x-fold id="logs" title="Log files" :answer="$page->logs()->isEmpty() ? 'none yet' : (string) $page->logs()->count()"
        :open="$errors->has('log')">@unfolded('logs', $errors->has('log'))
        @foreach ($page->logs() as $log)<p class="mt-2"><a href="{{ route('logs.show', [$job, $log]) }}">{{ $log->name }}</a>
            <span class="small muted">{{ $log->isRead() ? $log->rows . ' rows' : ($log->columns === null ? 'columns not named yet' : $log->percent() . ' %
            read') }}, {{ $log->by }}, {{ $page->at($log->created_at) }}</span></p>@endforeach
        @may('record', $job)<div class="mt-3"><x-upload id="log" name="log" :action="route('logs.store', $job)" label="A monitor’s log: CSV, or an object a
            line" button="Send it" accept=".csv,.txt,.json,.jsonl,.ndjson,text/csv,application/json" /></div>@endmay
    @endunfolded</x-fold>
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
