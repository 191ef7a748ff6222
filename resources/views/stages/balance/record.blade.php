<div class="section flex flex-wrap gap-8 items-end">
    @if (! $page->isJoined() && $page->joins())
        <form method="post" action="{{ route('balance.join', [$job, $session]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')
            @if ($page->gate->answer !== 'join')@may('plan', $job)<div class="field"><label for="join-reason">Overrule, because</label><input id="join-reason"
                name="reason" value="{{ old('reason') }}"></div>@endmay @endif
            <button @class(['btn', 'plain' => $page->gate->answer !== 'join'])>They are joined</button></form>
    @endif
    <form method="post" action="{{ route('balance.finish', [$job, $session]) }}" class="flex flex-wrap gap-3 items-end">@csrf @method('put')<input type="hidden"
        name="passed" value="1">
        @if ($page->against && ($page->isJoined() || ! $page->joins()))
            @may('plan', $job)<div class="field"><label for="finish-reason">Overrule, because</label><input id="finish-reason" name="reason"
                value="{{ old('reason') }}"></div>@endmay
        @endif
        <button @class(['btn', 'plain' => $page->against !== []])>All read alike: keep the result</button></form>
    <form method="post" action="{{ route('balance.finish', [$job, $session]) }}">@csrf @method('put')<input type="hidden" name="passed" value="0">
        <button class="btn link">Close without a result</button></form>
</div>
<div class="section two">
    <div><h3>Many readings at once</h3>
        <form method="post" action="{{ route('balance.table', [$job, $session]) }}" enctype="multipart/form-data" class="mt-2">@csrf<input type="hidden"
            name="_form" value="tbl">
            <x-field form="tbl" label="Paste them" name="table" :rows="4" placeholder="battery,time,volts,amps,celsius&#10;1,2026-11-25 08:30,13.42,0,14"
                help="First line: battery, time, volts, and if read amps, celsius, cell1, cell2 …
                    Battery: serial, or its number here. Times without a zone are the workshop’s." />
            <div class="field mt-2"><label for="tbl-file">or a CSV file</label><input id="tbl-file" type="file" name="file" accept=".csv,text/csv"></div>
            <label class="check mt-2"><input type="checkbox" name="sure" value="1"> Odd ones are so: do not ask about them</label>
            <x-faults />
            <div class="actions"><button class="btn plain">Log them all</button></div></form></div>
    <div><h3>Out of it again</h3><p class="small"><a href="{{ route('balance.csv', [$job, $session]) }}">The log as CSV</a>. <a
        href="{{ route('balance.ics') }}">Waits as a calendar file</a>.</p>
        <h3 class="mt-4">From an instrument</h3><p class="small">Any device that can print a line can write into this log: <code>./pebblefell feed
            {{ $job->number }}</code> reads JSON lines from standard input; docs/instruments.md says how.</p>
        <h3 class="mt-4">Without a network</h3><p class="small">Readings that are logged by hand are kept on this device until they have arrived, each once, in
            order.</p></div>
</div>
@if ($page->mayPractise())
<div class="section"><div class="section-head"><h2>Simulated bench</h2><span class="aside">stand-ins with hidden charges, to try the way out without
    batteries</span></div>
    <form method="post" action="{{ route('balance.bench', [$job, $session]) }}">@csrf @method('put')
        <div class="form-grid">
            <div class="field"><label for="bench-speed">Speed</label>
                <select id="bench-speed" name="speed">@foreach ($page->speeds() as $speed)<option value="{{ $speed }}" @selected(($session->bench['speed'] ??
                    600.0) == $speed)>{{ number_format($speed) }} ×</option>@endforeach</select></div>
            <div class="field"><label for="bench-source">Charged by</label>
                <select id="bench-source" name="source">@foreach ($page->benchChargers() as $source)<option value="{{ $source->value }}"
                    @selected(($session->bench['charger'] ?? 'mains') === $source->value)>{{ $say->name($source) }}</option>@endforeach</select></div>
            @foreach ($page->batteries() as $k => $b)
                <div class="field"><label for="fault-{{ $k }}">Battery {{ $b->number }}</label>
                    <select id="fault-{{ $k }}" name="fault[{{ $b->row->part_uid }}]" @disabled($session->bench !== null)>
                        @foreach ($page->faults() as $fault => $label)<option value="{{ $fault }}"
                            @selected(($session->bench['states'][$b->row->part_uid]['fault'] ?? '') === $fault)>{{ $label }}</option>@endforeach</select></div>
            @endforeach
        </div>
        <div class="actions"><button class="btn plain">{{ $session->bench ? 'Change the bench' : 'Start the bench' }}</button></div></form>
    @if ($session->bench)<p class="small muted">{{ $page->isCells() ? 'Cell meters read.' : 'Battery monitors read.' }} This session is practice: it opens
        no gate, and nothing of it is kept with the batteries.</p>@endif</div>@endif
<div><div data-live-stream="{{ route('balance.live', [$job, $session]) }}" class="sr-only">Listening for readings.</div></div>
