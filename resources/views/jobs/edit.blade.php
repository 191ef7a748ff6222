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
            <x-brief :fields="$page->fields('vehicle')" :job="$job" :page="$page" />
            <details class="wide" @if ($page->hasFolded()) open @endif><summary class="linkish">Axles and roof, to scale</summary>
                <div class="form-grid mt-2"><x-brief :fields="$page->fields('vehicle', folded: true)" :job="$job" :page="$page" /></div></details>
        </fieldset>
        <fieldset class="form-grid section">
            <legend>How they travel</legend>
            <x-field label="Where, mostly" name="place_id" :value="$job->place_id" :options="$places" blank="not known yet"
                help="Its latitude, sky and cold feed the sums." />
            <x-brief :fields="$page->fields('travel')" :job="$job" :page="$page" />
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
