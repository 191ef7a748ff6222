<x-table caption="Runs of the positive side, nearest the bank first; then the arrays’ leads, both poles, from the panels on"
    :head="['From', 'To', '#Fuse', '#Lasts', '#Worst', '#Size', '#Length', '#Carries', '#Lost', '#Wanted', '']">
    @foreach ($page->runs() as $r)
        <tr><td class="small">{{ $r['from'] }}</td><td class="small" data-label="To"><span>{{ $r['to'] }}</span></td>
            <td class="n num" data-label="Fuse">{{ $r['fuse'] }}</td><td class="n num"
                data-label="Lasts">{{ $show->text($r['run']->lasting->value, 'A', 0) }}</td>
            <td class="n num" data-label="Worst">{{ $show->text($r['run']->worst->value, 'A', 0) }}</td>
            <td class="n num" data-label="Size">{{ $r['size'] }}</td><td class="n num" data-label="Length">{{ $r['length'] }}</td>
            <td class="n num" data-label="Carries"><span @class(['text-rust' => $r['thin']])>{{ $r['carries'] }}</span></td>
            <td class="n num" data-label="Lost">{{ $r['lost'] }}</td><td class="n num" data-label="Wanted">{{ $r['wanted'] }}@if ($r['or'] !== '–')
                <span class="block small muted">{{ $r['or'] }}</span>@endif</td>
            <td class="no-print">@may('survey', $job)<a class="linkish" href="{{ route('wiring', [$job, 'edit' => $r['uid']]) }}#fold-runs">Change<span
                class="sr-only"> {{ $r['uid'] }}</span></a>@endmay</td></tr>
    @endforeach
</x-table>
<p class="small muted mt-1">Lasts: an hour and more, charging included; worst: everything on at once. Carries: by the insulation that is noted, else the hottest
    class.
    Lost: out and back, copper at {{ $show->text($page->loadedC(), '°C') }}. Wanted: carries the current and the fuse before it, and loses 3 % at most on this
    run alone. Of an array: the short-circuit current of the panels behind it in the brightest sun; wanted is what carries it, for no fuse opens.
        Bundles and warm places carry less;
        local
    codes have the last word.</p>
@if (empty($onPaper) && $page->moved() !== [])
    <h3 class="mt-4">If the bank stood elsewhere</h3>
    <x-table caption="If the bank stood elsewhere" :head="['#Main run', '#Wanted', '#Copper', '#Lost, worst', '#Lost a day']">
        @foreach ($page->moved() as ['moved' => $m, 'size' => $size])
            <tr><td class="n num">{{ $show->text($m->metres, 'm', 1) }}</td><td class="n num" data-label="Wanted">{{ $size }}</td>
                <td class="n num" data-label="Copper">{{ $show->text($m->kg, 'kg', 1) }}</td>
                <td class="n num" data-label="Lost, worst">{{ $show->text($m->lostV, 'V', 2) }}</td>
                <td class="n num" data-label="Lost a day">{{ $show->text($m->lostWh, 'Wh', 0) }}</td></tr>
        @endforeach
    </x-table>
    <p class="small muted mt-1">The run to {{ $page->mainRun() }}, out and back. Inside or in a compartment outside: the rules about batteries where
        people sleep are local. What it does to the axles stands on Size.</p>
@endif
@if (empty($onPaper) && $page->edited())
    @may('survey', $job)
        <h3 class="mt-4">Lead {{ $page->edited()->uid }}</h3>
        @may('plan', $job)<form method="post" action="{{ route('leads.store', $job) }}" class="flex flex-wrap items-end gap-3 mb-3">@csrf
            <input type="hidden" name="_form" value="drop"><input type="hidden" name="drop[into]" value="{{ $page->edited()->uid }}">
            <x-field form="drop" label="Drop in" name="drop[what]"
                :options="['fuse' => 'a fuse', 'breaker' => 'a breaker', 'switch' => 'a switch', 'bar' => 'a bar']" value="fuse" />
            <x-field form="drop" label="Made for" name="drop[amps]" unit="A" inputmode="decimal" value="{{ $page->dropsA() }}" />
            <button class="btn plain">Into this run</button></form>@endmay
        <div class="thumbs mb-3">@foreach ($page->pictures() as $photo)<figure><a href="{{ route('photos.show', [$job, $photo->part, $photo]) }}"><img
            src="{{ route('photos.show', [$job, $photo->part, $photo]) }}" alt="{{ $photo->caption ?: 'Picture of run ' . $photo->shows }}" loading="lazy"></a>
            <figcaption class="small">{{ $photo->caption }}</figcaption></figure>@endforeach</div>
        @if ($page->begins())<x-upload id="photo-run" name="photo" :action="route('photos.store', [$job, $page->begins()->id])" label="Picture of this run"
            button="Keep it" accept="image/jpeg,image/png,image/webp"><input type="hidden" name="shows" value="{{ $page->edited()->uid }}">
            <input type="hidden" name="back" value="{{ route('wiring', [$job, 'edit' => $page->edited()->uid], false) }}"></x-upload>@endif
        <x-conductor-form :job="$job" :wiring="$page->choices()" :row="$page->edited()" :back="route('wiring', $job, false) . '#fold-runs'" />
    @endmay
@endif
