<x-layout title="Recall">
    <h1>Which systems have it?</h1>
    <p class="lead">A part, a firmware, a stretch of serials, or a setting is called back: who has it, and whom to call.</p>
    <form method="get" action="{{ route('recall') }}" class="mt-4">
        <div class="form-grid">
            <x-field label="Make or model" name="model" :value="$asked->asked('model')" autocomplete="off" />
            <x-field label="Firmware" name="firmware" :value="$asked->asked('firmware')" autocomplete="off" />
            <x-field label="Serials from" name="from" :value="$asked->asked('from')" autocomplete="off" />
            <x-field label="to" name="to" :value="$asked->asked('to')" autocomplete="off" />
            <x-field label="Box" name="parameter" :value="$asked->asked('parameter')" :options="$parameters" />
            <x-field label="is set" name="is" :value="$asked->asked('is') ?: 'on'" :options="['on' => 'on, to anything', 'off' => 'off', 'above' => 'above',
                'below' => 'below']" />
            <x-field label="Volts, amps …" name="value" :value="$asked->asked('value')" inputmode="decimal" autocomplete="off" />
            <x-field label="Something found, not answered" name="finding" :value="$asked->asked('finding')" :options="$findings" />
        </div>
        <x-field label="What is wrong, and what they should do: it stands in the letters" name="why" :value="$asked->why()" :rows="2" />
        <div class="actions"><button class="btn">Find them</button>@if ($found && $found->isNotEmpty())<a class="btn link"
            href="{{ route('recall.csv', request()->except('page')) }}">Worklist as CSV</a><a class="btn link" href="{{ route('recall.letters',
            request()->except('page')) }}">Letters</a>@endif</div></form>
    @if ($found)
        @if ($found->isEmpty())
            <div class="mt-5"><x-empty title="No system has it"><p>By what is noted in the jobs; a serial that nobody noted is not found.</p></x-empty></div>
        @else
            <h2 class="mt-6">{{ $count }} {{ $count === 1 ? 'system' : 'systems' }}</h2>
            @can('create', $models['job'])
                <form method="post" action="{{ route('recall.tell', request()->except('page')) }}" class="flex flex-wrap gap-3 mb-3">@csrf
                    <button class="btn plain" name="way" value="letter">Note all as told by letter</button>
                    @if ($mails)<button class="btn plain" name="way" value="e-mail">Send e-mails</button>@endif
                    <span class="small muted">{{ $notices->count() }} told, {{ $notices->whereNotNull('answered_at')->count() }} answered</span></form>
            @endcan
            <x-table caption="Worklist" :head="['Job', 'Customer', 'Part', 'Serial', 'Firmware', 'Place', 'Told']">
                @foreach ($found as $part)<tr><td><a href="{{ route('parts.edit', [$part->job, $part]) }}">{{ $part->job->title }}</a>
                    <div class="small muted">{{ $part->job->number }}</div></td>
                    <td data-label="Customer"><span>{{ $part->job->customer?->name }}<span class="block small muted">{{ $part->job->customer?->phone }}
                        {{ $part->job->customer?->email }}</span></span></td>
                    <td data-label="Part">{{ $part->name() }}</td><td class="num" data-label="Serial">{{ $part->serial ?: '–' }}</td>
                    <td class="num" data-label="Firmware">{{ $part->firmware ?: '–' }}</td><td class="small" data-label="Place">{{ $part->place ?: '–'
                        }}</td>
                    <td class="small" data-label="Told">@if ($notice = $notices->get($part->job_id))
                        @if ($notice->answered_at)<span class="tag good">answered</span>
                        {{ $notice->note }}@else by {{ $notice->way }}, {{ $notice->toldOn() }}
                        @can('create', $models['job'])<form method="post" action="{{ route('recall.answer', $notice) }}">@csrf @method('put')
                            <input type="hidden" name="_form" value="n{{ $notice->id }}"><input type="hidden" name="lock_version"
                                value="{{ $notice->lock_version }}"><x-field :form="'n' . $notice->id" label="What they said" name="note"
                                autocomplete="off" /><button class="btn plain">Answered</button></form>@endcan @endif @else–@endif</td></tr>
                @endforeach
            </x-table>
            <x-pager :of="$found" />
        @endif
    @endif
</x-layout>
