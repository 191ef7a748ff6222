@php($fitted = collect($system->parts)->filter(fn ($p) => $p->fate->isPlanned()))
<x-layout title="Handover" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1></div>
    @php($live = $handovers->whereNull('revoked_at')->first())
    @php($stops = $bench->assessment->count(Pebblefell\Finding\Severity::Stop))
    <p class="lead">@if ($live)Pack {{ $live->number }} of {{ $live->created_at->format('j F Y') }} is with the customer. @else No pack is issued yet. @endif @if ($stops > 0)<strong>{{ $stops }} stop{{ $stops === 1 ? ' stands' : 's stand' }} open</strong>; they are printed in the pack as they are.@endif</p>
    <div class="section">
        <div class="section-head"><h2>Fitted components</h2><span class="aside">{{ $fitted->count() }}; make, model, serial, firmware, place, picture</span></div>
        @if ($fitted->isEmpty())<x-empty title="Nothing fitted"><p>The survey’s parts and the plan’s make this list.</p></x-empty>@else
        <table class="stack">
            <caption class="sr-only">Fitted components</caption>
            <thead><tr><th scope="col">Part</th><th scope="col">Serial</th><th scope="col">Firmware</th><th scope="col">Place</th><th scope="col">Pictures</th><th scope="col"></th></tr></thead>
            <tbody>@foreach ($fitted as $part)
                @php($row = $job->parts->firstWhere('uid', $part->uid))
                <tr><td>{{ $say->part($part) }}<div class="small muted">{{ $say->name($part->kind) }} · {{ $say->name($part->fate) }}</div></td>
                    <td class="num" data-label="Serial">{{ $part->serial ?: ($part->kind->isSundry() ? '–' : '') }}@if ($part->serial === '' && ! $part->kind->isSundry())<span class="tag look">missing</span>@endif</td>
                    <td class="num" data-label="Firmware">{{ $part->firmware ?: '–' }}</td><td class="small" data-label="Place">{{ $part->place ?: '–' }}</td><td data-label="Pictures">{{ count($part->photos) ?: '–' }}</td>
                    <td class="n"><a href="{{ route('parts.edit', [$job, $row, 'back' => 'handover']) }}">Note<span class="sr-only"> on {{ $say->part($part) }}</span></a></td></tr>
            @endforeach</tbody>
        </table>@endif
    </div>
    @can('handOver', $job)
        <div class="section"><form method="post" action="{{ route('handovers.store', $job) }}">@csrf
            <p class="muted">A pack holds the job as it is now: components, settings, sums, findings with their answers, cautions. It does not change afterwards; issue another when something does.</p>
            <div class="actions"><button class="btn" data-add>Issue pack {{ ($handovers->max('number') ?? 0) + 1 }}</button><a class="btn link" href="{{ route('jobs.file', $job) }}">Save as a job file</a></div></form></div>
    @endcan
    @if ($handovers->isNotEmpty())
        <div class="section"><div class="section-head"><h2>Issued packs</h2></div>
            <table class="stack"><caption class="sr-only">Issued packs</caption><thead><tr><th scope="col">Pack</th><th scope="col">Issued</th><th scope="col">Private link</th><th scope="col"></th></tr></thead><tbody>
            @foreach ($handovers as $handover)
                @php($link = $handover->link())
                <tr><td class="num">{{ $handover->number }}</td><td class="small" data-label="Issued"><span>{{ $handover->created_at->format('j M Y') }}, {{ $handover->issued_by }}</span></td>
                    <td data-label="Link">@if ($handover->revoked_at)<span class="tag out">taken back</span>@else<span><a href="{{ $link }}">Open as the customer</a> · <a href="{{ $handover->link('pack.pdf') }}">PDF</a> · <button type="button" class="linkish" data-copy="{{ $link }}">Copy link</button></span>@endif</td>
                    <td class="n">@if (! $handover->revoked_at)@can('handOver', $job)<x-delete :action="route('handovers.destroy', [$job, $handover])" what="the link" />@endcan @endif</td></tr>
            @endforeach</tbody></table></div>
    @endif
    <x-slot:rail><x-rail :bench="$bench" /></x-slot:rail>
</x-layout>
