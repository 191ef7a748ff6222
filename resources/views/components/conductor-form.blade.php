@props(['job', 'wiring', 'row' => null, 'back' => null])
<form method="post" action="{{ $row ? route('conductors.update', [$job, $row]) : route('conductors.store', $job) }}" class="mt-3">
    @csrf<input type="hidden" name="_form" value="conductor">@if ($row) @method('put')<input type="hidden" name="lock_version"
        value="{{ $row->lock_version }}">@endif
    @if ($back)<input type="hidden" name="back" value="{{ $back }}">@endif
    <div class="form-grid">
        <x-field form="conductor" label="From" name="from_terminal" :value="$row?->from_terminal" :options="$wiring->terminals()" blank="choose" />
        <x-field form="conductor" label="To" name="to_terminal" :value="$row?->to_terminal" :options="$wiring->terminals()" blank="choose" />
        <x-field form="conductor" label="Size, mm² or AWG" name="size" :value="$row?->size_mm2 ? $show->units->conductorField($row->size_mm2) : ''"
            placeholder="35 or 2 AWG" />
        <x-field form="conductor" label="Length, one way" name="length_m" :value="$show->field($row?->length_m, 'm')" :unit="$show->unit('m')"
            inputmode="decimal" />
        <x-field form="conductor" label="Insulation" name="insulation_c" :value="$row?->insulation_c ? (string) (int) $row->insulation_c : ''"
            :options="collect([70, 90, 105])->mapWithKeys(fn ($c) => [$c => $show->text($c, '°C')])" blank="not known" />
        <x-field form="conductor" label="Warmth where it lies" name="ambient_c" :value="$show->field($row?->ambient_c, '°C')" :unit="$show->unit('°C')"
            inputmode="decimal" :help="$wiring->warmthHelp()" />
        <x-field form="conductor" label="Loaded conductors in its bundle" name="grouped" :value="$row?->grouped" inputmode="numeric"
            help="Itself among them. Empty: it lies alone." />
        <x-field form="conductor" label="Protected by" name="protected_by" :value="$row?->protected_by" :options="$wiring->fuses()" blank="nothing noted" />
        <x-field form="conductor" label="Route" name="route" :value="$row?->route" />
        <x-field form="conductor" label="Becomes" name="fate" :value="$row?->fate->value ?? 'keep'" :options="$wiring->fates()" />
        @if ($row?->fate->isFound())
            <x-field form="conductor" label="Its “from” end goes to" name="planned_from" :value="$row->planned_from" :options="$wiring->terminals()"
                blank="where it is" />
            <x-field form="conductor" label="Its “to” end goes to" name="planned_to" :value="$row->planned_to" :options="$wiring->terminals()"
                blank="where it is" />
        @endif
    </div>
    <div class="actions"><button class="btn">{{ $row ? 'Save the conductor' : 'Note the conductor' }}</button><a class="btn link"
        href="{{ $back ?? route('survey', $job) . '#fold-wiring' }}">Leave it</a></div>
</form>
@if ($row)
    <x-delete :action="route('conductors.destroy', [$job, $row])" :version="$row->lock_version" what="the conductor" />
@endif
