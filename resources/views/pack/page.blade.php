<x-layout :title="$handover->job->title" bare :lang="$handover->language">
    <div class="sheet">
        <p class="muted">{{ $say->word('pack.pack', ['number' => (string) $handover->number]) }} · {{ $handover->created_at->format('Y-m-d') }}</p>
        <h1>{{ $handover->job->title }}</h1>
        <p class="actions mt-2! no-print">
            <a class="btn" href="{{ $handover->link('pack.night') }}">{{ $say->word('pack.night') }}</a>
            <a class="btn plain" href="{{ $handover->link('pack.pdf') }}">PDF</a>
            <a class="btn plain" href="{{ $handover->link('pack.file') }}">{{ $say->word('pack.file') }}</a>
        </p>
        {!! $handover->page !!}
        @if ($handover->sha256)<p class="small muted break-all mt-5">{{ $say->word('pack.seal', ['hash' => $handover->sha256]) }}</p>@endif
    </div>
</x-layout>
