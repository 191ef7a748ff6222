<div class="figures mt-0!">
    @if ($inverter->lowVoltsA())<x-stat :figure="$inverter->lowVoltsA()" label="DC at low volts" /><x-stat :figure="$inverter->heatW()"
        label="Heat at full power" />@endif
    <x-stat :figure="$inverter->idleDay()" label="Left on, a day" left />
</div>
<p class="small">{{ $say->part($inverter->inverter) }}: continuous {{ $say->line($inverter->inverter, 'continuous_w') }}{{ $say->line($inverter->inverter,
    'surge_w', ', surge ') }};
    asked {{ $show->text($study->loads()->budget->acPeakW, 'W') }} at once, {{ $show->text($study->loads()->budget->surgeW, 'W') }} at the largest start.
    Leave a hand’s width free on all sides, its own fuse at the bank, a switch within reach.
    Outlets: {{ round($region->mainsV()) }} V with {{ $say->word("regions.$region->value.earth_leakage") }}, under
        {{ $say->word("regions.$region->value.mains_rule") }}.</p>
@if ($study->together())
    <x-together :together="$study->together()" />
@endif
