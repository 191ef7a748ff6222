<p><strong>Held live by:</strong> {{ $safe->heldBy() ?: __('opens.held.nothing') }}.</p>
@if ($safe->point->neverDead)
    <p class="mt-2">{{ __('opens.never-dead') }}</p>
@else
    <ol class="steps mt-2">
        @foreach ($safe->steps() as $step)
            <li>{{ $step['do'] }} @if ($step['danger'])<span class="tag out">in danger</span> {{ $step['danger'] }}@endif</li>
        @endforeach
    </ol>
    @if ($safe->dark())<p class="mt-2"><strong>Goes dark with it:</strong> {{ $safe->dark() }}.</p>@endif
@endif
<p class="small muted mt-1">{{ __('opens.safe-caution') }}</p>
