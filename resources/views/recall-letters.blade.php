<x-layout title="Letters" bare>
    <p class="no-print"><a href="{{ route('recall', request()->all()) }}">← Recall</a> <span class="muted">{{ count($letters) }}
        letter{{ count($letters) === 1 ? '' : 's' }}, each on its own page when printed.</span></p>
    @foreach ($letters as $letter)
        <article class="sheet letter">
            <p>{{ $workshop->name }}, {{ $workshop->address }}</p>
            <p class="mt-5">{{ $letter['job']->customer?->name }}<br>{{ $letter['job']->customer?->address }}</p>
            <h2 class="mt-5">{{ $letter['subject'] }}</h2>
            <p class="mt-3 whitespace-pre-line">{{ $letter['text'] }}</p>
        </article>
    @endforeach
</x-layout>
