<div class="section" id="add">
    <div class="section-head"><h2>Add what is there</h2><span class="aside">choose the kind</span></div>
    <div class="pick">
        @foreach ($page->kinds() as $kind)
            <a href="{{ route('survey', [$job, 'add' => $kind->value]) }}#add" @if ($loop->first) data-add @endif @if ($adding === $kind) aria-current="true"
                @endif>{{ $say->name($kind) }}</a>
        @endforeach
    </div>
    @if ($adding)
        <form method="post" action="{{ route('parts.store', $job) }}" class="mt-4">
            @csrf
            <input type="hidden" name="_form" value="add"><input type="hidden" name="kind" value="{{ $adding->value }}">
                <input type="hidden" name="back" value="/jobs/{{ $job->id }}/survey">
            <div class="form-grid">
                <x-field form="add" label="From the library" name="library_part_id" :options="$library->mapWithKeys(fn ($p) => [$p->id => $p->name()])"
                    blank="unknown: read from label" />
                <x-field form="add" label="How many" name="count" value="1" inputmode="numeric" required />
                <x-field form="add" label="Where it sits" name="place" placeholder="under the left bench" />
                <x-field form="add" label="Side" name="role" :options="['house' => 'house', 'starter' => 'starter, engine']" value="house" />
                @can('plan', $job)
                    <x-field form="add" label="Is it" name="fate" :options="['keep' => 'found in the vehicle', 'add' => 'new, to be fitted']" value="keep" />
                @else
                    <input type="hidden" name="fate" value="keep">
                @endcan
            </div>
            <details class="mt-4" @if ($library->isEmpty() || old('_form') === 'add') open @endif>
                <summary class="linkish">Read from the label, or correct the library’s figures</summary>
                <div class="form-grid mt-2">
                    <x-field form="add" label="Make" name="make" /><x-field form="add" label="Model" name="model" />
                    <x-sheet-fields form="add" :kind="$adding" />
                </div>
            </details>
            <div class="actions"><button class="btn">Add {{ $say->name($adding) }}</button><a class="btn link" href="{{ route('survey', $job) }}">Leave
                it</a></div>
        </form>
        @if ($page->caution($adding))
            <x-caution>{{ $say->said($page->caution($adding)) }}</x-caution>
        @endif
    @endif
</div>
