<x-layout title="Handover" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.handover') }}</h1></div>
    <p class="lead">
        @if ($live = $page->live())Pack {{ $live->number }} of {{ $live->issuedOn('j F Y') }} is with the customer.
            @if ($page->hasChangedSince($live))<span class="tag look">changed since</span> The job is no longer as that pack has it:
                <a href="{{ route('history', $job) }}">what changed</a>.@endif
        @else No pack is issued yet.
        @endif
        @if ($page->stops() > 0)<strong>{{ $page->stops() }} stop{{ $page->stops() === 1 ? ' stands' : 's stand' }} open</strong>: each needs a planner’s
            name and reason before a pack is issued.@endif
    </p>
    <div class="section">
        <div class="section-head"><h2>Fitted components</h2><span class="aside">{{ count($page->fitted()) }}; make, model, serial, firmware, place,
            picture</span></div>
        @if ($page->fitted() === [])
            <x-empty title="Nothing fitted"><p>The survey’s parts and the plan’s make this list.</p></x-empty>
        @else
            <x-table caption="Fitted components" :head="['Part', 'Serial', 'Firmware', 'Place', 'Pictures', '']">
                @foreach ($page->fitted() as ['part' => $part, 'row' => $row])
                    <tr><td>{{ $say->part($part) }}<div class="small muted">{{ $say->name($part->kind) }} · {{ $say->name($part->fate) }}</div></td>
                        <td class="num" data-label="Serial">@if ($part->serial !== ''){{ $part->serial }}@elseif ($part->kind->isSundry())–@else<span
                            class="tag look">missing</span>@endif</td>
                        <td class="num" data-label="Firmware">{{ $part->firmware ?: '–' }}</td>
                            <td class="small" data-label="Place">{{ $part->place ?: '–' }}</td>
                        <td data-label="Pictures">{{ count($part->photos) ?: '–' }}</td>
                        <td class="n"><a href="{{ route('parts.edit', [$job, $row->id, 'back' => 'handover']) }}">Note<span class="sr-only"> on
                            {{ $say->part($part) }}</span></a></td></tr>
                @endforeach
            </x-table>
        @endif
    </div>
    @if ($page->warranties() !== [])
        <div class="section"><div class="section-head"><h2>Warranty</h2><span class="aside">by the parts’ own sheets; <a
            href="{{ route('aftercare.ics', $job) }}">reminders as a calendar file</a> once it is handed over</span></div>
            <x-table caption="Warranty" :head="['Part', '#Months', 'From', 'Until', 'Registered', '']">
                @foreach ($page->warranties() as $row)
                    <tr><td>{{ $say->onePart($row['part']) }}</td><td class="n num" data-label="Months">{{ $row['months'] }}</td>
                        <td class="num" data-label="From">@if ($row['from'] !== ''){{ $row['from'] }}@else<span class="tag look">no day noted</span>@endif</td>
                        <td class="num" data-label="Until">{{ $row['until'] ?: '–' }}</td>
                        
                        <td class="small" data-label="Registered">@if ($row['by'] !== ''){{ $row['by'] }}@else
                            <span class="tag look">nobody yet</span>@endif</td>
                        <td class="n"><a href="{{ route('parts.edit', [$job, $page->row($row['part'])->id, 'back' => 'handover']) }}">Note<span class="sr-only">
                            the warranty of {{ $say->onePart($row['part']) }}</span></a></td></tr>
                @endforeach
            </x-table></div>
    @endif
    <div class="section"><div class="section-head"><h2>The walk through the vehicle</h2><span class="aside">{{ $page->walked() }}</span></div>
        <p><a class="btn plain" href="{{ route('handovers.walk', $job) }}">Walk through it with its owner</a></p></div>
    @may('handOver', $job)
        <div class="section"><form method="post" action="{{ route('handovers.store', $job) }}">@csrf<input type="hidden" name="number" value="{{
            $page->nextNumber() }}">
            <p class="muted">A pack holds the job as it is now: components, settings, sums, findings with their answers, cautions. It does not change
                afterwards; issue another when something does.</p>
            <div class="form-grid"><x-field label="Its link opens until" name="expires_on" type="date" help="Empty: until it is taken back." /></div>
            <div class="actions"><button class="btn" data-add @disabled($page->stops() > 0)>Issue pack {{ $page->nextNumber() }}</button><a class="btn link"
                href="{{ route('jobs.file', $job) }}">Save as a job file</a></div></form></div>
    @endmay
    @if ($page->handovers->isNotEmpty())
        <div class="section"><div class="section-head"><h2>Issued packs</h2></div>
            <x-table caption="Issued packs" :head="['Pack', 'Issued', 'Private link', '']">
                @foreach ($page->handovers as $handover)
                    <tr><td class="num">{{ $handover->number }}</td><td class="small" data-label="Issued"><span>{{ $handover->issuedOn('j M Y') }},
                        {{ $handover->issued_by }}</span></td>
                        <td data-label="Link">@if ($handover->revoked_at)<span class="tag out">taken back</span>
                            @elseif (! $handover->isGood())<span class="tag look">run out</span>
                            @else<span><a href="{{ $handover->link() }}">Open as the customer</a> · <a href="{{ $handover->link('pack.pdf') }}">PDF</a> ·
                                <a href="{{ $handover->link('pack.night') }}">Night page</a> · <a href="{{ route('handovers.sticker', [$job, $handover])
                                    }}">Sticker</a> ·
                                <button type="button" class="linkish" data-copy="{{ $handover->link() }}">Copy link</button></span>
                                <span class="block small muted">{{ $handover->language === 'de' ? 'Deutsch' : 'English' }}; opened {{ $handover->opened }}
                                    time{{ $handover->opened === 1 ? '' : 's' }}@if ($handover->expires_on), until
                                    {{ $handover->expires_on->format('j M Y') }}@endif</span>@endif</td>
                        <td class="n">@if (! $handover->revoked_at)@may('handOver', $job)<x-delete :action="route('handovers.destroy', [$job, $handover])"
                            what="the link" />@endmay @endif</td></tr>
                @endforeach
            </x-table></div>
    @endif
    <x-slot:rail><x-rail :bench="$bench" /></x-slot:rail>
</x-layout>
