<form method="post" action="{{ route('balance.store', $job) }}" class="mt-4">@csrf<input type="hidden" name="_form" value="bal">
    <fieldset><legend>How</legend><div class="grid gap-3">
        @foreach ($page->protocols() as $p)
            <label class="choice"><input type="radio" name="protocol" value="{{ $p->value }}" @checked(old('protocol', $page->usualProtocol()) === $p->value)>
                <span><strong>{{ ucfirst($say->name($p)) }}</strong><br><span class="small muted">{{ $say->word('balance.how.' . $p->value) }}</span></span>
                    </label>
        @endforeach
    </div></fieldset>
    <fieldset class="mt-4"><legend>Which</legend>
        <div class="checks">@foreach ($page->candidates() as $k => $b)<label class="check"><input type="checkbox" name="parts[]" value="{{ $b->uid }}" checked>
            {{ $k + 1 }} {{ $say->part($b) }} {{ $b->serial }}</label>@endforeach</div>
        @error('parts')<div class="error">{{ $message }}</div>@enderror</fieldset>
    <div class="form-grid mt-4"><x-field form="bal" label="Joining leads" name="mm2" value="35" unit="mm²" inputmode="decimal" />
        <x-field form="bal" label="Length, each" name="lead_m" value="0.5" unit="m" inputmode="decimal" />
        <x-field form="bal" label="They bear" name="lead_a" value="150" unit="A" inputmode="decimal" help="By their insulation; empty: not known." /></div>
    <fieldset class="mt-4"><legend>On which chargers</legend><p class="small muted">Those that there are and that suit these batteries; the rest wait their
        turn.</p>
        <div class="form-grid mt-2">
            @for ($i = 0; $i < $mostChargers; $i++)
                <x-field form="bal" :label="'Charger ' . ($i + 1)" :name="'charger[' . $i . ']'" :value="$i < min(2, count($page->candidates())) ? 'bench ' .
                    ($i + 1) : ''" />
                <x-field form="bal" class="narrow" :label="'Its amps, ' . ($i + 1)" :name="'charger_a[' . $i . ']'" :value="$i < min(2,
                    count($page->candidates())) ? '30' : ''" unit="A" inputmode="decimal" />
            @endfor
        </div></fieldset>
    <div class="actions"><button class="btn" data-add>Open a session</button></div></form>
@if ($refresh = $page->refresh())
    <p class="small muted mt-2">Refresh charge of this bank: {{ $show->text($refresh->voltageV, 'V') }}, at least {{ $show->text($refresh->minCurrentA, 'A') }}
        (twice its 10-hour current), 16 hours.</p>
@endif
