<x-layout title="Run sheet" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('day-plan', $job) }}">← Day plan</a></p>
    @if ($page->standing->count() === 0)
        <x-empty title="No work yet"><p>What the plan takes out, adds, moves or leads elsewhere becomes the run sheet.</p></x-empty>
    @else
        <div class="run" data-run-sheet data-keep-page data-next="{{ $page->standing->next ?? '' }}">
            <h1 class="sr-only">Run sheet</h1>
            @error('step')<p class="wrong">{{ $message }}</p>@enderror
            @foreach ($page->standing->rows as $k => ['step' => $step, 'tick' => $tick, 'closed' => $closed, 'own' => $own, 'gates' => $gates])
                <section @class(['run-step', 'is-first' => $k === ($page->standing->next ?? 0)]) id="step-{{ $step->key }}" data-step="{{ $k }}"
                    data-unit="{{ $step->reading?->unit }}"
                    data-picture="{{ $page->mayRecord ? $page->picture($step) : '' }}" data-part="{{ $page->part($step) }}"
                    data-gates="{{ $gates ? 'yes' : 'no' }}" data-shut="{{ $own ? 'yes' : 'no' }}" aria-labelledby="run-{{ $k }}">
                    <p class="muted flex justify-between gap-4"><span>{{ $page->phase($step) }} · step {{ $k + 1 }} of {{ $page->standing->count() }}</span>
                        <span>≈ {{ $show->text($step->minutes, 'min', 0) }}</span></p>
                    <progress class="run-bar" max="{{ $page->standing->count() }}" value="{{ $page->standing->done() }}">{{ $page->standing->done() }}
                        done</progress>
                    <h2 id="run-{{ $k }}" tabindex="-1">{{ $page->title($step) }}</h2>
                    <p class="run-do" data-aloud>{{ $page->do($step) }}</p>
                    <p class="muted">{{ $page->why($step) }}</p>
                    @if ($page->needs($step))<p class="small"><strong>With</strong> {{ $page->needs($step) }}</p>@endif
                    @foreach ($page->cautions($step) as $caution)<div class="caution" role="note"><strong>Careful.</strong> {{ $caution }}</div>@endforeach
                    <p class="small mt-2"><strong>Live after it:</strong> {{ $page->live($k) ?: 'nothing by the drawing; measure' }}</p>
                    @if ($tick)
                        <p class="mt-3"><span class="tag {{ $tick->state === 'otherwise' ? 'look' : 'good' }}">{{ $tick->state === 'otherwise' ? 'otherwise' :
                            'done' }}</span> {{ $page->noted($tick) }}@if ($page->value($step, $tick)): <strong class="num">{{ $page->value($step, $tick)
                            }}</strong>@endif @if ($page->isMissed($step, $tick))<span class="tag out">not within limits</span>@endif
                            @if ($tick->note)<span class="block small">{{ $tick->note }}</span>@endif</p>
                    @endif
                    @foreach ($page->says($step) as $said)
                        <p class="small mt-2"><x-severity :of="$said['severity']" /> {{ $said['title'] }} <a href="{{ $said['url'] }}">See</a></p>
                    @endforeach
                    {{-- What closes a step stands below what it closes: when it opens, nothing moves under a finger. --}}
                    @if ($page->mayRecord)
                        <form method="post" action="{{ $page->store }}" data-outbox="{{ $page->title($step) }}" data-outbox-says="{state}
                            {value}"
                            data-who="{{ $page->who }}" class="mt-4" @if ($step->reading) data-low="{{ $step->reading->low }}"
                            data-high="{{ $step->reading->high }}" data-gate="{{ $step->reading->isGate() ? 'yes' : 'no' }}" @endif>@csrf
                            <input type="hidden" name="_form" value="s{{ $k }}">@clientid
                            <input type="hidden" name="step" value="{{ $step->key }}"><input type="hidden" name="state" value="done">
                            <input type="hidden" name="back" value="{{ $page->back }}#step-{{ $step->key }}">
                            @if ($step->reading)
                                <x-field :form="'s' . $k" :label="'Measured: ' . $page->limits($step)" name="value" :unit="$step->reading->unit"
                                    inputmode="text" autocomplete="off" class="narrow" :required="$step->reading->isGate()" />
                            @endif
                            <div class="actions"><button class="btn large w-full" @disabled($closed !== null && ! $tick)>{{ $tick ? 'Note it again' :
                                'Done, next' }}</button></div>
                            <span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
                        </form>
                    @endif
                    @if ($page->mayRecord && $page->part($step) !== '')<noscript><p class="small mt-2"><a href="{{ $page->part($step) }}#photos">Change the
                        part, or add a picture</a></p></noscript>@endif
                    @if ($closed && ! $tick)
                        <p class="run-closed mt-3"><strong>{{ $page->said($closed) }}</strong>
                            @if ($step->closedBy === 'balance')<a href="{{ route('balance', $job) }}">Balance</a>@elseif ($step->closedBy === 'settings')<a
                                href="{{ route('settings.step', $job) }}">Settings, one by one</a>@endif</p>
                    @endif
                    @if ($page->mayRecord && $tick)<form method="post" action="{{ $page->store }}" class="mt-2">@csrf
                            <input type="hidden" name="_form" value="u{{ $k }}"><input type="hidden" name="step" value="{{ $step->key }}">
                            <input type="hidden" name="state" value="undone">
                            <input type="hidden" name="back" value="{{ $page->back }}#step-{{ $step->key }}">
                            <button class="btn link">Take it back</button></form>@endif
                </section>
            @endforeach
            @includeWhen($page->mayRecord, 'stages.day-plan.otherwise')
            <p class="run-nav" hidden data-run-nav><button type="button" class="linkish" data-run="back">‹ Back</button>
                <button type="button" class="linkish" data-run="aloud" hidden>Read aloud</button>
                <button type="button" class="linkish" data-run="on">On ›</button></p>
            @foreach ($page->standing->remarks as $remark)
                <p class="small mt-2"><strong>{{ __('steps.remarks.' . $remark['kind']) }}:</strong> {{ $remark['tick']->note }}
                    <span class="muted">{{ $page->noted($remark['tick']) }}</span></p>
            @endforeach
            @if ($page->mayRecord)
                <details class="mt-3"><summary class="linkish">{{ __('steps.remarks.open') }}</summary>
                    <form method="post" action="{{ $page->store }}" data-outbox="{{ __('steps.remarks.open') }}" data-outbox-says="{note}"
                        data-who="{{ $page->who }}" class="mt-2">@csrf
                        <input type="hidden" name="_form" value="remark">@clientid
                        <input type="hidden" name="state" value="otherwise"><input type="hidden" name="back" value="{{ $page->back }}">
                        <div class="field"><label for="remark-kind">Which</label><select id="remark-kind" name="step">
                            <option value="found">{{ __('steps.remarks.found') }}</option><option value="others">{{ __('steps.remarks.others')
                                }}</option></select></div>
                        <x-field form="remark" :label="__('steps.remarks.what')" name="note" autocomplete="off" required />
                        <div class="actions"><button class="btn plain">Note it</button><span class="small muted" data-outbox-said data-keep="yes"
                            role="status"></span></div></form></details>
            @endif
        </div>
    @endif
</x-layout>
