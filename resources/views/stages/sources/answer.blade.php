@if (! $sun)Where is it used? Without a place the sun has no height. @may('update', $job)<a href="{{ route('jobs.edit', $job) }}">Choose it in the
    brief.</a>@endmay
@elseif (! $sun->ruling)Which months is it on the road? @may('update', $job)<a href="{{ route('jobs.edit', $job) }}">Mark them in the brief.</a>@endmay
@elseif ($study->loads()->budget->energyWhDay <= 0)Enter the loads first: nothing is needed yet.
@else In {{ $page->month($sun->ruling->month) }}, the poorest month on the road, {{ $show->text($sun->plannedW, 'W') }} of array bring
    <strong>{{ $show->text($sun->ruling->plannedWh, 'Wh') }}</strong> of <strong>{{ $show->text($sun->ruling->needWh, 'Wh') }}</strong> a day.
    @if ($sun->isBeyondRoof())Sun alone would take more than the roof holds: another source must carry that month.
    @else Sun alone would take <strong>{{ $show->text($sun->ruling->neededW, 'W') }}</strong>.@endif
@endif
