<p class="small muted">Coldest morning {{ $show->text($page->coldestC(), '°C') }}{{ $page->isOnRecord() ? ', on record' : ', estimated' }}; cells at
    {{ $show->text($page->hotCellC(), '°C') }} in full sun</p>
@foreach ($page->arrays() as ['array' => $array, 'row' => $row, 'panels' => $panels, 'gain' => $gain, 'ways' => $ways])
    <h3 class="mt-3">{{ $array->regulator ? $say->part($array->regulator) : 'No regulator' }}
        <small class="muted">{{ count($array->panels) }} panel{{ count($array->panels) === 1 ? '' : 's' }}, {{ $show->text($array->watts(), 'W') }}:
            {{ $panels }}</small></h3>
    @if ($ways)
        <x-table :caption="'Ways to join the panels of ' . $say->part($array->regulator)" :head="['Panels', '#Cold, open', '#Hot, working', '#Short circuit',
            '#Full sun', 'Judged', '']">
            @foreach ($ways as ['series' => $series, 'strings' => $strings, 'fit' => $fit, 'worst' => $worst])
                <tr><td>{{ $series }} in series, {{ $strings }} string{{ $strings === 1 ? '' : 's' }}{{ $series === $array->series() ? ' ◆' : '' }}</td>
                    <td class="n num" data-label="Cold, open">{{ $show->text($fit->vocColdV, 'V') }} <small class="muted">of
                        {{ $say->line($array->regulator, 'max_pv_v') }}</small> {{ $say->how($fit->vocCold(), true) }}</td>
                    <td class="n num" data-label="Hot, working">{{ $show->text($fit->vmpHotV, 'V') }} {{ $say->how($fit->vmpHot(), true) }}</td>
                    <td class="n num" data-label="Short circuit">{{ $show->text($fit->iscA, 'A') }} <small
                        class="muted">{{ $say->line($array->regulator, 'max_pv_isc_a', 'of ') }}</small></td>
                    <td class="n num" data-label="Full sun">{{ $show->text($fit->chargeA, 'A') }}@if ($fit->isClipped()) <small class="muted">clipped from
                        {{ $show->text($fit->chargeAUnclipped, 'A') }}</small>@endif</td>
                    <td data-label="Judged"><span class="inline-flex gap-2 items-start">@if ($worst)<x-severity :of="$worst->severity" />
                        {{ $say->finding($worst)->title }}@else<span class="tag good">fits</span>@endif</span></td>
                    <td class="n">@may('plan', $job)@if ($series !== $array->series())
                        <form method="post" action="{{ route('arrays.update', [$job, $row->id]) }}" data-live>@csrf @method('put')<input type="hidden"
                            name="lock_version" value="{{ $row->version }}">
                            <input type="hidden" name="series" value="{{ $series }}">
                                <button class="btn plain">Choose<span class="sr-only">: {{ $series }} in series</span></button></form>
                    @endif @endmay</td></tr>
            @endforeach
        </x-table>
        @if ($gain)
            <p class="small mt-1">In a year, were all of it used: MPPT {{ $show->text($gain->mpptWh, 'Wh') }}, PWM {{ $show->text($gain->pwmWh, 'Wh') }};
                MPPT is {{ $show->text($gain->gainPct(), '%', 0) }} ahead. Fitted is {{ $say->choice($array->regulator->data->text('technology') ?? '') }}.</p>
        @endif
    @elseif ($array->regulator)
        <p class="small muted">The data sheets of panels or regulator have gaps: open volts, working volts and currents are needed to judge the fit.</p>
    @endif
@endforeach
<p class="small muted mt-2">A regulator wants the battery before it sees the sun: connect the battery first, disconnect it last. Different panels belong on
    different regulators; a portable panel gets an input of its own.</p>
