@php($partsByGroup = collect($system->parts)->groupBy(fn ($p) => match (true) {
    $p->kind === Pebblefell\System\PartKind::Battery => 'Batteries',
    $p->kind->isCharger() || in_array($p->kind->value, ['panel', 'alternator', 'isolator', 'shore_inlet'], true) => 'What charges them',
    $p->kind->isInverter() => 'Inverters',
    default => 'Wiring, protection, gauges',
}))
@php($order = ['Batteries', 'What charges them', 'Inverters', 'Wiring, protection, gauges'])
@php($rows = $job->parts->keyBy('uid'))
@php($difference = $system->difference())
@php($mayPlan = auth()->user()->can('plan', $job))
@php($maySurvey = auth()->user()->can('survey', $job))
@php($openBy = collect($bench->assessment->verdicts)->filter->isOpen()->keyBy(fn ($v) => $v->finding->subject))
@php($fates = collect(Pebblefell\System\Fate::cases())->reject(fn ($f) => $f === Pebblefell\System\Fate::Add))
<x-layout title="Survey" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1>
        <span class="right">@can('update', $job)<a href="{{ route('jobs.edit', $job) }}">Change customer, vehicle, travel</a>@else<a href="{{ route('history', $job) }}">Who changed what</a>@endcan</span></div>
    <p class="lead">@if ($system->parts === [])Nothing is listed yet.@else{{ count($study->found()->parts) }} part{{ count($study->found()->parts) === 1 ? '' : 's' }} found: {{ count($difference->parts(Pebblefell\System\Fate::Remove)) }} come out, {{ count($difference->parts(Pebblefell\System\Fate::Reprogram)) }} to reprogram, {{ count($difference->parts(Pebblefell\System\Fate::Relabel)) }} to label. {{ count($difference->parts(Pebblefell\System\Fate::Add)) }} new.@endif</p>
    <p class="muted mt-2">{{ $system->client->name }} · {{ $system->vehicle->description ?: str_replace('_', ' ', $system->vehicle->kind) }} · {{ (int) $system->vehicle->systemV }} V · {{ $system->place?->name ?? 'place not known' }}{{ $system->travel->months ? ', ' . collect($system->travel->months)->map(fn ($m) => DateTime::createFromFormat('!n', (string) $m)->format('M'))->implode(' ') : ', months not known' }} · wishes {{ $show->text($system->travel->wishDays) }} days{{ $system->travel->notes ? ' · “' . Illuminate\Support\Str::limit($system->travel->notes, 160) . '”' : '' }}</p>

    @foreach ($order as $group)
        @continue(! $partsByGroup->has($group))
        <div class="section">
            <div class="section-head"><h2>{{ $group }}</h2></div>
            <table class="stack even">
                <caption class="sr-only">{{ $group }}</caption>
                <thead><tr><th scope="col">Part</th><th scope="col">What it is</th><th scope="col">Where</th><th scope="col">Becomes</th></tr></thead>
                <tbody>
                @foreach ($partsByGroup[$group] as $part)
                    @php($row = $rows[$part->uid])
                    @php($says = $openBy[$part->uid] ?? null)
                    <tr id="{{ $part->uid }}">
                        <td><a href="{{ route('parts.edit', [$job, $row]) }}">{{ $say->part($part) }}</a><div class="small muted">{{ $say->name($part->kind) }}{{ $part->role === 'starter' ? ', starter side' : '' }}{{ $part->serial ? ' · ' . $part->serial : '' }}</div></td>
                        <td data-label="What it is" class="small"><span>@if ($part->data->isAssumed())<abbr class="assumed" title="Assumed: read the label">≈</abbr> @endif{{ App\Words\PartWords::of($part, $show, $say) }}</span></td>
                        <td data-label="Where" class="small">{{ $part->place ?: '–' }}</td>
                        <td data-label="Becomes" class="whitespace-nowrap">
                            @if ($part->fate === Pebblefell\System\Fate::Add)
                                <span class="tag in">fit new</span>
                            @else
                                @if ($mayPlan)
                                    <form method="post" action="{{ route('fate.update', [$job, $row]) }}" data-live class="inline-flex gap-1 items-center">
                                        @csrf @method('put')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
                                        <label class="sr-only" for="fate-{{ $part->uid }}">What becomes of {{ $say->part($part) }}</label>
                                        <select id="fate-{{ $part->uid }}" name="fate" class="w-auto! min-w-36">
                                            @foreach ($fates as $fate)<option value="{{ $fate->value }}" @selected($fate === $part->fate)>{{ $say->name($fate) }}</option>@endforeach
                                        </select>
                                        <noscript><button class="btn plain">Save</button></noscript>
                                    </form>
                                @else
                                    <span class="tag {{ $part->fate === Pebblefell\System\Fate::Remove ? 'out' : '' }}">{{ $say->name($part->fate) }}</span>
                                @endif
                            @endif
                            @if ($says)<a href="#finding-{{ Illuminate\Support\Str::slug($says->finding->key()) }}" class="inline-flex items-center gap-1 align-middle p-1 no-underline! text-ink!"><x-severity :of="$says->finding->severity" />@if ($proposal = $bench->assessment->proposalFor($part->uid))<span class="small">→ {{ $say->name($proposal) }}</span>@endif</a>@endif
                        </td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        </div>
    @endforeach
    @if ($system->parts === [])
        <div class="mt-6">@if ($maySurvey)<x-empty title="Start with the batteries"><p>Then what charges them, then what they feed. Take each from the library, or read it off its label.</p></x-empty>@else<x-empty title="The vehicle is surveyed next"><p>{{ ucfirst(App\Policies\JobPolicy::whoMay('survey')) }} lists what is there; then the loads are entered and the bank is sized.</p></x-empty>@endif</div>
        @if ($maySurvey)
            <div class="section"><div class="section-head"><h2>Or start from what is usual</h2><span class="aside">every figure comes in as assumed, until a label is read</span></div>
                <table class="stack"><caption class="sr-only">Typical layouts</caption><thead class="sr-only"><tr><th scope="col">Layout</th><th scope="col">Has</th><th scope="col">Take it</th></tr></thead><tbody>@foreach (App\Record\TypicalLayouts::all() as $key => $layout)
                    <tr><td><strong>{{ $layout['label'] }}</strong></td><td class="small" data-label="Has"><span>{{ $layout['about'] }}</span></td><td class="n"><form method="post" action="{{ route('layout.store', $job) }}">@csrf<input type="hidden" name="layout" value="{{ $key }}"><button class="btn plain">Start with it<span class="sr-only">: {{ $layout['label'] }}</span></button></form></td></tr>
                @endforeach</tbody></table></div>
        @endif
    @endif

    @can('survey', $job)
        <div class="section" id="add">
            <div class="section-head"><h2>Add what is there</h2><span class="aside">choose the kind</span></div>
            <div class="pick">@foreach (Pebblefell\System\PartKind::cases() as $kind)<a href="{{ route('survey', [$job, 'add' => $kind->value]) }}#add" @if ($loop->first) data-add @endif @if ($adding === $kind) aria-current="true" @endif>{{ $say->name($kind) }}</a>@endforeach</div>
            @if ($adding)
                <form method="post" action="{{ route('parts.store', $job) }}" class="mt-4">
                    @csrf
                    <input type="hidden" name="_form" value="add"><input type="hidden" name="kind" value="{{ $adding->value }}"><input type="hidden" name="back" value="/jobs/{{ $job->id }}/survey">
                    <div class="form-grid">
                        <x-field form="add" label="From the library" name="library_part_id" :options="$library->mapWithKeys(fn ($p) => [$p->id => $p->name()])" blank="unknown: read from label" />
                        <x-field form="add" label="How many" name="count" value="1" inputmode="numeric" required />
                        <x-field form="add" label="Where it sits" name="place" placeholder="under the left bench" />
                        <x-field form="add" label="Side" name="role" :options="['house' => 'house', 'starter' => 'starter, engine']" value="house" />
                        @can('plan', $job)<x-field form="add" label="Is it" name="fate" :options="['keep' => 'found in the vehicle', 'add' => 'new, to be fitted']" value="keep" />@else<input type="hidden" name="fate" value="keep">@endcan
                    </div>
                    <details class="mt-4" @if ($library->isEmpty() || old('_form') === 'add') open @endif><summary class="linkish">Read from the label, or correct the library’s figures</summary>
                        <div class="form-grid mt-2">
                            <x-field form="add" label="Make" name="make" /><x-field form="add" label="Model" name="model" />
                            <x-sheet-fields form="add" :kind="$adding" />
                        </div>
                    </details>
                    <div class="actions"><button class="btn">Add {{ $say->name($adding) }}</button><a class="btn link" href="{{ route('survey', $job) }}">Leave it</a></div>
                </form>
                @if ($adding->value === 'battery')<x-caution>{{ $say->said($region->bankCaution()) }}</x-caution>@elseif ($adding->value === 'panel')<x-caution>{{ $say->said($region->solarCaution()) }}</x-caution>@elseif (in_array($adding->value, ['inverter', 'inverter_charger', 'mains_charger', 'converter', 'earth_leakage', 'shore_inlet'], true))<x-caution>{{ $say->said($region->mainsCaution()) }}</x-caution>@endif
            @endif
        </div>
    @endcan

    <x-wiring :job="$job" :system="$system" :editing="$editing" :may="$maySurvey" />

    <div class="section flex flex-wrap items-end gap-6">
        <a href="{{ route('parts.csv', $job) }}">Parts as CSV</a>
        @can('survey', $job)<x-upload id="parts-csv" :action="route('parts.csv.store', $job)" label="Take parts in from CSV" button="Take in" accept=".csv,text/csv" />@endcan
    </div>
    <x-faults />
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
