<x-layout :title="$job->exists ? 'Brief' : 'Open a job'" :bench="$job->exists ? $bench : null">
    <h1>{{ $job->exists ? 'Customer, vehicle, travel' : 'Open a job' }}</h1>
    <form method="post" action="{{ $job->exists ? route('jobs.update', $job) : route('jobs.store') }}" class="mt-4">
        @csrf @if ($job->exists) @method('put') <input type="hidden" name="lock_version" value="{{ $job->lock_version }}"> @endif
        <fieldset class="form-grid">
            <legend>Whose</legend>
            <x-field label="Name of the job" name="title" :value="$job->title" placeholder="Library trailer" required />
            <x-field label="Customer" name="customer_id" :value="$job->customer_id" :options="$customers" blank="choose, or write a new one" />
            <x-field label="New customer" name="new_customer" help="Instead of choosing one." />
            <x-field label="Region" name="region" :value="$job->region?->value" :options="$regions" :blank="'the workshop’s: ' . $say->name($workshop->region)"
                help="Sets mains volts, hook-ups, units, the names of local rules." />
        </fieldset>
        <fieldset class="form-grid section">
            <legend>Vehicle</legend>
            <x-field label="Kind of vehicle" name="vehicle_kind" :value="$job->vehicle_kind ?? 'camper_van'" :options="$vehicleKinds" />
            <x-field label="Description" name="vehicle_description" :value="$job->vehicle_description" placeholder="6.4 m caravan, two axles" />
            <x-field label="Registration" name="registration" :value="$job->registration" />
            <x-field label="System volts" name="system_v" :value="(string) (int) ($job->system_v ?? 12)" :options="['12' => '12 V', '24' => '24 V', '48' =>
                '48 V']" />
            <x-field label="Length" name="length_m" :value="$units->field($job->length_m, 'm')" :unit="$units->unit('m')" inputmode="decimal" />
            <x-field label="Axles" name="axles" :value="$job->axles" inputmode="numeric" />
            <x-field label="Payload left" name="payload_kg" :value="$units->field($job->payload_kg, 'kg')" :unit="$units->unit('kg')" inputmode="decimal"
                help="Before this work, by the plate and the scales." />
            <x-field label="Left on the axle by the bay" name="axle_kg" :value="$units->field($job->axle_kg, 'kg')" :unit="$units->unit('kg')"
                inputmode="decimal" />
            <x-field label="Free roof" name="roof_m2" :value="$units->field($job->roof_m2, 'm²')" :unit="$units->unit('m²')" inputmode="decimal" />
            <x-field label="Battery bay, inner length" name="bay_length_mm" :value="$units->field($job->bay_length_mm, 'mm')" :unit="$units->unit('mm')"
                inputmode="decimal" />
            <x-field label="Bay, inner width" name="bay_width_mm" :value="$units->field($job->bay_width_mm, 'mm')" :unit="$units->unit('mm')"
                inputmode="decimal" />
            <x-field label="Bay, height under the lid" name="bay_height_mm" :value="$units->field($job->bay_height_mm, 'mm')" :unit="$units->unit('mm')"
                inputmode="decimal" />
            <details class="wide" @if ($job->details['vehicle'] ?? []) open @endif><summary class="linkish">Axles and roof, to scale</summary>
                <div class="form-grid mt-2"><x-details group="vehicle" :fields="$details['vehicle']" :values="$job->details['vehicle'] ?? []"
                    :units="$units" /></div></details>
            <x-check label="The negative is bonded to the chassis" name="chassis_bonded" :checked="$job->chassis_bonded ?? true" />
        </fieldset>
        <fieldset class="form-grid section">
            <legend>How they travel</legend>
            <x-field label="Where, mostly" name="place_id" :value="$job->place_id" :options="$places" blank="not known yet"
                help="Its latitude, sky and cold feed the sums." />
            <x-field label="Days away, wished" name="wish_days" :value="$units->field($job->wish_days ?? 3.0)" unit="days"
                inputmode="decimal" />
            <x-field label="Hook-up" name="hook_up" :value="$job->hook_up ?? 'sometimes'" :options="['never' => 'never', 'sometimes' => 'sometimes', 'mostly' =>
                'mostly']" />
            <x-field label="Driving on a day away" name="driving_h_day" :value="$units->field($job->driving_h_day ?? 1.0)" unit="h" inputmode="decimal" />
            <x-field label="Coldest battery" name="coldest_battery_c" :value="$units->field($job->coldest_battery_c, '°C')" :unit="$units->unit('°C')"
                inputmode="decimal" help="If the bay is heated or lagged. Empty: the place’s coldest travelled nights." />
            <x-details group="travel" :fields="$details['travel']" :values="$job->details['travel'] ?? []" :units="$units" />
            <div class="wide field"><span class="label">Months on the road</span>
                <div class="months">@foreach (range(1, 12) as $m)<label><input type="checkbox" name="months[]" value="{{ $m }}" @checked(in_array($m,
                    array_map(intval(...), old('months', $job->months ?? [])), true))>{{ $say->month($m, 3) }}</label>@endforeach</div></div>
            <div class="wide"><span class="label muted">Shade on a usual pitch, solar time</span>
                @foreach (range(0, 2) as $i)
                    <div class="grid grid-cols-3 gap-4 max-w-xl mt-2">
                        <x-field label="From" :name="'shade['.$i.'][from_h]'" :value="$job->shade[$i]['from_h'] ?? ''" unit="h" inputmode="decimal" />
                        <x-field label="Until" :name="'shade['.$i.'][to_h]'" :value="$job->shade[$i]['to_h'] ?? ''" unit="h" inputmode="decimal" />
                        <x-field label="Light left" :name="'shade['.$i.'][percent]'" :value="isset($job->shade[$i]) ? round($job->shade[$i]['factor'] * 100) :
                            ''" unit="%" inputmode="decimal" />
                    </div>
                @endforeach
            </div>
            <x-field class="wide" label="What they say: what annoys, what they wish" name="travel_notes" :value="$job->travel_notes" :rows="3" />
        </fieldset>
        <div class="actions"><button class="btn">{{ $job->exists ? 'Save' : 'Open it' }}</button><a class="btn link"
            href="{{ $job->exists ? route('survey', $job) : route('yard') }}">Leave it</a></div>
    </form>
    @if ($job->exists)
        <div class="section flex flex-wrap gap-6 items-start"><a class="linkish" href="{{ route('history', $job) }}">Who changed what</a><a class="linkish"
            href="{{ route('jobs.file', $job) }}">Save as a job file</a>
            @may('delete', $job)<x-delete :action="route('jobs.destroy', $job)" :version="$job->lock_version" what="the job" />@endmay</div>
    @endif
</x-layout>
