<p class="small muted">Read at each battery under a steady load of {{ $show->text($page->desk->loadA, 'A') }}; − is charging.</p>
<form method="get" action="{{ route('bank', $job) }}">
    @foreach ($page->asked() as $key => $value)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
    <p class="pick mb-2">
        <a href="{{ request()->fullUrlWithQuery(['amps' => [''], 'volts' => null]) }}" @if (! $page->desk->byVolts) aria-current="true" @endif>amps, by
            clamp</a>
        <a href="{{ request()->fullUrlWithQuery(['volts' => [''], 'amps' => null]) }}" @if ($page->desk->byVolts) aria-current="true" @endif>volts, at its
            terminals</a></p>
    <div class="form-grid">
        @foreach ($page->desk->drawing->network->sources as $i => $source)
            <div class="field"><label for="read-{{ $i }}">Battery {{ $page->desk->number($source->id) }}</label>
                <div class="with-unit"><input id="read-{{ $i }}" name="{{ $page->desk->byVolts ? 'volts' : 'amps' }}[{{ $i }}]"
                    value="{{ $page->desk->measured[$i] ?? '' }}" inputmode="text">
                    <span class="unit">{{ $page->desk->byVolts ? 'V' : 'A' }}</span></div></div>
        @endforeach
    </div>
    @if ($page->desk->measuredFault)<div class="error mt-1">{{ $page->desk->measuredFault }}</div>@endif
    <div class="actions"><button class="btn plain">Find it</button></div>
</form>
@if ($page->suspects())
    <x-table class="mt-3" caption="Suspects" :head="['Likeliest first', '#Would be worse by', '#Left unexplained']">
        @foreach ($page->suspects() as $suspect)
            <tr><td>{{ $suspect['words'] }}</td><td class="n num" data-label="Worse by">{{ $suspect['addedMohm'] > 0 ? $show->text($suspect['addedMohm'], 'mΩ')
                : '–' }}</td>
                <td class="n num" data-label="Left unexplained">{{ $show->text($suspect['error']) }} {{ $page->desk->byVolts ? 'mV' : '%' }}</td></tr>
        @endforeach
    </x-table>
    <p class="small muted mt-1">Below {{ $page->meterError() }}. Undo, clean and retighten the first suspect to its torque, then measure again.</p>
@endif
