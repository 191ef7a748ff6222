<x-layout :title="$handover->job->title" bare>
    <div class="sheet">
        <p class="muted">Handover pack {{ $handover->number }} · {{ $handover->created_at->format('j F Y') }}</p>
        <h1>{{ $handover->job->title }}</h1>
        <p class="actions mt-2! no-print">
            <a class="btn" href="{{ $handover->link('pack.pdf') }}">PDF</a>
            <a class="btn plain" href="{{ $handover->link('pack.file') }}">Open file</a>
        </p>
        {!! $handover->page !!}
    </div>
</x-layout>
