<x-layout title="Parts library">
    <div class="stage-head"><h1>Parts library</h1><span class="aside">{{ $counts->sum() }} models with their data sheets</span>
        @can('create', $models['library'])<span class="right"><a class="btn" href="{{ route('library.create', ['kind' => $kind?->value]) }}" data-add>Add a
        model</a></span>@endcan</div>
    <nav class="pick mt-4" aria-label="Kinds"><a href="{{ route('library.index') }}" @if (! $kind) aria-current="true"
        @endif>all</a>@foreach ($kinds as $each)@if ($counts[$each->value] ?? 0)<a href="{{ route('library.index', ['kind' => $each->value]) }}" @if ($kind ===
        $each) aria-current="true"
        @endif>{{ $say->name($each) }} <span class="muted">{{ $counts[$each->value] }}</span></a>@endif @endforeach</nav>
    @if ($parts->isEmpty())<div class="mt-5"><x-empty title="No models yet"><p>Add one, or take in a CSV file.</p></x-empty></div>@else
    <table class="mt-4 stack"><caption class="sr-only">Models</caption><thead><tr><th scope="col">Make and model</th><th scope="col">Kind</th>
        <th scope="col">Main figures</th></tr></thead><tbody>
    @foreach ($parts as $part)<tr><td><a href="{{ route('library.edit', $part) }}">{{ $part->name() }}</a></td>
        <td class="small" data-label="Kind">{{ $say->name($part->kind) }}</td><td class="small"
            data-label="Main figures"><span>{{ $say->about($part->asPart()) }}</span></td></tr>@endforeach
    </tbody></table><x-pager :of="$parts" />@endif
    <div class="section flex flex-wrap items-end gap-6"><a href="{{ route('library.csv') }}">Library as CSV</a>@can('create', $models['library'])<x-upload
        id="library-csv" :action="route('library.csv.store')" label="Take models in from CSV" button="Take in" accept=".csv,text/csv" />@endcan</div>
    <x-faults />
</x-layout>
