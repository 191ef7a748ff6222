@php(view()->share('show', $pack->show))
<x-layout :title="$pack->system->title" bare>
    <div class="sheet">
        <p class="muted">Handover pack {{ $pack->handover->number }} · {{ $pack->handover->created_at->format('j F Y') }} · {{ $pack->workshop->name }}</p>
        <h1>{{ $pack->system->title }}</h1>
        <p class="actions mt-2! no-print"><a class="btn" href="{{ $pack->handover->link('pack.pdf') }}">PDF</a><a class="btn plain" href="{{ $pack->handover->link('pack.file') }}">Open file</a></p>
        @include('pack.body', ['photoOf' => fn ($sha) => $pack->handover->link('pack.photo', ['sha256' => $sha])])
    </div>
</x-layout>
