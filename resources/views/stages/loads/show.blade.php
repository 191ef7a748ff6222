@php($budget = $loads->budget)
@php($worst = $budget->worst)
@php($clock = fn ($h) => sprintf('%d:%02d', (int) $h, (int) round(($h - (int) $h) * 60)))
@php($may = auth()->user()->can('survey', $job))
<x-layout title="Loads" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1>
        <nav class="tabs right" aria-label="Scenarios">@foreach ($system->scenarios as $each)<a href="{{ route('loads', [$job, 'scenario' => $each->uid]) }}" @if ($scenario?->uid === $each->uid) aria-current="true" @endif>{{ $each->name }}{{ $each === $system->sizingScenario() ? ' ◆' : '' }}</a>@endforeach</nav></div>
    @if ($system->appliances === [])
        <p class="lead">Nothing is listed yet.</p>
    @else
        <p class="lead">A {{ mb_strtolower($scenario?->name ?? 'day') }} takes <strong>{{ $show->text($budget->energyWhDay, 'Wh') }}</strong> from the battery. The worst moment is {{ $clock($worst->fromH) }} to {{ $clock($worst->toH) }}: <strong>{{ $show->text($worst->peakW, 'W') }}</strong>, {{ $show->text($budget->peakA(), 'A') }}, made by {{ collect($budget->worstAppliances())->take(3)->map(fn ($a) => $a->name)->implode(', ') }}.</p>
    @endif
    <div class="figures">
        <x-stat :figure="$loads->energy()" label="Energy a day" />
        <x-stat :figure="new Pebblefell\Finding\Figure('Energy a day', $budget->energyAhDay(), 'Ah', 'Wh a day ÷ system volts', [Pebblefell\Finding\Figure::given('system volts', $budget->systemV, 'V')])" :label="'At ' . (int) $budget->systemV . ' V'" />
        <x-stat :figure="$loads->peak()" label="Worst moment" />
        <x-stat :figure="$loads->surge()" label="Largest start" left />
    </div>
    <div class="day mt-4" role="group" aria-label="Appliances and their hours">
        <div class="day-row day-head"><span>Appliance</span><span>Watts</span><span>Side</span><span class="strip-cell strip-scale" aria-hidden="true">@foreach ([0, 3, 6, 9, 12, 15, 18, 21, 24] as $h)<span>{{ $h }}</span>@endforeach</span><span class="text-right">Wh a day</span><span></span></div>
        @foreach ($rows as $row)
            @php($form = 'a-' . $row->uid)
            @php($use = $system->appliances[$row->uid])
            @php($here = $scenario ? $use->in($scenario->uid) : null)
            <form method="post" action="{{ route('appliances.update', [$job, $row]) }}" class="day-row" data-live id="row-{{ $row->uid }}">
                @csrf @method('put')
                <input type="hidden" name="_form" value="{{ $form }}"><input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="scenario" value="{{ $scenario?->uid }}">
                <x-field class="bare" :form="$form" label="Name" name="name" :value="$row->name" hide-label :disabled="! $may" />
                <x-field class="bare" :form="$form" label="Watts" name="watts" :value="$show->field($row->watts)" hide-label inputmode="decimal" :disabled="! $may" />
                <x-field :form="$form" label="Side" name="side" :value="$row->side->value" :options="['dc' => 'DC', 'ac' => 'AC']" hide-label :disabled="! $may" />
                <div class="strip-cell"><x-strip :form="$form" :row="$row" :appliance="$here" :may="$may" /></div>
                <span class="num text-right">{{ $here ? number_format($budget->energyOfWh($here), 0, '.', "\u{202F}") : '' }}@if ($row->quantity > 1)<small>{{ (int) $row->quantity }}×</small>@endif</span>
                <a class="linkish text-center no-underline!" href="{{ route('loads', [$job, 'scenario' => $scenario?->uid, 'more' => $more === $row->uid ? null : $row->uid]) }}#row-{{ $row->uid }}" title="More"><span class="sr-only">{{ $more === $row->uid ? 'Less' : 'More' }} about {{ $row->name }}</span><b aria-hidden="true">⋯</b></a>
                @if ($more === $row->uid)
                    <div class="day-more form-grid">
                        <input type="hidden" name="more" value="{{ $row->uid }}">
                        <x-field :form="$form" label="Hours" name="hours" :value="App\Words\HoursText::write($row->hours[$scenario?->uid] ?? [])" placeholder="7-9, 18:30-23" :disabled="! $may" />
                        <x-field :form="$form" label="How many" name="quantity" :value="$show->field($row->quantity)" inputmode="decimal" :disabled="! $may" />
                        <x-field :form="$form" label="Duty: runs of its hours" name="duty_pct" :value="$show->field($row->duty_pct)" unit="%" inputmode="decimal" :disabled="! $may" />
                        <x-field :form="$form" label="Standby, when off" name="standby_w" :value="$show->field($row->standby_w)" unit="W" inputmode="decimal" :disabled="! $may" />
                        <x-field :form="$form" label="Start surge" name="surge_w" :value="$show->field($row->surge_w)" unit="W" inputmode="decimal" :disabled="! $may" />
                        <x-field :form="$form" label="Circuit" name="circuit" :value="$row->circuit" :disabled="! $may" />
                        @if ($may)<div class="actions wide mt-0!"><button class="btn plain">Save</button><button class="btn link" form="del-{{ $row->uid }}">Delete {{ $row->name }}</button></div>@endif
                    </div>
                @else
                    <input type="hidden" id="{{ $form }}-hours" name="hours" value="{{ App\Words\HoursText::write($row->hours[$scenario?->uid] ?? []) }}">
                @endif
            </form>
            @if ($may && $more === $row->uid)<form method="post" action="{{ route('appliances.destroy', [$job, $row]) }}" id="del-{{ $row->uid }}" hidden>@csrf @method('delete')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="scenario" value="{{ $scenario?->uid }}"></form>@endif
        @endforeach
        @if ($rows->hasPages())<p class="small muted py-2">{{ number_format($rows->total(), 0, '.', "\u{202F}") }} appliances, {{ $rows->firstItem() }} to {{ $rows->lastItem() }} shown; the sums count all.</p><x-pager :of="$rows->withQueryString()" />@endif
        @if ($system->appliances !== [])<x-day-chart :budget="$budget" :sketch="$day" />@endif
    </div>
    @if ($system->appliances === [])<div class="mt-4"><x-empty title="What runs, and when?"><p>Fridge, lights, pump, heater fan, charging. Anything that heats or cools weighs most.</p></x-empty></div>@endif
    @if ($together)<x-together :together="$together" />@endif
    @if ($hints !== [])
        <div class="section"><div class="section-head"><h2>What would save most</h2><span class="aside">a day, at the battery; what heats or cools weighs most: {{ round(100 * $heatShare) }} % of this day</span></div>
            <ol>@foreach (array_slice($hints, 0, 5) as $hint)<li class="py-1 flex gap-4"><span class="num w-24 text-right shrink-0">{{ $show->text($hint->savedWh, 'Wh') }}</span><span>{{ $say->said($hint->words) }}</span></li>@endforeach</ol></div>
    @endif
    @if (count($compared) > 1)
        <div class="section">
            <div class="section-head"><h2>Scenarios side by side</h2></div>
            <table class="stack"><caption class="sr-only">Scenarios side by side</caption>
                <thead><tr><th scope="col">Scenario</th><th scope="col" class="n">Energy a day</th><th scope="col" class="n">Worst moment</th><th scope="col" class="n">Largest start</th><th scope="col" class="n">Things that are off</th><th scope="col" class="n">Inverter for itself</th></tr></thead>
                <tbody>@foreach ($compared as $each)<tr><td>{{ $each->scenario?->name }}{{ $each->scenario === $system->sizingScenario() ? ' ◆' : '' }}</td><td class="n num" data-label="Energy a day">{{ $show->text($each->budget->energyWhDay, 'Wh') }}</td><td class="n num" data-label="Worst moment">{{ $show->text($each->budget->peakW, 'W') }}</td><td class="n num" data-label="Largest start">{{ $show->text($each->budget->surgeW, 'W') }}</td><td class="n num" data-label="Things that are off">{{ $show->text($each->budget->standbyWhDay(), 'Wh') }}</td><td class="n num" data-label="Inverter for itself">{{ $show->text($each->budget->inverterWhDay(), 'Wh') }}</td></tr>@endforeach</tbody></table>
        </div>
    @endif
    @if ($may)
        <div class="section" id="add">
            <div class="section-head"><h2>Add an appliance</h2><span class="aside">hours can be painted afterwards</span></div>
            <form method="post" action="{{ route('appliances.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="a-new"><input type="hidden" name="scenario" value="{{ $scenario?->uid }}">
                <div class="form-grid">
                    <x-field form="a-new" label="Name" name="name" placeholder="Compressor fridge, small" list="usual" help="A usual one fills the rest in." required data-add-field /><datalist id="usual">@foreach (Pebblefell\Load\UsualAppliances::keys() as $usual)<option value="{{ $say->word("appliances.names.$usual") }}">@endforeach</datalist>
                    <x-field form="a-new" label="Watts, or amps as “3.8 A”" name="watts" inputmode="text" />
                    <x-field form="a-new" label="Side" name="side" :options="['dc' => 'DC, from the battery', 'ac' => 'AC, through the inverter']" />
                    <x-field form="a-new" label="Hours" name="hours" placeholder="7-9, 18:30-23" help="0-24 for all day; 22-6 goes past midnight." />
                    <x-field form="a-new" label="Duty" name="duty_pct" unit="%" inputmode="decimal" help="Of its hours. Empty: as usual, or 100 %." />
                    <x-field form="a-new" label="How many" name="quantity" value="1" inputmode="decimal" />
                    <x-field form="a-new" label="Standby, when off" name="standby_w" unit="W" inputmode="decimal" />
                    <x-field form="a-new" label="Start surge" name="surge_w" unit="W" inputmode="decimal" help="Of one, at the start. Empty: none." />
                </div>
                <div class="actions"><button class="btn" data-add>Add it</button></div>
            </form>
        </div>
        <div class="section two">
            @if ($scenarioRow)
                <form method="post" action="{{ route('scenarios.update', [$job, $scenarioRow]) }}">
                    @csrf @method('put')<input type="hidden" name="_form" value="s-edit"><input type="hidden" name="lock_version" value="{{ $scenarioRow->lock_version }}">
                    <h2>This scenario</h2>
                    <x-field class="mt-2" form="s-edit" label="Name" name="name" :value="$scenarioRow->name" required />
                    <div class="mt-3 grid gap-2"><x-check form="s-edit" label="It sizes the system ◆" name="sizing" :checked="$scenarioRow->sizing" /><x-check form="s-edit" label="The inverter is left on day and night" name="inverter_always_on" :checked="$scenarioRow->inverter_always_on" /></div>
                    <div class="actions"><button class="btn plain">Save</button></div>
                </form>
            @endif
            <form method="post" action="{{ route('scenarios.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="s-new"><input type="hidden" name="copy_of" value="{{ $scenario?->uid }}">
                <h2>Another scenario</h2>
                <x-field class="mt-2" form="s-new" label="Name" name="name" placeholder="Winter, hot night, storage" required />
                <div class="actions"><button class="btn plain">Copy this one</button></div>
            </form>
            @if ($scenarioRow && count($system->scenarios) > 1)<x-delete :action="route('scenarios.destroy', [$job, $scenarioRow])" :version="$scenarioRow->lock_version" :what="$scenarioRow->name" />@endif
        </div>
    @endif
    <div class="section flex flex-wrap items-end gap-6">
        <a href="{{ route('trial', $job) }}">Judge a trial stay: sun or bank?</a>
        <a href="{{ route('appliances.csv', $job) }}">Loads as CSV</a>
        @can('survey', $job)<x-upload id="loads-csv" :action="route('appliances.csv.store', $job)" label="Take loads in from CSV" button="Take in" accept=".csv,text/csv" />@endcan
    </div>
    <x-faults />
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
