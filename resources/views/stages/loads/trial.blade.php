<x-layout title="Trial stay" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('loads', $job) }}">← Loads</a></p>
    <div class="stage-head"><h1>Was it the sun or the bank?</h1></div>
    <p class="lead">A favourite pitch that has hook-up, but not plugged in on arrival; live as usual; read the state of charge three times. Nothing here is kept
        until you say so.</p>
    @if (! $page->bank->exists())
        <div class="mt-5"><x-empty title="No bank yet"><p>Survey lists the one that is there.</p></x-empty></div>
    @else
        <form method="get" action="{{ route('trial.show', $job) }}" class="mt-4">
            <div class="form-grid">
                <x-field label="Arrived at" name="arrive_h" :value="$page->asked('arrive_h', '17')" unit="h" inputmode="decimal" required />
                <x-field label="Charge on arrival" name="arrive_pct" :value="$page->asked('arrive_pct')" unit="%" inputmode="decimal" required />
                <x-field label="Read next morning at" name="morning_h" :value="$page->asked('morning_h', '7')" unit="h" inputmode="decimal" required />
                <x-field label="Charge in the morning" name="morning_pct" :value="$page->asked('morning_pct')" unit="%" inputmode="decimal" required />
                <x-field label="Charge next afternoon" name="afternoon_pct" :value="$page->asked('afternoon_pct')" unit="%" inputmode="decimal" required
                    help="When the sun has done what it does." />
                <x-field label="Read with" name="error_pct" :value="$page->asked('error_pct', '2')" :options="['2' => 'a monitor with shunt, ± 2 %', '5' =>
                    'a BMS, ± 5 %', '10' => 'rested volts, ± 10 %']" />
            </div>
            @if ($page->fault)<p class="error" role="alert">{{ ucfirst($say->refusal($page->fault)) }}.</p>@endif
            <div class="actions"><button class="btn" data-add>Judge it</button></div>
        </form>
        <div class="section"><div class="section-head"><h2>Or read it from the monitor’s log</h2><span class="aside">CSV; which column is which is remembered
            for logs of the same kind</span></div>
            <x-upload id="monitor-log" :action="route('trial.csv', $job)" label="Log (.csv)" button="Read it" accept=".csv,text/csv">
                <x-field form="monitor-log" label="Column of time" name="time_column" placeholder="found by its name" />
                    <x-field form="monitor-log" label="Column of charge, %" name="charge_column" placeholder="found by its name" />
            </x-upload></div>
        @if ($page->trial)
            <div class="section">
                <div class="section-head"><h2>@if ($page->trial->bankIsShort() && $page->trial->sunIsShort())Both were short
                    @elseif ($page->trial->bankIsShort())The bank was short @elseif ($page->trial->sunIsShort())The sun was short @else Neither was short
                    @endif</h2></div>
                <ul>
                    @if ($page->trial->bankIsShort())<li class="py-1">The night took the bank
                        <strong>{{ $show->text($page->trial->bankShortWh, 'Wh') }}</strong> below its floor: more battery, or less use in the evening. <span
                        class="muted">{{ $page->sureness($page->trial->bankShortWh) }}.</span></li>@endif
                    @if ($page->trial->sunIsShort())<li class="py-1">By afternoon <strong>{{ $show->text($page->trial->sunShortWh, 'Wh') }}</strong> were not
                        put back: more sun, or another source. <span class="muted">{{ $page->sureness($page->trial->sunShortWh) }}.</span></li>@endif
                    <li class="py-1">The night took {{ $show->text($page->trial->nightWh, 'Wh') }}; the loads as listed make
                        {{ $show->text($page->trial->expectedNightWh, 'Wh') }}{{ is_finite($page->trial->useFactor()) ? ', that is ' .
                        $show->text($page->trial->useFactor()) . ' times as much' : '' }}. <span class="muted">The readings are good to
                        {{ $show->text($page->trial->errorWh, 'Wh') }}.</span></li>
                    @if ($page->trial->unlistedW() > 0)<li class="py-1"><strong>{{ $show->text($page->trial->unlistedW(), 'W') }}</strong> ran through the night
                        that nobody listed.</li>@endif
                </ul>
                <p class="small muted mt-2">Change one thing, and repeat the stay. Bank taken: {{ count($page->bank->parts) }} ×
                    {{ $say->part($page->bank->parts[0]) }} at its present condition; floor by its usable share.</p>
                @if ($page->trial->unlistedW() > 0 && auth()->user()->can('survey', $job))
                    <form method="post" action="{{ route('appliances.store', $job) }}" class="mt-2">@csrf
                        <input type="hidden" name="name" value="Measured, not listed"><input type="hidden" name="side" value="dc">
                            <input type="hidden" name="watts" value="{{ round($page->trial->unlistedW(), 1) }}">
                            <input type="hidden" name="hours" value="{{ $page->night() }}">
                            <input type="hidden" name="scenario" value="{{ $study->loads()->scenario?->uid }}">
                        <button class="btn plain">Add it to the loads</button></form>
                @endif
            </div>
        @endif
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
