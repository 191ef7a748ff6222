<x-layout title="Loads" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1>
        <nav class="tabs right" aria-label="Scenarios">@foreach ($system->scenarios as $each)<a href="{{ route('loads', [$job, 'scenario' => $each->uid]) }}"
            @if ($page->scenario?->uid === $each->uid) aria-current="true"
                @endif>{{ $each->name }}{{ $page->isSizing($each) ? ' ◆' : '' }}</a>@endforeach</nav></div>
    @if ($system->appliances === [])
        <p class="lead">Nothing is listed yet.</p>
    @else
        <p class="lead">A {{ mb_strtolower($page->scenario->name ?? 'day') }} takes <strong>{{ $show->text($page->budget->energyWhDay, 'Wh') }}</strong> from
            the battery. The worst moment is {{ $page->worst() }}: <strong>{{ $show->text($page->budget->worst->peakW, 'W') }}</strong>,
                {{ $show->text($page->budget->peakA(), 'A') }}, made by {{ $page->worstBy() }}.</p>
    @endif
    <div class="figures">
        <x-stat :figure="$page->loads->energy()" label="Energy a day" />
        <x-stat :figure="$page->ampHours()" :label="'At ' . (int) $page->budget->systemV . ' V'" />
        <x-stat :figure="$page->loads->peak()" label="Worst moment" />
        <x-stat :figure="$page->loads->surge()" label="Largest start" left />
    </div>
    <div class="day mt-4" role="group" aria-label="Appliances and their hours">
        <div class="day-row day-head"><span>Appliance</span><span>Watts</span><span>Side</span>
            <span class="strip-cell strip-scale" aria-hidden="true">@foreach ([0, 3, 6, 9, 12, 15, 18, 21, 24] as $h)<span>{{ $h }}</span>@endforeach</span>
            <span class="text-right">Wh a day</span><span></span></div>
        @foreach ($page->rows() as $row)
            <form method="post" action="{{ route('appliances.update', [$job, $row]) }}" class="day-row" data-live id="row-{{ $row->uid }}">
                @csrf @method('put')
                <input type="hidden" name="_form" value="a-{{ $row->uid }}"><input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
                    <input type="hidden" name="scenario" value="{{ $page->scenario?->uid }}">
                <x-field class="bare" :form="'a-' . $row->uid" label="Name" name="name" :value="$row->name" hide-label :disabled="! $may" />
                <x-field class="bare" :form="'a-' . $row->uid" label="Watts" name="watts" :value="$show->field($row->watts)" hide-label inputmode="decimal"
                    :disabled="! $may" />
                <x-field :form="'a-' . $row->uid" label="Side" name="side" :value="$row->side->value" :options="['dc' => 'DC', 'ac' => 'AC']" hide-label
                    :disabled="! $may" />
                <div class="strip-cell"><x-strip :form="'a-' . $row->uid" :row="$row" :appliance="$page->use($row)" :may="$may" /></div>
                <span class="num text-right">{{ $page->use($row) ? $show->text($page->budget->energyOfWh($page->use($row)), '', 0) : '' }}@if ($row->quantity >
                    1)<small>{{ (int) $row->quantity }}×</small>@endif</span>
                <a class="linkish text-center no-underline!"
                    href="{{ route('loads', [$job, 'scenario' => $page->scenario?->uid, 'more' => $page->more === $row->uid
                        ? null : $row->uid]) }}#row-{{ $row->uid }}"
                    title="More"><span class="sr-only">{{ $page->more === $row->uid ? 'Less' : 'More' }} about {{ $row->name }}</span>
                    <b aria-hidden="true">⋯</b></a>
                @if ($page->more === $row->uid)
                    <div class="day-more form-grid">
                        <input type="hidden" name="more" value="{{ $row->uid }}">
                        <x-field :form="'a-' . $row->uid" label="Hours" name="hours" :value="$page->hours($row)" placeholder="7-9, 18:30-23" :disabled="! $may"
                            />
                        <x-field :form="'a-' . $row->uid" label="How many" name="quantity" :value="$show->field($row->quantity)" inputmode="decimal"
                            :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="Duty: runs of its hours" name="duty_pct" :value="$show->field($row->duty_pct)" unit="%"
                            inputmode="decimal" :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="Standby, when off" name="standby_w" :value="$show->field($row->standby_w)" unit="W"
                            inputmode="decimal" :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="Start surge" name="surge_w" :value="$show->field($row->surge_w)" unit="W" inputmode="decimal"
                            :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="Circuit" name="circuit" :value="$row->circuit" :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="Hangs on" name="fed_by" :value="$row->fed_by" :options="$page->hangsOn()"
                            :disabled="! $may" />
                        <x-field :form="'a-' . $row->uid" label="It" name="does" :value="$row->does?->value" :options="$page->does()" :disabled="! $may" />
                        @if ($may)<div class="actions wide mt-0!"><button class="btn plain">Save</button>
                            <button class="btn link" form="del-{{ $row->uid }}">Delete {{ $row->name }}</button></div>@endif
                    </div>
                @else
                    <input type="hidden" id="a-{{ $row->uid }}-hours" name="hours" value="{{ $page->hours($row) }}">
                @endif
            </form>
            @if ($may && $page->more === $row->uid)<form method="post" action="{{ route('appliances.destroy', [$job, $row]) }}" id="del-{{ $row->uid }}"
                hidden>@csrf @method('delete')<input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
                <input type="hidden" name="scenario" value="{{ $page->scenario?->uid }}"></form>@endif
        @endforeach
        @if ($page->rows()->hasPages())<p class="small muted py-2">{{ $show->text($page->rows()->total(), '', 0) }} appliances, {{ $page->rows()->firstItem() }}
            to {{ $page->rows()->lastItem() }} shown; the sums count all.</p><x-pager :of="$page->rows()" />@endif
        @if ($system->appliances !== [])<x-day-chart :budget="$page->budget" :sketch="$page->day()" />@endif
    </div>
    @if ($system->appliances === [])<div class="mt-4"><x-empty title="What runs, and when?"><p>Fridge, lights, pump, heater fan, charging. Anything that heats
        or cools weighs most.</p></x-empty></div>@endif
    @foreach ($page->others() as $other)
        <p class="mt-4"><b>{{ $say->part($other->batteries[0]) }}</b>, a system of its own: {{ $page->listed($other) }} take
            {{ $show->text($other->budget->energyWhDay, 'Wh', 0) }} a day of its
            {{ $show->text($other->bank->usable()->value, 'Wh', 0) }}{{ $page->lasts($other) }}; {{ $page->chargedBy($other) }}.
            None of it is in the sums above.</p>
    @endforeach
    @if ($study->together())<x-together :together="$study->together()" />@endif
    @if ($page->hints() !== [])
        <div class="section"><div class="section-head"><h2>What would save most</h2><span class="aside">a day, at the battery; what heats or cools weighs most:
            {{ round(100 * $page->loads->heatingAndCoolingShare()) }} % of this day</span></div>
            <ol>@foreach ($page->hints() as $hint)<li class="py-1 flex gap-4"><span
                class="num w-24 text-right shrink-0">{{ $show->text($hint->savedWh, 'Wh') }}</span><span>{{ $say->said($hint->words) }}</span></li>
                @endforeach</ol></div>
    @endif
    @if (count($system->scenarios) > 1)
        <div class="section">
            <div class="section-head"><h2>Scenarios side by side</h2></div>
            <table class="stack"><caption class="sr-only">Scenarios side by side</caption>
                <thead><tr><th scope="col">Scenario</th><th scope="col" class="n">Energy a day</th><th scope="col" class="n">Worst moment</th>
                    <th scope="col" class="n">Largest start</th><th scope="col" class="n">Things that are off</th>
                    <th scope="col" class="n">Inverter for itself</th></tr></thead>
                <tbody>@foreach ($page->compared() as $each)<tr><td>{{ $each->scenario?->name }}{{ $page->isSizing($each->scenario) ? ' ◆' : '' }}</td>
                    <td class="n num" data-label="Energy a day">{{ $show->text($each->budget->energyWhDay, 'Wh') }}</td>
                    <td class="n num" data-label="Worst moment">{{ $show->text($each->budget->peakW, 'W') }}</td>
                    <td class="n num" data-label="Largest start">{{ $show->text($each->budget->surgeW, 'W') }}</td>
                    <td class="n num" data-label="Things that are off">{{ $show->text($each->budget->standbyWhDay(), 'Wh') }}</td>
                    <td class="n num" data-label="Inverter for itself">{{ $show->text($each->budget->inverterWhDay(), 'Wh') }}</td></tr>
                    @endforeach</tbody></table>
        </div>
    @endif
    @if ($may)
        <div class="section" id="add">
            <div class="section-head"><h2>Add an appliance</h2><span class="aside">hours can be painted afterwards</span></div>
            <form method="post" action="{{ route('appliances.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="a-new"><input type="hidden" name="scenario" value="{{ $page->scenario?->uid }}">
                <div class="form-grid">
                    <x-field form="a-new" label="Name" name="name" placeholder="Compressor fridge, small" list="usual" help="A usual one fills the rest in."
                        required data-add-field /><datalist id="usual">@foreach ($page->usual() as $usual)<option value="{{ $usual }}">@endforeach</datalist>
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
            @if ($page->scenarioRow())
                <form method="post" action="{{ route('scenarios.update', [$job, $page->scenarioRow()]) }}">
                    @csrf @method('put')<input type="hidden" name="_form" value="s-edit">
                        <input type="hidden" name="lock_version" value="{{ $page->scenarioRow()->lock_version }}">
                    <h2>This scenario</h2>
                    <x-field class="mt-2" form="s-edit" label="Name" name="name" :value="$page->scenarioRow()->name" required />
                    <div class="mt-3 grid gap-2"><x-check form="s-edit" label="It sizes the system ◆" name="sizing" :checked="$page->scenarioRow()->sizing"
                        /><x-check form="s-edit" label="The inverter is left on day and night" name="inverter_always_on"
                        :checked="$page->scenarioRow()->inverter_always_on" /></div>
                    <div class="actions"><button class="btn plain">Save</button></div>
                </form>
            @endif
            <form method="post" action="{{ route('scenarios.store', $job) }}">
                @csrf<input type="hidden" name="_form" value="s-new"><input type="hidden" name="copy_of" value="{{ $page->scenario?->uid }}">
                <h2>Another scenario</h2>
                <x-field class="mt-2" form="s-new" label="Name" name="name" placeholder="Winter, hot night, storage" required />
                <div class="actions"><button class="btn plain">Copy this one</button></div>
            </form>
            @if ($page->scenarioRow() && count($system->scenarios) > 1)<x-delete :action="route('scenarios.destroy', [$job, $page->scenarioRow()])"
                :version="$page->scenarioRow()->lock_version" :what="$page->scenarioRow()->name" />@endif
        </div>
    @endif
    <div class="section flex flex-wrap items-end gap-6">
        <a href="{{ route('trial', $job) }}">Judge a trial stay: sun or bank?</a>
        <a href="{{ route('appliances.csv', $job) }}">Loads as CSV</a>
        @may('survey', $job)<x-upload id="loads-csv" :action="route('appliances.csv.store', $job)" label="Take loads in from CSV" button="Take in"
            accept=".csv,text/csv" />@endmay
    </div>
    <x-faults />
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
