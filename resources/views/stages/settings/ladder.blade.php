<section id="ladder">
    @error('rung')<p class="error" role="alert">{{ $message }}</p>@enderror
    <svg class="draw ladder" viewBox="{{ $ladder->chart->frame->viewBox() }}" role="group" aria-label="The voltage ladder: {{ $ladder->answer() }}"
        data-ladder data-volts="{{ $ladder->chart->scale->high - $ladder->chart->scale->low }}"
        data-height="{{ $ladder->chart->frame->bottom - $ladder->chart->frame->top }}">
        @foreach ($ladder->chart->ticks as $tick)
            <line class="grid" x1="{{ $ladder->chart->frame->left }}" x2="{{ $ladder->chart->frame->right }}" y1="{{ $tick->at }}" y2="{{ $tick->at }}"/>
            @if (! $ladder->chart->frame->isNarrow() && $ladder->chart->isNamed($tick))<text class="axis" x="{{ $ladder->chart->frame->left + 8 }}"
                y="{{ $tick->at - 4 }}">{{ $show->text($tick->value, 'V', $tick->decimals) }}</text>@endif
        @endforeach
        <rect class="f-rust-wash" x="{{ $ladder->chart->frame->left }}" y="{{ $ladder->chart->frame->top }}" width="{{ $ladder->chart->width() }}"
            height="{{ $ladder->chart->highY - $ladder->chart->frame->top }}"/>
        <rect class="f-rust-wash" x="{{ $ladder->chart->frame->left }}" y="{{ $ladder->chart->lowY }}" width="{{ $ladder->chart->width() }}"
            height="{{ $ladder->chart->frame->bottom - $ladder->chart->lowY }}"/>
        <path class="rest-curve" d="{{ $ladder->chart->curve }}"/>
        @foreach ([[$ladder->chart->highY, true], [$ladder->chart->lowY, false]] as [$y, $above])
            <line class="s-rust" x1="{{ $ladder->chart->frame->left }}" x2="{{ $ladder->chart->frame->right }}" y1="{{ $y }}" y2="{{ $y }}"/>
            @if (! $ladder->chart->frame->isNarrow())<text class="mid t-rust" x="{{ $ladder->chart->middle() }}"
                y="{{ $above ? $y - 6 : $y + 16 }}">{{ $ladder->opens($above) }}</text>@endif
        @endforeach
        @foreach ($ladder->chart->charges as $tick)
            <text class="axis mid" x="{{ $tick->at }}" y="{{ $ladder->chart->frame->bottom + 18 }}">{{ $show->text($tick->value, '%', 0) }}</text>
        @endforeach
        <text class="t-muted end" x="{{ $ladder->chart->frame->left - 8 }}" y="12">{{ __('ladder.down') }}</text>
        <text class="t-muted" x="{{ $ladder->chart->frame->right + 8 }}" y="12">{{ __('ladder.up') }}</text>
        @foreach ($ladder->chart->rungs as $r)
            <g @class(['rung', $r['side'], 'wrong' => $r['isWrong']]) data-rung="{{ $ladder->key($r) }}" data-was="{{ $r['value'] }}"
                data-planned="{{ $r['row']->planned()->number }}"
                data-step="{{ $r['step'] }}"
                @may('plan', $job) tabindex="0" role="slider" aria-valuenow="{{ $r['value'] }}" aria-valuemin="{{ $ladder->chart->scale->low }}"
                aria-valuemax="{{ $ladder->chart->scale->high }}" aria-label="{{ $ladder->does($r) }}, {{ $ladder->who($r) }}" @endmay>
                <path class="lead-line" d="{{ $r['path'] }}"/>
                @if ($r['seenY'] !== null)
                    <line class="s-tarn" x1="{{ $ladder->chart->seenX($r) }}" x2="{{ $ladder->chart->seenX($r) }}" y1="{{ $r['y'] }}" y2="{{ $r['seenY'] }}"/>
                    <circle class="f-tarn" cx="{{ $ladder->chart->seenX($r) }}" cy="{{ $r['seenY'] }}" r="3"/>
                @endif
                <path class="s-ink" d="{{ $r['bar'] }}"/>
                <circle class="grip" cx="{{ $r['knobX'] }}" cy="{{ $r['y'] }}" r="16"/><circle class="knob" cx="{{ $r['knobX'] }}" cy="{{ $r['y'] }}" r="5.5"/>
                <text @class(['value', 'end' => $r['side'] === 'down']) x="{{ $r['textX'] }}" y="{{ $r['labelY'] + 6 }}"
                    data-value>{{ $ladder->volts($r) }}</text>
                <text @class(['what', 'end' => $r['side'] === 'down']) x="{{ $ladder->chart->wordsX($r) }}"
                    y="{{ $ladder->chart->wordsY($r) }}">{{ $ladder->cut($ladder->does($r)) }}</text>
                <text @class(['who', 'end' => $r['side'] === 'down']) x="{{ $ladder->chart->wordsX($r) }}"
                    y="{{ $ladder->chart->wordsY($r) + 14 }}">{{ $ladder->cut($ladder->who($r)) }}</text>
            </g>
        @endforeach
    </svg>
    <p class="small muted">The curve: rested volts over charge. A small dot: where the battery stands when the device sees its value at the end of its
        lead. The bar through a knob: what its meter may err.
        @may('plan', $job)Drag a knob, or focus it and use ↑ ↓.@endmay</p>
    @foreach ($ladder->unsure() as $line)<p class="small">{{ $line }}</p>@endforeach
    @may('plan', $job)
        <form method="post" action="{{ route('ladder.update', $job) }}" data-live data-ladder-form class="flex flex-wrap items-end gap-x-4 mt-2">
            @csrf @method('put')<input type="hidden" name="_form" value="ladder"><input type="hidden" name="was" value="">
            <x-field form="ladder" label="Move" name="rung" :options="$ladder->choices()" blank="choose a threshold" />
            <x-field form="ladder" label="to" name="volts" unit="V" inputmode="decimal" class="w-28" />
            <button class="btn plain">Plan it so</button>
        </form>
    @endmay
</section>
