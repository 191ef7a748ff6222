<ol class="steps">@foreach ($series->steps() as $step)<li>{{ $step }}</li>@endforeach</ol>
<form method="get" action="{{ route('balance', $job) }}#fold-series" class="mt-3">
    <div class="form-grid">
        @foreach (range(0, $series->blocks() - 1) as $i)
            <div class="field"><label for="block-{{ $i }}">Block {{ $i + 1 }}{{ $i === 0 ? ', at the negative end' : '' }}</label>
                <div class="with-unit"><input id="block-{{ $i }}" name="blocks[{{ $i }}]" value="{{ $series->typed($i) }}" inputmode="decimal"><span
                    class="unit">V</span></div></div>
        @endforeach
        <div class="field"><label for="block-amps">Current, − is charging; empty: at rest</label>
            <div class="with-unit"><input id="block-amps" name="amps" value="{{ $series->amps() }}" inputmode="text"><span class="unit">A</span></div></div>
    </div>
    <div class="actions"><button class="btn plain">Read them</button></div>
</form>
@if ($series->missing() !== '')<p class="error mt-2">{{ $series->missing() }}</p>@endif
@if ($series->read)
    <p class="mt-2"><span @class(['tag', 'good' => $series->isEven(), 'look' => ! $series->isEven()])>{{ $series->isEven() ? 'alike' : 'one stands apart'
        }}</span> {{ $series->verdict() }}</p>
@endif
