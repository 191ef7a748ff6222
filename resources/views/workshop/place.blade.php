<x-layout :title="$place->name">
    <p><a href="{{ route('workshop.edit') }}">← Workshop and places</a></p><h1>{{ $place->name }}</h1>
    <form method="post" action="{{ route('places.update', $place) }}" class="mt-4">@csrf @method('put')<input type="hidden" name="lock_version"
        value="{{ $place->lock_version }}">
        <div class="form-grid"><x-field label="Name" name="name" :value="$place->name" required />
            <x-field label="Latitude, north positive" name="latitude_deg" :value="$units->field($place->latitude_deg)" unit="°" inputmode="decimal" required />
            <x-field label="Longitude, east positive" name="longitude_deg" :value="$units->field($place->longitude_deg)" unit="°" inputmode="decimal" />
            <x-field label="Climate, for what is not known" name="climate" :value="$place->climate?->value" :options="$page->climates()"
                blank="a cloudy coast, everywhere"
                :help="'All assumed. Of this latitude likeliest: ' . $page->likeliest() . '.'" />
            <x-field label="Coldest morning on record" name="record_low_c" :value="$units->field($place->record_low_c, '°C')" :unit="$units->unit('°C')"
            inputmode="decimal" help="It decides how many panels may stand in series. Empty: 15 °C below the coldest month’s nights." /></div>
        <fieldset class="section"><legend>By month</legend>
            <p class="muted mb-3">Clearness is the share of the sun outside the atmosphere that reaches the ground, 0.3 under a cloudy coast to 0.65 in a dry
                summer; weather services and solar atlases publish it. Empty: the climate stands in, as shown pale; assumed.</p>
            <div class="scroll"><table class="max-w-3xl"><thead><tr><th scope="col">Month</th><th scope="col">Clearness, 0 to 1</th>
                <th scope="col">Mean night minimum, {{ $units->unit('°C') }}</th></tr></thead><tbody>
            @foreach (range(0, 11) as $m)<tr><td>{{ $say->month($m + 1) }}</td><td>
                <x-field :label="'Clearness in ' . $say->month($m + 1)" :name="'clearness['.$m.']'" :value="$units->field($place->clearness[$m] ?? null)"
                :placeholder="'≈ ' . $units->field($page->clearness($m))" hide-label inputmode="decimal" /></td><td>
                    <x-field :label="'Night minimum in ' . $say->month($m + 1)" :name="'min_c['.$m.']'"
                :value="$units->field($place->min_c[$m] ?? null, '°C')" :placeholder="'≈ ' . $units->field($page->minC($m), '°C')" hide-label
                    inputmode="decimal" /></td></tr>@endforeach
            </tbody></table></div></fieldset>
        <div class="actions"><button class="btn">Save</button></div></form>
    <div class="section"><h2>Out of a weather file</h2><p class="muted mb-2">An hourly year in the open EPW format, as weather services publish it. Clearness
        and nights by month are taken from it; the table above is overwritten.</p>
        <x-upload id="epw" :action="route('places.weather', $place)" label="EPW file" button="Take in" accept=".epw" /></div>
</x-layout>
