@props(['job', 'system', 'editing' => null, 'may' => false])
@php($terminals = collect($system->parts)->flatMap(fn ($p) => collect($p->kind->terminals())->mapWithKeys(fn ($t) => [$p->uid . '.' . $t->name => $say->onePart($p) . ', ' . $say->terminal($p->kind, $t->name)])))
@php($label = fn ($t) => $terminals[$t] ?? $t)
@php($fuses = collect($system->parts)->filter(fn ($p) => in_array($p->kind->value, ['fuse', 'breaker'], true))->mapWithKeys(fn ($p) => [$p->uid => $say->onePart($p)]))
@php($uids = collect($system->parts)->mapWithKeys(fn ($p) => [$p->uid => $say->onePart($p)]))
@php($fates = collect(Pebblefell\System\Fate::cases())->mapWithKeys(fn ($f) => [$f->value => $say->name($f)]))
<div class="section" id="wiring">
    <div class="section-head"><h2>What joins them</h2><span class="aside">{{ count($system->conductors) }} conductors, {{ count($system->signals) }} signals noted</span></div>
    @if ($system->conductors !== [] || $system->signals !== [])
        <div class="scroll"><table>
            <caption class="sr-only">Conductors and signals</caption>
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Size</th><th scope="col">Length</th><th scope="col">Protected by</th><th scope="col">Becomes</th><th scope="col"></th></tr></thead>
            <tbody>
            @foreach ($job->conductors as $row)
                <tr>
                    <td class="small">{{ $label($row->from_terminal) }}</td><td class="small">{{ $label($row->to_terminal) }}@if ($row->route)<div class="muted">{{ $row->route }}</div>@endif</td>
                    <td class="num">{{ $row->size_mm2 ? $show->units->conductorSize($row->size_mm2) : '–' }}</td><td class="num">{{ $row->length_m ? $show->text($row->length_m, 'm') : '–' }}</td>
                    <td class="small">{{ $row->protected_by ? ($fuses[$row->protected_by] ?? $row->protected_by) : '–' }}</td><td>@php($fate = $system->fateOf($system->conductors[$row->uid]))<span class="tag {{ ['remove' => 'out', 'add' => 'in'][$fate->value] ?? '' }}">{{ $say->name($fate) }}</span></td>
                    <td>@if ($may)<a class="linkish" href="{{ route('survey', [$job, 'edit' => $row->uid]) }}#wiring">Change<span class="sr-only"> {{ $row->uid }}</span></a>@endif</td>
                </tr>
            @endforeach
            @foreach ($job->signals as $row)
                <tr><td class="small">{{ $uids[$row->from_part] ?? $row->from_part }}</td><td class="small">{{ $uids[$row->to_part] ?? $row->to_part }}</td><td colspan="3" class="small">signal: {{ $say->name($row->kind) }}</td><td><span class="tag">{{ $say->name($row->fate) }}</span></td>
                    <td>@if ($may)<x-delete :action="route('signals.destroy', [$job, $row])" :version="$row->lock_version" what="the signal" />@endif</td></tr>
            @endforeach
            </tbody>
        </table></div>
    @endif
    @if ($may && count($system->parts) > 1)
        @if ($editing === null)
            <p class="mt-2"><a class="linkish" href="{{ route('survey', [$job, 'edit' => 'conductor']) }}#wiring">Note a conductor</a> <a class="linkish" href="{{ route('survey', [$job, 'edit' => 'signal']) }}#wiring">Note a signal</a></p>
        @elseif ($editing === 'signal')
            <form method="post" action="{{ route('signals.store', $job) }}" class="mt-3">
                @csrf<input type="hidden" name="_form" value="g-new">
                <div class="form-grid">
                    <x-field form="g-new" label="What it says" name="kind" :options="collect(Pebblefell\System\SignalKind::cases())->mapWithKeys(fn ($k) => [$k->value => $say->name($k)])" />
                    <x-field form="g-new" label="Who knows" name="from_part" :options="$uids" /><x-field form="g-new" label="Who obeys" name="to_part" :options="$uids" />
                    <x-field form="g-new" label="Is it" name="fate" :options="$fates" value="keep" />
                </div>
                <div class="actions"><button class="btn">Note the signal</button><a class="btn link" href="{{ route('survey', $job) }}#wiring">Leave it</a></div>
            </form>
        @else
            @php($row = $job->conductors->firstWhere('uid', $editing))
            <form method="post" action="{{ $row ? route('conductors.update', [$job, $row]) : route('conductors.store', $job) }}" class="mt-3">
                @csrf<input type="hidden" name="_form" value="conductor">@if ($row) @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}">@endif
                <div class="form-grid"><x-conductor-fields form="conductor" :row="$row ?? new App\Models\Conductor()" :terminals="$terminals" :fuses="$fuses" :fates="$fates" /></div>
                <div class="actions"><button class="btn">{{ $row ? 'Save the conductor' : 'Note the conductor' }}</button><a class="btn link" href="{{ route('survey', $job) }}#wiring">Leave it</a></div>
            </form>
            @if ($row)<x-delete :action="route('conductors.destroy', [$job, $row])" :version="$row->lock_version" what="the conductor" />@endif
        @endif
    @endif
</div>
