<tr><td>{{ $b->number }} {{ $say->part($b->part) }}<div class="small muted">{{ $b->part->serial ?: 'no serial noted' }}</div></td>
    <td data-label="Where it is"><span>{{ $b->where() }}<div class="small muted">since {{ $b->since() }}</div></span></td>
    <td class="n num" data-label="Last reading"><span>{{ $b->volts() }}<div class="small muted">{{ $b->besides() }}</div></span></td>
    <td class="n num" data-label="Charge"><span>{{ $b->charge() }}<div class="small muted">{{ $b->vague() }}</div></span></td>
    <td data-label="Ready"><span>{{ $b->ready() }}<div class="small muted">{{ $b->why() }}</div></span></td></tr>
@foreach ($b->symptoms as $symptom)
    <tr class="tools"><td colspan="5"><p class="small text-rust"><strong>Look at it:</strong> {{ $say->said($symptom) }}.</p></td></tr>
@endforeach
@if ($cells = $b->cells())
    <tr class="tools"><td colspan="5"><div class="cells" role="img"
        aria-label="@foreach ($cells as $i => $cell)cell {{ $i + 1 }}: {{ number_format($cell['volts'], 3) }} V. @endforeach">
        @foreach ($cells as $i => $cell)<span @class(['num small', 'text-rust' => $cell['high']])>{{ $i + 1 }} {{ number_format($cell['volts'], 3) }}</span>
            @endforeach</div></td></tr>
@endif
@may('record', $job)
    <tr class="tools"><td colspan="5"><div class="flex flex-wrap gap-x-6 gap-y-2 items-end">
        <form method="post" action="{{ route('balance.read', [$job, $page->session, $b->row]) }}" class="flex flex-wrap gap-3 items-end"
            data-outbox="battery {{ $b->number }}"
            data-outbox-says="{volts} V" data-who="{{ auth()->id() }}">@csrf<input type="hidden" name="_form" value="r{{ $b->row->id }}">
                @clientid
            <x-field class="narrow" :form="'r' . $b->row->id" :label="'Volts, ' . $b->number" name="volts" unit="V" inputmode="decimal" autocomplete="off"
                required pattern="\s*[\-−+]?\d*[.,]?\d+\s*" title="Volts, as read: 13.42" />
            @if ($page->isCells())<x-field :form="'r' . $b->row->id" label="Each cell" name="cells" unit="V" inputmode="text" autocomplete="off" />@endif
            <x-field class="narrow" :form="'r' . $b->row->id" label="Amps" name="amps" unit="A" inputmode="text" autocomplete="off" />
            <x-field class="narrow" :form="'r' . $b->row->id" label="At the battery" name="celsius" :unit="$show->unit('°C')" inputmode="text"
                autocomplete="off" />
            @if (session('ask') === $b->row->id)<label class="check"><input type="checkbox" name="sure" value="1"> It is so</label>@endif
            <button class="btn plain" aria-label="Log it, battery {{ $b->number }}">Log it</button><span class="small muted" data-outbox-said data-keep="yes"
                role="status"></span></form>
        @if ($b->next())
            <form method="post" action="{{ route('balance.step', [$job, $page->session, $b->row]) }}" class="flex flex-wrap gap-3 items-end">@csrf
                @method('put')
                <input type="hidden" name="lock_version" value="{{ $b->row->lock_version }}"><input type="hidden" name="step" value="{{ $b->next()->value }}">
                @if ($b->takesCharger())
                    <div class="field"><label for="ch{{ $b->row->id }}">Charger</label>
                        <select id="ch{{ $b->row->id }}" name="charger">@foreach ($page->session->chargers as $charger)<option @selected($charger['name'] ===
                            $b->charger())>{{ $charger['name'] }}</option>@endforeach</select></div>
                @endif
                <button @class(['btn', 'plain' => ! ($b->takesCharger() && $b->isItsTurn())])
                    aria-label="{{ $b->nextWords() }}, {{ $b->nextOf() }}">{{ $b->nextWords() }}</button></form>
        @endif
        @if ($b->back())
            <form method="post" action="{{ route('balance.step', [$job, $page->session, $b->row]) }}">@csrf @method('put')<input type="hidden"
                name="lock_version" value="{{ $b->row->lock_version }}">
                <input type="hidden" name="step" value="{{ $b->back()->value }}">
                    <button class="btn link" aria-label="Back a step, battery {{ $b->number }}">Back a step</button></form>
        @endif
    </div></td></tr>
@endmay
