<x-layout title="Find">
    <h1>{{ $words === '' ? 'Find' : '“' . $words . '”' }}</h1>
    @if ($words === '')
        <x-empty title="What are you looking for?"><p>A job’s name or number, a registration, a customer, a make, a model, or a serial.</p></x-empty>
    @elseif ($jobs->isEmpty() && $parts->isEmpty() && $library->isEmpty())
        <x-empty title="Nothing of that name"><p>Try fewer letters, or only the end of the serial.</p></x-empty>
    @endif
    @if ($jobs->isNotEmpty())
        <h2 class="mt-5">Jobs</h2>
        <ul>@foreach ($jobs as $found)<li class="py-1"><a href="{{ route('jobs.show', $found) }}">{{ $found->title }}</a> <span
            class="muted">{{ $found->number }} · {{ $found->customer?->name }}</span></li>@endforeach</ul>
    @endif
    @if ($parts->isNotEmpty())
        <h2 class="mt-5">Parts in jobs</h2>
        <ul>@foreach ($parts as $part)<li class="py-1"><a href="{{ route('parts.edit', [$part->job, $part]) }}">{{ $part->name() }}</a> <span
            class="num">{{ $part->serial }}</span> <span class="muted">in {{ $part->job?->title }}</span></li>@endforeach</ul>
    @endif
    @if ($library->isNotEmpty())
        <h2 class="mt-5">Parts library</h2>
        <ul>@foreach ($library as $part)<li class="py-1"><a href="{{ route('library.edit', $part) }}">{{ $part->name() }}</a> <span
            class="muted">{{ $say->name($part->kind) }}</span></li>@endforeach</ul>
    @endif
</x-layout>
