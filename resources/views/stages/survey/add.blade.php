<div class="section" id="add">
    <div class="section-head"><h2>Add what is there</h2><span class="aside">type it as you would note it, a line each; or choose the kind</span></div>
    <form method="post" action="{{ route('typed.store', $job) }}" class="mb-4">@csrf<input type="hidden" name="_form" value="typed">
        <x-field form="typed" label="What is there" name="lines" :rows="3" hide-label placeholder="3 AGM 110 Ah 20 h, front locker, 5 y" />
        <div class="actions"><button class="btn">Read it</button><span class="small muted">shown back before it is kept; names of the library are known</span>
            </div>
    </form>
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
                <x-field form="add" label="From the library" name="library" list="library-{{ $adding->value }}" autocomplete="off"
                    placeholder="type make, model" help="Empty: read from the label." />
                <datalist id="library-{{ $adding->value }}">@foreach ($page->library($adding) as $name => $about)<option
                    value="{{ $name }}">{{ $about }}</option>
                    @endforeach</datalist>
                <x-field form="add" label="How many" name="count" value="1" inputmode="numeric" required />
                <x-field form="add" label="Where it sits" name="place" placeholder="under the left bench" />
                <x-field form="add" label="Side" name="role" :options="$say->sides()" value="house" />
                @may('plan', $job)
                    <x-field form="add" label="Is it" name="fate" :options="['keep' => 'found in the vehicle', 'add' => 'new, to be fitted']" value="keep" />
                @else
                    <input type="hidden" name="fate" value="keep">
                @endmay
            </div>
            <details class="mt-4" @if ($page->library($adding) === [] || old('_form') === 'add') open @endif>
                <summary class="linkish">Read from the label, or correct the library’s figures</summary>
                <div class="form-grid mt-2">
                    <x-field form="add" label="Make" name="make" /><x-field form="add" label="Model" name="model" />
                    <x-sheet-fields form="add" :kind="$adding" which="label" />
                </div>
                <details class="mt-2"><summary class="linkish">The other lines of its sheet: what is left empty is taken as usual, and asked for when a sum
                    needs it</summary>
                    <div class="form-grid mt-2"><x-sheet-fields form="add" :kind="$adding" which="rest" /></div></details>
            </details>
            <div class="actions"><button class="btn">Add {{ $say->name($adding) }}</button><a class="btn link" href="{{ route('survey', $job) }}">Leave
                it</a></div>
        </form>
        @if ($page->caution($adding))
            <x-caution>{{ $say->said($page->caution($adding)) }}</x-caution>
        @endif
    @endif
</div>
