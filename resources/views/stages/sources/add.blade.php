<div class="section" id="add"><div class="section-head"><h2>Add a source</h2><span class="aside">from the parts library</span></div>
    <form method="post" action="{{ route('parts.store', $job) }}">
        @csrf<input type="hidden" name="_form" value="source"><input type="hidden" name="fate" value="add">
            <input type="hidden" name="back" value="/jobs/{{ $job->id }}/sources">
        <div class="form-grid">
            <div class="field"><label for="source-library">Part</label>
                <select id="source-library" name="library_part_id" required data-add-field><option value="">choose</option>
                    @foreach ($page->library() as $kind => $parts)
                        <optgroup label="{{ $kind }}">
                            @foreach ($parts as $id => $name)<option value="{{ $id }}" @selected(old('_form') === 'source' && (int) old('library_part_id')
                                === $id)>{{ $name }}</option>@endforeach
                        </optgroup>
                    @endforeach
                </select>
                @if (old('_form') === 'source')@error('library_part_id')<div class="error">{{ $message }}</div>@enderror @endif</div>
            <x-field form="source" label="How many" name="count" value="1" inputmode="numeric" />
            <x-field form="source" label="Where it goes" name="place" placeholder="roof, front" />
        </div>
        <div class="actions"><button class="btn" data-add>Add it to the plan</button></div>
    </form></div>
