@props(['job', 'wiring'])
<form method="post" action="{{ route('signals.store', $job) }}" class="mt-3">
    @csrf<input type="hidden" name="_form" value="g-new">
    <div class="form-grid">
        <x-field form="g-new" label="What it says" name="kind" :options="$wiring->signals()" />
        <x-field form="g-new" label="Who knows" name="from_part" :options="$wiring->parts()" />
            <x-field form="g-new" label="Who obeys" name="to_part" :options="$wiring->parts()" />
        <x-field form="g-new" label="Is it" name="fate" :options="$wiring->fates()" value="keep" />
    </div>
    <div class="actions"><button class="btn">Note the signal</button><a class="btn link" href="{{ route('survey', $job) }}#fold-wiring">Leave it</a></div>
</form>
