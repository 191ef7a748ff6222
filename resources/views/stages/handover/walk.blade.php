<x-layout title="Walk-through" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('handover', $job) }}">← Handover</a></p>
    <h1 class="sr-only">The walk through the vehicle</h1>
    @error('step')<p class="wrong">{{ $message }}</p>@enderror
    <div class="run" data-run-sheet data-keep-page data-next="{{ $page->next() }}">
        @foreach ($page->points as $k => $point)
            <section class="run-step" id="{{ $page->key($k) }}" data-step="{{ $k }}" aria-labelledby="walk-{{ $k }}">
                <p class="muted">{{ $k + 1 }} of {{ $page->count() }}{{ $point['place'] === '' ? '' : ' · ' . $point['place'] }}</p>
                <progress class="run-bar" max="{{ $page->count() }}" value="{{ $page->shown() }}">{{ $page->shown() }} shown</progress>
                <h2 id="walk-{{ $k }}" tabindex="-1">{{ $page->what($point) }}</h2>
                <p class="run-do" data-aloud><strong>Show:</strong> {{ $page->show($point) }}</p>
                <p class="mt-2" data-aloud><strong>Say:</strong> {{ $page->say($point) }}</p>
                @if ($tick = $page->tick($point['key']))
                    <p class="mt-3"><span class="tag {{ $tick->state === 'otherwise' ? 'look' : 'good' }}">{{ $tick->state === 'otherwise' ? 'asked' :
                        'shown' }}</span> {{ $tick->by }}@if ($tick->note)<span class="block small">{{ $tick->note }}</span>@endif</p>
                @endif
                @may('record', $job)
                    <form method="post" action="{{ route('handovers.walk.store', $job) }}" data-outbox="{{ $page->what($point) }}" data-outbox-says="{state}"
                        data-who="{{ auth()->id() }}" class="mt-4">@csrf
                        <input type="hidden" name="_form" value="w{{ $k }}">@clientid
                        <input type="hidden" name="step" value="{{ $point['key'] }}"><input type="hidden" name="state" value="done">
                        <input type="hidden" name="back" value="{{ route('handovers.walk', $job, false) }}#{{ $page->key($k + 1) }}">
                        <div class="actions"><button class="btn large w-full">{{ $tick ? 'Shown again' : 'Shown, next' }}</button></div>
                        <span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
                    </form>
                    <details class="mt-2"><summary class="linkish">They asked …</summary>
                        <form method="post" action="{{ route('handovers.walk.store', $job) }}" data-outbox="{{ $page->what($point) }}"
                            data-outbox-says="asked: {note}" data-who="{{ auth()->id() }}" class="mt-2">@csrf
                            <input type="hidden" name="_form" value="q{{ $k }}">@clientid
                            <input type="hidden" name="step" value="{{ $point['key'] }}"><input type="hidden" name="state" value="otherwise">
                            <input type="hidden" name="back" value="{{ route('handovers.walk', $job, false) }}#{{ $page->key($k) }}">
                            <x-field :form="'q' . $k" label="Their question, and what was answered" name="note" autocomplete="off" required />
                            <div class="actions"><button class="btn plain">Keep the question</button></div></form></details>
                @endmay
                <p class="run-nav"><a class="linkish" data-run="back" href="#{{ $page->key($k - 1) }}">‹ Back</a>
                    <button type="button" class="linkish" data-run="aloud" hidden>Read aloud</button>
                    <a class="linkish" data-run="on" href="#{{ $page->key($k + 1) }}">On ›</a></p>
            </section>
        @endforeach
        <section class="run-step" id="step-sign" data-step="{{ $page->count() }}" aria-labelledby="walk-sign">
            <h2 id="walk-sign" tabindex="-1">Signature</h2>
            <p class="run-do" data-aloud>I was shown how the system is used, where it is switched off, and what it must not do; I have its papers.</p>
            @if ($page->signature)<p class="mt-3"><span class="tag good">signed</span> {{ $page->signed() }}</p>
                @if ($page->signature->strokes !== '')<svg class="signed" viewBox="0 0 600 180" role="img"
                    aria-label="Signature of {{ $page->signature->name }}"
                    ><path d="{{ $page->signature->strokes }}"/></svg>@endif
                <p class="small muted num break-all">SHA-256 of the job’s file as it stood: {{ $page->signature->sha256 }}</p>@endif
            @may('record', $job)
                <form method="post" action="{{ route('signatures.store', $job) }}" data-outbox="Signature" data-outbox-says="{signed_by}" class="mt-4 snap"
                    data-who="{{ auth()->id() }}">@csrf
                    <input type="hidden" name="_form" value="sign">@clientid
                    <input type="hidden" name="back" value="{{ route('handovers.walk', $job, false) }}#step-sign">
                    <input type="hidden" name="strokes" value="" data-strokes data-keep="yes">
                    <x-field form="sign" label="Name" name="signed_by" autocomplete="off" required />
                    <div class="field" data-pad data-keep="yes" hidden><span id="pad-says">Sign with the finger</span>
                        <svg class="pad" viewBox="0 0 600 180" role="img" aria-labelledby="pad-says" data-pad-svg><path d=""/></svg>
                        <button type="button" class="linkish" data-pad-clear>Clear</button></div>
                    @error('strokes')<p class="error">{{ $message }}</p>@enderror
                    <div class="actions"><button class="btn large w-full">Sign</button></div>
                    <span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
                </form>
            @endmay
            <p class="run-nav"><a class="linkish" data-run="back" href="#{{ $page->key($page->count() - 1) }}">‹ Back</a>
                <a class="linkish" href="{{ route('handover', $job) }}">To the pack ›</a></p>
        </section>
    </div>
</x-layout>
