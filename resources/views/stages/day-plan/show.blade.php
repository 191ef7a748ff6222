<x-layout title="Day plan" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.day-plan') }}</h1>
        <span class="aside">{{ $page->standing->done() }} of {{ $page->standing->count() }} steps</span></div>
    @if (! $page->isThere())
        <p class="lead">Nothing is planned yet that hands would do.</p>
        <div class="mt-5"><x-empty title="No work yet"><p>What the plan takes out, adds, moves or leads elsewhere becomes the run sheet.</p></x-empty></div>
    @elseif ($page->standing->isDone())
        <p class="lead">Every step is done. <a href="{{ route('day-plan.steps', $job) }}">Read the sheet</a></p>
    @else
        <p class="lead">Back with the customer <strong>{{ $page->finish() }}</strong> at the earliest; {{ $page->workLeft() }} of work
            {{ $page->standing->done() === 0 ? 'in all' : 'left' }}.
            @if ($page->next()) Next: <strong>{{ $page->title($page->next()) }}</strong>.@endif</p>
        <div class="actions"><a class="btn" href="{{ route('day-plan.steps', $job) }}{{ $page->next() ? '#step-' . $page->next()->key : '' }}"
            >{{ $page->standing->done() === 0 ? 'Begin the run sheet' : 'Go on' }}</a>
            <a class="btn link" href="{{ route('offers', $job) }}">Offer</a>
            <a class="btn link" href="{{ route('day-plan.ics', $job) }}">Calendar file</a></div>
        @include('stages.day-plan.chart', ['chart' => $page->chart()])
        <p class="mt-2">It hangs on: {{ $page->deciding() }}. {{ $page->meanwhile() }}
            @if ($page->isFull())<span class="tag look">busy</span> The busy times leave no hour in a quarter of a year; they are left out here.@endif
            @if ($page->handsShort() > 0)<span class="tag look">hands</span> {{ $page->handsShort() }} people are needed at some step; the crew
                has {{ $page->desk->people() }}.@endif</p>
        <x-fold id="hours" title="Hour by hour" :answer="count($page->tasks()) . ' parts'">@unfolded('hours')
            <x-table caption="Hour by hour" :head="['Part', 'From', 'To', '']">
                @foreach ($page->tasks() as $t)<tr><td>{{ $t['name'] }}</td><td class="num" data-label="From">{{ $t['from']->format('D j M H:i') }}</td>
                    <td class="num" data-label="To">{{ $t['to']->format('D j M H:i') }}</td>
                    <td>@if ($t['critical'])<span class="tag">decides</span>@endif @if ($t['wait'])<span class="small
                        muted">waits</span>@endif</td></tr>@endforeach
            </x-table>
        @endunfolded</x-fold>
    @endif
    <x-fold id="when" title="When, where, who" :answer="$page->desk->plan ? $page->at($page->desk->plan->starts_at) . ($page->desk->plan->bay ? ', ' .
        $page->desk->plan->bay : '') . ', ' . $page->desk->people() . ($page->desk->people() === 1 ? ' person' : ' people') : 'not planned: from now, one
            person'"
        :open="$errors->hasAny(['starts_on', 'starts_at', 'bay', 'people'])">
        @unfolded('when', $errors->hasAny(['starts_on', 'starts_at', 'bay', 'people']))
        @may('plan', $job)
            <form method="post" action="{{ route('day-plan.update', $job) }}">@csrf @method('put')<input type="hidden" name="_form" value="day">
                <input type="hidden" name="lock_version" value="{{ $page->desk->plan->lock_version ?? 0 }}">
                <div class="form-grid">
                    <x-field form="day" label="Comes in on" name="starts_on" type="date" :value="$page->start('Y-m-d')" required />
                    <x-field form="day" label="at" name="starts_at" type="time" :value="$page->start('H:i')" required />
                    <x-field form="day" label="Bay" name="bay" :value="$page->desk->plan->bay ?? ''" :options="$page->bays()" />
                    <x-field form="day" label="People" name="people" :value="(string) $page->desk->people()" inputmode="numeric" required />
                </div><div class="actions"><button class="btn">Plan it so</button></div></form>
        @else
            <p>{{ $page->desk->plan ? 'It comes in ' . $page->at($page->desk->plan->starts_at) . '.' : 'No day is set yet.' }}</p>
        @endmay
        @endunfolded
    </x-fold>
    @if ($built = $page->builtOtherwise())
        <x-fold id="otherwise" title="Changed on site" :answer="count($built) . (count($built) === 1 ? ' thing' : ' things')" open>
            @unfolded('otherwise', true)
            <ul>@foreach ($built as $line)<li class="py-1"><strong>{{ $line['step'] }}</strong> {{ $line['note'] }}
                <span class="small muted">{{ $line['by'] }}</span></li>@endforeach</ul>
            @endunfolded
        </x-fold>
    @endif
    @foreach ($page->phases() as $part)
        <x-fold :id="'phase-' . $part['phase']" :title="__('steps.phases.' . $part['phase'])" :answer="$part['answer']">
            @unfolded('phase-' . $part['phase'])
            <ol class="sheet-list">
                @foreach ($part['rows'] as $row)
                    <li><a href="{{ route('day-plan.steps', $job) }}#step-{{ $row['step']->key }}">{{ $page->title($row['step']) }}</a>
                        @if ($row['tick']?->state === 'otherwise')<span class="tag look">otherwise</span> <span class="small">{{ $row['tick']->note }}</span>
                        @elseif ($row['tick'])<span class="tag good">done</span>
                        @elseif ($row['closed'])<span class="tag">closed</span>@endif
                        @if ($row['step']->waitH > 0)<span class="small muted">waits {{ $show->text($row['step']->waitH, 'h', 0) }}</span>@endif</li>
                @endforeach
            </ol>
            @endunfolded
        </x-fold>
    @endforeach
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage">
        @if ($page->sharing->clashes->isNotEmpty())
            <div class="mt-5"><h3>{{ $page->desk->plan->bay }} is wanted twice</h3>
                <p>@foreach ($page->sharing->clashes as $other)<a href="{{ route('day-plan', $other->job) }}">{{ $other->job->title }}</a> stands there from
                    {{ $page->at($other->starts_at) }} to {{ $page->at($other->ends_at) }}. @endforeach {{ $page->sharing->better() }}</p></div>
        @endif
        @if ($page->sharing->chargersWanted() !== null)
            <div class="mt-5"><h3>More chargers wanted than there are</h3>
                <p>While its batteries charge, all jobs together want {{ $page->sharing->chargersWanted() }}; there
                    {{ $page->sharing->chargers() === 1 ? 'is' : 'are' }}
                    {{ $page->sharing->chargers() }}. @if ($page->sharing->chargerFree())One is free from {{ $page->sharing->chargerFree() }}.@endif</p></div>
        @endif
        @if ($page->sharing->peopleWanted() !== null)
            <div class="mt-5"><h3>More people wanted than there are</h3>
                <p>All jobs together want {{ $page->sharing->peopleWanted() }} at one time; there are {{ $page->sharing->crew() }}.
                    {{ $page->sharing->clashes->isEmpty() ? $page->sharing->better() : '' }}</p></div>
        @endif
        @if ($page->fromPastJobs() !== [])
            <div class="mt-5"><h3>From past jobs</h3>@foreach ($page->fromPastJobs() as $line)<p>{{ $line }}</p>@endforeach</div>
        @endif
    </x-rail></x-slot:rail>
</x-layout>
