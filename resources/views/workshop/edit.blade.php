<x-layout title="Workshop">
    <h1>Workshop</h1>
    <form method="post" action="{{ route('workshop.update') }}" class="mt-4">@csrf @method('put')<input type="hidden" name="_form" value="workshop">
        <input type="hidden" name="lock_version" value="{{ $workshop->lock_version }}">
        <div class="form-grid">
            <x-field form="workshop" label="Name" name="name" :value="$workshop->name" required />
                <x-field form="workshop" label="Phone" name="phone" :value="$workshop->phone" />
                <x-field form="workshop" label="E-mail" name="email" type="email" :value="$workshop->email" />
                <x-field form="workshop" label="Address" name="address" :value="$workshop->address" />
            <x-field form="workshop" label="Region" name="region" :value="$workshop->region->value" :options="$regions"
                help="Mains volts, hook-ups, units and rules; a job may differ." />
            <x-field form="workshop" label="Time zone" name="timezone" :value="$workshop->timezone" :options="array_combine($zones =
                DateTimeZone::listIdentifiers(), $zones)" help="What waits until when is said in its time." />
            <x-field form="workshop" label="First terminal off" name="first_terminal" :value="$workshop->first_terminal" :options="['negative' =>
                'negative first', 'positive' => 'positive first']" help="Schools differ. Negative first keeps a slipped spanner from closing the bank onto a
                bonded chassis." />
            <x-field form="workshop" label="Currency" name="currency" :value="$workshop->currency" maxlength="3" autocapitalize="characters"
                help="Three letters; every price here is in it." required />
            <x-field form="workshop" label="An hour of work" name="hourly_rate" :value="$workshop->hourly_rate" :unit="$workshop->currency"
                inputmode="decimal"
                />
            <x-field form="workshop" label="People on vehicles" name="crew" :value="$workshop->crew" inputmode="numeric"
                help="At one time. Jobs in different bays share them; empty: not counted." />
            <x-field form="workshop" label="Chargers on the bench" name="chargers" :value="$workshop->chargers" inputmode="numeric"
                help="Batteries that can be charged for joining at one time, each by its own. Jobs share them; empty: not counted." />
            <x-field form="workshop" class="wide" label="Bays" name="bays" :value="implode(', ', $workshop->bays ?? [])"
                help="By name, with commas between them." />
            <x-field form="workshop" label="Opens" name="opens" type="time" :value="$workshop->clock($workshop->opens_h)" required />
            <x-field form="workshop" label="Closes" name="closes" type="time" :value="$workshop->clock($workshop->closes_h)" required />
            <x-field form="workshop" class="wide" label="Sheet of labels at hand" name="label_sheet" :value="$workshop->label_sheet"
                placeholder="3 x 8, 70 x 37, 0, 0.5, 0"
                help="Columns x rows, width x height, from the left, from the top, gap between columns, in mm. Empty: the usual ones are offered." />
            <fieldset class="wide"><legend>Works on</legend><div class="flex flex-wrap gap-x-5">@foreach ($days as $n => $day)<label class="check"><input
                type="checkbox" name="work_days[]" value="{{ $n }}" @checked(in_array($n, (array) old('work_days', $workshop->work_days ?? [1, 2, 3, 4, 5])))>
                {{ $day }}</label>@endforeach</div>@error('work_days')<div class="error">{{ $message }}</div>@enderror</fieldset>
            <label class="check wide"><input type="checkbox" name="bench" value="1" @checked(old('bench', $workshop->bench))
                @disabled(auth()->user()->cannot('practise', $models['workshop']))> Balance sessions may run on
                the simulated bench: practice, which opens no gate and leaves no readings with the batteries
                @cannot('practise', $models['workshop'])<span class="muted">The office chooses.</span>@endcannot</label>
        </div><div class="actions"><button class="btn">Save</button></div></form>
    <div class="section"><div class="section-head"><h2>Busy otherwise</h2><span class="aside">{{ $busy === 0 ? 'nothing is taken in' : $busy .
        ' appointments; day plans keep clear of them' }}</span></div>
        <form method="post" action="{{ route('busy.store') }}" enctype="multipart/form-data" class="mt-2">@csrf<input type="hidden" name="_form" value="busy">
            <label for="calendar">A calendar file (.ics) of when nobody works on vehicles; it takes the place of what was taken in before</label>
            <input id="calendar" type="file" name="calendar" accept=".ics,text/calendar" required>
            @error('calendar')<div class="error">{{ $message }}</div>@enderror
            <div class="actions"><button class="btn plain">Take it in</button></div></form>
        @if ($busy > 0)<form method="post" action="{{ route('busy.destroy') }}">@csrf @method('delete')<button class="btn link">Forget
            them</button></form>@endif
    </div>
    <div class="section"><div class="section-head"><h2>Places</h2><span class="aside">where vehicles are used</span></div>
        @if ($places->isNotEmpty())<table class="max-w-2xl"><caption class="sr-only">Places</caption><thead><tr><th scope="col">Name</th>
            <th scope="col" class="n">Latitude</th><th scope="col">Sky and cold</th></tr></thead><tbody>@foreach ($places as $place)<tr>
            <td><a href="{{ route('places.edit', $place) }}">{{ $place->name }}</a></td><td class="n num">{{ round($place->latitude_deg, 2) }}°</td>
            <td>{{ $place->clearness === [] ? 'sky assumed' : 'sky by month' }}, {{ $place->min_c === [] ? 'cold assumed' : 'cold by month' }}</td></tr>
            @endforeach</tbody></table>@endif
        <form method="post" action="{{ route('places.store') }}" class="mt-4">@csrf<input type="hidden" name="_form" value="place">
            <div class="form-grid"><x-field form="place" label="New place" name="name" required />
                <x-field form="place" label="Latitude, north positive" name="latitude_deg" unit="°" inputmode="decimal" required />
                <x-field form="place" label="Longitude, east positive" name="longitude_deg" unit="°" inputmode="decimal" /></div><div class="actions">
                <button class="btn plain" data-add>Add the place</button></div></form></div>
</x-layout>
