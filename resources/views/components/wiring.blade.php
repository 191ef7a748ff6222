@props(['job', 'wiring', 'editing' => null])
<x-fold id="wiring" title="What joins them" :answer="$wiring->counted()" :open="$editing !== null">@unfolded('wiring', $editing !== null)
    @if (count($job->conductors) + count($job->signals) > 0)
        <div class="scroll"><table>
            <caption class="sr-only">Conductors and signals</caption>
            <thead><tr>@foreach (['From', 'To', 'Size', 'Length', 'Protected by', 'Becomes', ''] as $h)<th scope="col">{{ $h }}</th>@endforeach</tr></thead>
            <tbody>
            @foreach ($job->conductors as $row)
                <tr>
                    <td class="small">{{ $wiring->at($row->from_terminal) }}@if ($row->planned_from)<div>→ {{ $wiring->at($row->planned_from) }}</div>
                        @endif</td>
                    <td class="small">{{ $wiring->at($row->to_terminal) }}@if ($row->planned_to)<div>→ {{ $wiring->at($row->planned_to) }}</div>@endif
                        @if ($row->route)<div
                        class="muted">{{ $row->route }}</div>@endif</td>
                    <td class="num">{{ $row->size_mm2 ? $show->units->conductorSize($row->size_mm2) : '–' }}</td>
                        <td class="num">{{ $row->length_m ? $show->text($row->length_m, 'm') : '–' }}</td>
                    <td class="small">{{ $row->protected_by ? ($wiring->parts()[$row->protected_by] ?? $row->protected_by) : '–' }}</td>
                    <td><span @class(['tag', 'out' => ! $wiring->fateOf($row)->isPlanned(), 'in' => !
                        $wiring->fateOf($row)->isFound()])>{{ $say->name($wiring->fateOf($row)) }}</span></td>
                    <td>@may('survey', $job)<a class="linkish" href="{{ route('survey', [$job, 'edit' => $row->uid]) }}#fold-wiring">Change<span
                        class="sr-only">
                        {{ $row->uid }}</span></a>@endmay</td>
                </tr>
            @endforeach
            @foreach ($job->signals as $row)
                <tr><td class="small">{{ $wiring->parts()[$row->from_part] ?? $row->from_part }}</td>
                    <td class="small">{{ $wiring->parts()[$row->to_part] ?? $row->to_part }}</td>
                    <td colspan="3" class="small">signal: {{ $say->name($row->kind) }}</td><td><span class="tag">{{ $say->name($row->fate) }}</span></td>
                    <td>@may('survey', $job)<x-delete :action="route('signals.destroy', [$job, $row])" :version="$row->lock_version" what="the signal"
                        />@endmay</td></tr>
            @endforeach
            </tbody>
        </table></div>
    @endif
    @may('survey', $job)
        @if (count($wiring->parts()) > 1)
            @if ($editing === null)
                <p class="mt-2"><a class="linkish" href="{{ route('survey', [$job, 'edit' => 'conductor']) }}#fold-wiring">Note a conductor</a>
                    <a class="linkish" href="{{ route('survey', [$job, 'edit' => 'signal']) }}#fold-wiring">Note a signal</a></p>
            @elseif ($editing === 'signal')
                <x-signal-form :job="$job" :wiring="$wiring" />
            @else
                <x-conductor-form :job="$job" :wiring="$wiring" :row="$wiring->edited($job, $editing)" />
            @endif
        @endif
    @endmay
@endunfolded</x-fold>
