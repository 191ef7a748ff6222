@props(['sums'])
@php($banks = $sums->banks)
@php($energy = $sums->loads->budget->energyWhDay)
@php($wish = $sums->system->travel->wishDays)
@php($rows = array_filter(['found' => $banks->found, 'planned' => $banks->planned === $banks->found ? null : $banks->planned], fn ($c) => $c?->bank !== null))
@php($most = max([1.0, $wish * $energy * 1.15, ...array_map(fn ($c) => $c->bank->ratedAh() * $c->bank->nominalV(), array_values($rows))]))
@php($x = fn ($wh) => 96 + $wh / $most * 790)
<div class="scroll"><svg class="draw" viewBox="0 0 916 {{ 44 + 96 * count($rows) }}" role="img" aria-label="@foreach ($rows as $which => $case){{ $which }}: {{ round($case->usable()->value) }} of {{ round($case->bank->ratedAh() * $case->bank->nominalV()) }} watt-hours usable{{ is_finite($case->days()->value) ? ', ' . round($case->days()->value, 1) . ' days' : '' }}. @endforeach">
    @php($y = 8)
    @foreach ($rows as $which => $case)
        @php($rated = $case->bank->ratedAh() * $case->bank->nominalV())
        @php($usable = min($rated, $case->usable()->value))
        <text class="t-bold" x="0" y="{{ $y + 26 }}">{{ ucfirst($which) }}</text>
        <text class="t-muted" x="0" y="{{ $y + 44 }}">{{ strtoupper(str_replace('_', '-', $case->bank->chemistry()->value)) }}</text>
        <rect class="f-paper s-box" x="96" y="{{ $y }}" width="{{ round($x($rated) - 96, 1) }}" height="62" rx="3"/>
        <rect class="{{ $which === 'found' ? 'f-tarn-wash' : 'f-heather-wash' }}" x="96" y="{{ $y }}" width="{{ round($x($usable) - 96, 1) }}" height="62" rx="3"/>
        <rect class="s-ink" x="96" y="{{ $y }}" width="{{ round($x($rated) - 96, 1) }}" height="62" rx="3"/>
        @if ($energy > 0)
            @for ($d = 1; $d <= min(60, $usable / $energy); $d++)<line class="s-ink" x1="{{ round($x($d * $energy), 1) }}" x2="{{ round($x($d * $energy), 1) }}" y1="{{ $y + 50 }}" y2="{{ $y + 62 }}"/>@endfor
        @endif
        @php($inside = $x($usable) > 96 + 150)
        @php($tx = $inside ? 110 : $x($rated) + 12)
        <text class="big" x="{{ round($tx, 1) }}" y="{{ $y + 27 }}">{{ $show->text($usable, 'Wh') }}</text>
        <text x="{{ round($tx, 1) }}" y="{{ $y + 45 }}">usable{{ is_finite($case->days()->value) && $energy > 0 ? ' · ' . $show->text($case->days()->value) . ' days' : '' }}</text>
        @if ($x($rated) - $x($usable) > 135)<text class="t-muted" x="{{ round($x($usable) + 12, 1) }}" y="{{ $y + 27 }}">{{ $show->text($rated - $usable, 'Wh') }} rated,</text><text class="t-muted" x="{{ round($x($usable) + 12, 1) }}" y="{{ $y + 45 }}">not to be had</text>@endif
        @php($y += 96)
    @endforeach
    @if ($energy > 0)
        <line class="s-heather" x1="{{ round($x($wish * $energy), 1) }}" x2="{{ round($x($wish * $energy), 1) }}" y1="0" y2="{{ $y - 6 }}"/>
        <text class="t-heather {{ $x($wish * $energy) > 700 ? 'end' : '' }}" x="{{ round($x($wish * $energy) + ($x($wish * $energy) > 700 ? 6 : -6), 1) }}" y="{{ $y + 12 }}">{{ $show->text($wish) }} days, the wish</text>
    @endif
</svg></div>
