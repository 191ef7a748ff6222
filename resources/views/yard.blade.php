<x-layout title="Yard">
    <div class="stage-head"><h1>What needs me now?</h1><span class="aside">{{ $workshop->name }}</span>
        @can('create', $models['job'])<span class="right actions mt-0!"><a class="btn" href="{{ route('jobs.create') }}" data-add>Open a job</a><a
            class="btn link" href="{{ route('jobs.import') }}">Take in a job file</a></span>@endcan</div>
    @if ($waits !== [])
        <div class="mt-4"><h2>Waits</h2><ul class="waits">@foreach (array_slice($waits, 0, 8) as $w)<li><a
            href="{{ route($w['stage'], $w['job']) }}">{{ $w['job']->title }}</a>: {{ $w['words'] }} @if (in_array($w['mark'], ['now', 'over'], true))<span
            class="tag look">{{ $w['mark'] }}</span>
            @elseif ($w['at'])<span class="muted">{{ $w['mark'] === 'due' ? 'due ' . $workshop->local($w['at'])->format('j M Y') : 'until about ' .
                $workshop->local($w['at'])->format('j M H:i') }}</span>@endif</li>@endforeach</ul><p class="small mt-3"><a class="inline-block py-1"
            href="{{ route('balance.ics') }}">As a calendar file</a></p></div>
    @endif
    @if ($page->isThere())
        <div class="mt-4"><h2>Today by bay</h2><p class="small">{{ $page->today() }}</p>
            @include('yard-bays', ['chart' => $page->chart()])
            @foreach ($page->shortOf() as $line)<p class="small text-rust">{{ $line }}</p>@endforeach
            @if ($page->isCrowded())
                <x-fold id="order" title="A better order" answer="nobody earlier, all together as little late as can be" :open="$errors->has('seen')">
                    @unfolded('order', $errors->has('seen'))
                    @error('seen')<p class="error">{{ $message }}</p>@enderror
                    @if ($moves = $page->moves())
                        <ul>@foreach ($moves as $move)<li class="py-1"><a href="{{ route('day-plan', $move['plan']->job_id) }}">{{
                            $move['plan']->job?->title }}</a> from <strong>{{ $move['says'] }}</strong></li>@endforeach</ul>
                        @can('plan', $models['job'])
                            <form method="post" action="{{ route('yard.update') }}" class="actions">@csrf @method('put')
                                <input type="hidden" name="seen" value="{{ $page->mark() }}"><button class="btn plain">Plan them so</button></form>
                        @endcan
                    @else
                        <p>No order within these days is better; ask for more people, another bay or another charger.</p>
                    @endif
                    @endunfolded
                </x-fold>
            @endif</div>
    @endif
    @if ($jobs->isEmpty())
        <div class="mt-6"><x-empty title="No jobs yet"><p>Open one: customer, vehicle, and how they travel. The rest follows stage by
            stage.</p></x-empty></div>
    @else
        <table class="mt-4 stack">
            <caption class="sr-only">Jobs, last changed first</caption>
            <thead><tr><th scope="col">Job</th><th scope="col">How far</th><th scope="col">Next</th><th scope="col">To decide</th><th scope="col">Changed</th>
                </tr></thead>
            <tbody>
            @foreach ($page->rows($jobs) as ['job' => $job, 'digest' => $digest, 'states' => $states, 'changed' => $changed])
                <tr class="yard-row">
                    <td><a class="title" href="{{ route('jobs.show', $job) }}">{{ $job->title }}</a>
                        <div class="small muted">{{ $job->number }} · {{ $job->customer?->name }}</div></td>
                    <td data-label="How far"><span class="stones">@foreach ($states as $state)@stone($state)@endforeach</span>
                        <span class="sr-only">{{ array_count_values($states)['done'] ?? 0 }} of {{ count($states) }} stages done</span></td>
                    <td data-label="Next">@if (isset($digest['unreadable']))<a class="text-rust" href="{{ route('survey', $job) }}">Cannot be read:
                        {{ $digest['unreadable']['message'] }}</a>@elseif ($digest['finished'] ?? false)<span
                        class="muted">{{ $digest['next'] }}</span>@else<a
                        href="{{ route($digest['stage'] ?? 'survey', $job) }}">{{ $digest['next'] ?? '' }}</a>@endif</td>
                    <td data-label="To decide" class="whitespace-nowrap">
                        @if ($digest['stops'] ?? 0)<span class="tag out">{{ $say->word('stages.stops', ['count' => $digest['stops']]) }}</span> @endif
                        @if ($digest['fixes'] ?? 0)<span class="tag look">{{ $say->word('stages.fixes', ['count' => $digest['fixes']]) }}</span>@endif
                    </td>
                    <td data-label="Changed" class="small muted whitespace-nowrap">{{ $changed }}</td>
                </tr>
            @endforeach
            </tbody>
        </table>
        <x-pager :of="$jobs" />
    @endif
</x-layout>
