@php($sun = $sums->sun)
@php($sources = collect($system->parts)->filter(fn ($p) => $p->fate->isPlanned() && ($p->kind->isCharger() || in_array($p->kind->value, ['panel', 'alternator', 'isolator', 'shore_inlet'], true))))
<x-layout title="Sources" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ $stage->question() }}</h1><span class="aside">{{ $system->place?->name }}{{ $system->place ? ', ' . round($system->place->latitudeDeg, 1) . '°' : '' }}</span></div>
    <p class="lead">
        @if (! $sun)Where is it used? Without a place the sun has no height. @can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Choose it in the brief.</a>@endcan
        @elseif (! $sun->ruling)Which months is it on the road? @can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Mark them in the brief.</a>@endcan
        @elseif ($sums->loads->budget->energyWhDay <= 0)Enter the loads first: nothing is needed yet.
        @else In {{ DateTime::createFromFormat('!n', (string) $sun->ruling->month)->format('F') }}, the poorest month on the road, {{ $show->text($sun->plannedW, 'W') }} of array bring <strong>{{ $show->text($sun->ruling->plannedWh, 'Wh') }}</strong> of <strong>{{ $show->text($sun->ruling->needWh, 'Wh') }}</strong> a day. @if ($sun->isBeyondAnyRoof())No roof is large enough there: another source must carry that month.@else Sun alone would take <strong>{{ $show->text($sun->ruling->neededW, 'W') }}</strong>.@endif
        @endif
    </p>
    @if ($sun)
        <div class="mt-4"><x-sun-year :sun="$sun" /></div>
        @if ($sun->ruling && $sun->needed())
            <div class="figures"><x-stat :figure="$sun->needed()" /><x-stat :figure="$sun->sunOf($sun->ruling)" label="Sun on the panel, a day" /><x-stat :figure="new Pebblefell\Finding\Figure('Covered', 100 * $sun->coverage(), '%', 'planned array’s yield ÷ need, poorest travelled month')" left /></div>
        @endif
    @endif
    <div class="section">
        <div class="section-head"><h2>What charges it</h2><span class="aside">as planned</span></div>
        @if ($sources->isEmpty())<x-empty title="No source yet"><p>Survey lists what is there; below, add what is to come.</p></x-empty>
        @else
            <table class="stack"><caption class="sr-only">Sources</caption>
                <thead><tr><th scope="col">Source</th><th scope="col">Limits</th><th scope="col">At most</th><th scope="col">Becomes</th></tr></thead>
                <tbody>@foreach ($sources as $part)
                    @php($row = $job->parts->firstWhere('uid', $part->uid))
                    @php($amps = $part->data->number('max_charge_a') ?? $part->data->number('output_a') ?? $part->data->number('charge_a'))
                    <tr><td><a href="{{ route('parts.edit', [$job, $row]) }}">{{ $part->name() }}</a><div class="small muted">{{ $part->kind->label() }}</div></td>
                        <td class="small" data-label="Limits"><span>{{ App\Support\PartWords::of($part, $show) }}</span></td>
                        <td class="num" data-label="At most">{{ $amps ? '▲ ' . $show->text($amps, 'A') . ', ' . $show->text($amps * ($sums->banks->planned->bank?->nominalV() ?? $system->vehicle->systemV), 'W') : ($part->data->number('pmax_w') ? '▲ ' . $show->text($part->data->number('pmax_w'), 'W') : '–') }}</td>
                        <td data-label="Becomes"><span class="tag {{ $part->fate->value === 'add' ? 'in' : '' }}">{{ $part->fate->label() }}</span></td></tr>
                @endforeach</tbody>
            </table>
        @endif
        <p class="small muted mt-3">Hook-ups in {{ $region->label() }}: {{ collect($region->hookUpsA())->map(fn ($a) => $show->text($a, 'A') . ' (' . $show->text($a * $region->mainsV(), 'W') . ')')->implode(', ') }}. Charging and what is passed through share it.</p>
        <x-caution>{{ $region->solarCaution() }} {{ $region->mainsCaution() }}</x-caution>
    </div>
    @can('plan', $job)
        <div class="section" id="add"><div class="section-head"><h2>Add a source</h2><span class="aside">from the parts library</span></div>
            <form method="post" action="{{ route('parts.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="source"><input type="hidden" name="fate" value="add"><input type="hidden" name="back" value="/jobs/{{ $job->id }}/sources">
                <div class="form-grid">
                    <div class="field"><label for="source-library">Part</label><select id="source-library" name="library_part_id" required data-add-field><option value="">choose</option>@foreach ($library as $kind => $parts)<optgroup label="{{ $kind }}">@foreach ($parts as $part)<option value="{{ $part->id }}" @selected(old('_form') === 'source' && (int) old('library_part_id') === $part->id)>{{ $part->name() }}</option>@endforeach</optgroup>@endforeach</select>@if (old('_form') === 'source')@error('library_part_id')<div class="error">{{ $message }}</div>@enderror @endif</div>
                    <x-field form="source" label="How many" name="count" value="1" inputmode="numeric" />
                    <x-field form="source" label="Where it goes" name="place" placeholder="roof, front" />
                </div>
                <div class="actions"><button class="btn" data-add>Add it to the plan</button></div>
            </form></div>
    @endcan
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
