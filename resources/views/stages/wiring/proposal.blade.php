<p class="small">Main fuse, isolating switch and bar behind the bank; from the bar a fuse to each device, sized for what flows and for what the bank drives
    into a short; every return behind the shunt. A regulator whose panels nothing switches off hangs before the isolating switch, so that it keeps its battery.
    What is drawn stays.</p>
@if ($proposal->parts() !== [])<p class="mt-2"><strong>Comes in:</strong> {{ implode(' · ', $proposal->parts()) }}.</p>@endif
@if ($proposal->drawing()->line)
    @include('stages.wiring.line', ['drawing' => $proposal->drawing()])
@endif
<x-table caption="Leads that come in" :head="['From', 'To', '#Size']">
    @foreach ($proposal->leads() as $lead)
        <tr><td class="small">{{ $lead['from'] }}</td><td class="small" data-label="To"><span>{{ $lead['to'] }}</span></td>
            <td class="n num" data-label="Size">{{ $lead['size'] }}</td></tr>
    @endforeach
</x-table>
<p class="small muted mt-1">Sizes carry the current and the fuse before them, at {{ $proposal->insulation() }} insulation; a long run wants more:
    measure its length, and the table below says what. Arrays and mains are left without a size: the panel maker and licensed people say it.</p>
@may('plan', $job)
    <form method="post" action="{{ route('wiring.update', $job) }}" class="mt-2">@csrf @method('put')
        <input type="hidden" name="seen" value="{{ $proposal->seen() }}">
        <fieldset><legend class="small muted">What is drawn; a piece brings with it what it hangs on.</legend>
            <p class="flex flex-wrap gap-x-5 gap-y-1">
                @foreach ($proposal->pieces() as $piece => $says)
                    <label class="inline-flex items-center gap-2 min-h-11"><input type="checkbox" name="pieces[]" value="{{ $piece }}"
                        checked>{{ $says }}</label>
                @endforeach
            </p></fieldset>
        <button class="btn">Draw it into the plan</button></form>
@endmay
