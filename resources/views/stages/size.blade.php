@php($banks = $sums->banks)
@php($found = $banks->found)
@php($planned = $banks->planned)
@php($changed = $system->difference()->parts(Pebblefell\System\Fate::Add) !== [] || count($sums->found->houseBatteries()) !== count($sums->planned->houseBatteries()))
@php($energy = $sums->loads->budget->energyWhDay)
<x-layout title="Size" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ $stage->question() }}</h1><span class="aside">{{ $sums->loads->scenario?->name }}, {{ $show->text($energy, 'Wh') }} a day, battery at {{ $show->text($banks->celsius->value, '°C') }}</span></div>
    <p class="lead">
        @if ($energy <= 0)Enter the loads first: without them no bank has a size.
        @elseif (! $planned->exists())No bank is planned yet. For {{ $show->text($system->travel->wishDays) }} days it takes <strong>{{ $show->figure($banks->need) }}</strong> of {{ $system->target->label() }}.
        @elseif ($found->exists() && $changed)The planned bank lasts <strong>{{ $show->text($planned->days()->value) }} days</strong> without any charge, the old one <strong>{{ $show->text($found->days()->value) }}</strong>. It is {{ $banks->savedKg()->value >= 0 ? $show->text($banks->savedKg()->value, 'kg') . ' lighter' : $show->text(-$banks->savedKg()->value, 'kg') . ' heavier' }}.
        @else It lasts <strong>{{ $show->text($planned->days()->value) }} days</strong> without any charge; wished are {{ $show->text($system->travel->wishDays) }}.@endif
    </p>
    @if ($found->exists() || $planned->exists())
        <div class="mt-4"><x-tanks :sums="$sums" /></div>
        <div class="figures">
            @if ($planned->exists())<x-stat :figure="$planned->usable()" label="Planned, usable" /><x-stat :figure="$planned->days()" label="Planned lasts" />@endif
            @if ($found->exists())<x-stat :figure="$found->usable()" label="Found, usable" /><x-stat :figure="$found->days()" label="Found lasts" left />@endif
        </div>
        <div class="figures mt-0!">
            @if ($found->exists() && $planned->exists() && $changed)<x-stat :figure="$banks->savedKg()" label="Weight saved" /><x-stat :figure="$banks->savedL()" label="Space saved" />@endif
            <x-stat :figure="$banks->need" label="Needed for the wish" left />
        </div>
    @else
        <div class="mt-5"><x-empty title="No batteries yet"><p>Survey lists the bank that is there; below, choose the one to come.</p></x-empty></div>
    @endif
    @foreach (['planned' => $planned, 'found' => $changed ? $found : null] as $which => $case)
        @if ($case && ($fit = $banks->bayFit($case)))<div class="section"><div class="section-head"><h2>In the bay, {{ $which }}</h2><span class="aside">{{ count($case->parts) }} × {{ $case->parts[0]->name() }}, upright, to scale</span></div><x-bay :fit="$fit" /></div>@endif
    @endforeach
    <x-caution>{{ $region->bankCaution() }}</x-caution>
    @can('plan', $job)
        <div class="section">
            <div class="section-head"><h2>The wish</h2><span class="aside">every change recalculates</span></div>
            <form method="post" action="{{ route('size.update', $job) }}" data-live>
                @csrf @method('put')<input type="hidden" name="_form" value="wish"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
                <div class="form-grid">
                    <x-field form="wish" label="Days without any charge" name="wish_days" :value="$show->field($job->wish_days)" unit="days" inputmode="decimal" />
                    <x-field form="wish" label="Towards" name="target_chemistry" :value="$job->target_chemistry" :options="collect(Pebblefell\Chemistry\Chemistry::cases())->mapWithKeys(fn ($c) => [$c->value => $c->label()])" help="Staying with lead is a valid answer." />
                    <x-field form="wish" label="Coldest battery" name="coldest_battery_c" :value="$show->field($job->coldest_battery_c, '°C')" :unit="$show->unit('°C')" inputmode="decimal" help="Empty: the place’s coldest travelled nights." />
                </div>
                <noscript><div class="actions"><button class="btn plain">Recalculate</button></div></noscript>
            </form>
        </div>
        <div class="section">
            <div class="section-head"><h2>Banks that fulfil it</h2><span class="aside">from the parts library, lightest first</span></div>
            @if ($proposals === [])
                <p class="muted">{{ $energy <= 0 ? 'None yet: the loads are empty.' : 'None in the library: fewer days, another chemistry, or another part.' }}</p>
            @else
                <table class="stack">
                    <caption class="sr-only">Proposed banks</caption>
                    <thead><tr><th scope="col">Battery</th><th scope="col" class="n">How many</th><th scope="col" class="n">Lasts</th><th scope="col" class="n">Usable</th><th scope="col" class="n">Weight</th><th scope="col"></th></tr></thead>
                    <tbody>@foreach ($proposals as ['part' => $part, 'proposal' => $p])
                        <tr><td><a href="{{ route('library.edit', $part) }}">{{ $part->name() }}</a></td><td class="n num" data-label="How many">{{ $p->count }}</td><td class="n num" data-label="Lasts">{{ $show->text($p->days, 'days') }}</td><td class="n num" data-label="Usable">{{ $show->text($p->usableWh, 'Wh') }}</td><td class="n num" data-label="Weight">{{ $show->text($p->massKg, 'kg') }}</td>
                            <td class="n"><form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')<input type="hidden" name="library_part_id" value="{{ $part->id }}"><input type="hidden" name="count" value="{{ $p->count }}"><button class="btn plain">Plan it<span class="sr-only">: {{ $p->count }} × {{ $part->name() }}</span></button></form></td></tr>
                    @endforeach</tbody>
                </table>
            @endif
        </div>
        <div class="section">
            <div class="section-head"><h2>Or choose</h2></div>
            <form method="post" action="{{ route('bank.update', $job) }}">
                @csrf @method('put')<input type="hidden" name="_form" value="bank">
                <div class="form-grid">
                    <x-field form="bank" label="Battery" name="library_part_id" :options="$batteries->mapWithKeys(fn ($b) => [$b->id => $b->name() . ' · ' . strtoupper(str_replace('_', '-', $b->data['chemistry']))])" blank="choose" />
                    <x-field form="bank" label="How many" name="count" value="2" inputmode="numeric" />
                </div>
                <div class="actions"><button class="btn" data-add>Plan this bank</button></div>
            </form>
            @if ($found->exists())<form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')<input type="hidden" name="keep_found" value="1"><button class="btn link mt-2">Keep the bank that is there</button></form>@endif
        </div>
    @endcan
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
