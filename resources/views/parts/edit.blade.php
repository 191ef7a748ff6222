<x-layout :title="$part->name()" :bench="$bench">
    <p><a href="{{ url($page->back()) }}#{{ $part->uid }}">← back</a></p>
    <div class="stage-head"><h1>{{ $part->name() }}</h1><span class="aside">{{ $say->name($part->kind) }} · {{ $part->uid }} ·
        {{ $say->name($part->fate) }}</span></div>
    <form method="post" action="{{ route('parts.update', [$job, $part]) }}" class="mt-4">
        @csrf @method('put')<input type="hidden" name="_form" value="part"><input type="hidden" name="lock_version" value="{{ $part->lock_version }}">
            <input type="hidden" name="back" value="{{ $page->back() }}">
        <div class="form-grid">
            <x-field form="part" label="Make" name="make" :value="$part->make" /><x-field form="part" label="Model" name="model" :value="$part->model" />
            <x-field form="part" label="Serial" name="serial" :value="$part->serial" autocomplete="off" />
                <x-field form="part" label="Firmware" name="firmware" :value="$part->firmware" autocomplete="off" />
            <x-field form="part" label="Place" name="place" :value="$part->place" />
                <x-field form="part" label="Side" name="role" :value="$part->role" :options="$say->sides()" />
            @if ($page->moves())
                <x-field form="part" label="Moves to" name="planned_place" :value="$part->planned_place" />
            @endif
            <x-field form="part" label="A function of" name="part_of" :value="$part->part_of" :options="$page->boxes()" blank="stands for itself"
                help="One box may be several devices with one serial." />
            <x-field form="part" class="wide" label="Note" name="note" :value="$part->note" />
        </div>
        <fieldset class="section"><legend>Data sheet</legend>
            <div class="form-grid"><x-sheet-fields form="part" :kind="$part->kind" :data="$part->data" which="label" /></div>
            <details class="mt-3" @if ($page->isDescribed()) open @endif>
                <summary class="linkish">The other lines; what is empty is taken as usual (≈) where a sum needs it</summary>
                <div class="form-grid mt-2"><x-sheet-fields form="part" :kind="$part->kind" :data="$part->data" which="rest" :usual="$page->usual()" /></div>
            </details>
            @if ($part->origins)<p class="small muted mt-3">Typed or measured here, not from the library: {{ $page->typed() }}.</p>@endif
        </fieldset>
        @if (auth()->user()->can('record', $job))<div class="actions"><button class="btn">Save</button></div>@endif
    </form>
    <div class="section" id="photos"><div class="section-head"><h2>Pictures</h2><span class="aside">re-encoded here, without location data; seen only with the
        job</span></div>
        @if ($part->photos->isEmpty())<p class="muted">None yet: the label with the serial is the one that counts.</p>@endif
        <div class="thumbs">@foreach ($part->photos as $photo)<figure><a href="{{ route('photos.show', [$job, $part, $photo]) }}"><img
            src="{{ route('photos.show', [$job, $part, $photo]) }}" alt="{{ $photo->caption ?: 'Picture of ' . $part->name() }}" width="{{ $photo->width_px }}"
            height="{{ $photo->height_px }}" loading="lazy"></a><figcaption
            class="small">{{ $page->caption($photo) }}</figcaption>@if (auth()->user()->can('record',
            $job))<x-delete :action="route('photos.destroy', [$job, $part, $photo])" what="the picture" />@endif</figure>@endforeach</div>
        @if (auth()->user()->can('record', $job))<div class="mt-3"><x-upload id="photo" name="photo" :action="route('photos.store', [$job, $part])"
            label="Picture" button="Keep it" accept="image/jpeg,image/png,image/webp">
            <x-field form="photo" label="It shows" name="shows" :options="$page->shows()" />
            <x-field form="photo" label="Caption" name="caption" /></x-upload></div>
            @endif
    </div>
    <div class="section"><div class="section-head"><h2>Readings</h2></div>
        @if ($condition = $page->condition())<div class="figures"><x-stat :figure="$condition->socPct" label="Charge, by the last rested volts"
            />@if ($condition->capacityAtTwentyHours)<x-stat :figure="$condition->capacityAtTwentyHours" label="Capacity at the 20-hour rate" />@endif</div>
            @if ($condition->isVague)<p class="muted mb-2">On lithium’s flat middle volts tell almost nothing: judge by the charge that went in and out.</p>
            @endif @endif
        @if ($page->readings())<table class="max-w-3xl"><caption class="sr-only">Readings</caption><thead><tr><th scope="col">When (UTC)</th>
            <th scope="col">What</th><th scope="col" class="n">Value</th><th scope="col">By, with</th></tr></thead><tbody>@foreach ($page->readings() as $m)<tr>
            <td class="num">{{ str_replace(['T', 'Z'], [' ', ''], $m->at) }}</td>
            <td>{{ str_replace('_', ' ', $m->quantity) }}{{ $m->note ? ', ' . $m->note : '' }}</td>
            <td class="n num">{{ $show->text($m->value, $m->unit()) }}</td><td class="small">{{ $m->by }}{{ $m->instrument ? ', ' . $m->instrument : '' }}</td>
            </tr>@endforeach</tbody></table>@endif
        @if (auth()->user()->can('record', $job))<form method="post" action="{{ route('measurements.store', [$job, $part]) }}" class="mt-3">@csrf<input
            type="hidden" name="_form" value="reading">
            <div class="form-grid"><x-field form="reading" label="What" name="quantity" :options="$page->quantities()" />
                <x-field form="reading" label="Value" name="value" inputmode="decimal" /><x-field form="reading" label="Instrument" name="instrument" />
                <x-field form="reading" label="Note" name="note" /></div>
            <div class="actions"><button class="btn plain">Keep the reading</button></div></form>@endif
    </div>
    @may('survey', $job)<div class="section"><x-delete :action="route('parts.destroy', [$job, $part])" :version="$part->lock_version" :what="$hangs === [] ?
        'the part' : 'the part, and with it ' . collect($hangs)->map(fn ($n, $what) => $n . ' ' . Str::plural($what, $n))->implode(', ')" /></div>@endmay
</x-layout>
