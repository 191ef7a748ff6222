@if ($page->capacities() !== [])
    <x-table caption="Capacities measured" :head="['Battery', 'When', '#Capacity', '#Of the label', 'How']">
        @foreach ($page->capacities() as $c)<tr><td>{{ $c['part'] }}</td><td class="num" data-label="When">{{ $c['when'] }}</td>
            <td class="n num" data-label="Capacity">{{ $c['ah'] }}</td><td class="n num" data-label="Of the label">{{ $c['share'] }}</td>
            <td class="small" data-label="How">{{ $c['note'] ?: '–' }}</td></tr>@endforeach
    </x-table>
@endif
@foreach ($page->discharges() as $d)
    <p class="mt-2"><strong>{{ $d['part'] }}:</strong> {{ $d['says'] }}</p>
    @may('record', $job)
        <div class="flex flex-wrap gap-3">
            @if ($d['done'])
                <form method="post" action="{{ route('test.capacity', $job) }}">@csrf<input type="hidden" name="_form" value="live">
                    <input type="hidden" name="live" value="1"><input type="hidden" name="part" value="{{ $d['uid'] }}">
                    <input type="hidden" name="end_v" value="{{ $page->endV() }}"><button class="btn">Keep it as its capacity</button></form>
            @endif
            <x-answer :job="$job" :step="$d['step']" state="undone" says="Begin anew" :what="$d['part']" /></div>
    @endmay
@endforeach
@may('record', $job)
    <form method="post" action="{{ route('test.store', $job) }}" class="mt-3" data-outbox="A reading of the discharge"
        data-outbox-says="{value} V, {amps} A" data-who="{{ auth()->id() }}">@csrf<input type="hidden" name="_form" value="discharge">
        @clientid<input type="hidden" name="state" value="done">
        <input type="hidden" name="back" value="{{ route('test', $job, false) }}#fold-capacity">
        <div class="form-grid">
            <x-field form="discharge" label="While it runs: battery" name="step" :options="$page->dischargeSteps()" />
            <x-field form="discharge" label="Volts now" name="value" unit="V" inputmode="decimal" autocomplete="off" required />
            <x-field form="discharge" label="Amps out of it" name="amps" unit="A" inputmode="decimal" autocomplete="off" required />
        </div><div class="actions"><button class="btn plain">Note the reading</button><span class="small muted" data-outbox-said data-keep="yes"
            role="status"></span></div></form>
    <form method="post" action="{{ route('test.capacity', $job) }}" class="mt-3">@csrf<input type="hidden" name="_form" value="capacity">
        <div class="form-grid">
            <x-field form="capacity" label="Battery" name="part" :options="$page->batteries()" />
            <x-field form="capacity" label="Ends at" name="end_v" unit="V" :value="$page->endV()" inputmode="decimal" required />
            <x-field form="capacity" label="Warmth of the battery" name="celsius" :unit="$show->unit('°C')" inputmode="text" />
            <x-field form="capacity" class="wide" label="The log, as a table: minutes, volts, amps" name="table" :rows="5"
                help="Full at the start; a steady load; the first line names the columns. What stands after the end is left out." required />
        </div><div class="actions"><button class="btn">Work it out and keep it</button></div></form>
@endmay
