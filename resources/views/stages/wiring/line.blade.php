<div class="scroll mt-3">@include('stages.wiring.svg')</div>
<p class="small muted">{{ $drawing->returns ? 'Negative side' : 'Positive and line sides' }}; the bank at the
    {{ $drawing->line->upright ? 'top' : 'left' }}. The thicker the line, the thicker the cable; dashed: array; dotted:
    starter side; dash and dot: mains. Heather: new{{ $drawing->shown->value === 'both' ? '; struck and dotted: comes out' : '' }}.
    {{ $drawing->line->crossings === 0 ? 'No lines cross.' : $drawing->line->crossings . ' lines cross.' }}</p>
